import type { Worn } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { keyOf, NO_PROPOSALS } from '../../remedies/index.js';

/**
 * `stock.twice`: pieces that other figures want as well, and not enough of them. Blocks where this figure goes short of what cannot be had;
 * while more can be bought, or where this figure is served, it is a note. Who is served is decided by the promises, not here.
 */
export const stockTwice: Check = ({ worn, supply, company, catalogue, brief }) => {
  const used = new Map<string, Worn[]>();
  for (const item of worn) used.set(item.variant.id, [...(used.get(item.variant.id) ?? []), item]);
  return [...used].flatMap(([variant, items]) => {
    const [first] = items;
    const owned = supply.stock?.(variant) ?? supply.owned(variant);
    const elsewhere = company.wantedBy(variant);
    const wanted = items.length * brief.copies;
    const short = wanted + elsewhere.length - owned;
    if (!first || owned === 0 || elsewhere.length === 0 || short <= 0) return [];
    const price = supply.landedMinor(variant);
    const had = price === null ? 'cannot be had' : 'to buy';
    const lacksHere = supply.stock ? Math.max(0, wanted - supply.owned(variant)) : short;
    const before = [...new Set(company.servedBefore?.(variant) ?? [])];
    const outcome =
      supply.stock === undefined
        ? `${short} ${had}`
        : lacksHere === 0
          ? `this figure is served, and ${short} ${had} for the others`
          : `${before.length > 0 ? `${list(before)} ${before.length === 1 ? 'is' : 'are'} served before, and ` : ''}${lacksHere} ${had} here`;
    return [
      {
        check: 'stock.twice' as const,
        key: keyOf('stock.twice', first),
        severity: price === null && lacksHere > 0 ? ('blocks' as const) : ('note' as const),
        position: first.part.position,
        region: null,
        sentence: `${catalogue.nameOf(first.variant)}: ${owned} owned, ${wanted} wanted here and ${elsewhere.length} for ${list([...new Set(elsewhere)])}: ${outcome}.`,
        proposals: NO_PROPOSALS,
      },
    ];
  });
};
