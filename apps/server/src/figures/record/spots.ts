import { type Look, type LookPart, spotOf } from '@outfit/core';

/** The parts of a look at some spots; null where there is none. What is worn elsewhere stays. */
export type Spots = Readonly<Record<string, LookPart | null>>;

/** A look with other parts at some spots, where they were worn before. What is worn elsewhere stays. */
export function dressAs(look: Look, spots: Spots): Look {
  const parts = look.parts.flatMap((part) => (spotOf(part) in spots ? (spots[spotOf(part)] ?? []) : part));
  const worn = new Set(look.parts.map(spotOf));
  const more = Object.entries(spots).flatMap(([spot, part]) => (part && !worn.has(spot) ? [part] : []));
  return { ...look, parts: [...parts, ...more] };
}
