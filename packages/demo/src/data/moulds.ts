import type { Mould, MouldGeometry, Position, Region } from '@outfit/core';

type Covers = Partial<Record<Region, number>>;

interface Row {
  readonly name: string;
  readonly nicknames?: readonly string[];
  readonly silhouette: string;
  readonly fills: readonly (readonly Position[])[];
  readonly geometry: MouldGeometry;
  readonly words?: readonly string[];
  readonly length?: number;
  readonly motifs?: readonly string[];
  readonly hairColour?: number;
  readonly skinColour?: number;
  readonly thirdParty?: boolean;
}

const FAMILIES: Readonly<Record<string, string>> = {
  HD: 'head',
  HA: 'hair',
  HT: 'hat',
  HH: 'hat with hair',
  HO: 'hood',
  TO: 'torso',
  AR: 'arm',
  HN: 'hand',
  LG: 'legs',
  SK: 'skirt',
  CP: 'cape',
  SC: 'scarf',
  BG: 'bag',
  WS: 'waist',
  HE: 'held',
  FT: 'foot',
};

const HEADGEAR: readonly (readonly Position[])[] = [['headgear']];
const NECK: readonly (readonly Position[])[] = [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']];
const ARMS: readonly (readonly Position[])[] = [['arm.L'], ['arm.R']];
const HANDS: readonly (readonly Position[])[] = [['hand.L'], ['hand.R']];
const HELD: readonly (readonly Position[])[] = [['held.L'], ['held.R']];
const LEGS: readonly (readonly Position[])[] = [['hips', 'leg.L', 'leg.R']];

/** Hair and hats: rise above the head in mm, and how much of brows, sides and back of the head is hidden. */
const worn = (riseMm: number, brow: number, side: number, back: number, massG = 0.6): MouldGeometry => {
  const covers: Covers = { 'head.side': side, 'head.back': back };
  if (brow > 0) covers['head.front.brow'] = brow;
  return { riseMm, covers, massG };
};

const ROWS: Readonly<Record<string, Row>> = {
  'HD-101': { name: 'Head', silhouette: 'head', fills: [['head']], geometry: { heightMm: 8.8, massG: 1 }, skinColour: 0 },

  'HA-109': {
    name: 'Short curls',
    nicknames: ['sheep', 'corks'],
    silhouette: 'hair-curls',
    fills: HEADGEAR,
    geometry: worn(2.8, 0, 0.6, 0.7),
    words: ['loose', 'curled', 'short'],
    length: 1,
    hairColour: 0,
  },
  'HA-118': {
    name: 'Low knot',
    nicknames: ['bun', 'librarian'],
    silhouette: 'hair-low-knot',
    fills: HEADGEAR,
    geometry: worn(2.9, 0, 0.7, 1),
    words: ['tied', 'parted', 'smooth'],
    length: 2,
    hairColour: 0,
  },
  'HA-124': {
    name: 'Side parting',
    nicknames: ['clerk'],
    silhouette: 'hair-side-parting',
    fills: HEADGEAR,
    geometry: worn(3, 0, 0.5, 0.85),
    words: ['loose', 'parted', 'smooth', 'short'],
    length: 1,
    hairColour: 0,
  },
  'HA-131': {
    name: 'Side tail',
    nicknames: ['ponytail', 'comma'],
    silhouette: 'hair-side-tail',
    fills: HEADGEAR,
    geometry: worn(3, 0, 0.7, 1),
    words: ['tied', 'tail', 'smooth'],
    length: 3,
    hairColour: 0,
  },
  'HA-140': {
    name: 'Crown braid',
    nicknames: ['loaf', 'wreath'],
    silhouette: 'hair-crown-braid',
    fills: HEADGEAR,
    geometry: worn(3.2, 0, 0.6, 1),
    words: ['tied', 'braided'],
    length: 2,
    hairColour: 0,
  },
  'HA-152': {
    name: 'Long loose',
    nicknames: ['curtain'],
    silhouette: 'hair-long-loose',
    fills: HEADGEAR,
    geometry: worn(2.9, 0, 0.9, 1, 0.9),
    words: ['loose', 'parted', 'smooth'],
    length: 4,
    hairColour: 0,
  },
  'HA-163': {
    name: 'Bowl fringe',
    nicknames: ['mushroom'],
    silhouette: 'hair-bowl-fringe',
    fills: HEADGEAR,
    geometry: worn(2.8, 0.8, 0.8, 1),
    words: ['loose', 'fringe', 'smooth'],
    length: 2,
    hairColour: 0,
  },
  'HA-170': {
    name: 'Windblown',
    nicknames: ['gull'],
    silhouette: 'hair-windblown',
    fills: HEADGEAR,
    geometry: worn(5.2, 0, 0.5, 0.9),
    words: ['loose', 'tousled', 'short'],
    length: 1,
    hairColour: 0,
  },
  'HA-176': {
    name: 'Two plaits',
    nicknames: ['handlebars', 'plaits'],
    silhouette: 'hair-two-plaits',
    fills: HEADGEAR,
    geometry: worn(2.9, 0, 0.8, 1),
    words: ['tied', 'braided', 'parted'],
    length: 3,
    hairColour: 0,
  },

  'HT-204': {
    name: 'Peaked cap',
    nicknames: ['postcap'],
    silhouette: 'hat-peaked-cap',
    fills: HEADGEAR,
    geometry: worn(3.2, 0.3, 0.3, 0.4),
    words: ['brim', 'peak'],
  },
  'HT-211': {
    name: 'Flat straw hat',
    nicknames: ['pie lid'],
    silhouette: 'hat-boater',
    fills: HEADGEAR,
    geometry: worn(2.7, 0.15, 0.3, 0.4),
    words: ['brim', 'wide brim'],
  },
  'HT-220': {
    name: 'Bobble hat',
    nicknames: ['onion'],
    silhouette: 'hat-bobble',
    fills: HEADGEAR,
    geometry: worn(6.2, 0.2, 0.4, 0.6),
    words: ['knitted', 'no brim'],
  },
  'HH-304': {
    name: 'Storm hat with hair',
    nicknames: ['fishwife'],
    silhouette: 'hat-souwester-hair',
    fills: HEADGEAR,
    geometry: worn(4.2, 0.35, 0.8, 1, 1.1),
    words: ['brim', 'wide brim', 'loose'],
    length: 2,
    hairColour: 1,
  },
  'HO-330': {
    name: 'Cowl',
    nicknames: ['monk'],
    silhouette: 'hat-cowl',
    fills: [['headgear', 'neck.1']],
    geometry: { ...worn(3.8, 0.2, 1, 1, 1.2), thicknessMm: 0.8 },
    words: ['hood'],
  },

  'TO-401': { name: 'Torso', silhouette: 'torso', fills: [['torso']], geometry: { heightMm: 12.6, massG: 2.1 } },
  'AR-501': { name: 'Arm', silhouette: 'arm', fills: ARMS, geometry: { massG: 0.4 }, skinColour: 0 },
  'AR-510': {
    name: 'Short-sleeved arm',
    nicknames: ['rolled sleeve'],
    silhouette: 'arm-short',
    fills: ARMS,
    geometry: { massG: 0.4 },
    words: ['short sleeve'],
    skinColour: 1,
  },
  'HN-601': { name: 'Mitten hand', silhouette: 'hand', fills: HANDS, geometry: { massG: 0.15 }, skinColour: 0 },

  'LG-701': { name: 'Standard legs', silhouette: 'legs', fills: LEGS, geometry: { heightMm: 13, massG: 2.6 }, words: ['trousers'] },
  'LG-706': { name: 'Mid legs', silhouette: 'legs-mid', fills: LEGS, geometry: { heightMm: 10.6, massG: 2.2 }, words: ['trousers', 'mid'] },
  'LG-708': {
    name: 'Short legs',
    nicknames: ['stumps'],
    silhouette: 'legs-short',
    fills: [['lower']],
    geometry: { heightMm: 7.8, massG: 1.6 },
    words: ['trousers', 'short'],
  },
  'SK-721': {
    name: 'Skirt',
    nicknames: ['bell'],
    silhouette: 'skirt',
    fills: [['lower']],
    geometry: { heightMm: 13, massG: 2.8 },
    words: ['skirt'],
  },

  'CP-801': {
    name: 'Short cape',
    nicknames: ['capelet'],
    silhouette: 'cape-short',
    fills: NECK,
    geometry: {
      thicknessMm: 0.8,
      massG: 0.3,
      covers: { 'torso.back.collar': 1, 'torso.back.chest': 1, 'torso.back.belly': 0.7, 'torso.front.collar': 0.5 },
    },
    words: ['short'],
    motifs: ['cape'],
  },
  'CP-806': {
    name: 'Long cape',
    silhouette: 'cape-long',
    fills: NECK,
    geometry: {
      thicknessMm: 0.8,
      massG: 0.5,
      covers: {
        'torso.back.collar': 1,
        'torso.back.chest': 1,
        'torso.back.belly': 1,
        'torso.back.hem': 1,
        'hip.back': 1,
        'leg.back.thigh': 1,
        'leg.back.shin': 0.9,
        'torso.front.collar': 0.3,
      },
    },
    words: ['long'],
    motifs: ['cape'],
  },
  'SC-812': {
    name: 'Woven scarf',
    silhouette: 'scarf',
    fills: NECK,
    geometry: { thicknessMm: 1.4, massG: 0.4, covers: { 'torso.front.collar': 0.85, 'torso.back.collar': 0.7, 'torso.front.chest': 0.2 } },
    words: ['knotted'],
    motifs: ['woven-scarf'],
  },
  'BG-820': {
    name: 'Post satchel',
    nicknames: ['mailbag'],
    silhouette: 'satchel',
    fills: NECK,
    geometry: { thicknessMm: 0.6, massG: 0.9, covers: { 'torso.front.chest': 0.2, 'torso.front.belly': 0.2, 'torso.front.hem': 0.25 } },
    motifs: ['satchel'],
  },
  'BG-826': {
    name: 'Backpack',
    silhouette: 'backpack',
    fills: NECK,
    geometry: {
      thicknessMm: 1,
      massG: 1.2,
      covers: { 'torso.back.collar': 0.8, 'torso.back.chest': 1, 'torso.back.belly': 1, 'torso.back.hem': 0.7 },
    },
    motifs: ['backpack'],
  },
  'WS-840': {
    name: 'Waist sash',
    silhouette: 'sash',
    fills: [['waist']],
    geometry: { thicknessMm: 0.6, massG: 0.2, covers: { 'torso.front.hem': 0.6, 'torso.back.hem': 0.6, 'hip.front': 0.2 } },
    motifs: ['waist-sash'],
  },

  'HE-901': {
    name: 'Lantern on a pole',
    nicknames: ['moonstick'],
    silhouette: 'lantern-pole',
    fills: HELD,
    geometry: { massG: 1.4, heightMm: 16.8 },
    motifs: ['lantern'],
  },
  'HE-904': { name: 'Oar', silhouette: 'oar', fills: HELD, geometry: { massG: 1.2, heightMm: 23.8 }, motifs: ['oar'] },
  'HE-910': { name: 'Drumstick', silhouette: 'drumsticks', fills: HELD, geometry: { massG: 0.3, heightMm: 7.6 }, motifs: ['drumsticks'] },
  'HE-915': { name: 'Letter', silhouette: 'letter', fills: HELD, geometry: { massG: 0.2, heightMm: 1.8 }, motifs: ['letter'] },
  'HE-921': { name: 'Spyglass', silhouette: 'spyglass', fills: HELD, geometry: { massG: 0.4, heightMm: 6.6 }, motifs: ['spyglass'] },
  'FT-951': {
    name: 'Foot plate',
    nicknames: ['riser'],
    silhouette: 'foot-plate',
    fills: [['feet.L'], ['feet.R']],
    geometry: { heightMm: 3.2, massG: 0.7 },
  },
  'HA-X01': {
    name: 'Storm mane',
    silhouette: 'hair-windblown',
    fills: HEADGEAR,
    geometry: worn(5.2, 0, 0.8, 1),
    words: ['loose', 'tousled'],
    length: 2,
    hairColour: 0,
    thirdParty: true,
  },
};

export const MOULDS: readonly Mould[] = Object.entries(ROWS).map(([number, row]) => ({
  number,
  name: row.name,
  nicknames: row.nicknames ?? [],
  family: FAMILIES[number.slice(0, 2)] ?? 'other',
  revision: 1,
  silhouette: row.silhouette,
  fills: row.fills,
  geometry: row.geometry,
  shape: { words: row.words ?? [], ...(row.length === undefined ? {} : { length: row.length }) },
  motifs: row.motifs ?? [],
  ...(row.hairColour === undefined ? {} : { hairColour: row.hairColour }),
  ...(row.skinColour === undefined ? {} : { skinColour: row.skinColour }),
  thirdParty: row.thirdParty ?? false,
}));
