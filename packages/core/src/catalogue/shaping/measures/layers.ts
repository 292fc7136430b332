import { type MeasuresOf, NECK, one, when, round1, scaleOf } from './measures.js';

/** What is worn about the neck, on the back and at the waist. */
export const LAYERS: MeasuresOf<'cape' | 'scarf' | 'armour' | 'pack' | 'wings' | 'beard' | 'waist'> = {
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
  beard: (read) => ({
    family: 'beard',
    fills: NECK,
    material: 'soft',
    geometry: { massG: 0.3, thicknessMm: 0.4 },
    words: ['beard'],
    length: Number(read('length')) + 1,
    hairColour: 0,
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
};
