import { count } from '../../kernel/index.js';
import type { PricedDecision } from '../decision/index.js';
import type { BasketProblem, Need } from '../problem/index.js';
import type { ReducedMarket } from '../reduce/index.js';
import { setRules } from './ruleCosts.js';

function available(need: Need, market: ReducedMarket): number {
  return need.options.reduce((all, { variant }) => {
    const bought = market.offers.reduce((units, usable) => units + (usable.yields.get(variant) ?? 0) * usable.most, 0);
    return all + bought + (market.owned.get(variant)?.quantity ?? 0);
  }, 0);
}

/** Sentences on why no plan exists: needs nobody can fill, else the rules that cannot be met together. */
export function whyInfeasible(market: ReducedMarket, problem: BasketProblem): readonly string[] {
  const unmet = problem.needs
    .filter((need) => need.shortCostMinor === null && available(need, market) < need.quantity)
    .map(
      (need) => `${need.options[0]?.variant ?? need.id}: ${need.quantity} wanted, ${available(need, market)} can be had under the rules.`,
    );
  if (unmet.length > 0) return unmet;
  const rules = setRules(problem);
  return rules.length > 0
    ? [`Every part can be had, but not all of them under ${rules.map((rule) => rule.words).join(' and ')}.`]
    : ['Every part can be had, but no set of parcels keeps every minimum order, weight limit and one-seller wish.'];
}

/** Sentences on what shapes a plan: sellers nobody can replace, stock that ran out, rules that were reached. */
export function whatBinds(
  market: ReducedMarket,
  priced: Pick<PricedDecision, 'parcels' | 'short'>,
  problem: BasketProblem,
  isFilled: boolean,
): readonly string[] {
  const reasons: string[] = [];
  const sellersOf = new Map<string, Set<string>>();
  for (const { seller, yields } of market.offers)
    for (const variant of yields.keys()) sellersOf.set(variant, (sellersOf.get(variant) ?? new Set()).add(seller.id));
  const inPlan = new Set(priced.parcels.map((parcel) => parcel.seller));
  for (const need of market.needs) {
    const sellers = new Set(need.options.flatMap((option) => [...(sellersOf.get(option.variant) ?? [])]));
    const [only] = sellers;
    if (sellers.size === 1 && only !== undefined && inPlan.has(only))
      reasons.push(`Only ${only} sells ${need.options[0]?.variant ?? need.id}.`);
  }
  for (const { need: id, quantity } of priced.short) {
    const need = problem.needs.find((candidate) => candidate.id === id);
    if (need)
      reasons.push(
        `${need.options[0]?.variant ?? id}: ${quantity} of ${need.quantity} ${available(need, market) < need.quantity ? 'cannot be had' : 'are left out to keep the rules'}; ${available(need, market)} are owned or for sale under these rules.`,
      );
  }
  if (problem.rules.maxParcels !== null && priced.parcels.length === problem.rules.maxParcels)
    reasons.push(`The limit of ${count(problem.rules.maxParcels, 'parcel')} is reached.`);
  if (!isFilled) reasons.push('Whether more of it could be had was not settled in the time given.');
  return reasons;
}
