import { allowedOffers, type BasketProblem, type Need } from '../problem/index.js';

/** A problem without what nobody can fill, and how many units of each need that is. */
export interface Possible {
  readonly problem: BasketProblem;
  /** Units that stay unfilled whatever is bought, by need. */
  readonly missing: ReadonlyMap<string, number>;
}

/** Units of each variant that can be had at all: what is owned, and every lot of every offer the rules allow. */
function had(problem: BasketProblem): ReadonlyMap<string, number> {
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const units = new Map(problem.owned.map((row) => [row.variant, row.quantity]));
  for (const offer of allowedOffers(problem)) {
    const most = Math.floor(offer.stock / offer.multiple) * offer.multiple;
    for (const { variant, quantity } of items.get(offer.item)?.yields ?? [])
      units.set(variant, (units.get(variant) ?? 0) + quantity * most);
  }
  return units;
}

/**
 * Sets aside what cannot be had at any price, so that nothing has to be decided about it: of each need the units beyond all that its
 * options come to together. A need that must be filled stays whole; that it cannot be is for the solver to say.
 */
export function withoutImpossible(problem: BasketProblem): Possible {
  const units = had(problem);
  const missing = new Map<string, number>();
  const needs = problem.needs.flatMap((need): readonly Need[] => {
    const most = need.options.reduce((all, { variant }) => all + (units.get(variant) ?? 0), 0);
    const lacking = need.quantity - most;
    if (lacking <= 0 || need.shortCostMinor === null) return [need];
    missing.set(need.id, lacking);
    return most === 0 ? [] : [{ ...need, quantity: most }];
  });
  return { problem: missing.size === 0 ? problem : { ...problem, needs }, missing };
}
