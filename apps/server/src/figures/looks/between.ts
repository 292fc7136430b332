import { type Look, type LookPart, spotOf } from '@outfit/core';
import { type Document, patch, type Slice } from '../../platform/log/index.js';
import { dressAs, type Spots } from '../record/index.js';

type Spotted = Readonly<Record<string, LookPart | null>>;

/** What a deed changed of a look, for the history. */
export const sliceOf = (look: string, before: Look, after: Look): Slice => ({
  subject: 'look',
  item: look,
  before: { ...before },
  after: { ...after },
});

/** The parts that differ between two states of a look, by their spots. A state tells the whole look, or some of its spots. */
function spotsBetween(from: Document, to: Document): Spots {
  const [was, is] = [spotsOf(from), spotsOf(to)];
  const spots = [...new Set([...Object.keys(was), ...Object.keys(is)])];
  return Object.fromEntries(
    spots.filter((spot) => JSON.stringify(was[spot] ?? null) !== JSON.stringify(is[spot] ?? null)).map((spot) => [spot, is[spot] ?? null]),
  );
}

function spotsOf(state: Document): Spotted {
  if ('spots' in state) return state['spots'] as Spotted;
  return Object.fromEntries(((state['parts'] ?? []) as readonly LookPart[]).map((part) => [spotOf(part), part]));
}

/** Without its parts, which are compared spot by spot. */
const besides = ({ parts: _, spots: __, ...rest }: Document): Document => rest;

/** A look as it is now, with what differs between two states as it is in the one that is gone to. Parts stay in the order it has them in. */
export function lookBetween(now: Look, from: Document, to: Document): Look {
  const fields = patch({ ...besides({ ...now }) }, besides(from), besides(to)) as Omit<Look, 'parts'>;
  // Nothing was changed since: it is as it was, to the order.
  if ('parts' in to && JSON.stringify(from['parts']) === JSON.stringify(now.parts))
    return { ...fields, parts: to['parts'] as Look['parts'] };
  const spots = spotsBetween(from, to);
  const order = 'parts' in to ? (to['parts'] as readonly LookPart[]).map(spotOf) : [];
  const { parts } = dressAs(now, spots);
  const rank = new Map(order.map((spot, i) => [spot, i]));
  // Where every part stands as the state told it, so does its order.
  const isKnown = parts.every((part) => rank.has(spotOf(part)));
  const inOrder = isKnown ? [...parts].sort((a, b) => (rank.get(spotOf(a)) ?? 0) - (rank.get(spotOf(b)) ?? 0)) : parts;
  return { ...fields, parts: inOrder };
}

/** What a deed touched of a look: its spots, and its other fields by name. */
export function touchedOfLook(before: Document, after: Document): readonly string[] {
  const fields = Object.keys({ ...besides(before), ...besides(after) }).filter(
    (field) => JSON.stringify(before[field]) !== JSON.stringify(after[field]),
  );
  return [...Object.keys(spotsBetween(before, after)).map((spot) => `at ${spot}`), ...fields];
}
