import type { Whole } from '../basket/index.js';
import type { Look } from '../figure/index.js';

/**
 * How many of each variant `copies` of a look need: its multiset of parts, multiplied.
 *
 * For example: two alike arms and a head, 3 copies gives Map { arm → 6, head → 3 }.
 */
export function demand(look: Look, copies: number): ReadonlyMap<string, number> {
  const wanted = new Map<string, number>();
  for (const { variant } of look.parts) wanted.set(variant, (wanted.get(variant) ?? 0) + copies);
  return wanted;
}

/** One look of an errand. Looks of one group are never shown together and share their parts. */
export interface ErrandLine {
  readonly look: Look;
  readonly copies: number;
  readonly group: string | null;
}

/**
 * What several looks need together: the sum over all of them, save within a group, where each position takes the most that
 * any one look of the group wants of a variant.
 */
export function demandOf(lines: readonly ErrandLine[]): ReadonlyMap<string, number> {
  const wanted = new Map<string, number>();
  const add = (variant: string, quantity: number): void => void wanted.set(variant, (wanted.get(variant) ?? 0) + quantity);
  const groups = new Map<string, ErrandLine[]>();
  for (const line of lines) {
    if (line.group === null) for (const [variant, quantity] of demand(line.look, line.copies)) add(variant, quantity);
    else groups.set(line.group, [...(groups.get(line.group) ?? []), line]);
  }
  for (const group of groups.values()) {
    const most = new Map<string, { readonly variant: string; readonly quantity: number }>();
    for (const { look, copies } of group)
      for (const { variant, position } of look.parts) {
        const key = JSON.stringify([position, variant]);
        if ((most.get(key)?.quantity ?? 0) < copies) most.set(key, { variant, quantity: copies });
      }
    for (const { variant, quantity } of most.values()) add(variant, quantity);
  }
  return wanted;
}

/** A line whose look has a name of its own. */
type NamedLine = ErrandLine & { readonly look: { readonly id: string } };

/** Worths above this are more than a solver tells apart; the order of lines is then not minded. */
const MOST_WORTH = 1e6;

/**
 * The figures of an errand as wholes of a basket, in the order of their lines: as many as can stand count most, and of as many those of
 * earlier lines.
 *
 * @param isFigure what is no figure, such as the spares of a line-up, stands for none
 */
export function wholesOf(lines: readonly NamedLine[], isFigure: (line: NamedLine) => boolean = () => true): readonly Whole[] {
  const figures = lines.filter(isFigure);
  const copies = figures.reduce((all, line) => all + line.copies, 0);
  const each = copies * figures.length + 1;
  const isOrdered = copies * (each + figures.length) <= MOST_WORTH;
  return figures.map(({ look, copies: count, group }, i) => ({
    id: look.id,
    count,
    worth: isOrdered ? each + figures.length - 1 - i : 1,
    needs: [...demand(look, 1)].map(([need, quantity]) => ({ need, quantity })),
    ...(group !== null && { group }),
  }));
}
