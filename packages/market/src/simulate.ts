import {
  type CatalogueData,
  type Condition,
  CONDITIONS,
  explode,
  type MarketOffer,
  type Rate,
  seededRandom,
  seedOf,
  type YieldKind,
} from '@outfit/core';
import { type WorldDays, worldDays } from './calendar.js';
import { codesOn, type DiscountCode } from './codes.js';
import { type MarketNews, newsBetween, outOfPrintOn } from './news.js';
import { ratesOn } from './rates.js';
import { SELLERS, type SimulatedSeller } from './sellers.js';
import { dayNumber } from './time.js';
import { usualPrices } from './usual.js';

/** What a seller asks, in its own currency, as the market shows it. `seenOn` is the day of the price, ISO 8601. */
interface SeenOffer extends MarketOffer {
  readonly seenOn: string;
}

/** An item that somebody may list, and who offers it on a day: nobody, when the list is empty. */
export interface ItemOffers {
  readonly item: { readonly kind: YieldKind; readonly id: string };
  readonly offers: readonly SeenOffer[];
}

/** The port the server buys through. The simulated market is one implementation, imported files are the other. */
export interface Market {
  readonly sellers: readonly SimulatedSeller[];
  /** All offers as they stand on a day, item by item, each made when it is come to: a large market is never held whole. */
  byItem(day: string): Iterable<ItemOffers>;
  /** The same in one list, for a market that is small: who lists what is worked out once and kept. */
  offersOn(day: string): readonly SeenOffer[];
  ratesOn(day: string): readonly Rate[];
  codesOn(day: string): readonly DiscountCode[];
  /** What happened after one day and up to another. */
  newsBetween(after: string, until: string): readonly MarketNews[];
}

const CONDITION_FACTOR: Readonly<Record<Condition, number>> = { new: 1.3, used: 1, worn: 0.55 };
/** A figure, and a box of several, costs less than its parts bought one by one. */
const WHOLE_FIGURE = 0.82;
const WHOLE_SOURCE = 0.68;
/** A euro in a seller's currency, for what it asks; rates of the day come on top when it is converted back. */
const PER_EURO: Readonly<Record<string, number>> = { EUR: 1, GBP: 1 / 1.16, SEK: 1 / 0.088 };

const conditionOf = (draw: number): Condition => CONDITIONS[draw < 0.3 ? 0 : draw < 0.85 ? 1 : 2] ?? 'used';

/** What is sold, with what is the same at every seller. */
interface Item {
  readonly kind: YieldKind;
  readonly id: string;
  readonly usualMinor: number;
  /** A number of the item's own: which way its price drifts. */
  readonly drift: number;
  readonly thirdParty: boolean;
  /** The day of the world it goes out of print, for sources. */
  readonly goneOn: number | null;
}

/** One listing before a day is chosen: everything about it that does not change. */
interface Listing {
  readonly id: string;
  readonly seller: SimulatedSeller;
  readonly usualMinor: number;
  readonly condition: Condition;
  readonly multiple: number;
  readonly initial: number;
  readonly seed: number;
}

/**
 * A seeded market over a catalogue, opened on a day. Pure: the same seed and as many days since it opened give the same offers.
 * Each listing is priced anew every one to three weeks, sells down and is stocked again; sources that went out of print grow dearer.
 */
export function simulatedMarket(catalogue: CatalogueData, seed: number, opened: string): Market {
  const days = worldDays(opened);
  const items = itemsOf(catalogue, seed, opened, days);
  const station = stationBins(catalogue, seed);
  const onDay = (day: string): MarketDay => {
    const number = days.numberOf(day);
    return { number, bins: station(number), dayOf: days.dayOf };
  };
  const offersOf = (item: Item, listings: readonly Listing[], on: MarketDay): readonly SeenOffer[] =>
    listings.flatMap((listing) => offerOn(item, listing, on) ?? []);
  function* byItem(day: string): Generator<ItemOffers> {
    const on = onDay(day);
    for (const item of items) yield { item: { kind: item.kind, id: item.id }, offers: offersOf(item, listingsOf(item, seed), on) };
  }
  let listed: readonly (readonly [Item, readonly Listing[]])[] | null = null;
  return {
    sellers: SELLERS,
    byItem,
    offersOn: (day) => {
      const on = onDay(day);
      listed ??= items.map((item) => [item, listingsOf(item, seed)]);
      return listed.flatMap(([item, listings]) => offersOf(item, listings, on));
    },
    ratesOn: (day) => ratesOn(seed, days, day),
    codesOn: (day) => codesOn(seed, days, day),
    newsBetween: (after, until) => newsBetween(catalogue, seed, opened, after, until),
  };
}

