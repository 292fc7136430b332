import type { Catalogue } from '../catalogue/index.js';
import { buildSteps } from './building.js';
import { type BenchWorth, eachOnce } from './cautions.js';
import { dismantleSteps } from './dismantling.js';
import type { BenchBody, BenchCopy, BenchPiece, BenchStep } from './pieces.js';
import { standsAfter } from './stand.js';
import { alterSteps, type BenchWork, fetchSteps, lookStep } from './steps.js';
import { namesFrom } from './words.js';

/** What stands on the bench as a copy, while more is to be done to it. */
const nowOf = (copy: BenchCopy): string => `now ${copy.id}`;

/**
 * What is left to do after something went wrong: the work as it is wanted from now on, some pieces replaced or left out, from where everything
 * lies after the steps that are done. Donors that are open are closed as it was planned; new ones are taken apart; what was built and has to make
 * way comes off.
 *
 * @param work what is wanted now; its bodies are those of the first plan, and new ones for pieces that replace others
 * @param done the steps that were ticked
 * @param open those that were not
 * @param gone pieces that are there no more
 */
export function remainingSteps(
  work: BenchWork,
  { done, open, gone }: { readonly done: readonly BenchStep[]; readonly open: readonly BenchStep[]; readonly gone: ReadonlySet<string> },
  catalogue: Catalogue,
  worth: BenchWorth,
): readonly BenchStep[] {
  const moved = movesOf(done);
  const wanted = new Set(work.copies.flatMap((copy) => copy.pieces.map(({ piece }) => piece)));
  const standing = new Map(
    work.copies.map((copy) => [copy.id, standsAfter(done, { ...copy, pieces: [...copy.pieces, ...lost(copy, work)] }, work.bodies)]),
  );
  const copies = work.copies.map((copy) => ({ ...copy, pieces: copy.pieces.map((piece) => asItLies(piece, copy, moved, standing)) }));
  const begun: readonly BenchBody[] = work.copies.flatMap((copy) => {
    const parts = standing.get(copy.id) ?? [];
    return parts.length === 0 ? [] : [{ id: nowOf(copy), name: copy.name, path: '', parts, becomes: copy.id }];
  });
  const touched = new Set([...done, ...open].flatMap((step) => step.moves.map(({ piece }) => piece)));
  const donors = work.bodies.filter((body) => body.becomes === null);
  const fresh = donors.filter(
    (body) => body.parts.some(({ piece }) => wanted.has(piece)) && !body.parts.some(({ piece }) => touched.has(piece)),
  );
  const onBodies = new Set(work.bodies.flatMap((body) => body.parts.map(({ piece }) => piece)));
  const becoming = new Set(work.bodies.filter((body) => body.becomes !== null).flatMap((body) => body.parts.map(({ piece }) => piece)));
  const closing = open.flatMap((step): readonly BenchStep[] => {
    if (step.kind === 'alter' || step.kind === 'build' || step.kind === 'look') return [];
    const moves = step.moves.filter(({ piece }) => onBodies.has(piece) && !becoming.has(piece) && !gone.has(piece));
    // A broken piece has to come off as well, and a body is put away, though that moves nothing that is owned.
    const isStill =
      step.moves.length === 0
        ? step.kind !== 'fetch'
        : step.kind === 'take apart' && step.moves.some(({ piece }) => gone.has(piece) && !becoming.has(piece));
    return moves.length > 0 || isStill ? [{ ...step, moves }] : [];
  });
  const nameOf = namesFrom(catalogue);
  const toFetch = copies.map((copy) => ({
    ...copy,
    pieces: copy.pieces.filter(({ piece, from }) => from.kind === 'place' && !moved.has(piece)),
  }));
  const toAlter = copies.map((copy) => ({
    ...copy,
    pieces: copy.pieces.map((piece) => ({ ...piece, alterations: piece.alterations.filter((own) => !isDone(piece, own, done)) })),
  }));
  const bodies = [...donors, ...begun];
  const steps = [
    ...fetchSteps(toFetch, nameOf),
    ...closing,
    ...dismantleSteps([...fresh, ...begun], copies, catalogue, worth).map((step) => without(step, gone)),
    ...alterSteps(toAlter, nameOf, catalogue),
    ...[...new Set(copies.map(({ figure }) => figure))].flatMap((figure) => {
      const own = copies.filter((copy) => copy.figure === figure);
      return [...buildSteps(own, bodies, catalogue, worth), lookStep(own)];
    }),
  ];
  const looked = new Set(done.flatMap((step) => (step.kind === 'look' ? [step.figure] : [])));
  const isNothing = (step: BenchStep): boolean =>
    (step.kind === 'look' && looked.has(step.figure) && !steps.some((other) => other.kind === 'build' && other.figure === step.figure)) ||
    (step.kind === 'put away' && step.moves.length === 0 && step.pieces.length > 0);
  return eachOnce(
    steps.filter((step) => !isNothing(step)),
    new Set([...done.flatMap((step) => step.cautions.map(({ id }) => id)), 'small']),
  );
}

/** How often each piece was moved. */
function movesOf(done: readonly BenchStep[]): ReadonlyMap<string, number> {
  const moved = new Map<string, number>();
  for (const { moves } of done) for (const { piece } of moves) moved.set(piece, (moved.get(piece) ?? 0) + 1);
  return moved;
}

/** What was to be part of a copy and is not wanted any more, but may be on it. */
const lost = (copy: BenchCopy, work: BenchWork): readonly BenchPiece[] => {
  const wanted = new Set(copy.pieces.map(({ piece }) => piece));
  return (work.dropped ?? []).filter((row) => row.copy === copy.id && !wanted.has(row.piece.piece)).map((row) => row.piece);
};

/** A piece with where it is now: on the figure, on the tray, or still where it was. */
function asItLies(
  piece: BenchPiece,
  copy: BenchCopy,
  moved: ReadonlyMap<string, number>,
  standing: ReadonlyMap<string, readonly { piece: string }[]>,
): BenchPiece {
  if (standing.get(copy.id)?.some((own) => own.piece === piece.piece)) return { ...piece, from: { kind: 'body', body: nowOf(copy) } };
  const times = moved.get(piece.piece) ?? 0;
  // What came off a donor once may still be joined to what it sat on there.
  return times === 0 || (times === 1 && piece.from.kind === 'body') ? piece : { ...piece, from: { kind: 'tray' } };
}

const isDone = (piece: BenchPiece, alteration: BenchPiece['alterations'][number], done: readonly BenchStep[]): boolean =>
  done.some(
    (step) => step.kind === 'alter' && step.pieces.includes(piece.piece) && JSON.stringify(step.alteration) === JSON.stringify(alteration),
  );

const without = (step: BenchStep, gone: ReadonlySet<string>): BenchStep => ({
  ...step,
  moves: step.moves.filter(({ piece }) => !gone.has(piece)),
});
