import { basketFor, type ErrandInput } from '../basket/fromLook.js';
import type { BasketPlan } from '../basket/plan.js';
import type { BasketProblem } from '../basket/problem.js';

/** One point of the copies curve: what so many copies cost, and what is left short of them. Money in minor units. */
export interface CopiesPoint {
  readonly copies: number;
  readonly costMinor: number;
  readonly short: number;
  /** What one more copy costs from the point before to this one, on average. */
  readonly marginalMinor: number;
}

/** Numbers of copies worth working out up to `most`: each of the first few, then ever wider apart, `most` itself last. */
export function copiesToTry(most: number, points = 12): readonly number[] {
  const tried = new Set<number>([1, most]);
  for (let i = 1; i < points; i += 1) tried.add(Math.max(1, Math.round(most ** (i / points))));
  for (let n = 2; n < most && tried.size < points; n += 1) tried.add(n);
  return [...tried].sort((a, b) => a - b);
}

/** The problem of so many copies: the demand of one, multiplied. */
export const problemOfCopies = (input: ErrandInput, copies: number): BasketProblem =>
  basketFor({ ...input, demand: new Map([...input.demand].map(([variant, quantity]) => [variant, quantity * copies])) });

/** What is paid for a plan and what it leaves short, as a point after the ones before. */
export function copiesPoint(copies: number, plan: BasketPlan, before: CopiesPoint | undefined): CopiesPoint {
  const short = plan.short.reduce((all, row) => all + row.quantity, 0);
  const marginal = (plan.paidMinor - (before?.costMinor ?? 0)) / (copies - (before?.copies ?? 0));
  return { copies, costMinor: plan.paidMinor, short, marginalMinor: Math.round(marginal) };
}

/** The most copies that supply allows: owned pieces and stock, bundles counted for each part. Infinity when nothing is wanted. */
export function mostCopies(input: ErrandInput): number {
  const problem = basketFor(input);
  const items = new Map(problem.items.map((item) => [item.id, item]));
  let least = Infinity;
  for (const need of problem.needs) {
    let units = 0;
    for (const { variant } of need.options) {
      units += problem.owned.find((row) => row.variant === variant)?.quantity ?? 0;
      for (const offer of problem.offers)
        units += offer.stock * (items.get(offer.item)?.yields.find((row) => row.variant === variant)?.quantity ?? 0);
    }
    least = Math.min(least, Math.floor(units / need.quantity));
  }
  return least;
}
