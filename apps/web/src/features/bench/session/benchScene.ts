import type { LookPart, Position } from '@outfit/core';
import { spotOf } from '@outfit/core';
import { type BenchBody, type BenchCopy, type BenchPiece, type PieceMove, standsAfter, type Stop, whereAfter } from '@outfit/core/bench';
import type { BenchSessionDto, BenchStepDto } from '@/api';

type Part = BenchSessionDto['bodies'][number]['parts'][number] & {
  readonly turned?: boolean;
  readonly alterations?: LookPart['alterations'];
};

/** What is drawn for a step: a figure or donor as it stands, with what moves held beside it. */
export interface BodyScene {
  readonly kind: 'body';
  readonly parts: readonly LookPart[];
  /** Spots that are not on it yet, or no more. */
  readonly absent: ReadonlySet<string>;
  /** Spots whose part is drawn as a tacked outline: it is missing from now on. */
  readonly holes: ReadonlySet<string>;
  readonly moving: readonly { readonly spot: string; readonly position: Position }[];
  /** Does it come off, rather than go on? */
  readonly isLeaving: boolean;
}

/** Pieces by themselves: fetched, or altered. */
export interface PiecesScene {
  readonly kind: 'pieces';
  readonly pieces: readonly { readonly variant: string; readonly position: Position; readonly quantity: number }[];
}

interface LookScene {
  readonly kind: 'look';
  readonly parts: readonly LookPart[];
}

export type Scene = BodyScene | PiecesScene | LookScene;

const toLook = ({ position, place, variant, turned = false, alterations = [] }: Part): LookPart => ({
  ...{ position, variant, turned, alterations },
  ...(place === undefined ? {} : { place }),
});

/** Where a piece goes, as the computation has it. */
function stopOf({ kind, figure = '', body = '', copy = '' }: BenchStepDto['moves'][number]['to']): Stop {
  switch (kind) {
    case 'tray':
      return { kind, figure };
    case 'body':
      return { kind, body };
    case 'copy':
      return { kind, copy };
    case 'aside':
    case 'away':
      return { kind };
  }
}

const movesOf = ({ moves }: BenchStepDto): { readonly moves: readonly PieceMove[] } => ({
  moves: moves.map(({ piece, to }) => ({ piece, to: stopOf(to) })),
});

/** Where a piece was before the session is of no matter for what is drawn. */
const copyOf = (copy: BenchSessionDto['copies'][number]): BenchCopy => ({
  ...copy,
  pieces: copy.pieces.map((piece) => ({ ...piece, alterations: piece.alterations as BenchPiece['alterations'], from: { kind: 'tray' } })),
});

/** The scene of a step, with all before it done. */
export function sceneOf(session: BenchSessionDto, step: BenchStepDto, before: readonly BenchStepDto[]): Scene {
  const copies = session.copies.map(copyOf);
  const bodies: readonly BenchBody[] = session.bodies;
  const done = before.map(movesOf);
  const moves = new Set(step.moves.map((move) => move.piece));
  if (step.kind === 'look') {
    const copy = copies.find((own) => own.figure === step.figure) ?? copies[0];
    return { kind: 'look', parts: copy ? standsAfter(done, copy, bodies).map((part) => toLook(part)) : [] };
  }
  if (step.kind === 'build') {
    const copy = copies.find((own) => own.pieces.some((piece) => moves.has(piece.piece)));
    if (copy) {
      const standing = new Set(standsAfter(done, copy, bodies).map((part) => part.piece));
      return bodyScene(copy.pieces, (piece) => standing.has(piece), moves, false);
    }
  }
  const first = step.moves[0]?.piece ?? step.pieces[0];
  const body = step.kind === 'alter' ? undefined : session.bodies.find((own) => own.parts.some((part) => part.piece === first));
  if (body) {
    const where = whereAfter(done);
    const isOn = (piece: string): boolean => {
      const stop = where.get(piece);
      return stop === undefined || (stop.kind === 'body' && stop.body === body.id);
    };
    return bodyScene(body.parts, isOn, moves, step.kind !== 'put back');
  }
  // What is put away at the end of a block moves nothing: it is the body the steps before were about.
  if (step.kind === 'put away' && step.moves.length === 0) {
    const about = [...before].reverse().find((own) => own.moves.length > 0)?.moves[0]?.piece;
    const closed = session.bodies.find((own) => own.parts.some((part) => part.piece === about));
    if (closed) {
      const where = whereAfter(done);
      const gone = closed.parts.filter((part) => !['body', undefined].includes(where.get(part.piece)?.kind));
      const isGone = new Set(gone.map((part) => part.piece));
      return {
        ...bodyScene(closed.parts, (piece) => !isGone.has(piece), new Set(), false),
        absent: new Set(),
        holes: new Set(gone.map(spotOf)),
      };
    }
  }
  return { kind: 'pieces', pieces: countPieces(session, step.pieces) };
}

function bodyScene(parts: readonly Part[], isOn: (piece: string) => boolean, moves: ReadonlySet<string>, isLeaving: boolean): BodyScene {
  const absent = parts.filter((part) => !isOn(part.piece) && !moves.has(part.piece)).map(spotOf);
  const moving = parts.filter((part) => moves.has(part.piece)).map((part) => ({ spot: spotOf(part), position: part.position }));
  return { kind: 'body', parts: parts.map(toLook), absent: new Set(absent), holes: new Set(), moving, isLeaving };
}

/** Pieces of a session, alike ones together with how many. */
function countPieces(session: BenchSessionDto, pieces: readonly string[]): PiecesScene['pieces'] {
  const all = new Map(
    [...session.bodies.flatMap((body) => body.parts), ...session.copies.flatMap((copy) => copy.pieces)].map((part) => [part.piece, part]),
  );
  const counts = new Map<string, { variant: string; position: Position; quantity: number }>();
  for (const piece of pieces) {
    const part = all.get(piece);
    if (!part) continue;
    const known = counts.get(part.variant);
    if (known) known.quantity += 1;
    else counts.set(part.variant, { variant: part.variant, position: part.position, quantity: 1 });
  }
  return [...counts.values()];
}

/** What was fetched or taken off and is not built in yet. */
export const onTray = (session: BenchSessionDto, done: readonly BenchStepDto[]): PiecesScene['pieces'] =>
  countPieces(
    session,
    [...whereAfter(done.map(movesOf))].flatMap(([piece, stop]) => (stop.kind === 'tray' ? [piece] : [])),
  );
