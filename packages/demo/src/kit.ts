import type { CatalogueData, Colour, Mould, Variant } from '@outfit/core';
import { P40, variantIdOf } from '@outfit/core';
import { MOTIFS } from './data/catalogue/motifs.js';
import { MOULDS } from './data/catalogue/moulds.js';
import { COLOURS } from './data/catalogue/palette.js';

/** The plain moulds of the kit by their silhouettes: a few of every family, none that belongs to one world alone. */
const PLAIN = `head, hair-cropped, hair-curls, hair-side-parting, hair-quiff, hair-bob, hair-page, hair-low-knot, hair-top-knot,
  hair-side-tail, hair-high-tail, hair-low-tail, hair-long-plait, hair-two-plaits, hair-two-knots, hair-long-loose, hair-long-wavy,
  hair-shaggy, hair-locks, hat-peaked-cap, hat-bowler, hat-boater, hat-top, hat-wide, hat-bobble, hat-beret, hat-headscarf,
  helmet-flyer, helmet-crash, hat-wide-hair, hat-cowl, hood-parka, plume, goggles, torso, arm, arm-short, arm-glove, hand, hook, cuff,
  legs, legs-mid, legs-short, hips, leg, peg, skirt, gown, deer-body, fish-tail, cape-short, cape-long, cape-split, cape-shoulder, scarf,
  ruff, fur, satchel, quiver, backpack, breastplate, shoulders, sash, belt, waist-cape, beard, wings, lantern, lantern-pole, oar, book,
  letter, umbrella, basket, spade, broom, flag, foot-plate, foot-stud, dog, cat, gull, crate, barrow, stand-plate, stand-flying`
  .split(',')
  .map((name) => name.trim());

/** Names that are of the demo world, said plainly. */
const NAMES: Readonly<Record<string, string>> = {
  satchel: 'Satchel',
  dog: 'Dog',
  cat: 'Cat',
  gull: 'Bird',
  hand: 'Hand',
  'hat-boater': 'Straw hat',
  lantern: 'Lantern',
  'lantern-pole': 'Lantern on a pole',
};

/** Left out of the palette of the kit, which has 48 colours. */
const SPARE = new Set(['heather', 'lichen', 'apricot', 'hay', 'peat', 'mallow', 'brick-dust', 'copper', 'clear-rose']);

/** What the parts of the kit are made in, until a person says what there really is. */
const SHOWN: readonly (readonly [of: (mould: Mould) => boolean, colours: string])[] = [
  [({ family }) => family === 'head' || family === 'hand', 'almond, honey, cocoa, umber, shell'],
  [({ silhouette }) => silhouette === 'arm-short', 'chalk+almond, chalk+honey, chalk+cocoa, slate+almond, woad+honey, moss+umber'],
  [({ silhouette }) => silhouette === 'arm-glove', 'chalk+soot, slate+soot, woad+walnut, madder+soot, moss+walnut'],
  [({ family }) => family === 'arm', 'chalk, slate, soot, woad, madder, moss, almond, honey, cocoa, umber, shell'],
  [({ hairColour }) => hairColour === 0, 'raven, walnut, chestnut, straw, ember, silver'],
  [({ family }) => family === 'held' || family === 'beside', 'teak, slate, chalk'],
  [() => true, 'chalk, slate, soot, woad, madder, moss'],
];

/**
 * The years plain parts are taken to have been made in. Were they only pictured, no figure of the kit could be built as moulded; see
 * docs/decisions/0027-the-starter-kit-is-made.md.
 */
const MADE = { from: 2000, until: 2026 };

const plainMould = (silhouette: string): Mould => {
  const model = MOULDS.find((mould) => mould.silhouette === silhouette && !mould.thirdParty);
  if (!model) throw new RangeError(`nobody has made a mould "${silhouette}"`);
  const { revisionNote: _, brittleBefore: __, ...rest } = model;
  return { ...rest, number: silhouette, name: NAMES[silhouette] ?? model.name, nicknames: [], revision: 1 };
};

const shownIn = (mould: Mould): readonly Variant[] =>
  (SHOWN.find(([of]) => of(mould))?.[1] ?? '').split(', ').map((colour) => {
    const colours = colour.split('+');
    return { id: variantIdOf(mould.number, colours, undefined), mould: mould.number, colours, made: MADE };
  });

/**
 * What a workspace of one's own may begin with: plain moulds of every family, a palette, the motif tree; each part in a few colours. No prints, official figures, sellers or projects. Every word of it can be changed.
 */
export function starterKit(): CatalogueData {
  const colours: readonly Colour[] = COLOURS.filter((colour) => !SPARE.has(colour.id));
  const moulds = PLAIN.map(plainMould).sort((a, b) => (a.number < b.number ? -1 : 1));
  const variants = moulds.flatMap(shownIn).sort((a, b) => (a.id < b.id ? -1 : 1));
  return { systems: [P40], colours, motifs: MOTIFS, moulds, prints: [], variants, bundles: [], officialFigures: [], sources: [] };
}
