import { AGE_BANDS, occupiedBy, type Position, POSITIONS, REGIONS, STACKS, type System, ZONES } from '../anatomy/index.js';
import {
  type CatalogueData,
  FAMILIES,
  type Motif,
  type Mould,
  type OfficialFigure,
  type Print,
  type Source,
  type Variant,
  variantIdOf,
} from './entries.js';
import { readShaping } from './shaping/index.js';
import { yieldCycle } from './sources.js';

/** The kinds of rows a catalogue holds, each after those it refers to. */
export const CATALOGUE_KINDS = [
  'systems',
  'colours',
  'motifs',
  'moulds',
  'prints',
  'variants',
  'bundles',
  'officialFigures',
  'sources',
] as const;
export type CatalogueKind = (typeof CATALOGUE_KINDS)[number];
export type CatalogueRow<K extends CatalogueKind> = CatalogueData[K][number];
export type CatalogueRows = { readonly [K in CatalogueKind]?: readonly CatalogueRow<K>[] };

/** What a row is known by: a mould by its number, everything else by its id. */
export const keyOf = (row: CatalogueRow<CatalogueKind>): string => ('number' in row ? row.number : row.id);

export interface RowFault {
  readonly kind: CatalogueKind;
  readonly index: number;
  /** The field at fault, or null for the row as a whole. */
  readonly field: string | null;
  readonly reason: string;
}

/** What rows may refer to beside each other. */
export interface KnownKeys {
  has(kind: CatalogueKind, key: string): boolean;
  /** The variant a double was merged into, when there is one. */
  mergedInto(variant: string): string | undefined;
  /** The mould of a variant that is there already, and where a mould that is there goes. */
  mouldOf(variant: string): string | undefined;
  fillsOf(mould: string): Mould['fills'] | undefined;
  /** The parent of a motif that is there already. */
  parentOf(motif: string): string | undefined;
  /** The silhouettes that were drawn by hand; null when nobody can say. Those told by descriptors are known by reading them. */
  readonly silhouettes: ReadonlySet<string> | null;
  /** Sources that are there already, for circles through them. */
  readonly sources: readonly Pick<Source, 'id' | 'yields'>[];
}

export const NOTHING_KNOWN: KnownKeys = {
  has: () => false,
  mergedInto: () => undefined,
  mouldOf: () => undefined,
  fillsOf: () => undefined,
  parentOf: () => undefined,
  silhouettes: null,
  sources: [],
};

/**
 * Known keys from wherever they are kept; each kind is asked for once, when it is first needed, so that a check of ten colours does not
 * read sixty thousand variants.
 */
export function knownBy(keysOf: (kind: CatalogueKind) => ReadonlySet<string>, rest: Omit<KnownKeys, 'has'>): KnownKeys {
  const known = new Map<CatalogueKind, ReadonlySet<string>>();
  const has = (kind: CatalogueKind, key: string): boolean => {
    let keys = known.get(kind);
    if (!keys) known.set(kind, (keys = keysOf(kind)));
    return keys.has(key);
  };
  return { ...rest, has };
}

/** What stands between numbers, in part numbers and in files, cannot stand in one. */
const SEPARATORS = /[\s,;+·]/;

type Report = (field: string | null, reason: string) => void;

/**
 * Checks rows that are about to be added: nothing named twice, nothing that refers to what is not there, years in
 * order, no source that yields itself in a circle.
 */
