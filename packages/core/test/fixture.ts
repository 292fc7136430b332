import {
  ALONE,
  Catalogue,
  emptyBrief,
  NO_SUPPLY,
  P40,
  subject,
  type Brief,
  type CatalogueData,
  type Company,
  type Feature,
  type Look,
  type LookPart,
  type Subject,
  type Supply,
} from '../src/index.js';
import { MOULDS } from './fixtureMoulds.js';

/** A catalogue small enough to hold in the head: every number in these tests can be worked out from it by hand. */
export const DATA: CatalogueData = {
  systems: [P40],
  colours: [
    { id: 'black', name: 'black', hex: '#17181C', finish: 'solid', kind: 'hair' },
    { id: 'brown', name: 'brown', hex: '#7B4A32', finish: 'solid', kind: 'cloth' },
    { id: 'red', name: 'red', hex: '#A8323A', finish: 'solid', kind: 'cloth' },
    { id: 'crimson', name: 'crimson', hex: '#AC343C', finish: 'solid', kind: 'cloth' },
    { id: 'light', name: 'light', hex: '#E6B98F', finish: 'solid', kind: 'skin', skinSchool: 'natural' },
    { id: 'dark', name: 'dark', hex: '#56331F', finish: 'solid', kind: 'skin', skinSchool: 'natural' },
    { id: 'house', name: 'house', hex: '#E8C58A', finish: 'solid', kind: 'skin', skinSchool: 'house' },
    { id: 'blue', name: 'blue', hex: '#3F628F', finish: 'solid', kind: 'cloth' },
    { id: 'green', name: 'green', hex: '#3F8F4F', finish: 'solid', kind: 'cloth' },
    { id: 'yellow', name: 'yellow', hex: '#E0C243', finish: 'solid', kind: 'cloth' },
    { id: 'brass', name: 'brass', hex: '#B08D4A', finish: 'metallic', kind: 'metal' },
  ],
  motifs: [
    { id: 'brows', name: 'brows' },
    { id: 'mouth-smile', name: 'smile' },
    { id: 'glasses-round', name: 'round glasses', parent: 'glasses' },
    { id: 'glasses-square', name: 'square glasses', parent: 'glasses' },
    { id: 'neckline', name: 'neckline' },
    { id: 'jacket', name: 'jacket' },
    { id: 'lantern', name: 'lantern' },
    { id: 'belt', name: 'printed belt' },
    { id: 'rope-belt', name: 'rope belt', parent: 'belt' },
    { id: 'leather-belt', name: 'leather belt', parent: 'belt' },
    { id: 'coat', name: 'coat', parent: 'jackets' },
    { id: 'robe', name: 'robe', traits: ['runs on'] },
    { id: 'coat-tails', name: 'coat tails', continues: 'jackets' },
    { id: 'robe-hem', name: 'robe hem', continues: 'robe' },
    { id: 'hood-seam', name: 'hood seam', traits: ['reads as a back'] },
    { id: 'star', name: 'star', parent: 'badge' },
    { id: 'checks', name: 'checks' },
    { id: 'patch', name: 'knee patch' },
  ],
  moulds: MOULDS,
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
    { ...printed('early-face', { motif: 'brows', face: 'front', zones: ['brow'], colours: ['black'] }), era: 'early', mood: 'glad' },
    printed('belted', { motif: 'belt', face: 'front', zones: ['hem'], colours: ['black'] }),
    printed('coat', { motif: 'coat', face: 'front', zones: ['collar', 'chest', 'belly', 'hem'], colours: ['brown'] }),
    printed('robe', { motif: 'robe', face: 'front', zones: ['chest', 'belly', 'hem'], colours: ['brown'] }),
    printed('hooded', { motif: 'hood-seam', face: 'back', zones: ['collar', 'chest'], colours: ['brown'] }),
    printed('starred', { motif: 'star', face: 'front', zones: ['chest'], colours: ['yellow'] }),
    { ...printed('early-coat', { motif: 'coat', face: 'front', zones: ['chest'], colours: ['brown'] }), era: 'early' },
    printed(
      'tails',
      { motif: 'coat-tails', face: 'front', zones: ['hip', 'thigh'], colours: ['red'] },
      { motif: 'coat-tails', face: 'back', zones: ['hip'], colours: ['red'] },
    ),
    printed(
      'blue-tails',
      { motif: 'coat-tails', face: 'front', zones: ['hip', 'thigh'], colours: ['blue'] },
      { motif: 'coat-tails', face: 'back', zones: ['hip'], colours: ['blue'] },
    ),
    printed('hem', { motif: 'robe-hem', face: 'front', zones: ['hip'], colours: ['red'] }),
    printed('hip-belt', { motif: 'rope-belt', face: 'front', zones: ['hip'], colours: ['yellow'] }),
    printed('front-checks', { motif: 'checks', face: 'front', zones: ['thigh', 'shin'], colours: ['yellow'] }),
    printed(
      'round-checks',
      { motif: 'checks', face: 'front', zones: ['thigh', 'shin'], colours: ['yellow'] },
      { motif: 'checks', face: 'side', zones: ['thigh', 'shin'], colours: ['yellow'] },
    ),
    printed('patched', { motif: 'patch', face: 'front', zones: ['shin'], colours: ['yellow'] }),
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
    made('HN-2', ['black']),
    made('HL-1', ['black']),
    made('HT-2', ['red']),
    made('AD-1', ['red']),
    made('HD-2', ['brown']),
    made('BP-1', ['brown']),
    made('HE-2', ['brown']),
    made('HE-3', ['brown']),
    made('HE-4', ['brown']),
    made('WS-1', ['brown']),
    made('ST-1', ['black']),
    made('BE-1', ['brown']),
    made('CP-2', ['red', 'blue']),
    made('CP-3', ['blue']),
    made('TO-2', ['red']),
    made('HD-1', ['house'], 'face'),
    made('HN-1', ['house']),
    made('HD-1', ['light'], 'early-face'),
    made('TO-1', ['red'], 'belted'),
    made('TO-1', ['red'], 'coat'),
    made('TO-1', ['red'], 'robe'),
    made('TO-1', ['red'], 'hooded'),
    made('TO-1', ['red'], 'starred'),
    made('TO-1', ['red'], 'early-coat'),
    made('LG-1', ['brown'], 'tails'),
    made('LG-1', ['brown'], 'blue-tails'),
    made('LG-1', ['brown'], 'hem'),
    made('LG-1', ['brown'], 'hip-belt'),
    made('LG-1', ['brown'], 'front-checks'),
    made('LG-1', ['brown'], 'round-checks'),
    made('LG-1', ['brown'], 'patched'),
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
    made('HT-1', ['brown', 'black']),
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
    {
      id: 'S-2',
      name: 'Second box',
      kind: 'boxed set',
      range: 'Test',
      year: 2021,
      yields: [
        { kind: 'figure', item: 'S-2-a', quantity: 1, certainty: 'sure' },
        { kind: 'variant', item: 'HT-1·red', quantity: 1, certainty: 'sure' },
      ],
    },
    {
      id: 'S-3',
      name: 'Third box',
      kind: 'boxed set',
      range: 'Test',
      year: 2022,
      yields: [{ kind: 'variant', item: 'HT-1·red', quantity: 1, certainty: 'sure' }],
    },
  ],
  officialFigures: [
    {
      id: 'S-1-a',
      name: 'Reader',
      person: 'Ann',
      parts: [{ position: 'head', variant: 'HD-1·light·reader', turned: false }],
    },
    {
      id: 'S-2-a',
      name: 'Captain',
      person: 'Bea',
      parts: [
        { position: 'torso', variant: 'TO-1·red·starred', turned: false },
        { position: 'arm.L', variant: 'AR-1·red', turned: false },
        { position: 'arm.R', variant: 'AR-1·red', turned: false },
      ],
    },
    {
      id: 'S-2-b',
      name: 'Old hand',
      parts: [
        { position: 'torso', variant: 'TO-2·red', turned: false },
        { position: 'arm.L', variant: 'AR-1·red', turned: false },
      ],
    },
  ],
};

function printed(id: string, ...motifs: CatalogueData['prints'][number]['motifs']): CatalogueData['prints'][number] {
  return { id, name: id, era: 'late', motifs };
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

export const BRIEF: Brief = emptyBrief('Test');

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

export const seen = (
  look: Look | string,
  brief: Partial<Brief> = {},
  supply: Supply = NO_SUPPLY,
  company: Partial<Company> = {},
  catalogue: Catalogue = CATALOGUE,
): Subject =>
  subject(typeof look === 'string' ? lookOf(look) : look, { ...BRIEF, ...brief }, catalogue, P40, supply, { ...ALONE, ...company });

/** A supply that owns one each of the named variants and can buy the rest at the given landed prices. */
export const supplyOf = (owned: readonly string[], landed: Readonly<Record<string, number>> = {}): Supply => ({
  currency: 'EUR',
  owned: (id) => (owned.includes(id) ? 1 : 0),
  landedMinor: (id) => landed[id] ?? null,
});
