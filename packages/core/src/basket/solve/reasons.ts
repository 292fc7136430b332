import type { PricedDecision } from '../decision/index.js';
import { type BasketProblem, type Need, type Reason, servesAs } from '../problem/index.js';
import type { ReducedMarket } from '../reduce/index.js';
import { setRules } from './ruleCosts.js';

function available(need: Need, market: ReducedMarket): number {
  return need.options.reduce((all, { variant }) => {
    const bought = market.offers.reduce((units, usable) => units + (usable.yields.get(variant) ?? 0) * usable.most, 0);
    return all + bought + (market.owned.get(variant)?.quantity ?? 0);
  }, 0);
}

/** Why no plan exists: needs nobody can fill, else the rules that cannot be met together. */
export function whyInfeasible(market: ReducedMarket, problem: BasketProblem): readonly Reason[] {
  const unmet = problem.needs
    .filter((need) => need.shortCostMinor === null && available(need, market) < need.quantity)
    .map((need): Reason => ({ kind: 'too few', variant: partOf(need), wanted: need.quantity, available: available(need, market) }));
  return unmet.length > 0 ? unmet : [{ kind: 'rules exclude', rules: setRules(problem).map(({ fact }) => fact) }];
}

/** The exact part a need is for. */
const partOf = (need: Need): string => need.options[0]?.variant ?? need.id;

/** Who sells each variant at all, whatever the rules leave of it. */
function sellersOfAll({ items, offers }: BasketProblem): ReadonlyMap<string, ReadonlySet<string>> {
  const yields = new Map(items.map((item) => [item.id, item.yields]));
  const sellersOf = new Map<string, Set<string>>();
  for (const { item, seller, stock, multiple } of offers) {
    if (stock < multiple) continue;
    for (const { variant } of yields.get(item) ?? []) sellersOf.set(variant, (sellersOf.get(variant) ?? new Set()).add(seller));
  }
  return sellersOf;
}

/** What shapes a plan: sellers nobody can replace, stock that ran out, rules that were reached. */
export function whatBinds(
  market: ReducedMarket,
  priced: Pick<PricedDecision, 'parcels' | 'fills' | 'short'>,
  problem: BasketProblem,
  isSettled: boolean,
): readonly Reason[] {
  const reasons: Reason[] = [];
  const sellersOf = sellersOfAll(problem);
  const bought = new Set(priced.fills.flatMap(({ need, seller }) => (seller === null ? [] : [need])));
  const told = new Set<string>();
  for (const need of market.needs) {
    // A need that says where its units come from is of a part that others may sell as well.
    const sellers = new Set(
      [servesAs(need), ...need.options.map((option) => option.variant)].flatMap((name) => [...(sellersOf.get(name) ?? [])]),
    );
    const [only] = sellers;
    if (sellers.size !== 1 || only === undefined || !bought.has(need.id) || told.has(servesAs(need))) continue;
    told.add(servesAs(need));
    reasons.push({ kind: 'only seller', seller: only, variant: partOf(need) });
  }
  for (const { need: id, quantity } of priced.short) {
    const need = problem.needs.find((candidate) => candidate.id === id);
    if (need) reasons.push({ kind: 'short', variant: partOf(need), quantity, wanted: need.quantity, available: available(need, market) });
  }
  if (problem.rules.maxParcels !== null && priced.parcels.length === problem.rules.maxParcels)
    reasons.push({ kind: 'parcels reached', most: problem.rules.maxParcels });
  if (!isSettled) reasons.push({ kind: 'filling unsettled' });
  return reasons;
}
