/** Fields that text goes into, and what chooses with the keys itself; a box that is ticked takes none but the space bar. */
const TAKES_KEYS = 'input:not([type="checkbox"], [type="radio"]), textarea, select, [role="dialog"]';

/** Is somebody typing, or at a sheet of its own? Then single keys mean what they say. */
export const isTyping = (target: EventTarget | null): boolean => target instanceof Element && target.closest(TAKES_KEYS) !== null;
