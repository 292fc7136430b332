import { type MeasuresOf, one, when } from './measures.js';

/** The body itself. */
export const BODY: MeasuresOf<'head' | 'torso' | 'arm' | 'hand' | 'skirt' | 'legs'> = {
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
};
