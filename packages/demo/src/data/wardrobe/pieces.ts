import type { Condition } from '@outfit/core';
import type { DemoPiece } from './deeds.js';

const CABINET = 'Hobby room › Cabinet';

/** Short names of the places in the rows below. */
export const PLACES = {
  A: `${CABINET} › Drawer A, hair and hats`,
  B: `${CABINET} › Drawer B, heads`,
  C: `${CABINET} › Drawer C, torsos`,
  D: `${CABINET} › Drawer D, legs`,
  arms: `${CABINET} › Tin of arms`,
  hands: `${CABINET} › Tin of hands`,
  odds: 'Hobby room › Odds box',
  shelf: 'Hobby room › Shelf',
  glass: 'Hobby room › Glass case',
  biscuit: 'Hobby room › Shelf › Biscuit tin',
  post: 'Hobby room › Shelf › Post box',
  sill: 'Window sill',
  sealed: 'Wardrobe top',
} as const;

/** "variant ×number", its condition when not used, a note in brackets; several apart by semicolons. */
export const piecesIn = (place: keyof typeof PLACES, entries: string, more: Partial<DemoPiece> = {}): readonly DemoPiece[] =>
  entries.split(';').map((entry) => {
    const match = /^(\S+) ×(\d+)(?: (new|used|worn))?(?: \((.*)\))?$/.exec(entry.trim());
    if (!match) throw new RangeError(`"${entry}" is not a wardrobe entry`);
    const [, variant = '', quantity = '1', condition = 'used', note = ''] = match;
    return { variant, quantity: Number(quantity), condition: condition as Condition, place: PLACES[place], note, ...more };
  });
