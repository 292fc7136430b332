import type { BasketPlan, BasketProblem } from '../basket/index.js';
import { countOf } from '../kernel/index.js';
import { demandOf, type ErrandLine } from './demand.js';
import { variantBehind } from './problem.js';

/** How many figures of an errand a plan completes, and which parts keep the others from standing. */
export interface Standing {
  readonly complete: number;
  readonly figures: number;
  readonly lacking: readonly { readonly variant: string; readonly quantity: number; readonly wanted: number }[];
}

/**
 * The figures that can stand with what a plan gets: those that need nothing scarce first, then copy by copy as far as the scarce parts
 * go. Looks of a group share their parts, and a group counts as its looks.
 * What is no figure, such as the spares of a line-up, stands for none, and has what figures leave.
 *
 * For example: 12 copies, and heads for 7 gives 7 of 12 complete, 5 heads lacking.
 */
export function standingOf<Line extends ErrandLine>(
  lines: readonly Line[],
  { needs }: BasketProblem,
  plan: Pick<BasketPlan, 'short'>,
  isFigure: (line: Line) => boolean = () => true,
): Standing {
  const variants = new Map(needs.map((need) => [need.id, variantBehind(need.options[0]?.variant ?? need.id)]));
  const short = new Map<string, number>();
  for (const { need, quantity } of plan.short) {
    const variant = variants.get(need) ?? need;
    short.set(variant, (short.get(variant) ?? 0) + quantity);
  }
  const wanted = demandOf(lines);
  const left = new Map([...wanted].map(([variant, quantity]) => [variant, quantity - (short.get(variant) ?? 0)]));
  const scarceIn = ({ look }: ErrandLine): number => look.parts.filter((part) => short.has(part.variant)).length;
  let complete = 0;
  const figures = lines.filter(isFigure);
  for (const line of [...figures].sort((a, b) => scarceIn(a) - scarceIn(b))) {
    const each = countOf(line.look.parts.map((part) => part.variant));
    const copies = Math.min(line.copies, ...[...each].map(([variant, quantity]) => Math.floor((left.get(variant) ?? 0) / quantity)));
    complete += copies;
    if (line.group === null) for (const [variant, quantity] of each) left.set(variant, (left.get(variant) ?? 0) - quantity * copies);
  }
  return {
    complete,
    figures: figures.reduce((all, line) => all + line.copies, 0),
    lacking: [...short].map(([variant, quantity]) => ({ variant, quantity, wanted: wanted.get(variant) ?? quantity })),
  };
}
