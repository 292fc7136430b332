import type { Found } from '../decision/index.js';
import { type ReducedMarket, type UsableOffer, withOffers } from '../reduce/index.js';

/** Needs that lie in a parcel already chosen count so many times as much as needs that a seller might fill. */
const OWN_LINES = 3;

/**
 * Parts of a plan to decide anew, exactly (large neighbourhood search: Shaw 1998; Pisinger and Ropke 2010): some parcels whose sellers could
 * fill each other's needs are opened up, every offer near is open to those needs, and all other needs keep what they have.
 */
export class Neighbourhoods {
  private readonly needsOf: ReadonlyMap<string, readonly number[]>;

  constructor(
    private readonly market: ReducedMarket,
    /** The offers that are looked at. */
    private readonly near: ReducedMarket,
    private readonly draw: () => number,
  ) {
    const variants = new Map<string, number[]>();
    market.needs.forEach((need, n) => {
      for (const { variant } of need.options) variants.set(variant, [...(variants.get(variant) ?? []), n]);
    });
    this.needsOf = new Map(market.offers.map(({ offer, yields }) => [offer.id, [...yields.keys()].flatMap((v) => variants.get(v) ?? [])]));
  }

  /** The market in which at least so many needs, drawn at random, are decided anew; the plan is one of it. */
  around({ decision }: Found, needs: number): ReducedMarket {
    const lines = new Map<string, UsableOffer[]>();
    const bought = new Map<string, number>();
    for (const [usable, quantity] of decision.bought) {
      if (quantity <= 0) continue;
      bought.set(usable.offer.id, quantity);
      lines.set(usable.seller.id, [...(lines.get(usable.seller.id) ?? []), usable]);
    }
    const free = this.needsToFree(lines, needs);
    const isFree = (usable: UsableOffer): boolean => (this.needsOf.get(usable.offer.id) ?? []).some((need) => free.has(need));
    const offers: UsableOffer[] = this.near.offers.filter((usable) => isFree(usable));
    const open = new Set(offers.map((usable) => usable.offer.id));
    for (const usable of [...lines.values()].flat()) {
      if (open.has(usable.offer.id)) continue;
      const most = bought.get(usable.offer.id) ?? 0;
      offers.push(isFree(usable) ? usable : { ...usable, most, useful: Math.min(most, usable.useful) });
    }
    return withOffers(this.market, offers);
  }

  /** Needs to decide anew: those of a seller drawn at random, then of the parcels whose sellers could fill most of them. */
  private needsToFree(lines: ReadonlyMap<string, readonly UsableOffer[]>, least: number): ReadonlySet<number> {
    const { sellers, offersBySeller } = this.near;
    const free = new Set<number>();
    const take = (offers: readonly UsableOffer[]): void => {
      for (const { offer } of offers) for (const need of this.needsOf.get(offer.id) ?? []) free.add(need);
    };
    const shared = (offers: readonly UsableOffer[]): number =>
      offers.filter(({ offer }) => (this.needsOf.get(offer.id) ?? []).some((need) => free.has(need))).length;
    const first = sellers[Math.floor(this.draw() * sellers.length)]?.id ?? '';
    take(lines.get(first) ?? offersBySeller.get(first) ?? []);
    const left = new Set([...lines.keys()].filter((seller) => seller !== first));
    while (free.size < least && left.size > 0) {
      let next = '';
      let most = -1;
      for (const seller of left) {
        const score = (shared(offersBySeller.get(seller) ?? []) + OWN_LINES * shared(lines.get(seller) ?? [])) * (0.5 + this.draw());
        if (score <= most) continue;
        most = score;
        next = seller;
      }
      left.delete(next);
      take(lines.get(next) ?? []);
    }
    return free;
  }
}
