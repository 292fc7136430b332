import type { Document, Slice } from './change.js';

const text = (value: unknown): string => JSON.stringify(value) ?? '';

/** The fields of two states that differ, by name. */
export function fieldsBetween(before: Document, after: Document): readonly string[] {
  return [...new Set([...Object.keys(before), ...Object.keys(after)])].filter((key) => text(before[key]) !== text(after[key]));
}

/**
 * A state with the fields that differ between two others as they are in the one that is gone to: what was changed meanwhile and
 * is none of these stays.
 */
export function patch<T extends Document>(now: T, from: Document, to: Document): T {
  const fields = fieldsBetween(from, to);
  const kept = Object.entries(now).filter(([key]) => !fields.includes(key) || to[key] !== undefined);
  return {
    ...Object.fromEntries(kept),
    ...Object.fromEntries(fields.filter((key) => to[key] !== undefined).map((key) => [key, to[key]])),
  } as T;
}

/** What a slice touched of its item: the fields that changed; all of it where it came or went. */
export const touchedFields = ({ before, after }: Slice): readonly string[] | 'all' =>
  before === null || after === null ? 'all' : fieldsBetween(before, after);

/** Did two deeds touch the same of one item? */
export const meet = (one: readonly string[] | 'all', other: readonly string[] | 'all'): boolean =>
  one === 'all' ? other.length > 0 : other === 'all' ? one.length > 0 : one.some((field) => other.includes(field));
