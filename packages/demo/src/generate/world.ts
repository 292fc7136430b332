import { type CatalogueData, P40, type Source } from '@outfit/core';
import { FACES } from '../data/catalogue/faces.js';
import { MOTIFS } from '../data/catalogue/motifs.js';
import { MOULDS } from '../data/catalogue/moulds.js';
import { OFFICIAL_FIGURES, SOURCES } from '../data/catalogue/official.js';
import { COLOURS } from '../data/catalogue/palette.js';
import { PRINTS } from '../data/catalogue/prints.js';
import { PEOPLE, RANGES } from '../data/catalogue/ranges.js';
import { VARIANTS } from '../data/catalogue/variants.js';
import { LINE_UPS } from '../data/projects/index.js';
import { dice } from './dice.js';
import { facePrints } from '../data/catalogue/faceRow.js';
import { sellRange } from './figures.js';
import { type Outfit, outfitsOf } from './garments.js';
import { everydayColours, FIRST_YEAR, LAST_YEAR, plainBodies, SKINS, VariantBook } from './variants.js';

const unique = <T>(rows: readonly T[], key: (row: T) => string): readonly T[] => [...new Map(rows.map((row) => [key(row), row])).values()];

/** Every colourway was sold in parts too, not only on figures. */
function looseParts(book: VariantBook, outfit: Outfit): void {
  const roll = dice('loose', outfit.torso.id);
  const year = outfit.era === 'early' ? FIRST_YEAR + roll.below(4) : 2016 + roll.below(LAST_YEAR - 2017);
  book.make('TO-401', [outfit.base], year, outfit.torso.id);
  if (outfit.arms) book.make('AR-501', [outfit.base], year, outfit.arms.id);
  if (!outfit.legs) return;
  if (outfit.skirt) book.make('SK-721', [outfit.legColour, 'soot', 'chalk'], year, outfit.legs.id);
  else book.make('LG-701', [outfit.legColour, 'soot'], year, outfit.legs.id);
  if (!outfit.skirt && roll.chance(0.4)) book.make('LG-706', [outfit.legColour, 'soot'], year, outfit.legs.id);
}

/** The whole made-up catalogue: what is written by hand in `data/`, and what the seeded hand adds to it. */
export function generateCatalogue(): CatalogueData {
  const book = new VariantBook(VARIANTS);
  const faces = [...FACES.early.flatMap((row) => facePrints(row, 'early')), ...FACES.late.flatMap((row) => facePrints(row, 'late'))];
  const world = { book, moulds: new Map(MOULDS.map((mould) => [mould.number, mould])), faces, people: [...PEOPLE] };
  const outfits = RANGES.map((range) => ({ range, outfits: outfitsOf(range) }));
  for (const face of faces) {
    const roll = dice('face', face.id);
    const skins = face.era === 'early' ? ['biscuit'] : roll.some(SKINS, 2 + roll.below(3));
    for (const skin of skins)
      book.make('HD-101', [skin], face.era === 'early' ? FIRST_YEAR + roll.below(4) : 2016 + roll.below(8), face.id);
  }
  for (const row of outfits) for (const outfit of row.outfits) looseParts(book, outfit);
  const sold = outfits.map((row) => sellRange(row.range, row.outfits, world));
  for (const id of plannedParts()) {
    const [mould = '', colours = '', print] = id.split('·');
    book.make(mould, colours.split('+'), PLANNED_YEAR, print);
  }
  plainBodies(book);
  everydayColours(book, MOULDS);
  const prints = outfits.flatMap((row) =>
    row.outfits.flatMap(({ torso, legs, arms }) => [torso, ...(legs ? [legs] : []), ...(arms ? [arms] : [])]),
  );
  return {
    colours: COLOURS,
    motifs: MOTIFS,
    moulds: MOULDS,
    prints: unique([...PRINTS, ...faces, ...prints], (print) => print.id),
    variants: book.all,
    systems: [P40],
    bundles: sold.flatMap((row) => row.bundles),
    sources: [...SOURCES, ...sold.flatMap((row) => row.sources), ...giftBoxes(sold.flatMap((row) => row.sources))].sort((a, b) =>
      a.id < b.id ? -1 : 1,
    ),
    officialFigures: [...OFFICIAL_FIGURES, ...sold.flatMap((row) => row.figures)].sort((a, b) => (a.id < b.id ? -1 : 1)),
  };
}

/** What the shipped projects plan with and official figures wear, imagined parts apart, was made at least then. */
const PLANNED_YEAR = 2021;

function plannedParts(): readonly string[] {
  const imagined = new Set(VARIANTS.filter((variant) => !variant.made).map((variant) => variant.id));
  const planned = LINE_UPS.flatMap((lineUp) => lineUp.figures.flatMap((figure) => figure.looks.flatMap((row) => row.parts)));
  const parts = [...planned, ...OFFICIAL_FIGURES.flatMap((figure) => figure.parts)];
  const known = new Set(VARIANTS.map((variant) => variant.id));
  return [...new Set(parts.map((part) => part.variant))].filter((id) => !imagined.has(id) && !known.has(id));
}

/** A box of bags for every range that has blind bags: a source that yields another. */
const giftBoxes = (sources: readonly Source[]): readonly Source[] =>
  sources
    .filter((source) => source.kind === 'blind bag')
    .map((bag) => ({
      id: `${bag.id}B`,
      name: `${bag.name}, box of twelve`,
      kind: 'boxed set',
      range: bag.range,
      year: bag.year,
      yields: [{ kind: 'source', item: bag.id, quantity: 12, certainty: 'sure' }],
    }));
