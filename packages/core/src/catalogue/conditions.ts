export const CONDITIONS = ['new', 'used', 'worn'] as const;
export type Condition = (typeof CONDITIONS)[number];

/** What nobody has to ask for: an errand begins with it, and a *cheapest* is for it. */
export const USUAL_CONDITION: Condition = 'used';

/** Is a condition at least as good as the rule's floor? `new` is better than `used`, `used` than `worn`. */
export const meetsCondition = (condition: Condition, floor: Condition): boolean =>
  CONDITIONS.indexOf(condition) <= CONDITIONS.indexOf(floor);
