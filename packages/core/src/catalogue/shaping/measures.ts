import type { Position } from '../../anatomy/index.js';
import type { Material, Mould, MouldGeometry } from '../entries.js';
import type { BesideOutline, HeldOutline, Shaping } from './descriptors.js';

/** What follows from a shape without measuring anything: where it goes, its sizes, and the words for it. */
export interface ShapeMeasures {
  /** The family in the catalogue. */
  readonly family: string;
  readonly fills: Mould['fills'];
  readonly material: Material;
  readonly geometry: MouldGeometry;
  readonly words: readonly string[];
  readonly length?: number;
  readonly hairColour?: number;
  readonly skinColour?: number;
  readonly colourNames?: readonly string[];
}

type Read = (key: string) => string;

const NECK: Mould['fills'] = [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']];
const HANDS: Mould['fills'] = [['held.L'], ['held.R']];
const one = (position: Position): Mould['fills'] => [[position]];
const when = (is: boolean, ...words: readonly string[]): readonly string[] => (is ? words : []);
const round1 = (mm: number): number => Math.round(mm * 10) / 10;

/** Times a medium thing's lengths. Masses go with the cube. */
const SIZE = { small: 0.7, medium: 1, large: 1.35 } as const;
const scaleOf = (read: Read): number => SIZE[read('size') as keyof typeof SIZE];

/** Length of a medium one in mm, where it is gripped, and its mass in g. */
const HELD: Readonly<Record<HeldOutline, readonly [heightMm: number, grip: 'bar' | 'flat' | 'clip', massG: number]>> = {
  staff: [17, 'bar', 0.6],
  oar: [22, 'bar', 0.8],
  blade: [11, 'bar', 0.5],
  axe: [11, 'bar', 0.6],
  hammer: [9, 'bar', 0.6],
  bow: [12, 'bar', 0.5],
  'round shield': [9, 'clip', 0.9],
  'long shield': [14, 'clip', 1.2],
  cup: [4, 'bar', 0.3],
  bottle: [6, 'bar', 0.4],
  book: [4, 'flat', 0.4],
  letter: [2, 'flat', 0.1],
  lantern: [7, 'bar', 0.6],
  bag: [7, 'bar', 0.6],
  basket: [8, 'bar', 0.7],
  tool: [8, 'bar', 0.5],
  wheel: [9, 'bar', 0.8],
  rope: [6, 'bar', 0.3],
  instrument: [9, 'bar', 0.6],
  loaf: [3, 'clip', 0.3],
  flag: [17, 'bar', 0.6],
  umbrella: [16, 'bar', 0.7],
};
const BESIDE_MM: Readonly<Record<BesideOutline, number>> = {
  dog: 9.8,
  cat: 10,
  goat: 12,
  bird: 8,
  fish: 5,
  lizard: 4,
  beetle: 4,
  plant: 11,
  box: 7.2,
  barrel: 9,
  stool: 7,
  boat: 8,
  board: 2,
};

const HAIR_RISE = [1.4, 2.8, 4.2] as const;

/** How far hair rises above the head, by its volume and texture (mm); as the drawn moulds of the demo have it. */
const hairRise = (volume: number, texture: string): number =>
  (HAIR_RISE[volume] ?? 2.8) + (texture === 'tight' ? 0.6 : texture === 'curly' ? 0.4 : 0);

const CROWN_RISE = { round: 3.8, flat: 2.7, tall: 6.2, pointed: 8.6, soft: 3.6, none: 0.6 } as const;

const MEASURES: Readonly<Record<Shaping['family'], (read: Read) => ShapeMeasures>> = {
  hair: (read) => {
    const length = Number(read('length'));
    const tied = read('tied');
    const isTied = tied !== 'loose' && tied !== 'half';
    const knots = tied === 'knot' ? 2.6 : tied === 'two-knots' ? 1.2 : 0;
    return {
      family: 'hair',
      fills: one('headgear'),
      material: 'rigid',
      geometry: {
        massG: round1(0.4 + length * 0.15),
        riseMm: round1(hairRise(Number(read('volume')), read('texture')) + knots),
        ...(length >= 3 && !isTied ? { backDropMm: (length - 2) * 4 } : {}),
      },
      words: [
        ...(isTied ? ['tied'] : tied === 'half' ? ['half tied'] : ['loose']),
        ...when(tied.includes('tail'), 'tail'),
        ...when(tied.includes('plait'), 'braided'),
        ...when(read('parting') !== 'none', 'parted'),
        ...when(read('fringe') === 'swept', 'swept'),
        ...when(read('fringe') === 'straight' || read('fringe') === 'side', 'fringe'),
        { straight: 'smooth', wavy: 'wavy', curly: 'curled', tight: 'coiled' }[read('texture')] ?? 'smooth',
        ...when(length <= 1, 'short'),
      ],
      length,
      hairColour: 0,
      colourNames: isTied || read('band') === 'yes' ? ['hair', read('band') === 'yes' ? 'band' : 'tie'] : ['hair'],
    };
  },
  hat: (read) => {
    const [crown, brim, hair] = [read('crown') as keyof typeof CROWN_RISE, read('brim'), read('hair')];
    return {
      family: hair === 'none' ? 'hat' : 'hat with hair',
      fills: one('headgear'),
      material: crown === 'soft' ? 'soft' : 'rigid',
      geometry: {
        massG: round1(0.5 + (brim === 'wide' ? 0.2 : 0) + (hair === 'none' ? 0 : 0.5)),
        riseMm: CROWN_RISE[crown],
        ...(read('hole') === 'yes' ? { holes: ['pin'] } : {}),
        ...(hair === 'long' ? { backDropMm: 4 } : {}),
      },
      words: [
        ...when(brim === 'none', 'no brim'),
        ...when(brim !== 'none', 'brim'),
        ...when(brim === 'peak', 'peak'),
        ...when(brim === 'wide', 'wide brim'),
        `${crown} crown`,
        ...when(read('flaps') === 'yes', 'ear flaps'),
        ...when(hair !== 'none', 'loose'),
      ],
      ...(hair === 'none' ? {} : { length: hair === 'long' ? 3 : 2, hairColour: 2 }),
      colourNames: ['hat', 'band', ...(hair === 'none' ? [] : ['hair'])],
    };
  },
  helmet: (read) => ({
    family: 'helmet',
    fills: one('headgear'),
    material: 'rigid',
    geometry: {
      massG: read('face') === 'full' ? 1.3 : 1,
      riseMm: { round: 3.6, ridged: 4.4, pointed: 6.4 }[read('top')] ?? 3.6,
      ...(read('crest') === 'yes' ? { holes: ['plume'] } : {}),
    },
    words: ['fitted', ...when(read('face') !== 'open', 'visor'), ...when(read('guard') === 'yes', 'neck guard')],
    colourNames: ['shell', 'edge'],
  }),
  hood: (read) => ({
    family: 'hood',
    fills: [read('shoulders') === 'collar' ? ['headgear', 'neck.1'] : ['headgear']],
    material: 'soft',
    geometry: {
      massG: read('shoulders') === 'collar' ? 0.9 : 0.6,
      riseMm: read('peak') === 'pointed' ? 6.4 : 3.6,
      ...(read('shoulders') === 'collar' ? { thicknessMm: 0.6 } : {}),
    },
    words: ['hood', read('peak'), ...when(read('edge') === 'fur', 'fur')],
    colourNames: read('edge') === 'fur' ? ['cloth', 'fur'] : ['cloth'],
  }),
  mask: (read) => ({
    family: 'helmet',
    fills: one('headgear'),
    material: 'rigid',
    geometry: { massG: read('covers') === 'face' ? 0.5 : 0.3, riseMm: read('ears') === 'yes' ? 3 : 0 },
    words: ['mask', ...when(read('form') !== 'plain', read('form'))],
    colourNames: ['mask', 'trim'],
  }),
  head: (read) => ({
    family: 'head',
    // What is moulded on top leaves no room for headgear.
    fills: [['pointed', 'round', 'long'].includes(read('ears')) || read('horns') !== 'none' ? ['head', 'headgear'] : ['head']],
    material: 'rigid',
    geometry: {
      massG: 1,
      heightMm: 8.8,
      ...(read('ears') === 'long' ? { riseMm: 6 } : read('ears') === 'pointed' || read('horns') !== 'none' ? { riseMm: 3.2 } : {}),
    },
    words: ['head', ...when(read('ears') !== 'none', 'moulded ears'), ...when(read('face') !== 'plain', read('face'))],
    skinColour: 0,
    colourNames: ['skin', read('horns') === 'none' ? 'inner ear, beak' : 'horns, beak'],
  }),
  torso: (read) => ({
    family: 'torso',
    fills: one('torso'),
    material: 'rigid',
    geometry: { massG: { slim: 1.7, usual: 2, broad: 2.3 }[read('build')] ?? 2, heightMm: 12.6 },
    words: ['torso', ...when(read('build') !== 'usual', read('build'))],
  }),
  arm: (read) => {
    // A plain arm moulded in a skin is bare: whether it is, its colour says.
    const [sleeve, bare] = [read('sleeve'), { none: 0, long: 0, short: 1 }[read('sleeve')]];
    return {
      family: 'arm',
      fills: [['arm.L'], ['arm.R']],
      material: 'rigid',
      geometry: { massG: sleeve === 'wide' ? 0.5 : 0.4 },
      words: [{ long: 'long sleeve', short: 'short-sleeve', none: 'bare', wide: 'wide sleeve', glove: 'glove' }[sleeve] ?? 'long sleeve'],
      ...(bare === undefined ? {} : { skinColour: bare }),
      colourNames: { long: ['sleeve'], short: ['sleeve', 'skin'], none: ['skin'], wide: ['sleeve', 'lining'], glove: ['glove', 'sleeve'] }[
        sleeve
      ] ?? ['sleeve'],
    };
  },
  hand: (read) => ({
    family: 'hand',
    fills: [['hand.L'], ['hand.R']],
    material: 'rigid',
    geometry: { massG: 0.2 },
    words: [read('kind')],
    ...(read('kind') === 'hand' ? { skinColour: 0 } : {}),
    colourNames: { hand: ['skin'], glove: ['glove', 'cuff'], hook: ['hook', 'socket'], claw: ['claw'] }[read('kind')] ?? ['skin'],
  }),
  armour: (read) => {
    const kind = read('kind');
    return {
      family: 'armour',
      fills: NECK,
      material: 'rigid',
      geometry: {
        massG: { both: 1.1, breast: 0.8, shoulders: 0.5 }[kind] ?? 0.8,
        thicknessMm: kind === 'both' ? 1.2 : 1,
        ...(kind === 'shoulders' ? {} : { backDepthMm: 0.6 }),
      },
      words: ['armour', ...when(kind !== 'shoulders', 'breast plate'), ...when(kind !== 'breast', 'shoulder plates'), read('surface')],
      colourNames: ['plate', 'trim'],
    };
  },
  pack: (read) => {
    const [kind, scale] = [read('kind'), scaleOf(read)];
    return {
      family: 'bag',
      fills: NECK,
      material: 'rigid',
      geometry: {
        massG: round1((kind === 'side' ? 0.6 : 0.9) * scale ** 3),
        thicknessMm: kind === 'side' ? 0.6 : 1,
        backDepthMm: kind === 'side' ? 0 : round1((kind === 'pack' ? 5 : 3.4) * scale),
      },
      words: [{ pack: 'backpack', side: 'shoulder bag', quiver: 'quiver', roll: 'roll' }[kind] ?? 'backpack'],
      colourNames: {
        pack: ['pack', 'straps'],
        side: ['bag', 'buckle'],
        quiver: ['quiver', 'shafts', 'feathers'],
        roll: ['roll', 'straps'],
      }[kind] ?? ['pack', 'straps'],
    };
  },
  wings: (read) => ({
    family: 'wings',
    fills: NECK,
    material: read('kind') === 'frame' ? 'cloth' : 'rigid',
    geometry: { massG: round1(0.6 * ({ small: 0.7, medium: 1, large: 1.35 }[read('span')] ?? 1) ** 2), thicknessMm: 0.8, backDepthMm: 1.4 },
    words: ['wings', read('kind')],
    colourNames: ['wing', 'harness'],
  }),
  waist: (read) => {
    const [kind, length] = [read('kind'), Number(read('length'))];
    const isCloth = kind === 'apron' || kind === 'cape';
    return {
      family: 'waist',
      fills: one('waist'),
      material: kind === 'belt' ? 'rigid' : 'cloth',
      geometry: { massG: round1(0.2 + (isCloth ? length * 0.1 : 0) + (read('pouch') === 'yes' ? 0.2 : 0)), thicknessMm: 0.6 },
      words: [kind === 'cape' ? 'waist cape' : kind, ...when(read('pouch') === 'yes', 'pouch')],
      ...(isCloth ? { length } : {}),
      colourNames: kind === 'belt' ? ['belt', 'buckle'] : ['cloth', 'tie'],
    };
  },
  cape: (read) => ({
    family: 'cape',
    fills: NECK,
    material: 'cloth',
    geometry: {
      massG: round1(0.2 + Number(read('length')) * 0.1),
      thicknessMm: 0.8,
      backDepthMm: 1,
      ...(read('collar') === 'none' ? {} : { collarRiseMm: read('collar') === 'high' ? 3 : 1 }),
    },
    words: [
      Number(read('length')) >= 3 ? 'long' : 'short',
      ...when(read('split') === 'yes', 'split'),
      ...when(read('sides') === 'one', 'one sided'),
    ],
    length: Number(read('length')),
    colourNames: ['cloth', 'clasp'],
  }),
  scarf: (read) => ({
    family: 'scarf',
    fills: NECK,
    material: 'soft',
    geometry: { massG: 0.4, thicknessMm: read('kind') === 'scarf' ? 1.4 : 0.8, collarRiseMm: read('kind') === 'collar' ? 0.6 : 1.1 },
    words: [read('kind')],
    colourNames: ['cloth', 'edge'],
  }),
  beard: (read) => ({
    family: 'beard',
    fills: NECK,
    material: 'soft',
    geometry: { massG: 0.3, thicknessMm: 0.4 },
    words: ['beard'],
    length: Number(read('length')) + 1,
    hairColour: 0,
  }),
  skirt: (read) => ({
    family: 'skirt',
    fills: one('lower'),
    material: 'rigid',
    geometry: { massG: read('kind') === 'gown' ? 3.4 : 2.8, heightMm: read('kind') === 'gown' ? 19.2 : 13 },
    words: ['skirt', ...when(read('kind') === 'gown', 'gown')],
    colourNames: read('kind') === 'gown' ? ['gown'] : ['skirt', 'shoes', 'stockings'],
  }),
  legs: (read) => {
    const kind = read('kind');
    if (kind === 'hips')
      return {
        family: 'hips',
        fills: one('hips'),
        material: 'rigid',
        // Single legs hang from the hips, which give the whole its height.
        geometry: { massG: 0.7, heightMm: 13 },
        words: ['hips'],
        colourNames: ['hips'],
      };
    if (kind === 'single' || kind === 'peg')
      return {
        family: 'leg',
        fills: [['leg.L'], ['leg.R']],
        material: 'rigid',
        geometry: { massG: kind === 'peg' ? 0.6 : 0.9 },
        words: [kind === 'peg' ? 'peg leg' : 'single leg'],
        colourNames: kind === 'peg' ? ['thigh', 'peg', 'band'] : ['leg', 'boot'],
      };
    if (kind === 'four' || kind === 'tail')
      return {
        family: 'animal body',
        fills: one('lower'),
        material: 'rigid',
        geometry: { massG: kind === 'four' ? 5 : 2.8, heightMm: 13 },
        words: [kind === 'four' ? 'four-legged' : 'fish tail'],
        colourNames: kind === 'four' ? ['coat', 'hooves', 'tail'] : ['scales', 'fin'],
      };
    return {
      family: 'legs',
      fills: read('length') === 'short' ? one('lower') : [['hips', 'leg.L', 'leg.R']],
      material: 'rigid',
      geometry: { massG: 2.6, heightMm: { long: 13, mid: 10.6, short: 7.8 }[read('length')] ?? 13 },
      words: ['trousers', ...when(kind !== 'trousers', 'boots')],
      colourNames: ['legs', 'boots'],
    };
  },
  held: (read) => {
    const [heightMm, grip, massG] = HELD[read('outline') as HeldOutline];
    const scale = scaleOf(read);
    return {
      family: 'held',
      fills: HANDS,
      material: 'rigid',
      geometry: {
        massG: round1(Math.max(0.1, massG * scale ** 3)),
        heightMm: round1(heightMm * scale),
        grip,
        ...(read('twohands') === 'yes' ? { twoHanded: true } : {}),
      },
      words: [read('outline')],
    };
  },
  beside: (read) => {
    const scale = scaleOf(read);
    return {
      family: 'beside',
      fills: one('beside'),
      material: 'rigid',
      geometry: { massG: round1(3 * scale ** 3), heightMm: round1(BESIDE_MM[read('outline') as BesideOutline] * scale) },
      words: [read('outline')],
    };
  },
};

/**
 * The measures of a shape, by the formulas above: what it hides of the body is not among them, as that is measured on the drawing
 * (`coversOf` of the drawing package).
 */
export const measuresOf = ({ family, values }: Shaping): ShapeMeasures => MEASURES[family]((key) => values[key] ?? '');
