import { allowedOffers, type BasketPlan, type BasketProblem, type Offer } from '../basket/index.js';
import { count } from '../kernel/index.js';
import { variantBehind } from './problem.js';

/** Why a line is bought where it is, and not cheaper elsewhere. */
export interface LineReason {
  readonly offer: string;
  readonly sentence: string;
}

interface Words {
  sellerName(id: string): string;
  money(minor: number): string;
}

/**
 * A sentence for every line of a plan, in the order of its parcels. Speaks of single prices and of what another parcel would add, in
 * money that is paid; that the whole is best is the plan's own proof.
 */
export function lineReasons(problem: BasketProblem, plan: BasketPlan, words: Words): readonly LineReason[] {
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
  const sellers = new Map(problem.sellers.map((seller) => [seller.id, seller]));
  const bought = new Map(plan.parcels.flatMap((parcel) => parcel.lines.map((line) => [line.offer, line.quantity] as const)));
  const inPlan = new Set(plan.parcels.map((parcel) => parcel.seller));
  const used = new Set(plan.fills.filter((fill) => fill.from === 'bought').map((fill) => fill.variant));
  const allowed = allowedOffers(problem);
  const singles = new Map<string, Offer[]>();
  for (const offer of allowed) {
    const [only, ...more] = items.get(offer.item)?.yields ?? [];
    if (only && more.length === 0) singles.set(only.variant, [...(singles.get(only.variant) ?? []), offer]);
  }

  const reasonFor = (offer: Offer): string => {
    const yields = items.get(offer.item)?.yields ?? [];
    if (offer.id.endsWith(' from the last plan')) return 'Kept as you locked it.';
    const wanted = yields.filter((row) => used.has(row.variant));
    if (yields.length > 1) return wholeReason(offer, wanted);
    const [only] = wanted;
    if (!only) return 'Fills the parcel up: with it the whole costs less.';
    if (only.variant !== variantBehind(only.variant)) return `Bought from ${words.sellerName(offer.seller)} because you said so.`;
    const others = (singles.get(only.variant) ?? []).filter((row) => row.id !== offer.id);
    if (others.length === 0) return 'Nobody else sells it loose under these rules.';
    const cheaper = others.filter((row) => row.priceMinor < offer.priceMinor).sort((a, b) => a.priceMinor - b.priceMinor);
    if (cheaper.length === 0) return `The least that anybody asks, of ${count(others.length + 1, 'offer')}.`;
    const free = cheaper.find((row) => (bought.get(row.id) ?? 0) + row.multiple <= row.stock);
    if (!free) return `What costs less is used up: ${count(cheaper.length, 'cheaper offer')}, all bought.`;
    const saves = words.money(offer.priceMinor - free.priceMinor);
    if (inPlan.has(free.seller))
      return `${saves} less each at ${words.sellerName(free.seller)}, but one more there changes its postage, lots or minimum.`;
    const seller = sellers.get(free.seller);
    const opening = (seller?.handlingMinor ?? 0) + Math.min(...(seller?.postage.map((tier) => tier.costMinor) ?? [0]));
    return `${saves} less each at ${words.sellerName(free.seller)}, but a parcel from there starts at ${words.money(opening)}.`;
  };

  const wholeReason = (offer: Offer, wanted: readonly { readonly variant: string; readonly quantity: number }[]): string => {
    let loose = 0;
    let missing = 0;
    for (const { variant, quantity } of wanted) {
      const prices = (singles.get(variant) ?? []).map((row) => row.priceMinor);
      if (prices.length === 0) missing += 1;
      else loose += Math.min(...prices) * quantity;
    }
    const parts = count(
      wanted.reduce((all, row) => all + row.quantity, 0),
      'wanted part',
    );
    if (missing > 0) return `Holds ${parts}, of which nobody sells ${missing === wanted.length ? 'any' : missing} loose.`;
    const difference = loose - offer.priceMinor;
    return difference >= 0
      ? `Holds ${parts} that cost ${words.money(difference)} more one by one, before postage.`
      : `Holds ${parts}; one by one they cost ${words.money(-difference)} less, but in more parcels.`;
  };

  return [...bought.keys()].flatMap((id) => {
    const offer = offers.get(id);
    return offer ? [{ offer: id, sentence: reasonFor(offer) }] : [];
  });
}
