import type { Decision } from '../decision/index.js';
import type { MarketIndex } from '../reduce/index.js';

/**
 * Fills parcels below their minimum order up with the least goods that reach it: the dearest single lot that fits, and
 * last the cheapest that goes over. What comes of it is only a first plan; the exact model decides better.
 */
export function fillUp(index: MarketIndex, { bought, fills }: Decision): Decision {
  const filled = new Map(bought);
  for (const seller of index.market.sellers) {
    const offers = index.market.offersBySeller.get(seller.id) ?? [];
    let goods = 0;
    for (const usable of offers) goods += usable.offer.priceMinor * (filled.get(usable) ?? 0);
    if (goods === 0 || goods >= seller.minimumMinor) continue;
    while (goods < seller.minimumMinor) {
      const lacking = seller.minimumMinor - goods;
      const open = offers
        .filter((usable) => (filled.get(usable) ?? 0) + usable.offer.multiple <= usable.most && usable.offer.priceMinor > 0)
        .map((usable) => ({ usable, price: usable.offer.priceMinor * usable.offer.multiple }))
        .sort((a, b) => a.price - b.price);
      const next = open.find((row) => row.price >= lacking) ?? open.at(-1);
      if (!next) break;
      const under = open.filter((row) => row.price <= lacking).at(-1);
      const { usable, price } = next.price > lacking && under ? under : next;
      filled.set(usable, (filled.get(usable) ?? 0) + usable.offer.multiple);
      goods += price;
    }
  }
  return { bought: filled, fills };
}
