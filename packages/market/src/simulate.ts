import {
  CONDITIONS,
  piecesOf,
  type CatalogueData,
  type Condition,
  type MarketOffer,
  type OfficialFigure,
  type Variant,
} from '@outfit/core';
import { seeded, seedOf } from '@outfit/core';
import { SELLERS, type SimulatedSeller } from './sellers.js';

/** What a seller asks, as the market shows it. `seenOn` is the day of the price, ISO 8601. */
export interface SeenOffer extends MarketOffer {
  readonly seenOn: string;
}

/** The port the server buys through. The simulated market is one implementation, imported files another. */
export interface Market {
  readonly sellers: readonly SimulatedSeller[];
  /** All offers as they stand on a day. */
  offersOn(day: string): readonly SeenOffer[];
}

/** Usual prices in minor units by the first two letters of the mould number. */
const USUAL_MINOR: Readonly<Record<string, number>> = {
  HD: 110,
  HA: 65,
  HT: 70,
  HH: 140,
  HO: 95,
  TO: 180,
  AR: 22,
  HN: 8,
  LG: 95,
  SK: 110,
  CP: 120,
  SC: 90,
  BG: 85,
  WS: 60,
  HE: 45,
  FT: 12,
};

const CONDITION_FACTOR: Readonly<Record<Condition, number>> = { new: 1.3, used: 1, worn: 0.55 };
/** A figure bought whole costs less than its parts bought one by one. */
const WHOLE_FIGURE = 0.82;

/** The usual price of a variant: by family, dearer when made for few years, when printed, and when made long ago. */
function usualMinor(variant: Variant): number {
  const base = USUAL_MINOR[variant.mould.slice(0, 2)] ?? 60;
  const years = variant.made ? variant.made.until - variant.made.from + 1 : 1;
  const scarce = 1 + 2.4 / years ** 1.2;
  const printed = variant.print ? 1.25 : 1;
  const taste = 0.8 + 0.5 * seeded(seedOf('taste', variant.id))();
  return base * scarce * printed * taste;
}

function conditionOf(draw: number): Condition {
  return CONDITIONS[draw < 0.3 ? 0 : draw < 0.85 ? 1 : 2] ?? 'used';
}

/** A seeded market over a catalogue. Pure: the same seed and day give the same offers. */
export function simulatedMarket(catalogue: CatalogueData, seed: number): Market {
  const mouldOf = new Map(catalogue.moulds.map((mould) => [mould.number, mould]));
  const usual = new Map(catalogue.variants.map((variant) => [variant.id, usualMinor(variant)]));

  const partOffers = (seller: SimulatedSeller, variant: Variant, day: string): readonly SeenOffer[] => {
    if (!variant.made || mouldOf.get(variant.mould)?.thirdParty !== seller.thirdParty) return [];
    const stocked = seeded(seedOf(seed, seller.id, variant.id));
    const breadth = seller.thirdParty ? 1 : seller.breadth;
    if (stocked() > breadth) return [];
    const howMany = stocked();
    const lots = howMany < 0.22 ? 3 : howMany < 0.6 ? 2 : 1;
    return Array.from({ length: lots }, (_, lot): SeenOffer => {
      const draw = seeded(seedOf(seed, seller.id, variant.id, lot));
      const condition = seller.days > 20 ? 'new' : conditionOf(draw());
      const level = seller.priceLevel * (0.82 + 0.45 * draw()) * CONDITION_FACTOR[condition] * walk(seedOf(seed, variant.id), day);
      return {
        id: `${seller.id}/${variant.id}/${lot + 1}`,
        seller: seller.id,
        item: { kind: 'part', variant: variant.id },
        priceMinor: Math.max(1, Math.round((usual.get(variant.id) ?? 60) * level)),
        stock: 1 + Math.floor(draw() * seller.depth),
        multiple: draw() < 0.06 ? 2 : 1,
        condition,
        seenOn: day,
      };
    });
  };

  const figureOffer = (seller: SimulatedSeller, figure: OfficialFigure, day: string): readonly SeenOffer[] => {
    const draw = seeded(seedOf(seed, seller.id, figure.id));
    if (!seller.sellsFigures || draw() > 0.6) return [];
    const parts = [...piecesOf(figure)].reduce((all, [variant, quantity]) => all + (usual.get(variant) ?? 0) * quantity, 0);
    const level = WHOLE_FIGURE * seller.priceLevel * (0.8 + 0.5 * draw()) * walk(seedOf(seed, figure.id), day);
    return [
      {
        id: `${seller.id}/${figure.id}`,
        seller: seller.id,
        item: { kind: 'figure', figure: figure.id },
        priceMinor: Math.round(parts * level),
        stock: 1 + Math.floor(draw() * 3),
        multiple: 1,
        condition: 'used',
        seenOn: day,
      },
    ];
  };

  return {
    sellers: SELLERS,
    offersOn: (day) =>
      SELLERS.flatMap((seller) => [
        ...catalogue.variants.flatMap((variant) => partOffers(seller, variant, day)),
        ...catalogue.officialFigures.flatMap((figure) => figureOffer(seller, figure, day)),
      ]),
  };
}

/** How a price has wandered by a day: a slow seeded swell of a tenth either way. */
function walk(seed: number, day: string): number {
  const days = Date.parse(day) / 86_400_000;
  const phase = (seed % 360) * (Math.PI / 180);
  return 1 + 0.06 * Math.sin(days / 23 + phase) + 0.04 * Math.sin(days / 7 + 2 * phase);
}
