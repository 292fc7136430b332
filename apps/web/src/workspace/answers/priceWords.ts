import { type LandedPrice, meetsCondition, money, USUAL_CONDITION } from '@outfit/core';

/** What a *cheapest* is for, wherever the word stands: what errands begin with. */
export const CHEAPEST_FOR = 'used or better';

/**
 * A landed price before there is a plan, with its condition where nobody has what an errand would buy unasked.
 *
 * For example: "about €1.97", "about €0.65, worn".
 */
export const priceWords = ({ landedMinor, condition }: Pick<LandedPrice, 'landedMinor' | 'condition'>, currency: string): string =>
  `about ${money(landedMinor, currency)}${meetsCondition(condition, USUAL_CONDITION) ? '' : `, ${condition}`}`;
