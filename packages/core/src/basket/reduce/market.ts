import { allowedOffers, type BasketProblem, type Item, type Need, type Offer, type Seller } from '../problem/index.js';

/** An offer with what solving needs of it. */
export interface UsableOffer {
  readonly offer: Offer;
  readonly seller: Seller;
  readonly item: Item;
  /** The largest quantity that is whole lots within stock. */
  readonly most: number;
  /** The largest quantity of which some unit can still be of use; what is bought beyond it only fills the parcel up. */
  readonly useful: number;
  /** Units of variants that fill a need or fetch something, that one unit yields. */
  readonly yields: ReadonlyMap<string, number>;
}

/** The problem reduced to what can matter: offers the rules allow that yield something wanted, rows in order of their ids. */
export interface ReducedMarket {
  readonly problem: BasketProblem;
  readonly offers: readonly UsableOffer[];
  readonly sellers: readonly Seller[];
  readonly needs: readonly Need[];
  readonly owned: ReadonlyMap<string, { readonly quantity: number; readonly costMinor: number }>;
  /** What one unit left over would fetch, and for how many units; empty when the rules credit nothing. */
  readonly resale: ReadonlyMap<string, { readonly valueMinor: number; readonly upTo: number }>;
  readonly offersBySeller: ReadonlyMap<string, readonly UsableOffer[]>;
}

const byId = (a: { readonly id: string }, b: { readonly id: string }): number => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** May something nobody wants make a parcel cheaper: by reaching a minimum, free postage, or a heavier tier that costs less? */
export const fillingUpMayPay = ({ minimumMinor, freePostageFromMinor, postage }: Seller): boolean =>
  minimumMinor > 0 ||
  freePostageFromMinor !== null ||
  postage.some((tier, i) => postage.slice(0, i).some((lighter) => lighter.costMinor > tier.costMinor));

/** Units of each variant that can be of any use: what the needs that take it want, and what would be bought back. */
function mostUsedOf({ needs, resale }: Pick<ReducedMarket, 'needs' | 'resale'>): ReadonlyMap<string, number> {
  const most = new Map<string, number>();
  for (const need of needs) for (const { variant } of need.options) most.set(variant, (most.get(variant) ?? 0) + need.quantity);
  for (const [variant, { upTo }] of resale) most.set(variant, (most.get(variant) ?? 0) + upTo);
  return most;
}

/** Reduces a problem that passed `problemFaults`. Rows are put in order of their ids, so that no answer depends on their order. */
export function reduceMarket(problem: BasketProblem): ReducedMarket {
  const { resaleShare } = problem.rules;
  const needs = [...problem.needs].sort(byId);
  const resale = new Map(
    problem.resale
      .filter((row) => resaleShare > 0 && row.valueMinor > 0 && row.upTo > 0)
      .map((row) => [row.variant, { valueMinor: row.valueMinor, upTo: row.upTo }]),
  );
  const used = mostUsedOf({ needs, resale });
  const wanted = new Set(needs.flatMap((need) => need.options.map((option) => option.variant)));
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const sellers = new Map(problem.sellers.map((seller) => [seller.id, seller]));
  const offers: UsableOffer[] = [];
  for (const offer of [...allowedOffers(problem)].sort(byId)) {
    const item = items.get(offer.item);
    const seller = sellers.get(offer.seller);
    if (!item || !seller) continue;
    const yields = new Map<string, number>();
    for (const { variant, quantity } of item.yields) if (used.has(variant)) yields.set(variant, (yields.get(variant) ?? 0) + quantity);
    const most = Math.floor(offer.stock / offer.multiple) * offer.multiple;
    const lots = Math.max(0, ...[...yields].map(([variant, each]) => Math.ceil((used.get(variant) ?? 0) / (each * offer.multiple))));
    offers.push({ offer, seller, item, most, useful: Math.min(most, lots * offer.multiple), yields });
  }
  const kept = leaveOutDominated(offers, used).filter((usable) => usable.useful > 0 || fillingUpMayPay(usable.seller));
  const useful = new Set(kept.filter((usable) => usable.yields.size > 0).map((usable) => usable.seller.id));
  const left = kept.filter((usable) => useful.has(usable.seller.id));
  return {
    problem,
    offers: left,
    sellers: problem.sellers.filter((seller) => useful.has(seller.id)).sort(byId),
    needs,
    owned: new Map(
      problem.owned.filter((row) => wanted.has(row.variant)).map(({ variant, quantity, costMinor }) => [variant, { quantity, costMinor }]),
    ),
    resale,
    offersBySeller: groupBySeller(left),
  };
}

/** The same market with these offers alone, and the sellers who have them. */
export function withOffers(market: ReducedMarket, offers: readonly UsableOffer[]): ReducedMarket {
  const offersBySeller = groupBySeller(offers);
  return { ...market, offers, offersBySeller, sellers: market.sellers.filter((seller) => offersBySeller.has(seller.id)) };
}

function groupBySeller(offers: readonly UsableOffer[]): ReadonlyMap<string, readonly UsableOffer[]> {
  const groups = new Map<string, UsableOffer[]>();
  for (const usable of offers) {
    const group = groups.get(usable.seller.id);
    if (group) group.push(usable);
    else groups.set(usable.seller.id, [usable]);
  }
  return groups;
}

/**
 * Of one item at one seller the cheaper offers are used up first, so a dearer one is of use only for what they leave.
 * Speaks of single pieces sold one by one; lots and bundles are left as they are.
 */
function leaveOutDominated(offers: readonly UsableOffer[], used: ReadonlyMap<string, number>): readonly UsableOffer[] {
  const groups = new Map<string, UsableOffer[]>();
  for (const usable of offers) {
    const key = JSON.stringify([usable.seller.id, usable.item.id]);
    groups.set(key, [...(groups.get(key) ?? []), usable]);
  }
  const useful = new Map<UsableOffer, number>();
  for (const group of groups.values()) {
    const [first] = group;
    const [only, ...others] = first ? [...first.yields] : [];
    if (!first || !only || others.length > 0 || group.some((usable) => usable.offer.multiple > 1)) continue;
    // Where more goods may save postage, a dearer piece may be the better one to use.
    if (fillingUpMayPay(first.seller)) continue;
    const [variant, each] = only;
    let wanted = Math.ceil((used.get(variant) ?? 0) / each);
    for (const usable of [...group].sort((a, b) => a.offer.priceMinor - b.offer.priceMinor)) {
      useful.set(usable, Math.min(usable.most, wanted));
      wanted = Math.max(0, wanted - usable.most);
    }
  }
  return offers.map((usable) => ({ ...usable, useful: useful.get(usable) ?? usable.useful }));
}

/** What leaving one unit of a need unfilled costs; Infinity when it must be filled. */
export const shortCost = (need: Need): number => need.shortCostMinor ?? Infinity;
