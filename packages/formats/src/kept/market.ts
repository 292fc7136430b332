import type { Adjustments, BasketProblem, Seller, Watch, WatchedItem } from '@outfit/core';
import { NO_ADJUSTMENTS, YIELD_KINDS } from '@outfit/core';
import { always, anything, eitherOf, entryOf, listOf, number, oneOf, partOf, readerOf, text, whole } from '../shape/index.js';

export const readPostage = readerOf<Seller['postage']>(listOf(entryOf({ upToG: number, costMinor: whole })));
export const readDuty = readerOf(entryOf<NonNullable<Seller['duty']>>({ aboveMinor: whole, percent: number, feeMinor: whole }));

type WatchOf<K extends Watch['kind']> = Extract<Watch, { readonly kind: K }>;
const item = entryOf<WatchedItem>({ kind: oneOf(YIELD_KINDS), id: text });
export const readWatch = readerOf<Watch>(
  eitherOf<Watch>(
    entryOf<WatchOf<'below'>>({ kind: always('below'), item, priceMinor: whole }),
    entryOf<WatchOf<'exists'>>({ kind: always('exists'), mould: text, colour: text }),
    entryOf<WatchOf<'in stock'>>({ kind: always('in stock'), item, seller: text }),
    entryOf<WatchOf<'cheapest way'>>({ kind: always('cheapest way'), item }),
  ),
);

const readPartOfAdjustments = readerOf(
  partOf<Adjustments, never>({
    locked: listOf(entryOf({ offer: text, quantity: whole })),
    banned: listOf(text),
    pinned: listOf(entryOf({ variant: text, seller: text })),
    accepted: listOf(entryOf({ variant: text, substitute: text })),
  }),
);
/** What was adjusted, as it was kept, with what could not be adjusted then left alone. */
export const readAdjustments = (json: unknown): Adjustments => ({ ...NO_ADJUSTMENTS, ...readPartOfAdjustments(json) });

const readOldProblem = readerOf<Omit<BasketProblem, 'wholes'> & Partial<Pick<BasketProblem, 'wholes'>>>({
  type: 'object',
  required: ['currency', 'needs', 'owned', 'items', 'sellers', 'offers', 'resale', 'rules', 'effort'],
  properties: Object.fromEntries(
    ['needs', 'wholes', 'owned', 'items', 'sellers', 'offers', 'resale'].map((key) => [key, listOf(anything)]),
  ),
});
/**
 * A problem as it was solved. Its lists are as long as a market: what is in them was checked when it was made. Of old none said what its needs
 * are for.
 */
export const readKeptProblem = (json: unknown): BasketProblem => ({ wholes: [], ...readOldProblem(json) });
