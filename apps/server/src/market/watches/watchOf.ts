import type { Watch } from '@outfit/core';
import type { NewWatchDto } from '../market.dto.js';

/** The watch that was asked for, with the fields of its kind and no others. Validation has seen to it that they are there. */
export function watchOf({ kind, item, priceMinor = 0, mould = '', colour = '', seller = '' }: NewWatchDto): Watch {
  const watched = { kind: item?.kind ?? 'variant', id: item?.id ?? '' };
  switch (kind) {
    case 'below':
      return { kind, item: watched, priceMinor };
    case 'exists':
      return { kind, mould, colour };
    case 'in stock':
      return { kind, item: watched, seller };
    case 'cheapest way':
      return { kind, item: watched };
  }
}
