import { count } from '../explain.js';
import type { PricedDecision } from './assemble.js';
import type { ReducedMarket } from './market.js';
import type { BasketProblem, Need } from './problem.js';

function available(need: Need, market: ReducedMarket): number {
  return need.options.reduce((all, { variant }) => {
    const bought = market.offers.reduce((units, usable) => units + (usable.yields.get(variant) ?? 0) * usable.most, 0);
    return all + bought + (market.owned.get(variant)?.quantity ?? 0);
  }, 0);
}

/** The rules that are set, in words. */
function rulesInWords({ rules }: BasketProblem): readonly string[] {
  const words: string[] = [];
  if (rules.maxParcels !== null) words.push(`at most ${count(rules.maxParcels, 'parcel')}`);
  if (rules.budgetMinor !== null) words.push(`a budget of ${(rules.budgetMinor / 100).toFixed(2)}`);
  if (rules.withinDays !== null) words.push(`delivery within ${count(rules.withinDays, 'day')}`);
  if (rules.condition !== 'worn') words.push(`condition ${rules.condition} or better`);
  if (rules.trustedOnly) words.push('trusted sellers only');
  if (rules.sellers !== null) words.push(`only ${count(rules.sellers.length, 'named seller')}`);
  return words;
}

/** Sentences on why no plan exists: needs nobody can fill, else the rules that cannot be met together. */
export function whyInfeasible(market: ReducedMarket): readonly string[] {
  const unmet = market.problem.needs
    .filter((need) => need.shortCostMinor === null && available(need, market) < need.quantity)
    .map(
      (need) => `${need.options[0]?.variant ?? need.id}: ${need.quantity} wanted, ${available(need, market)} can be had under the rules.`,
    );
  if (unmet.length > 0) return unmet;
  const rules = rulesInWords(market.problem);
  return rules.length > 0
    ? [`Every part can be had, but not all of them under ${rules.join(' and ')}.`]
    : ['Every part can be had, but no set of parcels keeps every minimum order, weight limit and one-seller wish.'];
}

/** Sentences on what shapes a plan: sellers nobody can replace, stock that ran out, rules that were reached. */
export function whatBinds(market: ReducedMarket, priced: PricedDecision): readonly string[] {
  const { problem } = market;
  const reasons: string[] = [];
  for (const need of problem.needs) {
    const sellers = new Set(
      market.offers.filter((usable) => need.options.some((option) => usable.yields.has(option.variant))).map((usable) => usable.seller.id),
    );
    const [only] = sellers;
    if (sellers.size === 1 && only !== undefined && priced.parcels.some((parcel) => parcel.seller === only))
      reasons.push(`Only ${only} sells ${need.options[0]?.variant ?? need.id}.`);
  }
  for (const { need: id, quantity } of priced.short) {
    const need = problem.needs.find((candidate) => candidate.id === id);
    if (need)
      reasons.push(
        `${need.options[0]?.variant ?? id}: ${quantity} of ${need.quantity} left unfilled; ${available(need, market)} can be had.`,
      );
  }
  if (problem.rules.maxParcels !== null && priced.parcels.length === problem.rules.maxParcels)
    reasons.push(`The limit of ${count(problem.rules.maxParcels, 'parcel')} is reached.`);
  return reasons;
}
