import type { MarketOffer } from './problem.js';

/** How much of what is needed one seller has. Money in minor units: goods alone, without postage. */
export interface SellerShare {
  readonly seller: string;
  /** Different parts it has any of. */
  readonly parts: number;
  /** Pieces of what is needed that can be had there, never more than are needed. */
  readonly pieces: number;
  /** What those pieces cost there together, whole lots paid for. */
  readonly goodsMinor: number;
}

/**
 * Tells who has most of what is needed. Parts are added one after the other, each with who offers it: a whole market need not be at
 * hand at once.
 *
 * For example: 3 needed, one seller with 2 at 50: 1 part, 2 pieces, 100.
 */
export class WantedTally {
  private readonly shares = new Map<string, SellerShare>();

  /** @param offers of this part, of any seller, in one currency */
  add(quantity: number, offers: readonly Pick<MarketOffer, 'seller' | 'priceMinor' | 'stock' | 'multiple'>[]): void {
    const bySeller = new Map<string, { left: number; goodsMinor: number }>();
    for (const { seller, priceMinor, stock, multiple } of [...offers].sort((a, b) => a.priceMinor - b.priceMinor)) {
      const known = bySeller.get(seller) ?? { left: quantity, goodsMinor: 0 };
      const lots = Math.min(Math.floor(stock / multiple), Math.ceil(known.left / multiple));
      if (lots < 1) continue;
      known.left = Math.max(0, known.left - lots * multiple);
      known.goodsMinor += lots * multiple * priceMinor;
      bySeller.set(seller, known);
    }
    for (const [seller, { left, goodsMinor }] of bySeller) {
      const before = this.shares.get(seller);
      this.shares.set(seller, {
        seller,
        parts: (before?.parts ?? 0) + 1,
        pieces: (before?.pieces ?? 0) + quantity - left,
        goodsMinor: (before?.goodsMinor ?? 0) + goodsMinor,
      });
    }
  }

  /** Who has anything of it: the most pieces first, of equals the one that asks less for them. */
  sellers(): readonly SellerShare[] {
    return [...this.shares.values()].sort((a, b) => b.pieces - a.pieces || a.goodsMinor - b.goodsMinor || a.seller.localeCompare(b.seller));
  }
}
