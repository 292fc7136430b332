import { type MeasuresOf, one, when, round1 } from './measures.js';

const HAIR_RISE = [1.4, 2.8, 4.2] as const;

/** How far hair rises above the head, by its volume and texture (mm); as the drawn moulds of the demo have it. */
const hairRise = (volume: number, texture: string): number =>
  (HAIR_RISE[volume] ?? 2.8) + (texture === 'tight' ? 0.6 : texture === 'curly' ? 0.4 : 0);

const CROWN_RISE = { round: 3.8, flat: 2.7, tall: 6.2, pointed: 8.6, soft: 3.6, none: 0.6 } as const;

/** What is worn on the head. */
export const HEADGEAR: MeasuresOf<'hair' | 'hat' | 'helmet' | 'hood' | 'mask'> = {
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
};
