import {
  Catalogue,
  NO_SUPPLY,
  P40,
  subject,
  type Brief,
  type CatalogueData,
  type Feature,
  type Look,
  type LookPart,
  type Subject,
  type Supply,
} from '../src/index.js';

/** A catalogue small enough to hold in the head: every number in these tests can be worked out from it by hand. */
export const DATA: CatalogueData = {
  colours: [
    { id: 'black', name: 'black', hex: '#17181C', finish: 'solid', kind: 'hair' },
    { id: 'brown', name: 'brown', hex: '#7B4A32', finish: 'solid', kind: 'cloth' },
    { id: 'red', name: 'red', hex: '#A8323A', finish: 'solid', kind: 'cloth' },
    { id: 'crimson', name: 'crimson', hex: '#AC343C', finish: 'solid', kind: 'cloth' },
    { id: 'light', name: 'light', hex: '#E6B98F', finish: 'solid', kind: 'skin', skinSchool: 'natural' },
    { id: 'dark', name: 'dark', hex: '#56331F', finish: 'solid', kind: 'skin', skinSchool: 'natural' },
  ],
  motifs: [
    { id: 'brows', name: 'brows' },
    { id: 'mouth-smile', name: 'smile' },
    { id: 'glasses-round', name: 'round glasses', parent: 'glasses' },
    { id: 'glasses-square', name: 'square glasses', parent: 'glasses' },
    { id: 'neckline', name: 'neckline' },
    { id: 'jacket', name: 'jacket' },
    { id: 'lantern', name: 'lantern' },
  ],
  moulds: [
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
    mould(
      'CP-1',
      'Cape',
      [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']],
      { thicknessMm: 0.8, covers: { 'torso.front.collar': 0.5 } },
      {},
    ),
    mould('SC-1', 'Scarf', [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']], { thicknessMm: 1.6 }, {}),
    mould('HE-1', 'Lantern', [['held.L'], ['held.R']], {}, { motifs: ['lantern'] }),
    mould('FT-1', 'Plate', [['feet.L'], ['feet.R']], { heightMm: 3.2 }, {}),
    { ...mould('HX-1', 'Workshop hair', [['headgear']], { riseMm: 2 }, { hairColour: 0 }), thirdParty: true },
  ],
  prints: [
    {
      id: 'face',
      name: 'smile',
      era: 'late',
      mood: 'calm',
      motifs: [motif('brows', 'front', 'brow', 'black'), motif('mouth-smile', 'front', 'mouth')],
    },
    {
      id: 'reader',
      name: 'glasses',
      era: 'late',
      mood: 'glad',
      motifs: [motif('brows', 'front', 'brow', 'black'), motif('glasses-round', 'front', 'eyes', 'red')],
    },
    {
      id: 'two-faced',
      name: 'two faces',
      era: 'late',
      mood: 'calm',
      secondMood: 'cross',
      motifs: [motif('brows', 'front', 'brow', 'black'), motif('brows', 'back', 'brow', 'brown'), motif('mouth-smile', 'back', 'mouth')],
    },
    {
      id: 'jacket',
      name: 'jacket',
      era: 'late',
      motifs: [
        { motif: 'jacket', face: 'front', zones: ['collar', 'chest'], colours: ['brown'] },
        { motif: 'neckline', face: 'front', zones: ['collar'], colours: ['light'] },
      ],
    },
  ],
  variants: [
    made('HD-1', ['light'], 'face'),
    made('HD-1', ['light'], 'reader'),
    made('HD-1', ['light'], 'two-faced'),
    made('HD-1', ['dark'], 'face'),
    made('HA-1', ['black']),
    made('HA-1', ['brown']),
    made('HA-2', ['black']),
    made('HA-2', ['brown']),
    made('HA-3', ['brown']),
    made('HT-1', ['red']),
    made('HO-1', ['brown']),
    made('TO-1', ['red']),
    made('TO-1', ['red'], 'jacket'),
    made('AR-1', ['red']),
    made('AR-1', ['light']),
    made('HN-1', ['light']),
    made('HN-1', ['dark']),
    made('HN-1', ['brown']),
    made('LG-1', ['brown']),
    made('LG-2', ['brown']),
    made('CP-1', ['crimson']),
    made('SC-1', ['red']),
    made('HE-1', ['brown']),
    made('FT-1', ['black']),
    made('HX-1', ['black']),
    { id: 'HA-2·red', mould: 'HA-2', colours: ['red'] },
  ],
  bundles: [],
  sources: [
    {
      id: 'S-1',
      name: 'First box',
      kind: 'boxed set',
      range: 'Test',
      year: 2020,
      yields: [{ kind: 'figure', item: 'S-1-a', quantity: 1, certainty: 'sure' }],
    },
  ],
  officialFigures: [
    {
      id: 'S-1-a',
      name: 'Reader',
      person: 'Ann',
      parts: [{ position: 'head', variant: 'HD-1·light·reader', turned: false }],
    },
  ],
};

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
    family: name.toLowerCase(),
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

function motif(
  id: string,
  face: 'front' | 'back',
  zone: 'brow' | 'eyes' | 'mouth',
  ...colours: string[]
): CatalogueData['prints'][number]['motifs'][number] {
  return { motif: id, face, zones: [zone], colours };
}

function made(number: string, colours: string[], print?: string): CatalogueData['variants'][number] {
  return {
    id: [number, ...colours, ...(print ? [print] : [])].join('·'),
    mould: number,
    colours,
    made: { from: 2015, until: 2020 },
    ...(print ? { print } : {}),
  };
}

export const CATALOGUE = new Catalogue(DATA);

export const BRIEF: Brief = {
  name: 'Test',
  story: '',
  features: [],
  colours: [],
  ageBand: 'adult',
  skinSchool: 'natural',
  alterationSchool: 'as moulded',
  notSeen: [],
};

/** "head HD-1·light·face, torso TO-1·red!" as a look; a trailing ! turns the part. */
export function lookOf(text: string): Look {
  const parts = text
    .split(',')
    .map((entry) => entry.trim())
    .filter(Boolean)
    .map((entry): LookPart => {
      const [position = '', id = ''] = entry.split(' ');
      return { position: position as LookPart['position'], variant: id.replace('!', ''), turned: id.endsWith('!') };
    });
  return { parts, overrules: [] };
}

export const feature = (kind: Feature['kind'], area: Feature['area'], target: string, weight: Feature['weight'] = 'want'): Feature => ({
  id: `${kind}-${area}-${target}`,
  label: target,
  area,
  kind,
  target,
  weight,
});

export const seen = (look: Look | string, brief: Partial<Brief> = {}, supply: Supply = NO_SUPPLY): Subject =>
  subject(typeof look === 'string' ? lookOf(look) : look, { ...BRIEF, ...brief }, CATALOGUE, P40, supply);

/** A supply that owns one each of the named variants and can buy the rest at the given landed prices. */
export const supplyOf = (owned: readonly string[], landed: Readonly<Record<string, number>> = {}): Supply => ({
  owned: (id) => (owned.includes(id) ? 1 : 0),
  landedMinor: (id) => landed[id] ?? null,
});
