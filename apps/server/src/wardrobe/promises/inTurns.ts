import { setImmediate as nextTurn } from 'node:timers/promises';

/** Figures, or parts, at a turn. */
const A_TURN = 300;

/** Does something for each, so many at a turn of the event loop: others are answered between. */
export async function inTurns<T, R>(items: readonly T[], work: (item: T) => R): Promise<R[]> {
  const done: R[] = [];
  for (let from = 0; from < items.length; from += A_TURN) {
    if (from > 0) await nextTurn();
    for (const item of items.slice(from, from + A_TURN)) done.push(work(item));
  }
  return done;
}
