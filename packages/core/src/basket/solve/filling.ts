import type { PricedDecision } from '../decision/index.js';
import type { ModelQuestion } from '../model/index.js';
import type { ReducedMarket } from '../reduce/index.js';
import { allowedOffers, type BasketProblem } from '../problem/index.js';

/**
 * How many times over a unit left unfilled must count so that no search would rather leave it than pay for it: the dearest way to get
 * one more (its dearest lot, in a parcel of its own at the dearest seller) against the least that any shortage costs.
 */
export function fillingFactor(problem: BasketProblem): number {
  const costs = problem.needs.flatMap((need) => (need.shortCostMinor !== null && need.shortCostMinor > 0 ? [need.shortCostMinor] : []));
  if (costs.length === 0) return 1;
  const lot = allowedOffers(problem).reduce((most, offer) => Math.max(most, offer.priceMinor * offer.multiple), 0);
  const parcel = problem.sellers.reduce((most, seller) => {
    const postage = seller.postage.reduce((dearest, tier) => Math.max(dearest, tier.costMinor), 0);
    const goods = seller.minimumMinor + lot;
    const duty = seller.duty ? (goods * seller.duty.percent) / 100 + seller.duty.feeMinor : 0;
    return Math.max(most, seller.minimumMinor + postage + seller.handlingMinor + duty);
  }, 0);
  const penalty = problem.needs.reduce((most, need) => Math.max(most, ...need.options.map((option) => option.penaltyMinor)), 0);
  const owned = problem.owned.reduce((most, row) => Math.max(most, row.costMinor), 0);
  return Math.max(1, Math.ceil((lot + parcel + penalty + owned) / Math.min(...costs)));
}

/** The same problem with shortage counting so many times over. */
export const withShortage = (problem: BasketProblem, factor: number): BasketProblem =>
  factor === 1
    ? problem
    : {
        ...problem,
        needs: problem.needs.map((need) => ({
          ...need,
          shortCostMinor: need.shortCostMinor === null ? null : need.shortCostMinor * factor,
        })),
      };

/** What units left unfilled count together, in the minor units of the market that is given. */
export function shortageOf(short: readonly { readonly need: string; readonly quantity: number }[], { needs }: ReducedMarket): number {
  const costs = new Map(needs.map((need) => [need.id, need.shortCostMinor ?? 0]));
  return short.reduce((all, { need, quantity }) => all + quantity * (costs.get(need) ?? 0), 0);
}

/** Does a decision break no rule and come up to what a question asks: so much standing, so little unfilled, so few parcels? */
export const answers = (
  { faults, standingWorth, short, parcels }: PricedDecision,
  { leastStandingWorth = 0, maxShortageMinor = Infinity, maxParcels = Infinity }: ModelQuestion,
  market: ReducedMarket,
): boolean =>
  faults === 0 && standingWorth >= leastStandingWorth && parcels.length <= maxParcels && shortageOf(short, market) <= maxShortageMinor;