export function rowFaults(rows: CatalogueRows, known: KnownKeys): readonly RowFault[] {
  const faults: RowFault[] = [];
  const incoming = new Map<CatalogueKind, Set<string>>();
  for (const kind of CATALOGUE_KINDS) incoming.set(kind, new Set((rows[kind] ?? []).map(keyOf)));
  const there = (kind: CatalogueKind, key: string): boolean => (incoming.get(kind)?.has(key) ?? false) || known.has(kind, key);
  const motifs = new Map((rows.motifs ?? []).map((motif) => [motif.id, motif]));
  const parentOf = (motif: string): string | undefined => (motifs.has(motif) ? motifs.get(motif)?.parent : known.parentOf(motif));
  const families = new Set((rows.motifs ?? []).flatMap((motif) => motif.parent ?? []));
  const moulds = new Map((rows.moulds ?? []).map((mould) => [mould.number, mould.fills]));
  const mouldOfIncoming = new Map((rows.variants ?? []).map((variant) => [variant.id, variant.mould]));
  const fillsOf: FillsOf = (variant) => {
    const mould = mouldOfIncoming.get(variant) ?? known.mouldOf(variant);
    return mould === undefined ? undefined : (moulds.get(mould) ?? known.fillsOf(mould));
  };
  const checks: { readonly [K in CatalogueKind]: (row: CatalogueRow<K>, report: Report) => void } = {
    systems: systemFaults,
    colours: ({ kind, skinSchool }, report) => {
      if (skinSchool !== undefined && kind !== 'skin') report('skinSchool', 'Only a skin belongs to a skin school.');
    },
    motifs: (motif, report) => motifFaults(motif, families, there, report),
    moulds: (mould, report) => mouldFaults(mould, known, there, report),
    prints: (print, report) => printFaults(print, there, report),
    variants: (variant, report) => variantFaults(variant, there, report),
    bundles: (bundle, report) => {
      if (bundle.parts.length === 0) report('parts', 'A bundle holds at least one part.');
      const twice = firstTwice(bundle.parts.map((part) => part.variant));
      if (twice !== undefined) report('parts', `“${twice}” is there twice; one line says how many.`);
      for (const { variant } of bundle.parts) if (!there('variants', variant)) report('parts', `There is no part “${variant}”.`);
    },
    officialFigures: (figure, report) => figureFaults(figure, there, fillsOf, report),
    sources: (source, report) => sourceFaults(source, there, report),
  };
  for (const kind of CATALOGUE_KINDS) {
    const doubled = doubledKeys(rows[kind] ?? [], incoming.get(kind)?.size ?? 0);
    const check = checks[kind] as (row: CatalogueRow<CatalogueKind>, report: Report) => void;
    (rows[kind] ?? []).forEach((row, index) => {
      const report: Report = (field, reason) => void faults.push({ kind, index, field, reason });
      const key = keyOf(row);
      if (key === '') report(null, 'This row has no name to be known by.');
      else if (kind !== 'variants' && SEPARATORS.test(key))
        report(null, `“${key}” cannot be a number: leave out spaces, commas, semicolons, “+” and “·”, which part numbers from each other.`);
      if (doubled.has(key)) report(null, `“${key}” is there twice.`);
      check(row, report);
    });
  }
  return [
    ...faults,
    ...motifCircles(rows.motifs ?? [], parentOf),
    ...mergeCircles(rows.variants ?? [], known),
    ...cycleFaults(rows.sources ?? [], known),
  ];
}

/** Keys that stand twice; nothing is looked for when as many differ as there are rows. */
function doubledKeys(rows: readonly CatalogueRow<CatalogueKind>[], different: number): ReadonlySet<string> {
  if (different === rows.length) return new Set();
  const seen = new Set<string>();
  const doubled = new Set<string>();
  for (const key of rows.map(keyOf)) (seen.has(key) ? doubled : seen).add(key);
  return doubled;
}

type There = (kind: CatalogueKind, key: string) => boolean;
type FillsOf = (variant: string) => Mould['fills'] | undefined;

/** The first of some words that stands there twice. */
function firstTwice(words: readonly string[]): string | undefined {
  const seen = new Set<string>();
  return words.find((word) => seen.size === seen.add(word).size);
}

/** A toy line's positions are places parts can go, what it needs is among them, and its measures follow each other. */
function systemFaults(system: System, report: Report): void {
  const { positions, needs, headNeedsMm, headWantsMm, neckPostMm, bandsByAge, bandHeightMm } = system;
  if (positions.length === 0) report('positions', 'A figure has places for parts: name at least one.');
  const twice = firstTwice(positions);
  if (twice !== undefined) report('positions', `${twice} is there twice.`);
  const absent = needs.find((position) => !positions.includes(position) && !isPartOfLower(position, positions));
  if (absent !== undefined) report('needs', `A figure cannot need ${absent}, which this system does not have.`);
  if (headNeedsMm > headWantsMm) report('headNeedsMm', 'What the head holds on is more than what it sits well on.');
  if (headWantsMm > neckPostMm) report('headWantsMm', 'The head wants more than the whole neck post.');
  bandsByAge.forEach(({ band, upTo }, i) => {
    const before = bandsByAge[i - 1];
    if (before && (before.upTo >= upTo || AGE_BANDS.indexOf(before.band) >= AGE_BANDS.indexOf(band)))
      report('bandsByAge', `${band} follows ${before.band}: its last year of age must be later.`);
  });
  AGE_BANDS.forEach((band, i) => {
    const before = AGE_BANDS[i - 1];
    if (before && bandHeightMm[before] > bandHeightMm[band]) report('bandHeightMm', `A ${before} stands taller than ${band}.`);
  });
}

/** A line whose lower bodies are all of one piece needs hips and legs all the same: one piece fills them. */
const isPartOfLower = (position: Position, positions: readonly Position[]): boolean =>
  positions.includes('lower') && occupiedBy(['lower']).has(position);