/** Everything that somebody may list: parts that are made, figures, sources whose contents are known, bundles. */
function itemsOf(catalogue: CatalogueData, seed: number, opened: string, days: WorldDays): readonly Item[] {
  const usual = usualPrices(catalogue);
  const thirdParty = new Map(catalogue.moulds.map((mould) => [mould.number, mould.thirdParty]));
  const worth = (pieces: readonly { readonly variant: string; readonly quantity: number }[]): number =>
    pieces.reduce((all, { variant, quantity }) => all + (usual.get(variant) ?? 60) * quantity, 0);
  const item = (kind: YieldKind, id: string, usualMinor: number, rest: Partial<Item> = {}): Item => ({
    kind,
    id,
    usualMinor,
    drift: seedOf('drift', id),
    thirdParty: false,
    goneOn: null,
    ...rest,
  });
  const parts = catalogue.variants.flatMap(({ id, mould, made, mergedInto }) =>
    made && mergedInto === undefined ? [item('variant', id, usual.get(id) ?? 60, { thirdParty: thirdParty.get(mould) ?? false })] : [],
  );
  const figures = catalogue.officialFigures.map(({ id, parts: worn }) =>
    item('figure', id, worth(worn.map(({ variant }) => ({ variant, quantity: 1 }))) * WHOLE_FIGURE),
  );
  const sources = catalogue.sources.flatMap((source) => {
    const pieces = explode(source, catalogue);
    // What is in a bag is not known before it is opened: nobody can plan on it.
    const isUnknown = pieces.length === 0 || pieces.some((piece) => piece.certainty !== 'sure');
    if (isUnknown || source.kind === 'event exclusive') return [];
    const gone = outOfPrintOn(seed, source, opened);
    return [item('source', source.id, (worth(pieces) * WHOLE_SOURCE) / 1.3, { goneOn: gone === null ? null : days.numberOf(gone) })];
  });
  const bundles = catalogue.bundles.map((bundle) => item('bundle', bundle.id, worth(bundle.parts) * 0.9));
  return [...parts, ...figures, ...sources, ...bundles];
}

/** How likely a seller lists something whole, by what it is. */
function shareOf(seller: SimulatedSeller, kind: Exclude<YieldKind, 'variant'>): number {
  switch (kind) {
    case 'figure':
      return seller.sellsFigures ? 0.3 : 0;
    case 'source':
      return seller.sellsSources ? 0.35 : 0;
    case 'bundle':
      return seller.kind === 'shop' ? seller.breadth / 2 : 0;
  }
}

/** Who lists an item. */
function listingsOf(item: Item, seed: number): readonly Listing[] {
  const listings: Listing[] = [];
  for (const seller of SELLERS) {
    if (item.kind !== 'variant') addWhole(listings, seller, item, shareOf(seller, item.kind), seed);
    else if (item.thirdParty === seller.thirdParty) addPart(listings, seller, item, seed);
  }
  return listings;
}

function addWhole(listings: Listing[], seller: SimulatedSeller, item: Item, share: number, seed: number): void {
  if (share === 0) return;
  const draw = seededRandom(seedOf(seed, seller.id, item.id));
  if (draw() > share) return;
  const level = 0.85 + 0.4 * draw();
  listings.push({
    id: `${seller.id}/${item.id}`,
    seller,
    usualMinor: item.usualMinor * level,
    condition: item.kind === 'source' ? 'new' : 'used',
    multiple: 1,
    initial: 1 + Math.floor(draw() * 4),
    seed: seedOf(seed, seller.id, item.id, 'walk'),
  });
}

