import { type Condition, meetsCondition } from '../../catalogue/index.js';
import type { Fault } from '../../kernel/index.js';

/** The basket problem. Money in minor units, weights in grams. */
export interface BasketProblem {
  readonly currency: string;
  readonly needs: readonly Need[];
  /** What the needs are for, in the order of what is wished for most. */
  readonly wholes: readonly Whole[];
  readonly owned: readonly OwnedStock[];
  readonly items: readonly Item[];
  readonly sellers: readonly Seller[];
  readonly offers: readonly Offer[];
  readonly resale: readonly { readonly variant: string; readonly valueMinor: number; readonly upTo: number }[];
  readonly rules: Rules;
  readonly effort: { readonly gap: number; readonly seconds: number };
}

export interface Need {
  readonly id: string;
  readonly quantity: number;
  /** The first option is the exact part. */
  readonly options: readonly { readonly variant: string; readonly penaltyMinor: number }[];
  /** Per unit left unfilled; null: must be filled. */
  readonly shortCostMinor: number | null;
  readonly sameSeller: boolean;
  /** The name under which its units serve wholes: its own unless said; several needs may serve as one. */
  readonly servesAs?: string;
}

/** Something that stands when all its needs are filled: a figure of so many alike. No unit serves two. */
export interface Whole {
  readonly id: string;
  /** So many are wanted at most. */
  readonly count: number;
  /** What one that stands counts beside the others; whole and above zero. */
  readonly worth: number;
  /** Wholes of one group are never shown together: they share their units, each need as often as the one that takes most of it. */
  readonly group?: string;
  /** Units of needs, by the name these serve as, that one of it takes. */
  readonly needs: readonly { readonly need: string; readonly quantity: number }[];
}

export interface OwnedStock {
  readonly variant: string;
  readonly quantity: number;
  readonly costMinor: number;
}

export interface Item {
  readonly id: string;
  readonly weightG: number;
  readonly yields: readonly { readonly variant: string; readonly quantity: number }[];
}

export interface Seller {
  readonly id: string;
  readonly country: string;
  readonly days: number;
  readonly trusted: boolean;
  readonly thirdParty: boolean;
  readonly minimumMinor: number;
  readonly handlingMinor: number;
  readonly postage: readonly { readonly upToG: number; readonly costMinor: number }[];
  readonly freePostageFromMinor: number | null;
  readonly duty: { readonly aboveMinor: number; readonly percent: number; readonly feeMinor: number } | null;
}

export interface Offer {
  readonly id: string;
  readonly seller: string;
  readonly item: string;
  readonly priceMinor: number;
  readonly stock: number;
  readonly multiple: number;
  readonly condition: Condition;
}

export interface Rules {
  readonly maxParcels: number | null;
  readonly budgetMinor: number | null;
  readonly withinDays: number | null;
  readonly condition: Condition;
  readonly trustedOnly: boolean;
  readonly allowThirdParty: boolean;
  readonly sellers: readonly string[] | null;
  readonly resaleShare: number;
  /** The most worth of wholes that stand first; then the least shortage, then the least money. */
  readonly standFirst: boolean;
  /** Least shortage first, then least money; otherwise `shortCostMinor` is a price like any other. */
  readonly fillFirst: boolean;
}

export const NO_RULES: Rules = {
  maxParcels: null,
  budgetMinor: null,
  withinDays: null,
  condition: 'worn',
  trustedOnly: false,
  allowThirdParty: false,
  sellers: null,
  resaleShare: 0,
  standFirst: true,
  fillFirst: true,
};

/** The name under which a need's units serve wholes. */
export const servesAs = (need: Need): string => need.servesAs ?? need.id;

/** All that one offer holds may cost so much: sums of many then still fit whole numbers. */
const MOST_MINOR = 1e11;

