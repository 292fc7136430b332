import type { BasketPlan, BasketProblem } from '../basket/index.js';
import { donorBehind, variantBehind } from './problem.js';

/** What a whole figure gives to a plan. `losesMinor` is what its holes are taken to cost; nobody pays it. */
export interface Donated {
  readonly donor: string;
  readonly pieces: readonly { readonly variant: string; readonly quantity: number }[];
  readonly losesMinor: number;
}

/**
 * The whole figures a plan takes pieces off, and what each loses by it.
 *
 * For example: two hands off one at 35 each: it loses 70.
 */
export function donatedBy({ owned }: Pick<BasketProblem, 'owned'>, { fills }: Pick<BasketPlan, 'fills'>): readonly Donated[] {
  const costs = new Map(owned.map((row) => [row.variant, row.costMinor]));
  const given = new Map<string, { pieces: Map<string, number>; losesMinor: number }>();
  for (const { variant, quantity, from } of fills) {
    const donor = from === 'owned' ? donorBehind(variant) : null;
    if (donor === null) continue;
    const of = given.get(donor) ?? { pieces: new Map<string, number>(), losesMinor: 0 };
    of.pieces.set(variantBehind(variant), (of.pieces.get(variantBehind(variant)) ?? 0) + quantity);
    of.losesMinor += quantity * (costs.get(variant) ?? 0);
    given.set(donor, of);
  }
  return [...given].map(([donor, { pieces, losesMinor }]) => ({
    donor,
    pieces: [...pieces].map(([variant, quantity]) => ({ variant, quantity })),
    losesMinor,
  }));
}