/** Adds what a seller lists of a part: nothing, or up to three lots of a shop. */
function addPart(listings: Listing[], seller: SimulatedSeller, { id, usualMinor }: Item, seed: number): void {
  const stocked = seededRandom(seedOf(seed, seller.id, id));
  const isStation = seller.kind === 'build-your-own station';
  if (!isStation && stocked() > seller.breadth) return;
  const howMany = stocked();
  const isShop = seller.kind === 'shop';
  const lots = !isShop ? 1 : howMany < 0.2 ? 3 : howMany < 0.55 ? 2 : 1;
  for (let lot = 0; lot < lots; lot += 1) {
    const draw = seededRandom(seedOf(seed, seller.id, id, lot));
    const condition = isShop ? conditionOf(draw()) : 'new';
    const level = isShop ? 0.82 + 0.45 * draw() : 1;
    listings.push({
      id: `${seller.id}/${id}/${lot + 1}`,
      seller,
      usualMinor: usualMinor * level,
      condition,
      multiple: isShop && draw() < 0.06 ? 2 : 1,
      initial: 1 + Math.floor(draw() * seller.depth),
      seed: seedOf(seed, seller.id, id, lot, 'walk'),
    });
  }
}

/** A day with what is looked up once for all listings. */
interface MarketDay extends Pick<WorldDays, 'dayOf'> {
  readonly number: number;
  readonly bins: ReadonlySet<string>;
}

/** A listing on a day; null when it is sold out, not yet stocked, or not in the bins. */
function offerOn(item: Item, listing: Listing, { number, bins, dayOf }: MarketDay): SeenOffer | null {
  const { id, seller, condition, multiple } = listing;
  if (seller.kind === 'build-your-own station' && !bins.has(item.id)) return null;
  const read = number - ((number + (listing.seed % seller.readEveryDays)) % seller.readEveryDays);
  const stock = stockOn(listing, read);
  if (stock < multiple) return null;
  const asked = listing.usualMinor * seller.priceLevel * CONDITION_FACTOR[condition] * movement(item, listing, read) * scarcity(item, read);
  return {
    id,
    seller: seller.id,
    item: { kind: item.kind, id: item.id },
    priceMinor: Math.max(1, Math.round(asked * (PER_EURO[seller.currency] ?? 1))),
    stock,
    multiple,
    condition,
    seenOn: dayOf(read),
  };
}

/** Stocked, sold down at its own pace, stocked again after four to ten weeks. The counter and the station never run dry. */
function stockOn({ seller, initial, seed }: Listing, at: number): number {
  if (seller.kind !== 'shop') return initial;
  const round = 28 + (seed % 43);
  const pace = 0.4 + ((seed >>> 8) % 100) / 80;
  const since = (at + (seed % 997)) % round;
  return Math.max(0, initial - Math.floor((since / round) * initial * pace));
}

/** The day around which prices drift. */
const MIDDLE = dayNumber('2026-06-01');

/** How far a price has moved: priced anew every one to three weeks along a slow swell and a drift of its own. The counter's stand still. */
function movement({ drift: own }: Item, { seller, seed }: Listing, at: number): number {
  if (seller.kind === 'maker’s counter') return 1;
  const every = 7 + (seed % 15);
  const priced = at - ((at + seed) % every);
  const phase = (own % 360) * (Math.PI / 180);
  const slope = (((own >>> 4) % 100) / 100 - 0.45) * 0.25;
  const years = (priced - MIDDLE) / 365;
  return Math.max(
    0.4,
    1 + 0.06 * Math.sin(priced / 31 + phase) + 0.02 * Math.sin(priced / 7 + (seed % 7)) + slope * Math.max(-1, Math.min(1, years)),
  );
}

/** What went out of print grows dearer by a per cent a week, up to twice its price. */
function scarcity({ goneOn }: Item, at: number): number {
  if (goneOn === null) return 1;
  const weeks = (at - goneOn) / 7;
  return weeks <= 0 ? 1 : Math.min(2, 1.05 + 0.01 * weeks);
}

const BINS = 60;
const BINS_DAYS = 30;

/** What is in the station's bins: plain parts, another choice every thirty days. */
function stationBins(catalogue: CatalogueData, seed: number): (number: number) => ReadonlySet<string> {
  const plain = catalogue.variants.filter((variant) => variant.made && !variant.print && !variant.mergedInto).map((variant) => variant.id);
  return (number) => {
    const draw = seededRandom(seedOf(seed, 'bins', Math.floor(number / BINS_DAYS)));
    return new Set(Array.from({ length: BINS }, () => plain[Math.floor(draw() * plain.length)] ?? ''));
  };
}
