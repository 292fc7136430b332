import type { Worn } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { keyOf, NO_PROPOSALS } from '../../remedies/index.js';

/**
 * `stock.twice`: pieces that other figures want as well, and not enough of them. Blocks when no more can be had; while
 * more can be bought it is a note.
 */
export const stockTwice: Check = ({ worn, supply, company, catalogue }) => {
  const used = new Map<string, Worn[]>();
  for (const item of worn) used.set(item.variant.id, [...(used.get(item.variant.id) ?? []), item]);
  return [...used].flatMap(([variant, items]) => {
    const [first] = items;
    const owned = supply.owned(variant);
    const elsewhere = company.wantedBy(variant);
    const short = items.length + elsewhere.length - owned;
    if (!first || owned === 0 || elsewhere.length === 0 || short <= 0) return [];
    const price = supply.landedMinor(variant);
    return [
      {
        check: 'stock.twice' as const,
        key: keyOf('stock.twice', first),
        severity: price === null ? ('blocks' as const) : ('note' as const),
        position: first.part.position,
        region: null,
        sentence: `${catalogue.nameOf(first.variant)}: ${owned} owned, ${items.length} wanted here and ${elsewhere.length} for ${list([...new Set(elsewhere)])}: ${short} ${price === null ? 'cannot be had' : 'to buy'}.`,
        proposals: NO_PROPOSALS,
      },
    ];
  });
};
