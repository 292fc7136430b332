import type { Seller } from '../problem/index.js';

/** One way a parcel may be charged: a tier or free postage, with duty or without, and the limits under which it holds. */
export interface Mode {
  readonly fixed: number;
  /** Duty on each minor unit of goods. */
  readonly share: number;
  readonly weightMost: number;
  readonly goodsLeast: number;
  readonly goodsMost: number;
}

/** All ways a seller may charge a parcel, the least fixed charge first. No parcel is charged less than the cheapest way it fits. */
export function modesOf({ minimumMinor, handlingMinor, freePostageFromMinor, postage, duty }: Seller): readonly Mode[] {
  const heaviest = postage.at(-1)?.upToG ?? 0;
  const sendings = postage.map((tier, k) => {
    // A heavier tier that costs less cannot be claimed by a light parcel; the bound lets it, which only lowers it.
    const costMinor = Math.min(...postage.slice(k).map((later) => later.costMinor));
    return { costMinor, upToG: tier.upToG, from: minimumMinor };
  });
  if (freePostageFromMinor !== null) sendings.push({ costMinor: 0, upToG: heaviest, from: Math.max(minimumMinor, freePostageFromMinor) });
  const modes: Mode[] = [];
  for (const { costMinor, upToG, from } of sendings) {
    const fixed = costMinor + handlingMinor;
    modes.push({ fixed, share: 0, weightMost: upToG, goodsLeast: from, goodsMost: duty?.aboveMinor ?? Infinity });
    if (duty)
      modes.push({
        fixed: fixed + duty.feeMinor - 0.5,
        share: duty.percent / 100,
        weightMost: upToG,
        goodsLeast: Math.max(from, duty.aboveMinor + 1),
        goodsMost: Infinity,
      });
  }
  return modes.sort((a, b) => a.fixed - b.fixed);
}