/** A parent may be the name of a family that is no motif itself; what a motif carries on is a motif or a family that has some. */
function motifFaults({ id, parent, continues }: Motif, families: ReadonlySet<string>, there: There, report: Report): void {
  if (parent === id) report('parent', 'A motif cannot be its own parent.');
  if (continues === id) report('continues', 'A motif cannot carry on itself.');
  else if (continues !== undefined && !there('motifs', continues) && !families.has(continues))
    report('continues', `There is no motif “${continues}”.`);
}

/** Motifs that are each other's parents in a circle would belong to no family. */
function motifCircles(motifs: readonly Motif[], parentOf: (motif: string) => string | undefined): RowFault[] {
  return motifs.flatMap(({ id, parent }, index): RowFault[] => {
    const passed = new Set<string>();
    let at = parent === id ? undefined : parent;
    while (at !== undefined && at !== id && !passed.has(at)) {
      passed.add(at);
      at = parentOf(at);
    }
    return at === id ? [{ kind: 'motifs', index, field: 'parent', reason: 'These are each other’s parents in a circle.' }] : [];
  });
}

function mouldFaults(mould: Mould, { silhouettes }: KnownKeys, there: There, report: Report): void {
  if (mould.fills.length === 0) report('fills', 'A mould goes somewhere: name at least one position.');
  for (const fills of mould.fills) {
    const twice = firstTwice(fills);
    if (twice !== undefined) report('fills', `${twice} is filled twice at once.`);
  }
  if (!FAMILIES.includes(mould.family)) report('family', `There is no family “${mould.family}”. Known are ${FAMILIES.join(', ')}.`);
  if (silhouettes !== null && !silhouettes.has(mould.silhouette) && readShaping(mould.silhouette) === null)
    report('silhouette', `There is no silhouette “${mould.silhouette}”. Choose the nearest by its picture.`);
  if ((mould.colourNames ?? []).length > MOST_COLOURS)
    report('colourNames', `A part has at most ${MOST_COLOURS} colours, and ${mould.colourNames?.length} are named.`);
  if (!(mould.geometry.massG > 0)) report('massG', 'A mould weighs something: say how many grams.');
  for (const motif of mould.motifs) if (!there('motifs', motif)) report('motifs', `There is no motif “${motif}”.`);
  for (const region of Object.keys(mould.geometry.covers ?? {}))
    if (!(REGIONS as readonly string[]).includes(region)) report('covers', `There is no region “${region}”.`);
}

/** A motif in the form and in files has so many colours at most. */
const MOST_MOTIF_COLOURS = 3;

function printFaults(print: Print, there: There, report: Report): void {
  for (const { motif, colours, zones } of print.motifs) {
    const zone = zones.find((name) => !ZONES.includes(name));
    if (zone !== undefined) report('motifs', `There is no zone “${zone}”. Zones are ${ZONES.join(', ')}.`);
    const twice = firstTwice(zones);
    if (twice !== undefined) report('motifs', `The zone “${twice}” is there twice.`);
    if (colours.length > MOST_MOTIF_COLOURS)
      report('motifs', `“${motif}” has ${colours.length} colours, and at most ${MOST_MOTIF_COLOURS} fit.`);
    if (!there('motifs', motif)) report('motifs', `There is no motif “${motif}”.`);
    for (const colour of colours) if (!there('colours', colour)) report('motifs', `There is no colour “${colour}”.`);
  }
}

/** Of how many plastics a part is made at most. */
const MOST_COLOURS = 3;

function variantFaults(variant: Variant, there: There, report: Report): void {
  if (!there('moulds', variant.mould)) report('mould', `There is no mould “${variant.mould}”.`);
  if (variant.colours.length === 0) report('colours', 'Name at least one colour.');
  if (variant.colours.length > MOST_COLOURS)
    report('colours', `A part has at most ${MOST_COLOURS} colours; this has ${variant.colours.length}.`);
  for (const colour of variant.colours) if (!there('colours', colour)) report('colours', `There is no colour “${colour}”.`);
  if (variant.print !== undefined && !there('prints', variant.print)) report('print', `There is no print “${variant.print}”.`);
  if (variant.made && variant.made.from > variant.made.until) report('made', 'The last year made is before the first.');
  if (variant.mergedInto !== undefined && !there('variants', variant.mergedInto))
    report('mergedInto', `There is no part “${variant.mergedInto}”.`);
  if (variant.mergedInto === variant.id) report('mergedInto', 'A part cannot be merged into itself.');
  if (variant.id !== variantIdOf(variant.mould, variant.colours, variant.print))
    report('id', 'The number of a part is its mould, its colours and its print, joined by “·”.');
}

