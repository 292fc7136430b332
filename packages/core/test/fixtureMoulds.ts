import { type CatalogueData } from '../src/index.js';

const LEGS_COVERED = { 'leg.front.thigh': 0.9, 'leg.front.shin': 0.9, 'leg.front.foot': 0.2 };

/** The family of what goes there. */
const FAMILY_AT: Readonly<Record<string, string>> = {
  headgear: 'hair',
  head: 'head',
  torso: 'torso',
  arm: 'arm',
  hand: 'hand',
  hips: 'legs',
  lower: 'legs',
  neck: 'cape',
  feet: 'foot',
  waist: 'waist',
  stand: 'stand',
  beside: 'beside',
};

/** Shapes of the small catalogue: a few of every family, with round measures. */
export const MOULDS: CatalogueData['moulds'] = [
  mould('HD-1', 'Head', [['head']], { heightMm: 8.8 }, { skinColour: 0 }),
  mould('HA-1', 'Crop', [['headgear']], { riseMm: 2, covers: { 'head.back': 0.7 } }, { hairColour: 0, words: ['loose'], length: 1 }),
  mould('HA-2', 'Knot', [['headgear']], { riseMm: 3, covers: { 'head.back': 1 } }, { hairColour: 0, words: ['tied'], length: 3 }),
  mould(
    'HA-3',
    'Fringe',
    [['headgear']],
    { riseMm: 2, covers: { 'head.front.brow': 1, 'head.back': 1 } },
    { hairColour: 0, words: ['loose', 'fringe'], length: 2 },
  ),
  mould('HT-1', 'Hat', [['headgear']], { riseMm: 4, covers: { 'head.back': 0.2 } }, { words: ['brim'] }),
  mould('HO-1', 'Cowl', [['headgear', 'neck.1']], { riseMm: 3, thicknessMm: 1 }, {}),
  mould('TO-1', 'Torso', [['torso']], { heightMm: 12.6 }, {}),
  mould('AR-1', 'Arm', [['arm.L'], ['arm.R']], {}, { skinColour: 0 }),
  mould('HN-1', 'Hand', [['hand.L'], ['hand.R']], {}, { skinColour: 0 }),
  mould('LG-1', 'Standard legs', [['hips', 'leg.L', 'leg.R']], { heightMm: 13 }, {}),
  mould('LG-2', 'Short legs', [['lower']], { heightMm: 7.8 }, {}),
  mould('CP-1', 'Cape', [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']], { thicknessMm: 0.8, covers: { 'torso.front.collar': 0.5 } }, {}),
  mould('SC-1', 'Scarf', [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']], { thicknessMm: 1.6 }, {}),
  mould('HE-1', 'Lantern', [['held.L'], ['held.R']], {}, { motifs: ['lantern'] }),
  mould('FT-1', 'Plate', [['feet.L'], ['feet.R']], { heightMm: 3.2 }, {}),
  { ...mould('HN-2', 'Hook', [['hand.L'], ['hand.R']], {}, { words: ['hook'] }) },
  mould(
    'HL-1',
    'Long hair',
    [['headgear']],
    { riseMm: 2, backDropMm: 4, covers: { 'head.back': 1 } },
    { hairColour: 0, words: ['loose'], length: 3 },
  ),
  mould('HT-2', 'Plumed helmet', [['headgear']], { riseMm: 4, holes: ['plume'] }, { words: ['brim'] }),
  mould('AD-1', 'Plume', [['headgear.addon']], { fits: ['plume'] }, {}),
  mould('HD-2', 'Fox head', [['head']], { heightMm: 8.8 }, { words: ['own headgear'] }),
  mould('BP-1', 'Backpack', [['neck.1'], ['neck.2']], { thicknessMm: 1, backDepthMm: 5 }, {}),
  mould('HE-2', 'Boat hook', [['held.L'], ['held.R']], { heightMm: 17, grip: 'bar', twoHanded: true }, {}),
  mould('HE-3', 'Book', [['held.L'], ['held.R']], { heightMm: 3, grip: 'flat' }, {}),
  mould('HE-4', 'Boulder', [['held.L'], ['held.R']], { heightMm: 3, grip: 'none' }, {}),
  mould('WS-1', 'Leather belt', [['waist']], { thicknessMm: 0.6 }, { motifs: ['leather-belt'] }),
  mould('ST-1', 'Stand', [['stand']], {}, {}),
  mould('BE-1', 'Dog', [['beside']], { heightMm: 9 }, {}),
  mould('CP-2', 'Two-sided cape', [['neck.1'], ['neck.2']], { thicknessMm: 0.8 }, { words: ['two sided'] }),
  mould('CP-3', 'Long coat cape', [['neck.1']], { thicknessMm: 0.8, covers: LEGS_COVERED }, {}),
  { ...mould('TO-2', 'Old torso', [['torso']], { heightMm: 12.6 }, {}), brittleBefore: 2021 },
  { ...mould('HX-1', 'Workshop hair', [['headgear']], { riseMm: 2 }, { hairColour: 0 }), thirdParty: true },
];

function mould(
  number: string,
  name: string,
  fills: CatalogueData['moulds'][number]['fills'],
  geometry: Omit<CatalogueData['moulds'][number]['geometry'], 'massG'>,
  rest: { hairColour?: number; skinColour?: number; words?: string[]; length?: number; motifs?: string[] },
): CatalogueData['moulds'][number] {
  const { words = [], length, motifs = [], ...indices } = rest;
  return {
    number,
    name,
    nicknames: [],
    family: FAMILY_AT[(fills[0]?.[0] ?? '').split('.')[0] ?? ''] ?? 'held',
    revision: 1,
    material: 'rigid',
    silhouette: 'head',
    fills,
    geometry: { ...geometry, massG: 1 },
    shape: { words, ...(length === undefined ? {} : { length }) },
    motifs,
    thirdParty: false,
    ...indices,
  };
}
