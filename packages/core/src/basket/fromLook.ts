import type { OfficialFigure } from '../catalogue.js';
import { piecesOf } from '../catalogue.js';
import type { BasketProblem, Condition, Need, OwnedStock, Rules, Seller } from './problem.js';

/** An offer of the market: a loose part, or an official figure bought whole. */
export interface MarketOffer {
  readonly id: string;
  readonly seller: string;
  readonly item: { readonly kind: 'part'; readonly variant: string } | { readonly kind: 'figure'; readonly figure: string };
  readonly priceMinor: number;
  readonly stock: number;
  readonly multiple: number;
  readonly condition: Condition;
}

export interface ErrandInput {
  readonly currency: string;
  /** Variant to number wanted: looks × copies, added up. */
  readonly demand: ReadonlyMap<string, number>;
  readonly owned: readonly OwnedStock[];
  readonly offers: readonly MarketOffer[];
  readonly sellers: readonly Seller[];
  readonly figures: readonly OfficialFigure[];
  readonly massG: (variantId: string) => number;
  readonly rules: Rules;
  readonly effort: BasketProblem['effort'];
}

/**
 * What a unit that stays unfilled is taken to cost when a plan is made, in minor units: dearer than any part anybody would
 * buy, so a plan falls short only of what cannot be had, and says so.
 */
export const SHORT_COST_MINOR = 100_000;

/** Builds the basket problem of an errand. Offers that yield nothing wanted are left out; figures yield all their parts. */
export function basketFor(input: ErrandInput): BasketProblem {
  const figures = new Map(input.figures.map((figure) => [figure.id, piecesOf(figure)]));
  const yieldsOf = (item: MarketOffer['item']): ReadonlyMap<string, number> =>
    item.kind === 'part' ? new Map([[item.variant, 1]]) : (figures.get(item.figure) ?? new Map<string, number>());
  const nameOf = (item: MarketOffer['item']): string => (item.kind === 'part' ? item.variant : `figure ${item.figure}`);
  const wanted = input.offers.filter((offer) => [...yieldsOf(offer.item).keys()].some((variant) => input.demand.has(variant)));
  const items = new Map(wanted.map((offer) => [nameOf(offer.item), offer.item]));
  const sellers = new Set(wanted.map((offer) => offer.seller));
  return {
    currency: input.currency,
    needs: [...input.demand].map(([variant, quantity]): Need => ({
      id: variant,
      quantity,
      options: [{ variant, penaltyMinor: 0 }],
      shortCostMinor: SHORT_COST_MINOR,
      sameSeller: false,
    })),
    owned: input.owned.filter((row) => input.demand.has(row.variant)),
    items: [...items].map(([id, item]) => {
      const yields = [...yieldsOf(item)].map(([variant, quantity]) => ({ variant, quantity }));
      const weightG = yields.reduce((all, row) => all + input.massG(row.variant) * row.quantity, 0);
      return { id, weightG: Math.round(weightG * 1000) / 1000, yields };
    }),
    sellers: input.sellers.filter((seller) => sellers.has(seller.id)),
    offers: wanted.map((offer) => ({
      id: offer.id,
      seller: offer.seller,
      item: nameOf(offer.item),
      priceMinor: offer.priceMinor,
      stock: offer.stock,
      multiple: offer.multiple,
      condition: offer.condition,
    })),
    resale: [],
    rules: input.rules,
    effort: input.effort,
  };
}
