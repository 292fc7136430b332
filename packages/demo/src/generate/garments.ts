import type { Era, Face, Print, PrintMotif, Zone } from '@outfit/core';
import type { RangeRow } from '../data/catalogue/ranges.js';

/** One garment in one colourway: what it prints and which plastic it is printed on. */
export interface Outfit {
  readonly garment: string;
  readonly era: Era;
  readonly torso: Print;
  readonly legs: Print | null;
  readonly arms: Print | null;
  readonly base: string;
  readonly legColour: string;
  readonly skirt: boolean;
}

/** Where a motif lies when nothing else is said. */
const ZONES: Readonly<Record<string, string>> = {
  tie: 'collar chest',
  'bow-tie': 'collar',
  necklace: 'collar',
  'star-badge': 'chest',
  'leaf-badge': 'chest',
  'bell-badge': 'chest',
  'shell-badge': 'chest',
  'wheel-badge': 'chest',
  'bird-badge': 'chest',
  'stamp-badge': 'chest',
  'pocket-watch': 'belly',
  'key-ring': 'hem',
  belt: 'hem',
  'tool-belt': 'hem',
  'rope-belt': 'hem',
  pockets: 'chest',
  'ink-stains': 'belly',
  embroidery: 'chest',
  'sash-diagonal': 'chest belly',
  bandolier: 'chest belly',
  harness: 'collar chest belly',
  shawl: 'collar chest belly',
  'hoop-stripes': 'chest belly',
  apron: 'chest belly hem',
  'tunic-diamonds': 'chest belly hem',
  'fur-trim': 'collar chest belly hem',
  'side-stripe': 'thigh shin',
  'striped-legs': 'thigh shin',
  'checked-legs': 'thigh shin',
  'tall-boots': 'shin',
  'lace-boots': 'shin',
  'knee-pads': 'shin',
  'knee-patch': 'shin',
  'leg-armour': 'shin',
  'rolled-hems': 'shin',
  'water-line': 'shin',
  'leg-straps': 'thigh',
  'pocket-flaps': 'thigh',
  'flour-dust': 'thigh',
  'hip-belt': 'hip',
  'jacket-hem': 'hip',
  'parka-hem': 'hip',
  'coat-tails': 'hip thigh',
  'robe-hem': 'hip thigh',
  'apron-skirt': 'hip thigh',
  'tunic-skirt': 'hip thigh',
  'overall-legs': 'hip thigh shin',
  'hem-flowers': 'shin',
  'skirt-waves': 'shin',
  'shoulder-stripe': 'upper',
  'elbow-patch': 'fore',
  'fur-cuff': 'fore',
  'arm-hoops': 'upper fore',
  'sleeve-garter': 'upper',
  rivets: 'upper fore',
  'arm-tattoo': 'fore',
};
const FRONT_ONLY = [
  'tie',
  'bow-tie',
  'necklace',
  'pockets',
  'ink-stains',
  'key-ring',
  'pocket-watch',
  'knee-pads',
  'knee-patch',
  'leg-armour',
  'flour-dust',
];
const SKIRTS = ['hem-flowers', 'skirt-waves'];
const WHOLE = 'collar chest belly hem';

/** "overalls main metal; leaf-badge trim front" as motifs, with roles for colours. */
function motifs(text: string, roles: Readonly<Record<string, string>>, sides: readonly Face[]): PrintMotif[] {
  return text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean)
    .flatMap((part) => {
      const [motif = '', ...rest] = part.split(' ');
      const only = rest.find((word): word is 'front' | 'back' => word === 'front' || word === 'back');
      const faces = only ? [only] : FRONT_ONLY.includes(motif) ? (['front'] as const) : sides;
      const colours = rest.filter((word) => word !== only).map((word) => roles[word] ?? word);
      const zones = (ZONES[motif] ?? WHOLE).split(' ') as Zone[];
      return faces.map((face): PrintMotif => ({ motif, face, zones, colours }));
    });
}

/** Every garment of a range in each of its colourways. The first way of the first two garments began in the early era. */
export function outfitsOf(range: RangeRow): readonly Outfit[] {
  return range.garments.flatMap((row, rowIndex) => {
    const [naming = '', rest = ''] = row.split(' = ');
    const [garment = '', name = ''] = naming.split(': ');
    const [printed = '', ways = ''] = rest.split('|');
    const [torso = '', legs = '', arms = ''] = printed.split('>');
    return ways.split(',').map((way, i): Outfit => {
      const [base = '', main = '', trim = '', metal = '', legColour = ''] = way.trim().split('/');
      const roles = { base, main, trim, metal, legs: legColour };
      const era: Era = rowIndex < 2 && i === 1 ? 'early' : 'late';
      const id = i === 0 ? garment : `${garment}-${i + 1}`;
      const print = (suffix: string, called: string, text: string, sides: readonly Face[]): Print => ({
        id: suffix === '' ? id : `${id}-${suffix}`,
        name: called,
        era,
        motifs: motifs(text, roles, sides),
      });
      const early = era === 'early';
      const firstMotif = torso.split(';')[0] ?? torso;
      return {
        garment,
        era,
        base,
        legColour,
        skirt: SKIRTS.some((motif) => legs.includes(motif)),
        torso: print('', early ? `${name}, early` : name, early ? firstMotif : torso, early ? ['front'] : ['front', 'back']),
        legs: early || legs.trim() === '' ? null : print('legs', `${name}: legs`, legs, ['front', 'back']),
        arms: early || arms.trim() === '' ? null : print('arms', `${name}: sleeves`, arms, ['side']),
      };
    });
  });
}
