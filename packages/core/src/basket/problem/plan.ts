import type { Offer, Seller } from './problem.js';
import type { Reason } from './reason.js';

export type PlanStatus = 'proven' | 'within-gap' | 'stopped' | 'infeasible';

export interface Parcel {
  readonly seller: string;
  readonly goodsMinor: number;
  readonly postageMinor: number;
  readonly handlingMinor: number;
  readonly dutyMinor: number;
  readonly weightG: number;
  readonly lines: readonly { readonly offer: string; readonly quantity: number }[];
}

/** Units that fill a need. `seller` is named on every bought fill, null on owned ones. */
export interface Fill {
  readonly need: string;
  readonly variant: string;
  readonly quantity: number;
  readonly from: 'owned' | 'bought';
  readonly seller: string | null;
}

/** The plan. */
export interface BasketPlan {
  readonly status: PlanStatus;
  readonly costMinor: number;
  /** Never above what the best plan there is costs. */
  readonly boundMinor: number;
  /** How far the plan may be from the best, of its cost without shortage: nothing that is lacking makes it look proven. */
  readonly gap: number;
  /** What the units left unfilled count, in all. */
  readonly shortageMinor: number;
  /** The least that any plan must leave unfilled, as far as it is known; null when filling does not come first. */
  readonly leastShortageMinor: number | null;
  /** How many of each whole stand, those of which any does. */
  readonly standing: readonly { readonly whole: string; readonly quantity: number }[];
  /** What those count together. */
  readonly standingWorth: number;
  /** The most that any plan can have of it, as far as it is known; null when standing does not come first. */
  readonly mostStandingWorth: number | null;
  readonly seconds: number;
  readonly paidMinor: number;
  readonly parcels: readonly Parcel[];
  readonly fills: readonly Fill[];
  readonly short: readonly { readonly need: string; readonly quantity: number }[];
  readonly leftovers: readonly { readonly variant: string; readonly quantity: number }[];
  /** Plans beside this one, in money that would be paid for them. */
  readonly compared: {
    /** Every part at its cheapest; null where it cannot be ordered so, or not as much of it. */
    readonly cheapestEachMinor: number | null;
    /** So many units more than the plan itself that way leaves unfilled; null where nothing can be ordered so. */
    readonly cheapestEachLacks: number | null;
    readonly fewestParcelsMinor: number | null;
    /**
     * What at most so many parcels come to. `besideMinor` is what counts against that plan besides money: penalties of substitutes and
     * holes in donors, less what leftovers fetch. Each has its own gap: how far it may be from the best with so many parcels.
     */
    readonly curve: readonly {
      readonly parcels: number;
      readonly costMinor: number;
      readonly besideMinor: number;
      readonly gap: number;
    }[];
  };
  readonly reasons: readonly Reason[];
}

/** Postage of a parcel in minor units; null when it is too heavy for the seller to send. */
export function postageFor(seller: Seller, weightG: number, goodsMinor: number): number | null {
  const tier = seller.postage.find((candidate) => weightG <= candidate.upToG + 1e-9);
  if (!tier) return null;
  return seller.freePostageFromMinor !== null && goodsMinor >= seller.freePostageFromMinor ? 0 : tier.costMinor;
}

/** Duty on the whole goods value once it is above the threshold, rounded half up, and the fee with it; in minor units. */
export function dutyOn({ duty }: Seller, goodsMinor: number): number {
  if (!duty || goodsMinor <= duty.aboveMinor) return 0;
  return Math.floor((goodsMinor * duty.percent) / 100 + 0.5) + duty.feeMinor;
}

/** Prices what is bought from one seller; null when the seller would not take or could not send the order. */
export function priceParcel(
  seller: Seller,
  lines: readonly { readonly offer: Offer; readonly quantity: number; readonly weightG: number }[],
): Parcel | null {
  const goodsMinor = lines.reduce((all, line) => all + line.offer.priceMinor * line.quantity, 0);
  const weightG = Math.round(lines.reduce((all, line) => all + line.weightG * line.quantity, 0) * 1e6) / 1e6;
  const postageMinor = postageFor(seller, weightG, goodsMinor);
  if (postageMinor === null || goodsMinor < seller.minimumMinor) return null;
  return {
    seller: seller.id,
    goodsMinor,
    postageMinor,
    handlingMinor: seller.handlingMinor,
    dutyMinor: dutyOn(seller, goodsMinor),
    weightG,
    lines: lines.map((line) => ({ offer: line.offer.id, quantity: line.quantity })),
  };
}
