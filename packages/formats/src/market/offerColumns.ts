import { CONDITIONS } from '@outfit/core';
import { day, known, type KnownNames, money, oneOf, wholeNumber } from '../table/index.js';

export const unknownVariant =
  (names: KnownNames) =>
  (id: string): string => {
    const nearest = names.nearestVariant(id);
    return `No part in the catalogue has this number.${nearest === null ? '' : ` Did you mean ${nearest}?`}`;
  };

/**
 * Columns of a file of offers (docs/formats/offers-csv.md). Prices are in the seller's own currency. `isVariant` knows whole
 * items too; nothing was seen after `today`.
 */
export const offerColumns = (names: KnownNames, today: string) => ({
  seller: known(
    'seller',
    (id) => names.isSeller(id),
    () => 'No seller has this name. Use the short name on the Market page.',
  ),
  item: known('item', (id) => names.isVariant(id), unknownVariant(names)),
  priceMinor: money('price', 1),
  stock: wholeNumber('stock', 1, 100_000),
  multiple: wholeNumber('multiple', 1, 1000, 1),
  condition: oneOf('condition', CONDITIONS, 'used'),
  seenOn: day('seen on', today),
});

/** What is wrong with an offer as a whole: a lot that the stock does not hold can never be bought. */
export const offerFault = ({ stock, multiple }: { readonly stock: number; readonly multiple: number }) =>
  multiple > stock ? { column: 'multiple', reason: `Sold in lots of ${multiple}, with ${stock} in stock: none can be bought.` } : null;
