import type { Catalogue, Position, Variant } from '@outfit/core';

/** Addresses of catalogue pages. */
export const toVariant = (id: string): string => `/catalogue/variants/${encodeURIComponent(id)}`;
export const toMould = (number: string): string => `/catalogue/moulds/${encodeURIComponent(number)}`;
export const toColour = (id: string): string => `/catalogue/colours/${encodeURIComponent(id)}`;
export const toSource = (id: string): string => `/catalogue/sources/${encodeURIComponent(id)}`;
export const toPrint = (id: string): string => `/catalogue/prints/${encodeURIComponent(id)}`;

/** Where a variant is drawn when it stands alone: the first place its mould goes. */
export const homeOf = (variant: Variant, catalogue: Catalogue): Position => catalogue.mouldOf(variant).fills[0]?.[0] ?? 'beside';

/** "2014–2025", one year alone once, "never made" for what is only imagined. */
export function yearsOf(variant: Variant): string {
  if (!variant.made) return 'never made';
  const { from, until } = variant.made;
  return from === until ? String(from) : `${from}–${until}`;
}
