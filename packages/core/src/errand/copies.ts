import { allowedOffers, type BasketPlan, type BasketProblem } from '../basket/index.js';
import { basketFor, type ErrandInput } from './problem.js';

/** One point of the copies curve: what so many copies cost, and what is left short of them. Money in minor units. */
export interface CopiesPoint {
  readonly copies: number;
  readonly costMinor: number;
  readonly short: number;
  /** What one more copy costs from the point before to this one, on average. */
  readonly marginalMinor: number;
}

/**
 * Numbers of copies worth working out up to `most`: each of the first few, then ever wider apart in equal ratios, `most` itself last.
 * At most `points` of them, rising.
 *
 * @example copiesToTry(4) // [1, 2, 3, 4]
 */
export function copiesToTry(most: number, points = 12): readonly number[] {
  const tried = new Set<number>([1, most]);
  for (let i = 1; i < points; i += 1) tried.add(Math.max(1, Math.round(most ** (i / points))));
  for (let n = 2; n < most && tried.size < points; n += 1) tried.add(n);
  return [...tried].sort((a, b) => a - b);
}

/** The problem of so many copies: the demand of one, multiplied. Owned pieces are used once, not once a copy. */
export const problemOfCopies = (input: ErrandInput, copies: number): BasketProblem =>
  basketFor({
    ...input,
    demand: new Map([...input.demand].map(([variant, quantity]) => [variant, quantity * copies])),
    wholes: input.wholes.map((whole) => ({ ...whole, count: whole.count * copies })),
  });

/**
 * What is paid for a plan and what it leaves short, as a point after the ones before; `marginalMinor` in whole minor units.
 *
 * For example: 3 copies for 900 after 1 for 400: each further copy costs 250.
 */
export function copiesPoint(copies: number, plan: BasketPlan, before: CopiesPoint | undefined): CopiesPoint {
  const short = plan.short.reduce((all, row) => all + row.quantity, 0);
  const marginal = (plan.paidMinor - (before?.costMinor ?? 0)) / (copies - (before?.copies ?? 0));
  return { copies, costMinor: plan.paidMinor, short, marginalMinor: Math.round(marginal) };
}

/**
 * So many copies can be had at the very most: owned pieces and what the rules leave of the offers, in whole lots, bundles counted
 * for each part they yield. Need by need: a part two needs compete for counts for both, so there may be fewer. Infinity when
 * nothing is wanted.
 *
 * For example: 14 arms, of which a copy wants two, and 12 hats: 7.
 */
function copiesBound(input: ErrandInput): number {
  const problem = basketFor(input);
  const units = new Map<string, number>();
  const add = (variant: string, quantity: number): void => void units.set(variant, (units.get(variant) ?? 0) + quantity);
  for (const { variant, quantity } of problem.owned) add(variant, quantity);
  const items = new Map(problem.items.map((item) => [item.id, item]));
  for (const { item, stock, multiple } of allowedOffers(problem))
    for (const { variant, quantity } of items.get(item)?.yields ?? []) add(variant, Math.floor(stock / multiple) * multiple * quantity);
  const perNeed = problem.needs.map((need) =>
    Math.floor(need.options.reduce((all, { variant }) => all + (units.get(variant) ?? 0), 0) / need.quantity),
  );
  return Math.min(Infinity, ...perNeed);
}

/** Can what was planned be had whole? */
export const isHad = (plan: BasketPlan): boolean => plan.status !== 'infeasible' && plan.short.length === 0;

/**
 * The most copies that can be had: the largest number whose plan leaves nothing short, whatever rule it is that binds. Fewer
 * copies can always be had when more can, so the number is found by halving, from `copiesBound` down.
 *
 * @param planOf plans so many copies
 * @param known numbers of copies that were planned already, and whether they can be had
 */
export async function mostCopies(
  input: ErrandInput,
  planOf: (problem: BasketProblem) => Promise<BasketPlan>,
  known: readonly { readonly copies: number; readonly isHad: boolean }[] = [],
): Promise<number> {
  let had = Math.max(0, ...known.filter((point) => point.isHad).map((point) => point.copies));
  let missed = Math.min(copiesBound(input) + 1, ...known.filter((point) => !point.isHad).map((point) => point.copies));
  if (missed === Infinity) return Infinity;
  // As a rule supply is what binds, and the bound itself can be had.
  for (let next = missed - 1; had < missed - 1; next = Math.floor((had + missed) / 2)) {
    if (isHad(await planOf(problemOfCopies(input, next)))) had = next;
    else missed = next;
  }
  return had;
}
