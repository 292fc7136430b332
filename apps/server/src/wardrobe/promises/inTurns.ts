import { setImmediate as nextTurn } from 'node:timers/promises';

/** So long a turn of the event loop is worked on, in ms: a figure may take a moment of its own. */
const A_TURN_MS = 25;

/** Does something for each, so long at a turn of the event loop: others are answered between. */
export async function inTurns<T, R>(items: readonly T[], work: (item: T) => R): Promise<R[]> {
  const done: R[] = [];
  let began = performance.now();
  for (const item of items) {
    if (performance.now() - began > A_TURN_MS) {
      await nextTurn();
      began = performance.now();
    }
    done.push(work(item));
  }
  return done;
}
