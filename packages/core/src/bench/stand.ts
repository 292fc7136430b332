import type { BodyPart } from './joints.js';
import type { BenchBody, BenchCopy, BenchStep, Stop } from './pieces.js';

/** Where each piece went last in some steps, in their order; a piece that was not touched is not told. */
export function whereAfter(steps: readonly Pick<BenchStep, 'moves'>[]): ReadonlyMap<string, Stop> {
  const where = new Map<string, Stop>();
  for (const { moves } of steps) for (const { piece, to } of moves) where.set(piece, to);
  return where;
}

/**
 * What stands on the bench as one copy after some steps: the pieces put on it, and what was on it before and was not taken off.
 *
 * For example: after a step that puts on the legs gives the legs.
 */
export function standsAfter(
  steps: readonly Pick<BenchStep, 'moves'>[],
  copy: BenchCopy,
  bodies: readonly BenchBody[],
): readonly BodyPart[] {
  const where = whereAfter(steps);
  const before = bodies.find((body) => body.becomes === copy.id)?.parts ?? [];
  const stayed = before.filter(({ piece }) => !where.has(piece));
  const wanted = new Set(stayed.map(({ piece }) => piece));
  const put = copy.pieces.filter(({ piece }) => !wanted.has(piece) && where.get(piece)?.kind === 'copy');
  return [...stayed.map((part) => copy.pieces.find(({ piece }) => piece === part.piece) ?? part), ...put];
}
