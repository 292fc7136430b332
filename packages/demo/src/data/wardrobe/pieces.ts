import type { Condition } from '@outfit/core';

export interface DemoPiece {
  readonly variant: string;
  readonly quantity: number;
  readonly condition: Condition;
  readonly place: string;
  readonly note: string;
}

/** Place: variant × number, condition when not used, a note in brackets. */
const PLACES: Readonly<Record<string, string>> = {
  'Drawer A': `HA-131·raven+cochineal ×1; HA-118·chestnut ×2; HA-118·silver ×1; HA-163·straw ×1; HA-124·walnut ×3; HA-176·rust+lagoon ×1 (one plait repaired); HA-152·chestnut ×1 worn`,
  'Drawer B': `HD-101·umber·reader ×1 new; HD-101·almond·sprat ×1; HD-101·wheat·purser ×1; HD-101·shell·freckled ×2; HD-101·biscuit·first-smile ×6 worn; HD-101·shell·quiet ×1`,
  'Drawer C': `TO-401·saffron·lantern-tunic ×1; TO-401·madder·drum-tunic ×1; TO-401·woad·carrier-coat ×1 new; TO-401·chalk·deck-collar ×2; TO-401·woad ×2; TO-401·oatmeal·kerchief ×1`,
  'Tin of arms': `AR-501·saffron ×2; AR-501·madder ×4; AR-501·woad ×5; AR-501·chalk ×3; AR-510·woad+almond ×2; AR-501·woad·arm-cuffs ×1`,
  'Tin of hands': `HN-601·umber ×2; HN-601·almond ×4; HN-601·wheat ×3; HN-601·shell ×2; HN-601·biscuit ×8 worn; HN-601·clay ×2`,
  'Drawer D': `LG-701·slate+soot ×4; LG-701·ink+soot·carrier-tails ×1; LG-708·slate+soot ×1; LG-706·ink+walnut ×1; LG-701·walnut+soot ×2; SK-721·lagoon+soot+chalk·border ×1`,
  'Odds box': `HE-910·teak+chalk ×1; HE-904·teak+chalk ×1; BG-820·teak+brass ×1; CP-801·lagoon+brass ×1; SC-812·weld+woad ×1; FT-951·soot ×2 new; HE-915·chalk+madder ×2`,
};

function read(place: string, entry: string): DemoPiece {
  const match = /^(\S+) ×(\d+)(?: (new|used|worn))?(?: \((.*)\))?$/.exec(entry.trim());
  if (!match) throw new RangeError(`"${entry}" is not a wardrobe entry`);
  const [, variant = '', quantity = '1', condition = 'used', note = ''] = match;
  return { variant, quantity: Number(quantity), condition: condition as Condition, place, note };
}

export const PIECES: readonly DemoPiece[] = Object.entries(PLACES).flatMap(([place, entries]) =>
  entries.split(';').map((entry) => read(place, entry)),
);
