import { allowedOffers, type BasketPlan, type BasketProblem, type Offer } from '../basket/index.js';
import { count } from '../kernel/index.js';
import { fillersOf, fillerWords } from './fillers.js';
import { donorBehind, offerBehind, variantBehind } from './problem.js';

/** Why a line is bought where it is, and not cheaper elsewhere; of what is bought only to fill up, what for. */
export interface LineReason {
  readonly offer: string;
  readonly sentence: string;
}

interface Words {
  sellerName(id: string): string;
  /** What a whole figure is called. */
  donorName(id: string): string;
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
  const fillers = new Map(fillersOf(problem, plan).map((row) => [row.offer, row]));
  const allowed = new Set(allowedOffers(problem).map((offer) => offer.id));
  // Every offer of a part on its own, also of sellers that a rule or a ban leaves out: what is said of the market holds of all of it.
  const singles = new Map<string, Offer[]>();
  for (const offer of problem.offers) {
    const [only, ...more] = items.get(offer.item)?.yields ?? [];
    if (!only || more.length > 0 || offer.stock < offer.multiple) continue;
    const variant = variantBehind(only.variant);
    singles.set(variant, [...(singles.get(variant) ?? []), offer]);
  }
  const kept = new Map(plan.fills.map((fill) => [fill.variant, fill.quantity]));
  /** A whole figure that has the part still, and what taking it off would cost more than buying does. */
  const onDonor = (variant: string, offer: Offer): string => {
    const row = problem.owned.find(
      (stock) =>
        donorBehind(stock.variant) !== null && variantBehind(stock.variant) === variant && stock.quantity > (kept.get(stock.variant) ?? 0),
    );
    const more = (row?.costMinor ?? 0) - offer.priceMinor;
    return row && more > 0 ? ` Taking it off ${words.donorName(donorBehind(row.variant) ?? '')} would cost ${words.money(more)} more.` : '';
  };

  const reasonFor = (offer: Offer): string => {
    const yields = items.get(offer.item)?.yields ?? [];
    if (offer.id !== offerBehind(offer.id)) return 'Kept as you locked it.';
    const wanted = yields.filter((row) => used.has(row.variant));
    if (yields.length > 1) return wholeReason(offer, wanted);
    const [only] = wanted;
    if (!only || fillers.get(offer.id)?.quantity === bought.get(offer.id))
      return fillerWords(fillers.get(offer.id)?.cause ?? { kind: 'cheaper so' }, words.money);
    const variant = variantBehind(only.variant);
    if (only.variant !== variant) return `Bought from ${words.sellerName(offer.seller)} because you said so.`;
    return `${priceReason(offer, variant)}${onDonor(variant, offer)}`;
  };

  const priceReason = (offer: Offer, variant: string): string => {
    const others = (singles.get(variant) ?? []).filter((row) => row.id !== offer.id);
    if (others.length === 0) return 'Nobody else sells it loose.';
    const open = others.filter((row) => allowed.has(row.id));
    if (open.length === 0) return `${count(others.length, 'other offer')}, none of them under these rules.`;
    const cheaper = open.filter((row) => row.priceMinor < offer.priceMinor).sort((a, b) => a.priceMinor - b.priceMinor);
    const shut = others.filter((row) => !allowed.has(row.id) && row.priceMinor < offer.priceMinor);
    if (cheaper.length === 0)
      return shut.length > 0
        ? `The least that anybody asks under these rules; ${count(shut.length, 'offer')} outside them ${shut.length === 1 ? 'asks' : 'ask'} less.`
        : `The least that anybody asks, of ${count(others.length + 1, 'offer')}.`;
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
      const prices = (singles.get(variant) ?? []).filter((row) => allowed.has(row.id)).map((row) => row.priceMinor);
      if (prices.length === 0) missing += 1;
      else loose += Math.min(...prices) * quantity;
    }
    const parts = count(
      wanted.reduce((all, row) => all + row.quantity, 0),
      'wanted part',
    );
    if (missing > 0) return `Holds ${parts}, of which nobody sells ${missing === wanted.length ? 'any' : missing} loose under these rules.`;
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
