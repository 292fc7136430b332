import { CONDITIONS } from '@outfit/core';
import { unknownVariant } from '../market/index.js';
import { knownColumn, type KnownNames, oneOf, remarks, text, wholeNumber } from '../table/index.js';

/** Columns of a file of owned pieces (docs/formats/wardrobe-csv.md). */
export const wardrobeColumns = (names: KnownNames) => ({
  variant: knownColumn('variant', (id) => names.isVariant(id), unknownVariant(names)),
  quantity: wholeNumber('quantity', 1, 10_000),
  condition: oneOf('condition', CONDITIONS, 'used'),
  place: text('place', ''),
  note: remarks('note', ''),
  owner: text('owner', ''),
  // Written for whoever reads the file: what serves whom is worked out anew, and never read back.
  serves: remarks('serves', ''),
});
