import type { BasketPlan, BasketProblem, Parcel } from '../basket/index.js';
import { entryAt, shareToCent } from '../kernel/index.js';
import { offerBehind } from './problem.js';

/** What a unit of each offer costs in a problem, in minor units, by the offer's name there. */
export const pricesOf = (problem: BasketProblem): ReadonlyMap<string, number> =>
  new Map(problem.offers.map((offer) => [offer.id, offer.priceMinor]));

/**
 * What each line of a parcel comes to with its part of postage, handling and duty, in minor units: the charges shared by price
 * to the cent, so that the lines sum to what is paid for the parcel. What a line costs
 * of which nothing is used is a charge on the others too.
 *
 * For example: charges of 300 on lines of 10 and 90 give lines of 40 and 360.
 */
export function lineTotals(
  { lines, postageMinor, handlingMinor, dutyMinor }: Parcel,
  prices: ReadonlyMap<string, number>,
  isUsed: (index: number) => boolean = () => true,
): readonly number[] {
  const goods = lines.map((line) => (prices.get(line.offer) ?? 0) * line.quantity);
  const idle = goods.reduce((all, minor, i) => (isUsed(i) ? all : all + minor), 0);
  const isAnyUsed = lines.some((_, i) => isUsed(i));
  const bearing = goods.map((minor, i) => (isAnyUsed && !isUsed(i) ? 0 : minor));
  const charges = shareToCent(
    postageMinor + handlingMinor + dutyMinor + (isAnyUsed ? idle : 0),
    bearing.map((minor, i) => (bearing.some((other) => other > 0) ? minor : isAnyUsed && !isUsed(i) ? 0 : 1)),
  );
  return bearing.map((minor, i) => minor + entryAt(charges, i));
}

/**
 * What a unit of each offer in a plan carries of its parcel's postage, handling and duty, in minor units, rounded. By the
 * market's own offer ids.
 */
export function landedShares(problem: BasketProblem, plan: BasketPlan): ReadonlyMap<string, number> {
  const prices = pricesOf(problem);
  const shares = new Map<string, { minor: number; units: number }>();
  for (const parcel of plan.parcels) {
    const totals = lineTotals(parcel, prices);
    parcel.lines.forEach(({ offer, quantity }, i) => {
      const known = shares.get(offerBehind(offer)) ?? { minor: 0, units: 0 };
      known.minor += entryAt(totals, i) - (prices.get(offer) ?? 0) * quantity;
      known.units += quantity;
      shares.set(offerBehind(offer), known);
    });
  }
  return new Map([...shares].map(([offer, { minor, units }]) => [offer, Math.round(minor / units)]));
}
