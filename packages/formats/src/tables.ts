import { CONDITIONS } from '@outfit/core';
import { day, known, money, oneOf, text, wholeNumber } from './cells.js';

/** What the files may refer to. */
export interface KnownNames {
  isVariant(id: string): boolean;
  isSeller(id: string): boolean;
  /** A made-up name's nearest real one, or null. */
  nearestVariant(id: string): string | null;
}

const unknownVariant =
  (names: KnownNames) =>
  (id: string): string => {
    const nearest = names.nearestVariant(id);
    return `No part in the catalogue has this number.${nearest === null ? '' : ` Did you mean ${nearest}?`}`;
  };

/** Columns of a file of owned pieces (docs/formats/wardrobe-csv.md). */
export const wardrobeColumns = (names: KnownNames) => ({
  variant: known('variant', (id) => names.isVariant(id), unknownVariant(names)),
  quantity: wholeNumber('quantity', 1, 10_000),
  condition: oneOf('condition', CONDITIONS, 'used'),
  place: text('place', ''),
  note: text('note', ''),
});

/** Columns of a file of offers (docs/formats/offers-csv.md). Prices are in the seller's own currency. `isVariant` knows whole items too. */
export const offerColumns = (names: KnownNames) => ({
  seller: known(
    'seller',
    (id) => names.isSeller(id),
    () => 'No seller has this name. Use the short name on the Market page.',
  ),
  item: known('item', (id) => names.isVariant(id), unknownVariant(names)),
  priceMinor: money('price'),
  stock: wholeNumber('stock', 1, 100_000),
  multiple: wholeNumber('multiple', 1, 1000, 1),
  condition: oneOf('condition', CONDITIONS, 'used'),
  seenOn: day('seen on'),
});
