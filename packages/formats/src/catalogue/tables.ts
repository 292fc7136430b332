import {
  COLOUR_KINDS,
  FINISHES,
  SKIN_SCHOOLS,
  type Bundle,
  type CatalogueKind,
  type CatalogueRow,
  CERTAINTIES,
  type Certainty,
  type Colour,
  type Era,
  type Face,
  isMood,
  isPosition,
  type LookPart,
  type Motif,
  MOTIF_TRAITS,
  type MotifTrait,
  type OfficialFigure,
  type Print,
  type PrintMotif,
  type Source,
  SOURCE_KINDS,
  spotOf,
  STACKS,
  type Variant,
  variantIdOf,
  type Yield,
  YIELD_KINDS,
  type YieldKind,
  type Zone,
} from '@outfit/core';
import { nameColumn, oneOf, type Refusal, refuse, text, wholeNumber } from '../table/index.js';
import { blank, type CatalogueTable, cell, list, optional, some } from './columns.js';
import { mouldTable } from './mouldTable.js';
import { systemTable } from './systemTable.js';

const FACES = ['front', 'back', 'side'] as const;
const hex = {
  name: 'hex',
  read: (at: string): string | Refusal => (/^#[0-9a-f]{6}$/i.test(at) ? at.toUpperCase() : refuse('Not a colour such as #3F628F.')),
};

const colourTable: CatalogueTable<Colour> = {
  columns: {
    id: cell(nameColumn('colour'), (row) => row.id),
    name: cell(nameColumn('name'), (row) => row.name),
    hex: cell(hex, (row) => row.hex),
    finish: cell(oneOf('finish', FINISHES, 'solid'), (row) => row.finish),
    kind: cell(oneOf('kind', COLOUR_KINDS, 'cloth'), (row) => row.kind),
    skinSchool: cell(optional(oneOf('skin school', SKIN_SCHOOLS)), (row) => blank(row.skinSchool)),
  },
  row: ({ skinSchool, ...rest }) => ({ ...rest, ...some('skinSchool', skinSchool) }) as Colour,
};

const motifTable: CatalogueTable<Motif> = {
  columns: {
    id: cell(nameColumn('motif'), (row) => row.id),
    name: cell(nameColumn('name'), (row) => row.name),
    parent: cell(optional(text('parent')), (row) => blank(row.parent)),
    continues: cell(optional(text('continues')), (row) => blank(row.continues)),
    traits: cell(optional({ name: 'traits', read: readTraits }), (row) => list(row.traits ?? [])),
  },
  row: ({ id, name, parent, continues, traits }) =>
    ({ id, name, ...some('parent', parent), ...some('continues', continues), ...some('traits', traits) }) as Motif,
};

function readTraits(at: string): readonly MotifTrait[] | Refusal {
  const traits = at.split(';').map((trait) => trait.trim());
  const wrong = traits.find((trait) => !MOTIF_TRAITS.some((known) => known === trait));
  return wrong === undefined ? (traits as MotifTrait[]) : refuse(`“${wrong}” is no trait; known are ${MOTIF_TRAITS.join(', ')}.`);
}

/** "crew-jacket, front, collar chest, chalk saffron; …" */
function readMotifs(at: string): readonly PrintMotif[] | Refusal {
  const motifs: PrintMotif[] = [];
  for (const one of at.split(';')) {
    const [motif = '', face = '', zones = '', colours = ''] = one.split(',').map((part) => part.trim());
    if (motif === '' || !FACES.includes(face as Face) || zones === '')
      return refuse('Write “motif, face, zones, colours”, such as “belt, front, hem, walnut brass”.');
    motifs.push({ motif, face: face as Face, zones: zones.split(' ') as Zone[], colours: colours.split(' ').filter(Boolean) });
  }
  return motifs;
}
const mood = (name: string) => ({ name, read: (at: string) => (isMood(at) ? at : refuse('Not a mood we know.')) });

const printTable: CatalogueTable<Print> = {
  columns: {
    id: cell(nameColumn('print'), (row) => row.id),
    name: cell(nameColumn('name'), (row) => row.name),
    era: cell(oneOf<Era>('era', ['early', 'late'], 'late'), (row) => row.era),
    mood: cell(optional(mood('mood')), (row) => blank(row.mood)),
    secondMood: cell(optional(mood('second mood')), (row) => blank(row.secondMood)),
    motifs: cell(optional({ name: 'motifs', read: readMotifs }), (row) =>
      list(row.motifs.map((motif) => [motif.motif, motif.face, motif.zones.join(' '), motif.colours.join(' ')].join(', '))),
    ),
  },
  row: ({ id, name, era, mood: first, secondMood, motifs }) =>
    ({ id, name, era, ...some('mood', first), ...some('secondMood', secondMood), motifs: motifs ?? [] }) as Print,
};

const year = (name: string) => optional(wholeNumber(name, 1900, 2100));

const variantTable: CatalogueTable<Variant> = {
  columns: {
    mould: cell(nameColumn('mould'), (row) => row.mould),
    colours: cell(text('colours'), (row) => row.colours.join('+')),
    print: cell(optional(nameColumn('print')), (row) => blank(row.print)),
    from: cell(year('made from'), (row) => blank(row.made?.from)),
    until: cell(year('made until'), (row) => blank(row.made?.until)),
    mergedInto: cell(optional(text('merged into')), (row) => blank(row.mergedInto)),
  },
  row: ({ mould, colours, print, from, until, mergedInto }) => {
    const ids = (colours as string).split('+').map((colour) => colour.trim());
    // Written out: this is the kind that comes by the hundred thousand.
    const variant: { -readonly [K in keyof Variant]: Variant[K] } = {
      id: variantIdOf(mould, ids, print ?? undefined),
      mould,
      colours: ids,
    };
    if (print !== null) variant.print = print;
    if (from !== null || until !== null) variant.made = { from: from ?? until, until: until ?? from };
    if (mergedInto !== null) variant.mergedInto = mergedInto;
    return variant;
  },
};

/** "1 TO-401·woad; 2 AR-501·woad" */
function readParts(at: string): Bundle['parts'] | Refusal {
  const parts: { variant: string; quantity: number }[] = [];
  for (const one of at.split(';')) {
    const match = /^\s*(\d{1,4})\s+(\S+)\s*$/.exec(one);
    if (!match || match[1] === '0') return refuse('Write how many and which part, such as “2 AR-501·woad”.');
    parts.push({ quantity: Number(match[1]), variant: match[2] ?? '' });
  }
  return parts;
}

const bundleTable: CatalogueTable<Bundle> = {
  columns: {
    id: cell(nameColumn('bundle'), (row) => row.id),
    name: cell(nameColumn('name'), (row) => row.name),
    parts: cell({ name: 'parts', read: readParts }, (row) => list(row.parts.map((part) => `${part.quantity} ${part.variant}`))),
  },
  row: (cells) => cells as Bundle,
};

/** "head HD-101·umber·reader; torso! TO-401·woad; beside~1 BS-965·fog": an exclamation mark turns the part round, ~1 is the second of a stack. */
function readFigureParts(at: string): readonly LookPart[] | Refusal {
  const parts: LookPart[] = [];
  for (const one of at.split(';')) {
    const match = /^\s*([\w.]+)(?:~(\d{1,2}))?(!?)\s+(\S+)\s*$/.exec(one);
    const position = match?.[1] ?? '';
    if (!match || !isPosition(position)) return refuse('Write a position and a part, such as “head HD-101·umber·reader”.');
    const place = Number(match[2] ?? 0);
    if (place > 0 && !STACKS.includes(position)) return refuse(`At ${position} there is one part only.`);
    parts.push({ position, variant: match[4] ?? '', turned: match[3] === '!', ...(place > 0 ? { place } : {}) });
  }
  return parts;
}

const figureTable: CatalogueTable<OfficialFigure> = {
  columns: {
    id: cell(nameColumn('figure'), (row) => row.id),
    name: cell(nameColumn('name'), (row) => row.name),
    person: cell(optional(text('person')), (row) => blank(row.person)),
    parts: cell({ name: 'parts', read: readFigureParts }, (row) =>
      list(row.parts.map((part) => `${spotOf(part)}${part.turned ? '!' : ''} ${part.variant}`)),
    ),
  },
  row: ({ id, name, person, parts }) => ({ id, name, ...some('person', person), parts }) as OfficialFigure,
};

/** "1 figure LR-07-a; 2 variant HE-904·teak+chalk (think so)" */
function readYields(at: string): readonly Yield[] | Refusal {
  const yields: Yield[] = [];
  for (const one of at.split(';')) {
    const match = /^\s*(\d{1,5})\s+(\w+)\s+(\S+)(?:\s+\((sure|think so)\))?\s*$/.exec(one);
    if (!match || match[1] === '0' || !YIELD_KINDS.includes(match[2] as YieldKind))
      return refuse('Write how many, what kind and which, such as “1 figure LR-07-a” or “2 variant HE-904·teak+chalk (think so)”.');
    yields.push({
      kind: match[2] as YieldKind,
      item: match[3] ?? '',
      quantity: Number(match[1]),
      certainty: (match[4] ?? 'sure') as Certainty,
    });
  }
  return yields;
}

const sourceTable: CatalogueTable<Source> = {
  columns: {
    id: cell(nameColumn('source'), (row) => row.id),
    name: cell(nameColumn('name'), (row) => row.name),
    kind: cell(oneOf('kind', SOURCE_KINDS), (row) => row.kind),
    range: cell(text('range', ''), (row) => row.range),
    year: cell(wholeNumber('year', 1900, 2100), (row) => String(row.year)),
    copies: cell(optional(wholeNumber('print run', 1, 1_000_000_000)), (row) => blank(row.printRun?.copies)),
    certainty: cell(oneOf('print run certainty', CERTAINTIES, 'think so'), (row) => blank(row.printRun?.certainty)),
    yields: cell(optional({ name: 'yields', read: readYields }), (row) =>
      list(row.yields.map((item) => `${item.quantity} ${item.kind} ${item.item}${item.certainty === 'sure' ? '' : ' (think so)'}`)),
    ),
  },
  row: ({ copies, certainty, yields, ...rest }) =>
    ({ ...rest, ...(copies === null ? {} : { printRun: { copies, certainty } }), yields: yields ?? [] }) as Source,
};

/** The table of each kind (docs/formats/catalogue-csv.md). */
export const CATALOGUE_TABLES: { readonly [K in CatalogueKind]: CatalogueTable<CatalogueRow<K>> } = {
  systems: systemTable,
  colours: colourTable,
  motifs: motifTable,
  moulds: mouldTable,
  prints: printTable,
  variants: variantTable,
  bundles: bundleTable,
  officialFigures: figureTable,
  sources: sourceTable,
};
