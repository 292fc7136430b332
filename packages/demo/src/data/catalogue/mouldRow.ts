import type { Grip, Material, Mould, MouldGeometry, Position } from '@outfit/core';
import { COLOUR_NAMES } from './colourNames.js';
import { COVERS } from './covers.js';

/** Moulds of one family: number, name and nicknames; the silhouette; facts in words. */
export interface MouldRow {
  readonly family: string;
  readonly rows: readonly (readonly [title: string, silhouette: string, facts?: string])[];
}

type Fills = readonly (readonly Position[])[];
const both = (place: 'arm' | 'hand' | 'wrist' | 'held' | 'feet' | 'leg'): Fills => [[`${place}.L`], [`${place}.R`]];
const NECK: Fills = [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']];

/** Where each family goes, what it usually weighs, and what it is made of. */
const FAMILIES: Readonly<
  Record<
    string,
    { readonly fills: Fills; readonly massG: number; readonly material: Material; readonly size: readonly [number, number, number] }
  >
> = {
  head: { fills: [['head']], massG: 1, material: 'rigid', size: [10.4, 8.8, 9.8] },
  hair: { fills: [['headgear']], massG: 0.6, material: 'rigid', size: [12, 10, 12] },
  hat: { fills: [['headgear']], massG: 0.6, material: 'rigid', size: [14, 6, 14] },
  helmet: { fills: [['headgear']], massG: 1, material: 'rigid', size: [13, 12, 13] },
  'hat with hair': { fills: [['headgear']], massG: 1.1, material: 'soft', size: [15, 12, 15] },
  hood: { fills: [['headgear', 'neck.1']], massG: 1.2, material: 'soft', size: [15, 15, 14] },
  'add-on': { fills: [['headgear.addon']], massG: 0.1, material: 'soft', size: [5, 7, 2] },
  torso: { fills: [['torso']], massG: 2.1, material: 'rigid', size: [11.4, 12.6, 6.4] },
  arm: { fills: both('arm'), massG: 0.4, material: 'rigid', size: [4.6, 10, 5] },
  hand: { fills: both('hand'), massG: 0.15, material: 'rigid', size: [3.2, 3.6, 3.2] },
  wrist: { fills: both('wrist'), massG: 0.1, material: 'rubber', size: [3.6, 2, 3.6] },
  legs: { fills: [['hips', 'leg.L', 'leg.R']], massG: 2.6, material: 'rigid', size: [11.4, 13, 7] },
  hips: { fills: [['hips']], massG: 0.7, material: 'rigid', size: [10, 3, 5.6] },
  leg: { fills: both('leg'), massG: 0.9, material: 'rigid', size: [5.6, 12, 7] },
  skirt: { fills: [['lower']], massG: 2.8, material: 'rigid', size: [15, 13, 10] },
  'animal body': { fills: [['lower']], massG: 4, material: 'rigid', size: [12, 13, 15] },
  cape: { fills: NECK, massG: 0.4, material: 'cloth', size: [18, 22, 0.6] },
  scarf: { fills: NECK, massG: 0.4, material: 'soft', size: [9, 9, 7] },
  fur: { fills: NECK, massG: 0.5, material: 'soft', size: [11, 5, 8] },
  bag: { fills: NECK, massG: 0.9, material: 'rigid', size: [8, 8, 5] },
  armour: { fills: NECK, massG: 0.8, material: 'rigid', size: [10, 10, 7] },
  waist: { fills: [['waist']], massG: 0.2, material: 'soft', size: [12, 2, 7] },
  beard: { fills: NECK, massG: 0.3, material: 'soft', size: [9, 9, 4] },
  wings: { fills: NECK, massG: 0.6, material: 'soft', size: [26, 13, 3] },
  held: { fills: both('held'), massG: 0.6, material: 'rigid', size: [4, 8, 2] },
  foot: { fills: both('feet'), massG: 0.7, material: 'rigid', size: [6, 3.2, 8] },
  beside: { fills: [['beside']], massG: 3, material: 'rigid', size: [12, 10, 6] },
  stand: { fills: [['stand']], massG: 3.5, material: 'rigid', size: [19, 1.6, 12] },
};

/** What a later revision changed, where there was one. */
const REVISIONS: Readonly<Record<string, readonly [revision: number, note: string]>> = {
  'HD-101': [2, 'The neck socket is deeper; older heads sit loose on later torsos.'],
  'TO-401': [3, 'Thinner walls since 2016; the arm sockets crack less.'],
  'HA-124': [2, 'The parting was cut sharper in 2017.'],
  'LG-701': [2, 'A stop was added so that the legs no longer swing past the hips.'],
  'CP-806': [2, 'Starched cloth until 2018, spongy cloth since.'],
};

/** "rise 2.8, length 1, loose curled short, third party" as facts. */
export function mould(familyKey: string, title: string, silhouette: string, facts: string): Mould {
  const known = FAMILIES[familyKey];
  if (!known) throw new RangeError(`"${familyKey}" is not a family of the demo data`);
  const [naming = '', nicknames = ''] = title.split(' / ');
  const number = naming.slice(0, naming.indexOf(' '));
  const words: string[] = [];
  const geometry: { -readonly [K in keyof MouldGeometry]: MouldGeometry[K] } = { massG: known.massG };
  const mould: { -readonly [K in keyof Mould]: Mould[K] } = {
    number,
    name: naming.slice(number.length + 1),
    nicknames: nicknames.split(', ').filter(Boolean),
    family: familyKey === 'hips' || familyKey === 'leg' ? 'legs' : familyKey,
    revision: REVISIONS[number]?.[0] ?? 1,
    ...(REVISIONS[number] ? { revisionNote: REVISIONS[number][1] } : {}),
    material: known.material,
    sizeMm: { width: known.size[0], height: known.size[1], depth: known.size[2] },
    silhouette,
    fills: known.fills,
    geometry,
    shape: { words },
    motifs: [],
    thirdParty: false,
    ...(COLOUR_NAMES[silhouette] ? { colourNames: COLOUR_NAMES[silhouette] } : {}),
    ...(familyKey === 'hair' ? { hairColour: 0 } : {}),
    ...(familyKey === 'head' && number === 'HD-101' ? { skinColour: 0 } : {}),
  };
  for (const fact of facts.split(', ').filter(Boolean)) {
    const [word = '', ...rest] = fact.split(' ');
    const value = Number(rest[0]);
    if (word === 'rise') geometry.riseMm = value;
    else if (word === 'height') geometry.heightMm = value;
    else if (word === 'thick') geometry.thicknessMm = value;
    else if (word === 'depth') geometry.backDepthMm = value;
    else if (word === 'collar') geometry.collarRiseMm = value;
    else if (word === 'grip') geometry.grip = rest[0] as Grip;
    else if (word === 'hole') geometry.holes = rest;
    else if (word === 'fits') geometry.fits = rest;
    else if (word === 'length') mould.shape = { words, length: value };
    else if (word === 'hair') mould.hairColour = value;
    else if (word === 'skin') mould.skinColour = value;
    else if (word === 'is') mould.motifs = rest;
    else if (fact === 'two hands') geometry.twoHanded = true;
    else if (fact === 'third party') mould.thirdParty = true;
    else if (fact === 'lower') mould.fills = [['lower']];
    else words.push(...fact.split(' ').map((text) => text.replaceAll('-', ' ')));
  }
  if (familyKey === 'head') geometry.heightMm = 8.8;
  if (familyKey === 'torso') geometry.heightMm = 12.6;
  if (number === 'TO-401') mould.brittleBefore = 2016;
  if (mould.shape.length !== undefined && mould.shape.length >= 3) geometry.backDropMm = (mould.shape.length - 2) * 4;
  const covers = COVERS[silhouette];
  if (covers) geometry.covers = covers;
  return mould;
}
