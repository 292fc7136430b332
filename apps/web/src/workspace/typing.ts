/** Is somebody typing, or at a sheet of its own? Then single keys mean what they say. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest('input, textarea, select, [role="dialog"]') !== null;