/** Doubles that are merged into each other in a circle, also through doubles that are there already, would stand for nothing. */
function mergeCircles(variants: readonly Variant[], known: KnownKeys): RowFault[] {
  if (!variants.some((variant) => variant.mergedInto !== undefined)) return [];
  const incoming = new Map(variants.map((variant) => [variant.id, variant]));
  const next = (id: string): string | undefined => {
    const row = incoming.get(id);
    return row ? row.mergedInto : known.mergedInto(id);
  };
  return variants.flatMap(({ id, mergedInto }, index): RowFault[] => {
    const passed = new Set<string>();
    let at = mergedInto;
    while (at !== undefined && at !== id && !passed.has(at)) {
      passed.add(at);
      at = next(at);
    }
    return at === id && mergedInto !== id
      ? [{ kind: 'variants', index, field: 'mergedInto', reason: 'These are merged into each other in a circle.' }]
      : [];
  });
}

function figureFaults(figure: OfficialFigure, there: There, fillsOf: FillsOf, report: Report): void {
  if (figure.parts.length === 0) report('parts', 'A figure has parts: name at least one.');
  const taken = new Set<string>();
  for (const { position, variant, place } of figure.parts) {
    if (!POSITIONS.includes(position)) report('parts', `“${position}” is no position.`);
    const spot = STACKS.includes(position) ? `${position} ${place ?? 0}` : position;
    if (taken.has(spot)) report('parts', `Two parts stand at ${position}.`);
    taken.add(spot);
    if (!there('variants', variant)) report('parts', `There is no part “${variant}”.`);
    else if (!goesTo(position, fillsOf(variant))) report('parts', `“${variant}” does not go to ${position}.`);
  }
}

/** Anything can be built with; whoever does not know the mould does not object. */
const goesTo = (position: Position, fills: Mould['fills'] | undefined): boolean =>
  position === 'built' || fills === undefined || fills.some((alternative) => alternative[0] === position);

const YIELDED: Readonly<Record<Source['yields'][number]['kind'], CatalogueKind>> = {
  figure: 'officialFigures',
  variant: 'variants',
  bundle: 'bundles',
  source: 'sources',
};

function sourceFaults(source: Source, there: There, report: Report): void {
  for (const { kind, item } of source.yields) if (!there(YIELDED[kind], item)) report('yields', `There is no ${kind} “${item}”.`);
}

function cycleFaults(sources: readonly Source[], known: KnownKeys): RowFault[] {
  const replaced = new Set(sources.map((source) => source.id));
  const cycle = yieldCycle([...known.sources.filter((source) => !replaced.has(source.id)), ...sources]);
  if (!cycle) return [];
  const index = sources.findIndex((source) => cycle.includes(source.id));
  return [
    { kind: 'sources', index: Math.max(0, index), field: 'yields', reason: `These yield each other in a circle: ${cycle.join(' → ')}.` },
  ];
}

/**
 * The rows that can be taken, and every fault of the others, by their places in `rows`. Rows are left out again and
 * again: one may be lost because the one it refers to was.
 */
export function soundRows(rows: CatalogueRows, known: KnownKeys): { readonly rows: CatalogueRows; readonly faults: readonly RowFault[] } {
  let faults = rowFaults(rows, known);
  if (faults.length === 0) return { rows, faults };
  const all: RowFault[] = [];
  let kept = CATALOGUE_KINDS.map((kind) => ({ kind, rows: (rows[kind] ?? []).map((row, place) => ({ row, place })) }));
  while (faults.length > 0) {
    const lost = new Map(CATALOGUE_KINDS.map((kind) => [kind, new Set<number>()]));
    for (const fault of faults) {
      all.push({ ...fault, index: kept.find((entry) => entry.kind === fault.kind)?.rows[fault.index]?.place ?? fault.index });
      lost.get(fault.kind)?.add(fault.index);
    }
    kept = kept.map((entry) => ({ ...entry, rows: entry.rows.filter((_, index) => !lost.get(entry.kind)?.has(index)) }));
    faults = rowFaults(rowsOf(kept), known);
  }
  return { rows: rowsOf(kept), faults: all };
}

const rowsOf = (
  kept: readonly { readonly kind: CatalogueKind; readonly rows: readonly { readonly row: CatalogueRow<CatalogueKind> }[] }[],
): CatalogueRows =>
  Object.fromEntries(
    kept.filter((entry) => entry.rows.length > 0).map((entry) => [entry.kind, entry.rows.map(({ row }) => row)]),
  ) as CatalogueRows;
