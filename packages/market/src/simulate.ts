import {
  type CatalogueData,
  type Condition,
  CONDITIONS,
  explode,
  type MarketOffer,
  type Rate,
  seeded,
  seedOf,
  type YieldKind,
} from '@outfit/core';
import { codesOn, type DiscountCode } from './codes.js';
import { type MarketNews, newsBetween, outOfPrintOn } from './news.js';
import { ratesOn } from './rates.js';
import { SELLERS, type SimulatedSeller } from './sellers.js';
import { dayNumber, isoDay } from './time.js';
import { usualPrices } from './usual.js';

/** What a seller asks, in its own currency, as the market shows it. `seenOn` is the day of the price, ISO 8601. */
interface SeenOffer extends MarketOffer {
  readonly seenOn: string;
}

/** The port the server buys through. The simulated market is one implementation, imported files are the other. */
export interface Market {
  readonly sellers: readonly SimulatedSeller[];
  /** All offers as they stand on a day. */
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

/** One listing before a day is chosen: everything about it that does not change. */
interface Listing {
  readonly id: string;
  readonly seller: SimulatedSeller;
  readonly kind: YieldKind;
  readonly item: string;
  readonly usualMinor: number;
  readonly condition: Condition;
  readonly multiple: number;
  readonly initial: number;
  readonly seed: number;
  /** A number of the item's own, the same at every seller: which way its price drifts. */
  readonly drift: number;
  /** The day it goes out of print, for sources. */
  readonly goneOn: number | null;
}

/**
 * A seeded market over a catalogue, opened on a day. Pure: the same seed and day give the same offers. Each listing is
 * priced anew every one to three weeks, sells down and is stocked again; sources that went out of print grow dearer.
 */
export function simulatedMarket(catalogue: CatalogueData, seed: number, opened = '2026-01-01'): Market {
  const listings = listingsOf(catalogue, seed, opened);
  const station = stationBins(catalogue, seed);
  return {
    sellers: SELLERS,
    offersOn: (day) => {
      const on = { day, number: dayNumber(day), bins: station(day) };
      const offers: SeenOffer[] = [];
      for (const listing of listings) {
        const offer = offerOn(listing, on);
        if (offer) offers.push(offer);
      }
      return offers;
    },
    ratesOn: (day) => ratesOn(seed, day),
    codesOn: (day) => codesOn(seed, day),
    newsBetween: (after, until) => newsBetween(catalogue, seed, opened, after, until),
  };
}

function listingsOf(catalogue: CatalogueData, seed: number, opened: string): readonly Listing[] {
  const usual = usualPrices(catalogue);
  const thirdParty = new Map(catalogue.moulds.map((mould) => [mould.number, mould.thirdParty]));
  const worth = (pieces: readonly { readonly variant: string; readonly quantity: number }[]): number =>
    pieces.reduce((all, { variant, quantity }) => all + (usual.get(variant) ?? 60) * quantity, 0);
  // What is the same at every seller is looked up once: forty of them are asked for each of sixty thousand parts.
  const parts = catalogue.variants.flatMap(({ id, mould, made, mergedInto }): readonly Part[] =>
    made && mergedInto === undefined
      ? [{ id, thirdParty: thirdParty.get(mould) ?? false, usualMinor: usual.get(id) ?? 60, drift: seedOf('drift', id) }]
      : [],
  );
  const listings: Listing[] = [];
  for (const seller of SELLERS) {
    for (const part of parts) if (part.thirdParty === seller.thirdParty) addPart(listings, seller, part, seed);
    const whole = (kind: YieldKind, item: string, usualMinor: number, share: number, goneOn: string | null): void => {
      const draw = seeded(seedOf(seed, seller.id, item));
      if (draw() > share) return;
      const level = 0.85 + 0.4 * draw();
      const initial = 1 + Math.floor(draw() * 4);
      listings.push({
        id: `${seller.id}/${item}`,
        seller,
        kind,
        item,
        usualMinor: usualMinor * level,
        condition: kind === 'source' ? 'new' : 'used',
        multiple: 1,
        initial,
        seed: seedOf(seed, seller.id, item, 'walk'),
        drift: seedOf('drift', item),
        goneOn: goneOn === null ? null : dayNumber(goneOn),
      });
    };
    if (seller.sellsFigures)
      for (const figure of catalogue.officialFigures)
        whole('figure', figure.id, worth(figure.parts.map(({ variant }) => ({ variant, quantity: 1 }))) * WHOLE_FIGURE, 0.3, null);
    if (seller.sellsSources)
      for (const source of catalogue.sources) {
        const pieces = explode(source, catalogue);
        // What is in a bag is not known before it is opened: nobody can plan on it.
        const isUnknown = pieces.length === 0 || pieces.some((piece) => piece.certainty !== 'sure');
        if (isUnknown || source.kind === 'event exclusive') continue;
        whole('source', source.id, (worth(pieces) * WHOLE_SOURCE) / 1.3, 0.35, outOfPrintOn(seed, source, opened));
      }
    if (seller.kind === 'shop')
      for (const bundle of catalogue.bundles) whole('bundle', bundle.id, worth(bundle.parts) * 0.9, seller.breadth / 2, null);
  }
  return listings;
}

/** A part that is made, with what does not depend on who sells it. */
interface Part extends Pick<Listing, 'usualMinor' | 'drift'> {
  readonly id: string;
  readonly thirdParty: boolean;
}

/** Adds what a seller lists of a part: nothing, or up to three lots of a shop. */
function addPart(listings: Listing[], seller: SimulatedSeller, { id, usualMinor, drift }: Part, seed: number): void {
  const stocked = seeded(seedOf(seed, seller.id, id));
  const isStation = seller.kind === 'build-your-own station';
  if (!isStation && stocked() > seller.breadth) return;
  const howMany = stocked();
  const isShop = seller.kind === 'shop';
  const lots = !isShop ? 1 : howMany < 0.2 ? 3 : howMany < 0.55 ? 2 : 1;
  for (let lot = 0; lot < lots; lot += 1) {
    const draw = seeded(seedOf(seed, seller.id, id, lot));
    const condition = isShop ? conditionOf(draw()) : 'new';
    const level = isShop ? 0.82 + 0.45 * draw() : 1;
    listings.push({
      id: `${seller.id}/${id}/${lot + 1}`,
      seller,
      kind: 'variant',
      item: id,
      usualMinor: usualMinor * level,
      condition,
      multiple: isShop && draw() < 0.06 ? 2 : 1,
      initial: 1 + Math.floor(draw() * seller.depth),
      seed: seedOf(seed, seller.id, id, lot, 'walk'),
      drift,
      goneOn: null,
    });
  }
}

/** A day with what is looked up once for all listings. */
interface MarketDay {
  readonly day: string;
  readonly number: number;
  readonly bins: ReadonlySet<string>;
}

/** A listing on a day; null when it is sold out, not yet stocked, or not in the bins. */
function offerOn(listing: Listing, { day, number, bins }: MarketDay): SeenOffer | null {
  const { id, seller, kind, item, condition, multiple } = listing;
  if (seller.kind === 'build-your-own station' && !bins.has(item)) return null;
  const read = number - ((number + (listing.seed % seller.readEveryDays)) % seller.readEveryDays);
  const stock = stockOn(listing, read);
  if (stock < multiple) return null;
  const asked = listing.usualMinor * seller.priceLevel * CONDITION_FACTOR[condition] * movement(listing, read) * scarcity(listing, read);
  return {
    id,
    seller: seller.id,
    item: { kind, id: item },
    priceMinor: Math.max(1, Math.round(asked * (PER_EURO[seller.currency] ?? 1))),
    stock,
    multiple,
    condition,
    seenOn: read === number ? day : isoDay(read),
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
function movement({ seller, drift: own, seed }: Listing, at: number): number {
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
function scarcity({ goneOn }: Listing, at: number): number {
  if (goneOn === null) return 1;
  const weeks = (at - goneOn) / 7;
  return weeks <= 0 ? 1 : Math.min(2, 1.05 + 0.01 * weeks);
}

const BINS = 60;

/** What is in the station's bins: plain parts, another choice every month. */
function stationBins(catalogue: CatalogueData, seed: number): (day: string) => ReadonlySet<string> {
  const plain = catalogue.variants.filter((variant) => variant.made && !variant.print && !variant.mergedInto).map((variant) => variant.id);
  return (day) => {
    const draw = seeded(seedOf(seed, 'bins', day.slice(0, 7)));
    return new Set(Array.from({ length: BINS }, () => plain[Math.floor(draw() * plain.length)] ?? ''));
  };
}
