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
  legs: (read) => ({
    family: 'legs',
    fills: read('length') === 'short' ? one('lower') : [['hips', 'leg.L', 'leg.R']],
    material: 'rigid',
    geometry: { massG: 2.6, heightMm: { long: 13, mid: 10.6, short: 7.8 }[read('length')] ?? 13 },
    words: ['trousers'],
    colourNames: ['legs', 'boots'],
  }),
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
