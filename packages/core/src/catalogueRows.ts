import { variantIdOf, type CatalogueData, type OfficialFigure, type Source, type Variant } from './catalogue.js';
import { POSITIONS } from './positions.js';
import { REGIONS, ZONES } from './regions.js';
import { yieldCycle } from './sources.js';

/** The kinds of rows a catalogue holds, each after those it refers to. */
export const CATALOGUE_KINDS = ['colours', 'motifs', 'moulds', 'prints', 'variants', 'bundles', 'officialFigures', 'sources'] as const;
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
  /** Sources that are there already, for circles through them. */
  readonly sources: readonly Pick<Source, 'id' | 'yields'>[];
}

export const NOTHING_KNOWN: KnownKeys = { has: () => false, mergedInto: () => undefined, sources: [] };

/** Known keys from wherever they are kept; each kind is asked for once, when it is first needed. */
export function knownBy(keysOf: (kind: CatalogueKind) => ReadonlySet<string>, rest: Omit<KnownKeys, 'has'>): KnownKeys {
  const known = new Map<CatalogueKind, ReadonlySet<string>>();
  const has = (kind: CatalogueKind, key: string): boolean => {
    let keys = known.get(kind);
    if (!keys) known.set(kind, (keys = keysOf(kind)));
    return keys.has(key);
  };
  return { has, mergedInto: (variant) => rest.mergedInto(variant), sources: rest.sources };
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
  const checks: { readonly [K in CatalogueKind]: (row: CatalogueRow<K>, report: Report) => void } = {
    colours: () => undefined,
    motifs: () => undefined,
    moulds: (mould, report) => {
      if (mould.fills.length === 0) report('fills', 'A mould must go somewhere: name at least one position.');
      for (const motif of mould.motifs) if (!there('motifs', motif)) report('motifs', `There is no motif “${motif}”.`);
      for (const region of Object.keys(mould.geometry.covers ?? {}))
        if (!(REGIONS as readonly string[]).includes(region)) report('covers', `There is no region “${region}”.`);
    },
    prints: (print, report) => {
      for (const { motif, colours, zones } of print.motifs) {
        const zone = zones.find((name) => !ZONES.includes(name));
        if (zone !== undefined) report('motifs', `There is no zone “${zone}”. Zones are ${ZONES.join(', ')}.`);
        if (!there('motifs', motif)) report('motifs', `There is no motif “${motif}”.`);
        for (const colour of colours) if (!there('colours', colour)) report('motifs', `There is no colour “${colour}”.`);
      }
    },
    variants: (variant, report) => variantFaults(variant, there, report),
    bundles: (bundle, report) => {
      if (bundle.parts.length === 0) report('parts', 'A bundle holds at least one part.');
      for (const { variant } of bundle.parts) if (!there('variants', variant)) report('parts', `There is no part “${variant}”.`);
    },
    officialFigures: (figure, report) => figureFaults(figure, there, report),
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
  return [...faults, ...mergeCircles(rows.variants ?? [], known), ...cycleFaults(rows.sources ?? [], known)];
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

function variantFaults(variant: Variant, there: There, report: Report): void {
  if (!there('moulds', variant.mould)) report('mould', `There is no mould “${variant.mould}”.`);
  if (variant.colours.length === 0) report('colours', 'Name at least one colour.');
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

function figureFaults(figure: OfficialFigure, there: There, report: Report): void {
  const taken = new Set<string>();
  for (const { position, variant } of figure.parts) {
    if (!POSITIONS.includes(position)) report('parts', `“${position}” is no position.`);
    if (taken.has(position)) report('parts', `Two parts stand at ${position}.`);
    taken.add(position);
    if (!there('variants', variant)) report('parts', `There is no part “${variant}”.`);
  }
}

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
