import type { Condition, YieldKind } from '../catalogue/index.js';

/** What tells one listing from another when a list is read again, and what may change about it. Money in minor units. */
export interface ListedOffer {
  readonly seller: string;
  readonly kind: YieldKind;
  readonly item: string;
  readonly condition: Condition;
  readonly multiple: number;
  readonly priceMinor: number;
  readonly stock: number;
}

export const OFFER_CHANGES = ['new', 'dearer', 'cheaper', 'restocked', 'sold down', 'gone'] as const;
export type OfferChangeKind = (typeof OFFER_CHANGES)[number];

/** One change of a listing; what was before or is after is null when it was not, or is no more, listed. */
export interface OfferChange {
  readonly change: OfferChangeKind;
  readonly seller: string;
  readonly kind: YieldKind;
  readonly item: string;
  readonly condition: Condition;
  readonly beforeMinor: number | null;
  readonly afterMinor: number | null;
  readonly beforeStock: number;
  readonly afterStock: number;
}

/**
 * What changed between two readings of the same sellers' lists. Listings are matched by seller, item, condition and lot
 * size; several of the same are matched in order of their prices. A changed price counts before a changed stock.
 */
export function offerChanges(before: readonly ListedOffer[], after: readonly ListedOffer[]): readonly OfferChange[] {
  const was = groupByListing(before);
  const is = groupByListing(after);
  const changes: OfferChange[] = [];
  for (const [key, now] of is) {
    const old = was.get(key);
    if (!old) changes.push(change('new', now, null, now));
    else if (now.priceMinor !== old.priceMinor) changes.push(change(now.priceMinor > old.priceMinor ? 'dearer' : 'cheaper', now, old, now));
    else if (now.stock !== old.stock) changes.push(change(now.stock > old.stock ? 'restocked' : 'sold down', now, old, now));
  }
  for (const [key, old] of was) if (!is.has(key)) changes.push(change('gone', old, old, null));
  return changes;
}

function groupByListing(offers: readonly ListedOffer[]): ReadonlyMap<string, ListedOffer> {
  const listed = new Map<string, ListedOffer>();
  const seen = new Map<string, number>();
  for (const offer of [...offers].sort((a, b) => a.priceMinor - b.priceMinor)) {
    const key = JSON.stringify([offer.seller, offer.kind, offer.item, offer.condition, offer.multiple]);
    const nth = (seen.get(key) ?? 0) + 1;
    seen.set(key, nth);
    listed.set(`${key}/${nth}`, offer);
  }
  return listed;
}

const change = (kind: OfferChangeKind, of: ListedOffer, before: ListedOffer | null, after: ListedOffer | null): OfferChange => ({
  change: kind,
  seller: of.seller,
  kind: of.kind,
  item: of.item,
  condition: of.condition,
  beforeMinor: before?.priceMinor ?? null,
  afterMinor: after?.priceMinor ?? null,
  beforeStock: before?.stock ?? 0,
  afterStock: after?.stock ?? 0,
});
