import { variantBehind } from '../basket/fromLook.js';
import type { BasketPlan } from '../basket/plan.js';
import type { BasketProblem } from '../basket/problem.js';
import { countOf, type ErrandLine } from '../demand.js';

/** What one look of an errand costs a copy, and the part that costs most. Money in minor units. */
export interface FigureCost {
  readonly eachMinor: number;
  readonly copies: number;
  readonly dominant: { readonly variant: string; readonly share: number } | null;
}

/**
 * What a unit of each wanted part comes to in a plan, in minor units: what is paid for all its bought units, shared over all
 * its units, owned ones too. A parcel's postage, handling and duty are spread by price; what is bought whole is spread over
 * the parts of it that are used, by what they cost loose.
 */
export function unitCosts(problem: BasketProblem, plan: BasketPlan): ReadonlyMap<string, number> {
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
  const loose = new Map<string, number>();
  for (const offer of problem.offers) {
    const [only, ...more] = items.get(offer.item)?.yields ?? [];
    if (only && more.length === 0)
      loose.set(variantBehind(only.variant), Math.min(loose.get(variantBehind(only.variant)) ?? Infinity, offer.priceMinor));
  }
  const usedOf = new Map<string, number>();
  for (const fill of plan.fills)
    if (fill.from === 'bought')
      usedOf.set(`${fill.seller ?? ''} ${fill.variant}`, (usedOf.get(`${fill.seller ?? ''} ${fill.variant}`) ?? 0) + fill.quantity);
  const paid = new Map<string, number>();
  for (const parcel of plan.parcels) {
    const total = parcel.goodsMinor + parcel.postageMinor + parcel.handlingMinor + parcel.dutyMinor;
    const perMinor = parcel.goodsMinor > 0 ? total / parcel.goodsMinor : 0;
    const left = new Map(usedOf);
    for (const line of parcel.lines) {
      const offer = offers.get(line.offer);
      const yields = offer ? (items.get(offer.item)?.yields ?? []) : [];
      const used = yields.map((row) => {
        const key = `${parcel.seller} ${row.variant}`;
        const units = Math.min(left.get(key) ?? 0, row.quantity * line.quantity);
        left.set(key, (left.get(key) ?? 0) - units);
        return { variant: variantBehind(row.variant), weight: units * (loose.get(variantBehind(row.variant)) ?? 100), units };
      });
      const weights = used.reduce((all, row) => all + row.weight, 0);
      const cost = (offer?.priceMinor ?? 0) * line.quantity * perMinor;
      for (const row of used) if (row.weight > 0) paid.set(row.variant, (paid.get(row.variant) ?? 0) + (cost * row.weight) / weights);
    }
  }
  const filled = new Map<string, number>();
  for (const fill of plan.fills) filled.set(variantBehind(fill.variant), (filled.get(variantBehind(fill.variant)) ?? 0) + fill.quantity);
  return new Map([...filled].map(([variant, units]) => [variant, (paid.get(variant) ?? 0) / units]));
}

/** What each look of an errand costs a copy. A need filled by a substitute counts at the substitute's cost. */
export function figureCosts(lines: readonly ErrandLine[], problem: BasketProblem, plan: BasketPlan): readonly FigureCost[] {
  const units = unitCosts(problem, plan);
  const asFilled = new Map<string, number>();
  for (const need of new Set(plan.fills.map((fill) => fill.need))) {
    const fills = plan.fills.filter((fill) => fill.need === need);
    const all = fills.reduce((sum, fill) => sum + fill.quantity, 0);
    asFilled.set(
      variantBehind(need),
      fills.reduce((sum, fill) => sum + fill.quantity * (units.get(variantBehind(fill.variant)) ?? 0), 0) / all,
    );
  }
  return lines.map(({ look, copies }) => {
    const parts = [...countOf(look.parts.map((part) => part.variant))].map(([variant, quantity]) => ({
      variant,
      minor: quantity * (asFilled.get(variant) ?? units.get(variant) ?? 0),
    }));
    const total = parts.reduce((all, part) => all + part.minor, 0);
    const dearest = parts.reduce<(typeof parts)[number] | null>((best, part) => (!best || part.minor > best.minor ? part : best), null);
    return {
      eachMinor: Math.round(total),
      copies,
      dominant: dearest && total > 0 ? { variant: dearest.variant, share: dearest.minor / total } : null,
    };
  });
}
