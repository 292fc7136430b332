import type { Decision } from '../decision/index.js';
import { type BasketProblem, type Need, servesAs, type Whole } from '../problem/index.js';
import { indexMarket, reduceMarket, startingWorth } from '../reduce/index.js';
import { searchBaskets } from '../search/index.js';

export interface OneByOneControl {
  /** Once one stands, no more are tried when it says so. */
  readonly isOver: () => boolean;
  /** Takes a decision of the problem; says how much stands by the best plan from then on. */
  readonly offer: (decision: Decision) => number;
}

/**
 * Plans that let one whole more stand at a time, in the order of what counts most, as long as the rules allow: where a budget does not reach for
 * all, a model that asks for the most that can stand may find none before its time is over, and parts that let nothing stand are no plan. Each
 * of them is found by the search alone, as a problem of just what these wholes need.
 *
 * For example: 6 figures, the budget reaches for two. The first is offered, then both; a third is refused, and nothing more of it is tried.
 */
export function oneByOne(problem: BasketProblem, { isOver, offer }: OneByOneControl): void {
  const order = [...problem.wholes].sort((a, b) => b.worth - a.worth);
  const chosen = new Map<string, number>();
  let worth = 0;
  for (const whole of order)
    for (let copies = 1; copies <= whole.count; copies += 1) {
      if (chosen.size > 0 && isOver()) return;
      const wanted = new Map(chosen).set(whole.id, copies);
      if (offer(cheapestFor(problem, wanted)) < worth + whole.worth) break;
      worth += whole.worth;
      chosen.set(whole.id, copies);
    }
}

/** About the cheapest way to all that some wholes need, whatever the budget. */
function cheapestFor(problem: BasketProblem, wanted: ReadonlyMap<string, number>): Decision {
  const units = unitsOf(problem.wholes, wanted);
  const needs = problem.needs.flatMap((need): readonly Need[] => {
    const name = servesAs(need);
    const quantity = Math.min(need.quantity, units.get(name) ?? 0);
    if (quantity === 0) return [];
    units.set(name, (units.get(name) ?? 0) - quantity);
    return [{ ...need, quantity, shortCostMinor: null }];
  });
  const rules = { ...problem.rules, budgetMinor: null, standFirst: false, fillFirst: false };
  const index = indexMarket(reduceMarket({ ...problem, needs, wholes: [], rules }));
  return searchBaskets(index, { tries: TRIES, worth: startingWorth(index), halt: () => false });
}

/** Units that wholes take, by the name needs serve as; those of a group share what they have in common. */
function unitsOf(wholes: readonly Whole[], wanted: ReadonlyMap<string, number>): Map<string, number> {
  const units = new Map<string, number>();
  const shared = new Map<string, number>();
  for (const { id, group, needs } of wholes)
    for (const { need, quantity } of needs) {
      const takes = quantity * (wanted.get(id) ?? 0);
      const key = JSON.stringify([group, need]);
      const has = group === undefined ? 0 : (shared.get(key) ?? 0);
      units.set(need, (units.get(need) ?? 0) + Math.max(0, takes - has));
      if (group !== undefined) shared.set(key, Math.max(has, takes));
    }
  return units;
}

/** A figure's dozen needs are searched in a moment, and the models that follow improve on it. */
const TRIES = 1500;