/** Notes each variant that has more than one row. */
function noteTwins(rows: readonly { readonly variant: string }[], path: string, faults: Fault[]): void {
  const seen = new Set<string>();
  rows.forEach(({ variant }, i) => {
    if (seen.has(variant)) faults.push({ path: `${path}/${i}/variant`, sentence: `"${variant}" is there twice; one row says it all.` });
    seen.add(variant);
  });
}

/**
 * Faults the shape of the document does not show: doubled ids, names that refer to nothing, sums too large to count, postage tiers out of
 * order. Each with the JSON pointer of the field and a sentence. Empty when the problem can be solved; never throws.
 */
export function problemFaults(problem: BasketProblem): readonly Fault[] {
  const faults: Fault[] = [];
  const ids = (rows: readonly { readonly id: string }[], path: string): ReadonlySet<string> => {
    const seen = new Set<string>();
    rows.forEach((row, i) => {
      if (seen.has(row.id)) faults.push({ path: `${path}/${i}/id`, sentence: `"${row.id}" is there twice.` });
      seen.add(row.id);
    });
    return seen;
  };
  ids(problem.needs, '/needs');
  ids(problem.offers, '/offers');
  ids(problem.wholes, '/wholes');
  const served = new Set(problem.needs.map(servesAs));
  problem.wholes.forEach(({ needs }, w) => {
    const seen = new Set<string>();
    needs.forEach(({ need }, k) => {
      const path = `/wholes/${w}/needs/${k}/need`;
      if (!served.has(need)) faults.push({ path, sentence: `There is no need "${need}".` });
      if (seen.has(need)) faults.push({ path, sentence: `"${need}" is there twice; one row says it all.` });
      seen.add(need);
    });
  });
  const items = ids(problem.items, '/items');
  const sellers = ids(problem.sellers, '/sellers');
  noteTwins(problem.owned, '/owned', faults);
  noteTwins(problem.resale, '/resale', faults);
  problem.needs.forEach(({ options }, n) => noteTwins(options, `/needs/${n}/options`, faults));
  problem.offers.forEach((offer, i) => {
    if (!items.has(offer.item)) faults.push({ path: `/offers/${i}/item`, sentence: `There is no item "${offer.item}".` });
    if (offer.priceMinor * offer.stock > MOST_MINOR)
      faults.push({
        path: `/offers/${i}/stock`,
        sentence: 'Price times stock is more than can be counted; lower the stock to what is wanted.',
      });
    if (!sellers.has(offer.seller)) faults.push({ path: `/offers/${i}/seller`, sentence: `There is no seller "${offer.seller}".` });
  });
  problem.rules.sellers?.forEach((id, i) => {
    if (!sellers.has(id)) faults.push({ path: `/rules/sellers/${i}`, sentence: `There is no seller "${id}".` });
  });
  problem.sellers.forEach((seller, i) => {
    const tiers = seller.postage;
    for (let k = 1; k < tiers.length; k += 1) {
      const [lower, upper] = [tiers[k - 1], tiers[k]];
      if (!lower || !upper) continue;
      if (upper.upToG <= lower.upToG)
        faults.push({ path: `/sellers/${i}/postage/${k}/upToG`, sentence: 'Postage tiers must rise in weight.' });
    }
  });
  return faults;
}

/**
 * Offers the rules leave standing: of sellers that are fast, trusted and named enough, in the condition asked for, with at least
 * one lot in stock.
 */
export function allowedOffers(problem: BasketProblem): readonly Offer[] {
  const { rules } = problem;
  const open = new Set(
    problem.sellers
      .filter((seller) => rules.withinDays === null || seller.days <= rules.withinDays)
      .filter((seller) => rules.sellers === null || rules.sellers.includes(seller.id))
      .filter((seller) => (seller.trusted || !rules.trustedOnly) && (!seller.thirdParty || rules.allowThirdParty))
      .map((seller) => seller.id),
  );
  return problem.offers.filter(
    (offer) => open.has(offer.seller) && offer.stock >= offer.multiple && meetsCondition(offer.condition, rules.condition),
  );
}
