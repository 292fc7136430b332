import { type BasketPlan, type BasketProblem, mostThatStand, unitsByName } from '../basket/index.js';
import { variantBehind } from './problem.js';

/** How many figures of an errand a plan completes, which, and which parts keep the others from standing. */
export interface Standing {
  readonly complete: number;
  readonly figures: number;
  /** Of each look that stands at all, how many of it do. */
  readonly looks: readonly { readonly look: string; readonly copies: number }[];
  readonly lacking: readonly { readonly variant: string; readonly quantity: number; readonly wanted: number }[];
}

/**
 * The figures that can stand with what a plan gets: as many as there can be, told as the plan itself is made. What is no figure, such as the
 * spares of a line-up, stands for none, and has what figures leave.
 *
 * For example: 12 copies, and heads for 7 gives 7 of 12 complete, 5 heads lacking.
 */
export function standingOf(
  { needs, wholes }: Pick<BasketProblem, 'needs' | 'wholes'>,
  { short, standing: told }: Pick<BasketPlan, 'short'> & Partial<Pick<BasketPlan, 'standing'>>,
): Standing {
  const shortOf = new Map(short.map((row) => [row.need, row.quantity]));
  // What the plan says stands; reckoned only of one made before plans said it.
  const standing =
    told ??
    mostThatStand(
      wholes,
      unitsByName(needs, (need) => need.quantity - (shortOf.get(need.id) ?? 0)),
    );
  const variants = new Map(needs.map((need) => [need.id, variantBehind(need.options[0]?.variant ?? need.id)]));
  const wanted = new Map<string, number>();
  const lacking = new Map<string, number>();
  for (const { id, quantity } of needs) {
    const variant = variants.get(id) ?? id;
    wanted.set(variant, (wanted.get(variant) ?? 0) + quantity);
    const missing = shortOf.get(id) ?? 0;
    if (missing > 0) lacking.set(variant, (lacking.get(variant) ?? 0) + missing);
  }
  return {
    complete: standing.reduce((all, { quantity }) => all + quantity, 0),
    figures: wholes.reduce((all, { count }) => all + count, 0),
    looks: standing.map(({ whole, quantity }) => ({ look: whole, copies: quantity })),
    lacking: [...lacking].map(([variant, quantity]) => ({ variant, quantity, wanted: wanted.get(variant) ?? quantity })),
  };
}
