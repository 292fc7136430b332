import { CONDITIONS } from '@outfit/core';
import { day, formerly, knownColumn, type KnownNames, moneyIn, oneOf, wholeNumber } from '../table/index.js';

export const unknownVariant =
  (names: KnownNames) =>
  (id: string): string => {
    const nearest = names.nearestVariant(id);
    return `No part in the catalogue has this number.${nearest === null ? '' : ` Did you mean ${nearest}?`}`;
  };

/**
 * Columns of a file of offers (docs/formats/offers-csv.md). Prices are in the seller's own currency. `isVariant` knows whole
 * items too; nothing was seen after `today`; `currencyOf` tells what a seller asks in, and an empty word of one nobody knows.
 */
export const offerColumns = (names: KnownNames, today: string, currencyOf: (seller: string) => string) => ({
  seller: knownColumn(
    'seller',
    (id) => names.isSeller(id),
    () => 'No seller has this name. Use the short name on the Market page.',
  ),
  item: knownColumn('item', (id) => names.isVariant(id), unknownVariant(names)),
  priceMinor: formerly(
    'price',
    moneyIn('asks', 1, (cellOf) => currencyOf(cellOf('seller'))),
  ),
  stock: formerly('stock', wholeNumber('left', 1, 100_000)),
  multiple: formerly('multiple', wholeNumber('sold in', 1, 1000, 1)),
  condition: oneOf('condition', CONDITIONS, 'used'),
  seenOn: day('seen on', today),
});

/** What is wrong with an offer as a whole: a lot that the stock does not hold can never be bought. */
export const offerFault = ({ stock, multiple }: { readonly stock: number; readonly multiple: number }) =>
  multiple > stock ? { column: 'sold in', reason: `Sold in lots of ${multiple}, with ${stock} left: none can be bought.` } : null;
