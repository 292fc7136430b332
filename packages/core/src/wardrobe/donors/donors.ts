import type { OfficialFigure } from '../../catalogue/index.js';

/** A piece of a donor: the part, and how many of it. */
export interface Holding {
  readonly variant: string;
  readonly quantity: number;
}

/** An official part that is not on a donor, at the place where it belongs. */
export interface Hole {
  readonly position: OfficialFigure['parts'][number]['position'];
  readonly place: number;
  readonly variant: string;
}

/**
 * The official parts that are not on a donor, from the top down as the figure lists them. A donor with one of two alike hands lacks the
 * second.
 *
 * @param holds what is on it now
 */
export function holesOf(figure: OfficialFigure, holds: readonly Holding[]): readonly Hole[] {
  const left = new Map<string, number>();
  for (const { variant, quantity } of holds) left.set(variant, (left.get(variant) ?? 0) + quantity);
  return figure.parts.flatMap(({ position, place = 0, variant }): readonly Hole[] => {
    const there = left.get(variant) ?? 0;
    left.set(variant, there - 1);
    return there > 0 ? [] : [{ position, place, variant }];
  });
}

/** What a donor fetches, in minor units: whole, which only a complete one is, or in pieces. */
export interface DonorWorth {
  readonly wholeMinor: number | null;
  readonly inPiecesMinor: number;
}

/**
 * What a donor is worth: whole, when nothing lacks and somebody asks a price for it, and taken to pieces.
 *
 * @param wholeMinor what the official figure costs whole; null when nobody sells it
 * @param pieceMinor what one piece of a part fetches; 0 for what nobody buys
 */
export const worthOfDonor = (
  holds: readonly Holding[],
  isComplete: boolean,
  wholeMinor: number | null,
  pieceMinor: (variant: string) => number,
): DonorWorth => ({
  wholeMinor: isComplete ? wholeMinor : null,
  inPiecesMinor: holds.reduce((all, { variant, quantity }) => all + quantity * pieceMinor(variant), 0),
});

/** A donor that a part could come off. */
export interface DonorChoice {
  readonly donor: string;
  readonly holds: readonly Holding[];
  readonly isComplete: boolean;
  readonly wholeMinor: number | null;
}

/**
 * What a donor loses in worth when one piece of a part comes off it: one that is complete may be worth more whole than in pieces, and is
 * no longer whole afterwards. Never less than none.
 *
 * For example: a figure at 900 whole and 600 in pieces loses a hat at 200: 900 − 400 = 500; one with a hole already loses the 200.
 */
export function lossOf({ holds, isComplete, wholeMinor }: DonorChoice, variant: string, pieceMinor: (variant: string) => number): number {
  const { inPiecesMinor, wholeMinor: whole } = worthOfDonor(holds, isComplete, wholeMinor, pieceMinor);
  return Math.max(0, Math.max(whole ?? 0, inPiecesMinor) - (inPiecesMinor - pieceMinor(variant)));
}

/** Donors that hold a part, the one that loses least first; of equals the one with fewer pieces left, then by name. */
export const leastLossFirst = (
  donors: readonly DonorChoice[],
  variant: string,
  pieceMinor: (variant: string) => number,
): readonly { readonly donor: string; readonly lossMinor: number }[] =>
  donors
    .filter((row) => row.holds.some((held) => held.variant === variant && held.quantity > 0))
    .map((row) => ({ row, lossMinor: lossOf(row, variant, pieceMinor) }))
    .sort((a, b) => a.lossMinor - b.lossMinor || piecesOn(a.row.holds) - piecesOn(b.row.holds) || (a.row.donor < b.row.donor ? -1 : 1))
    .map(({ row, lossMinor }) => ({ donor: row.donor, lossMinor }));

const piecesOn = (holds: readonly Holding[]): number => holds.reduce((all, { quantity }) => all + quantity, 0);
