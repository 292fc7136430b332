export const CONDITIONS = ['new', 'used', 'worn'] as const;
export type Condition = (typeof CONDITIONS)[number];

/** Is a condition at least as good as the rule's floor? `new` is better than `used`, `used` than `worn`. */
export const meetsCondition = (condition: Condition, floor: Condition): boolean =>
  CONDITIONS.indexOf(condition) <= CONDITIONS.indexOf(floor);
