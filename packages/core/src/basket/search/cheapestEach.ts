import { type Found, priceDecision } from '../decision/index.js';
import { type MarketIndex, shelfPrices } from '../reduce/index.js';
import { fillUp } from './fillUp.js';
import { recreate } from './recreate.js';
import { WorkingPlan } from './workingPlan.js';

/**
 * Every part at its cheapest price, postage not looked at: what people do by hand. Minimum orders are filled up with goods
 * nobody wants; sellers who still would not send such a parcel are left out, the smaller half at a time. Parcels and
 * budget are not minded: it is the plan to compare with. Null when it cannot be ordered at all.
 */
export function cheapestEach(index: MarketIndex): Found | null {
  const { market } = index;
  const free = { ...market, problem: { ...market.problem, rules: { ...market.problem.rules, maxParcels: null, budgetMinor: null } } };
  const shunned = new Uint8Array(market.sellers.length);
  const worth = new Float64Array(index.variants.length);
  const shelfPrice = shelfPrices(index, worth);
  const needs = market.needs.map((_, n) => n);
  for (;;) {
    const plan = new WorkingPlan(index);
    recreate(plan, needs, { worth, shelfPrice, shunned, invited: -1, byPriceAlone: true });
    const decision = fillUp(index, plan.decision());
    const priced = priceDecision(free, decision);
    if (priced.faults === 0) return { decision, priced };
    const sound = new Set(priced.parcels.map((parcel) => parcel.seller));
    const refused = market.sellers
      .map((seller, s) => ({ s, id: seller.id, goods: plan.goods[s] ?? 0 }))
      .filter(({ s, id }) => (plan.units[s] ?? 0) > 0 && !sound.has(id))
      .sort((a, b) => a.goods - b.goods || a.s - b.s);
    if (refused.length === 0) return null;
    for (const { s } of refused.slice(0, Math.ceil(refused.length / 2))) shunned[s] = 1;
  }
}
