import type { ParcelLineEntity } from '../parcels.entities.js';

/** A line of an order before it is written down. */
export type NewLine = Pick<ParcelLineEntity, 'variant' | 'condition' | 'quantity' | 'priceMinor'>;

/** Pieces with what each cost as lines: alike ones of one price together. */
export function inLines(pieces: readonly string[], prices: readonly number[], condition: NewLine['condition']): readonly NewLine[] {
  const lines = new Map<string, { variant: string; condition: NewLine['condition']; quantity: number; priceMinor: number }>();
  pieces.forEach((variant, i) => {
    const priceMinor = prices[i] ?? 0;
    const key = `${variant} ${priceMinor}`;
    const known = lines.get(key);
    if (known) known.quantity += 1;
    else lines.set(key, { variant, condition, quantity: 1, priceMinor });
  });
  return [...lines.values()];
}
