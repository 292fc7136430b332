import type { YieldKind } from '../catalogue/index.js';

/** What a watch looks at: an item by kind and id. */
export interface WatchedItem {
  readonly kind: YieldKind;
  readonly id: string;
}

/** "Tell me when …". Money in minor units of the workspace's currency. */
export type Watch =
  | { readonly kind: 'below'; readonly item: WatchedItem; readonly priceMinor: number }
  | { readonly kind: 'exists'; readonly mould: string; readonly colour: string }
  | { readonly kind: 'in stock'; readonly item: WatchedItem; readonly seller: string }
  | { readonly kind: 'cheapest way'; readonly item: WatchedItem };

export const WATCH_KINDS = ['below', 'exists', 'in stock', 'cheapest way'] as const;

/** One way to get a part: bought loose, or inside something whole; `priceMinor` is for the whole of it. */
export interface Way {
  readonly kind: YieldKind;
  readonly id: string;
  readonly seller: string;
  readonly priceMinor: number;
}

/** What a watch can see of the market and the catalogue on a day. */
export interface WatchView {
  /** The cheapest offer of an item in stock; null when there is none. */
  cheapest(item: WatchedItem): { readonly seller: string; readonly priceMinor: number } | null;
  stockAt(seller: string, item: WatchedItem): number;
  /** The made variant of a mould whose first colour this is; null when there is none. */
  made(mould: string, colour: string): string | null;
  /** The cheapest way to one of a variant, landed. */
  cheapestWay(variant: string): Way | null;
  nameOf(item: WatchedItem): string;
  sellerName(id: string): string;
  colourName(id: string): string;
  mouldName(number: string): string;
  money(minor: number): string;
}

/** What a watch saw last: news is a change of it. */
export type Seen = string;

/** What a watch sees now, and the sentence to tell when that is news after what it saw last (`null`: it is new). */
export interface Sighting {
  readonly seen: Seen;
  readonly tell: string | null;
}

/** What a watch sees now. A watch that is new tells at once what is true already, save *cheapest way*, which tells of changes alone. */
export function lookFor(watch: Watch, view: WatchView, last: Seen | null): Sighting {
  const news = (seen: Seen, isTrue: boolean, sentence: () => string): Sighting => ({
    seen,
    tell: isTrue && seen !== last ? sentence() : null,
  });
  switch (watch.kind) {
    case 'below': {
      const offer = view.cheapest(watch.item);
      if (!offer || offer.priceMinor >= watch.priceMinor) return { seen: 'no', tell: null };
      return news(
        'yes',
        true,
        () =>
          `${view.nameOf(watch.item)} is ${view.money(offer.priceMinor)} at ${view.sellerName(offer.seller)}, below ${view.money(watch.priceMinor)}.`,
      );
    }
    case 'exists': {
      const made = view.made(watch.mould, watch.colour);
      return news(made ?? 'no', made !== null, () => `${view.mouldName(watch.mould)} exists in ${view.colourName(watch.colour)} now.`);
    }
    case 'in stock': {
      const stock = view.stockAt(watch.seller, watch.item);
      return news(
        stock > 0 ? 'yes' : 'no',
        stock > 0,
        () => `${view.sellerName(watch.seller)} has ${view.nameOf(watch.item)} in stock, ${stock} of it.`,
      );
    }
    case 'cheapest way': {
      const way = view.cheapestWay(watch.item.id);
      const seen = way ? `${way.kind} ${way.id} at ${way.seller}` : 'none';
      if (last === null) return { seen, tell: null };
      return news(seen, true, () =>
        way
          ? `The cheapest way to ${view.nameOf(watch.item)} is ${way.kind === 'variant' ? 'loose' : view.nameOf(way)} at ${view.sellerName(way.seller)} now, ${view.money(way.priceMinor)}.`
          : `Nobody sells ${view.nameOf(watch.item)} any more.`,
      );
    }
  }
}

/** A watch in words, after "Tell me". */
export function watchInWords(watch: Watch, view: Pick<WatchView, 'nameOf' | 'sellerName' | 'colourName' | 'mouldName' | 'money'>): string {
  switch (watch.kind) {
    case 'below':
      return `when ${view.nameOf(watch.item)} is below ${view.money(watch.priceMinor)}`;
    case 'exists':
      return `when ${view.mouldName(watch.mould)} exists in ${view.colourName(watch.colour)}`;
    case 'in stock':
      return `when ${view.sellerName(watch.seller)} has ${view.nameOf(watch.item)}`;
    case 'cheapest way':
      return `when the cheapest way to ${view.nameOf(watch.item)} changes`;
  }
}
