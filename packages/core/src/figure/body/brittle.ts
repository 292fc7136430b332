import type { Mould, Variant } from '../../catalogue/index.js';

/** Whether a piece comes from before a mould was mended: surely, when it was made no later; else perhaps, when it was made then too. */
export function brittleness({ made }: Variant, { brittleBefore }: Pick<Mould, 'brittleBefore'>): 'is' | 'may be' | null {
  if (brittleBefore === undefined || made === undefined || made.from >= brittleBefore) return null;
  return made.until < brittleBefore ? 'is' : 'may be';
}
