import { copiesPoint, type CopiesPoint, copiesToTry, isHad, mostCopies, problemOfCopies, variantBehind } from '@outfit/core';
import type { BasketPlan, BasketProblem } from '@outfit/core/basket';
import type { MessagePort } from 'node:worker_threads';
import { inputOf, type PlainInput } from './plainInput.js';
import { solveOnce } from './solveOnce.js';

export type Series =
  | { readonly kind: 'copies'; readonly input: PlainInput; readonly most: number }
  | { readonly kind: 'cheaper'; readonly problems: readonly BasketProblem[] };

/** One basket of a series. `swaps` are needs filled by something else than the exact part; `likeness` is said by who asked. */
export interface SeriesPoint extends CopiesPoint {
  readonly swaps: readonly { readonly variant: string; readonly substitute: string; readonly quantity: number }[];
  readonly likeness: number | null;
}

export interface SeriesNews {
  readonly points: readonly SeriesPoint[];
  readonly runsOutAfter: number | null;
}

export interface SeriesTask {
  readonly series: Series;
  readonly stop: SharedArrayBuffer;
  readonly port: MessagePort;
}

/** Solves baskets one after another in a worker thread and tells the points so far after each. */
export default async function solveSeries({ series, stop, port }: SeriesTask): Promise<SeriesNews> {
  const asked = new Int32Array(stop);
  const isAsked = (): boolean => Atomics.load(asked, 0) === 1;
  const points: SeriesPoint[] = [];
  const known: { copies: number; isHad: boolean }[] = [];
  for (const { copies, problem } of problemsOf(series)) {
    if (isAsked()) break;
    const plan = await planOf(problem, isAsked);
    known.push({ copies, isHad: isHad(plan) });
    points.push({
      ...copiesPoint(copies, plan, series.kind === 'copies' ? points.at(-1) : undefined),
      swaps: swapsOf(plan),
      likeness: null,
    });
    port.postMessage({ points: [...points], runsOutAfter: null } satisfies SeriesNews);
  }
  const most =
    series.kind === 'copies' && !isAsked()
      ? await mostCopies(inputOf(series.input), (problem) => planOf(problem, isAsked), known)
      : Infinity;
  port.close();
  return { points, runsOutAfter: Number.isFinite(most) && !isAsked() ? most : null };
}

/** One basket of many: it has not as long as one alone. */
const planOf = (problem: BasketProblem, shouldStop: () => boolean): Promise<BasketPlan> =>
  solveOnce({ ...problem, effort: { gap: 0.01, seconds: SECONDS_EACH } }, shouldStop);

const SECONDS_EACH = 8;

function* problemsOf(series: Series): Generator<{ readonly copies: number; readonly problem: BasketProblem }> {
  if (series.kind === 'cheaper') {
    for (const problem of series.problems) yield { copies: 1, problem };
    return;
  }
  const input = inputOf(series.input);
  for (const copies of copiesToTry(series.most)) yield { copies, problem: problemOfCopies(input, copies) };
}

function swapsOf(plan: BasketPlan): SeriesPoint['swaps'] {
  return plan.fills.flatMap(({ need, variant, quantity }) =>
    variantBehind(need) === variantBehind(variant) ? [] : [{ variant: variantBehind(need), substitute: variantBehind(variant), quantity }],
  );
}
