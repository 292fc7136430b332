import type { BasketPlan, BasketProblem } from '../basket/index.js';
import { entryAt, countOf, shareToCent } from '../kernel/index.js';
import type { ErrandLine } from './demand.js';
import { lineTotals, pricesOf } from './landedShares.js';
import { variantBehind } from './problem.js';

/** What one look of an errand costs, and the part that costs most. Money in minor units. */
export interface FigureCost {
  /** Of all its copies; over all looks of an errand these sum to what is paid. */
  readonly totalMinor: number;
  /** Of one copy, rounded. */
  readonly eachMinor: number;
  readonly copies: number;
  readonly dominant: { readonly variant: string; readonly share: number } | null;
}

/** A part nobody sells loose weighs this much, in minor units, when what was bought whole is spread over its parts. */
export const UNSOLD_MINOR = 100;

/**
 * What all units of each wanted part come to in a plan, in minor units: every line with its part of the parcel's charges, and
 * what was bought whole spread over the parts of it that are used, by what they cost loose. To the cent: they sum to what is
 * paid.
 */
function paidFor(problem: BasketProblem, plan: BasketPlan): ReadonlyMap<string, number> {
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
  const prices = pricesOf(problem);
  const loose = new Map<string, number>();
  for (const offer of problem.offers) {
    const [only, ...more] = items.get(offer.item)?.yields ?? [];
    if (!only || more.length > 0) continue;
    const variant = variantBehind(only.variant);
    loose.set(variant, Math.min(loose.get(variant) ?? Infinity, offer.priceMinor));
  }
  const left = new Map<string, number>();
  for (const { from, seller, variant, quantity } of plan.fills)
    if (from === 'bought') left.set(`${seller ?? ''} ${variant}`, (left.get(`${seller ?? ''} ${variant}`) ?? 0) + quantity);
  const paid = new Map<string, number>();
  for (const parcel of plan.parcels) {
    const used = parcel.lines.map(({ offer, quantity }) => {
      const yields = items.get(offers.get(offer)?.item ?? '')?.yields ?? [];
      return yields.flatMap((row) => {
        const key = `${parcel.seller} ${row.variant}`;
        const units = Math.min(left.get(key) ?? 0, row.quantity * quantity);
        left.set(key, (left.get(key) ?? 0) - units);
        const variant = variantBehind(row.variant);
        return units > 0 ? [{ variant, weight: units * (loose.get(variant) ?? UNSOLD_MINOR) }] : [];
      });
    });
    const totals = lineTotals(parcel, prices, (i) => (used[i]?.length ?? 0) > 0);
    used.forEach((parts, i) => {
      const shares = shareToCent(
        entryAt(totals, i),
        parts.map((part) => part.weight),
      );
      parts.forEach(({ variant }, k) => paid.set(variant, (paid.get(variant) ?? 0) + entryAt(shares, k)));
    });
  }
  return paid;
}

/**
 * What each look of an errand costs. What is paid for a part is shared among the looks that want it, by how many they want;
 * a need that a substitute fills counts at the substitute's cost. To the cent: the looks sum to what is paid.
 */
export function figureCosts(lines: readonly ErrandLine[], problem: BasketProblem, plan: BasketPlan): readonly FigureCost[] {
  const paid = paidFor(problem, plan);
  // What was paid for each part as it was bought, turned into what was paid for each part as it was wanted.
  const wanted = new Map<string, number>();
  const fillsOf = new Map<string, Map<string, number>>();
  for (const { need, variant, quantity } of plan.fills) {
    const of = fillsOf.get(variantBehind(variant)) ?? new Map<string, number>();
    fillsOf.set(variantBehind(variant), of);
    of.set(variantBehind(need), (of.get(variantBehind(need)) ?? 0) + quantity);
  }
  for (const [variant, minor] of paid) {
    const needs = [...(fillsOf.get(variant) ?? [])];
    shareToCent(
      minor,
      needs.map(([, quantity]) => quantity),
    ).forEach((share, i) => {
      const need = needs[i]?.[0] ?? variant;
      wanted.set(need, (wanted.get(need) ?? 0) + share);
    });
  }
  const counts = lines.map(
    ({ look, copies }) => new Map([...countOf(look.parts.map((part) => part.variant))].map(([id, n]) => [id, n * copies])),
  );
  const costs = lines.map(() => new Map<string, number>());
  for (const [variant, minor] of wanted) {
    const shares = shareToCent(
      minor,
      counts.map((count) => count.get(variant) ?? 0),
    );
    shares.forEach((share, i) => {
      if ((counts[i]?.get(variant) ?? 0) > 0) costs[i]?.set(variant, share);
    });
  }
  return lines.map(({ copies }, i) => {
    const parts = [...(costs[i] ?? [])];
    const totalMinor = parts.reduce((all, [, minor]) => all + minor, 0);
    const dearest = parts.reduce<readonly [string, number] | null>((best, part) => (!best || part[1] > best[1] ? part : best), null);
    return {
      totalMinor,
      eachMinor: Math.round(totalMinor / copies),
      copies,
      dominant: dearest && totalMinor > 0 ? { variant: dearest[0], share: dearest[1] / totalMinor } : null,
    };
  });
}
