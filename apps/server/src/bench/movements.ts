import { whereAfter } from '@outfit/core/bench';
import { BENCH, type Movement } from '@outfit/core/wardrobe';
import type { BenchPlan, PlannedStep, TickEntity } from './bench.entities.js';

/** Where in the ledger things of a session are. */
export interface BenchPlaces {
  tray(figure: string): string;
  figure(figure: string): string;
}

/** A piece as it is now: of which lot, and where. */
export interface PieceNow {
  readonly lot: number;
  readonly place: string;
}

/** Where every piece of a session is after the steps that are ticked, and which lot it is of by then. */
export function piecesNow(plan: BenchPlan, ticks: readonly TickEntity[], places: BenchPlaces): ReadonlyMap<string, PieceNow> {
  const done = new Set(ticks.map((tick) => tick.step));
  const where = whereAfter(plan.steps.filter((step) => done.has(step.id)));
  const lots = new Map(ticks.flatMap((tick) => Object.entries(tick.lots)));
  const figureOf = new Map(plan.copies.map((copy) => [copy.id, copy.figure]));
  return new Map(
    Object.entries(plan.pieces).map(([piece, { lot, place }]) => {
      const stop = where.get(piece);
      const now = stop === undefined ? place : placeOf(stop, piece, plan, places, figureOf);
      return [piece, { lot: lots.get(piece) ?? lot, place: now }];
    }),
  );
}

function placeOf(
  stop: PlannedStep['moves'][number]['to'],
  piece: string,
  plan: BenchPlan,
  places: BenchPlaces,
  figureOf: ReadonlyMap<string, string>,
): string {
  switch (stop.kind) {
    case 'tray':
      return places.tray(stop.figure);
    case 'copy':
      return places.figure(figureOf.get(stop.copy) ?? '');
    case 'body':
      return plan.pieces[piece]?.place ?? BENCH;
    case 'aside':
      return BENCH;
    case 'away':
      return plan.away[piece] ?? BENCH;
  }
}

/** What a step moves in the ledger: pieces of one lot that go the same way together. */
export function movementsOf(step: PlannedStep, plan: BenchPlan, ticks: readonly TickEntity[], places: BenchPlaces): readonly Movement[] {
  const now = piecesNow(plan, ticks, places);
  const figureOf = new Map(plan.copies.map((copy) => [copy.id, copy.figure]));
  const movements = new Map<string, Movement>();
  for (const { piece, to } of step.moves) {
    const own = now.get(piece);
    if (!own) continue;
    const target = placeOf(to, piece, plan, places, figureOf);
    if (target === own.place) continue;
    const key = `${own.lot} ${own.place} ${target}`;
    const known = movements.get(key);
    movements.set(key, { lot: own.lot, from: own.place, to: target, quantity: (known?.quantity ?? 0) + 1 });
  }
  return [...movements.values()];
}

/** What takes a step back in the ledger, piece by piece: to where each was before it. What broke or is not there stays gone. */
export function backwards(
  step: PlannedStep,
  plan: BenchPlan,
  ticks: readonly TickEntity[],
  ticksBefore: readonly TickEntity[],
  places: BenchPlaces,
): readonly Movement[] {
  const [now, before] = [piecesNow(plan, ticks, places), piecesNow(plan, ticksBefore, places)];
  const movements: Movement[] = [];
  for (const { piece } of step.moves) {
    const [is, was] = [now.get(piece), before.get(piece)];
    if (!is || !was || plan.gone.includes(piece) || is.place === was.place) continue;
    movements.push({ lot: is.lot, from: is.place, to: was.place, quantity: 1 });
  }
  return movements;
}
