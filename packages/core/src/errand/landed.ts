import { offerBehind } from '../basket/fromLook.js';
import type { BasketPlan } from '../basket/plan.js';

/**
 * What a unit of each offer in a plan carries of its parcel's postage, handling and duty, in minor units: the charges shared
 * evenly among the units bought (calculations, *Prices*, *Landed*). By the market's own offer ids.
 */
export function landedShares(plan: BasketPlan): ReadonlyMap<string, number> {
  const shares = new Map<string, number>();
  for (const { postageMinor, handlingMinor, dutyMinor, lines } of plan.parcels) {
    const units = lines.reduce((all, line) => all + line.quantity, 0);
    for (const line of lines) shares.set(offerBehind(line.offer), Math.round((postageMinor + handlingMinor + dutyMinor) / units));
  }
  return shares;
}
