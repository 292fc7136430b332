import { entryAt } from '../../kernel/index.js';
import { plainWords } from '../../colour/index.js';
import type { Steps } from '../../kernel/index.js';
import type { Catalogue } from '../catalogue.js';
import type { Variant } from '../entries.js';
import { mainColourOf } from '../mouldColours.js';
import { sourcesByVariant } from '../sources.js';

export const FACETS = ['family', 'colour', 'exists', 'era', 'range', 'owned'] as const;
export type Facet = (typeof FACETS)[number];

/** Which values of each facet are asked for; within a facet any of them will do. */
export type FacetFilter = Partial<Record<Facet, readonly string[]>>;

export interface FacetCount {
  readonly value: string;
  readonly count: number;
}

/** One facet of all variants: its values, and for each variant which of them it has. */
interface Column {
  readonly values: string[];
  /** Has every variant exactly one value? Then its code stands at its own place. */
  readonly isSingle: boolean;
  /** Codes of variant i stand from starts[i] to starts[i + 1]. */
  readonly starts: Uint32Array;
  readonly codes: Uint16Array;
}

function column(rows: readonly (readonly string[])[]): Column {
  const values: string[] = [];
  const codeOf = new Map<string, number>();
  const starts = new Uint32Array(rows.length + 1);
  const codes: number[] = [];
  rows.forEach((row, i) => {
    for (const value of row) {
      let code = codeOf.get(value);
      if (code === undefined) {
        codeOf.set(value, (code = values.length));
        values.push(value);
      }
      codes.push(code);
    }
    starts[i + 1] = codes.length;
  });
  return { values, isSingle: rows.every((row) => row.length === 1), starts, codes: Uint16Array.from(codes) };
}

/** The facets of a catalogue's variants, kept as numbers so that counting a whole catalogue takes a moment. */
export class FacetIndex {
  private constructor(private readonly columns: Readonly<Record<Facet, Column>>) {}

  /** Makes the index, a facet a step. */
  static *of(variants: readonly Variant[], catalogue: Catalogue, isOwned: (variantId: string) => boolean): Steps<FacetIndex> {
    const sources = sourcesByVariant(catalogue.data);
    const reads: Readonly<Record<Facet, (variant: Variant) => readonly string[]>> = {
      family: (variant) => [catalogue.mouldOf(variant).family],
      colour: (variant) => [plainWords(mainColourOf(variant, catalogue))[0] ?? 'grey'],
      exists: (variant) => [variant.made ? 'made' : 'imagined'],
      era: (variant) => [catalogue.printOf(variant)?.era ?? 'plain'],
      range: (variant) => [...new Set((sources.get(variant.id) ?? []).map(({ source }) => source.range))],
      owned: (variant) => [isOwned(variant.id) ? 'owned' : 'not owned'],
    };
    const columns: [Facet, Column][] = [];
    for (const facet of FACETS) {
      columns.push([facet, column(variants.map(reads[facet]))]);
      yield;
    }
    return new FacetIndex(Object.fromEntries(columns) as Record<Facet, Column>);
  }

  /** Narrows rows by a filter, and counts each facet's values over the rows that pass all the other facets. */
  narrow(
    rows: Int32Array,
    filter: FacetFilter,
  ): { readonly rows: Int32Array; readonly counts: Readonly<Record<Facet, readonly FacetCount[]>> } {
    const columns = FACETS.map((facet) => ({
      column: this.columns[facet],
      wanted: this.maskOf(facet, filter[facet]),
      counts: new Uint32Array(this.columns[facet].values.length),
    }));
    const narrowing = columns.filter(({ wanted }) => wanted !== null);
    // Rows that pass all facets, and for each facet that narrows those that fail by it alone: they count for its own values.
    const failures = new Uint8Array(narrowing.length === 0 ? 0 : rows.length);
    for (const [f, { column, wanted }] of narrowing.entries()) if (wanted) noteFailures(column, wanted, rows, f, failures);
    const kept = narrowing.length === 0 ? rows : new Int32Array(rows.length);
    let count = failures.length === 0 ? rows.length : 0;
    for (let i = 0; i < failures.length; i += 1) {
      const failure = entryAt(failures, i);
      const row = entryAt(rows, i);
      if (failure === 0) kept[count++] = row;
      else if (failure !== BY_SEVERAL) {
        const failed = narrowing[failure - 1];
        if (failed) countRow(failed.column, failed.counts, row);
      }
    }
    const passing = kept.slice(0, count);
    for (const { column, counts } of columns) countRows(column, counts, passing);
    const named = FACETS.map((facet, f) => [
      facet,
      this.columns[facet].values
        .map((value, code) => ({ value, count: columns[f]?.counts[code] ?? 0 }))
        .filter((entry) => entry.count > 0)
        .sort((a, b) => b.count - a.count || (a.value < b.value ? -1 : 1)),
    ]);
    return { rows: passing, counts: Object.fromEntries(named) as Record<Facet, FacetCount[]> };
  }

  private maskOf(facet: Facet, values: readonly string[] | undefined): Uint8Array | null {
    if (!values || values.length === 0) return null;
    return Uint8Array.from(this.columns[facet].values, (value) => Number(values.includes(value)));
  }
}

/** What stands for a row that fails by more than one facet; else the facet's place among those that narrow, from 1. */
const BY_SEVERAL = 255;

/** Notes which rows have none of the wanted values of a facet. */
function noteFailures(
  { isSingle, starts, codes }: Column,
  wanted: Uint8Array,
  rows: Int32Array,
  facet: number,
  failures: Uint8Array,
): void {
  for (let i = 0; i < rows.length; i += 1) {
    const row = entryAt(rows, i);
    let has = 0;
    if (isSingle) has = entryAt(wanted, entryAt(codes, row));
    else for (let at = entryAt(starts, row); at < entryAt(starts, row + 1) && has === 0; at += 1) has = entryAt(wanted, entryAt(codes, at));
    if (has === 0) failures[i] = failures[i] === 0 ? facet + 1 : BY_SEVERAL;
  }
}

function countRow({ starts, codes }: Column, counts: Uint32Array, row: number): void {
  for (let at = entryAt(starts, row); at < entryAt(starts, row + 1); at += 1)
    counts[entryAt(codes, at)] = entryAt(counts, entryAt(codes, at)) + 1;
}

function countRows(column: Column, counts: Uint32Array, rows: Int32Array): void {
  const { isSingle, codes } = column;
  if (!isSingle) for (const row of rows) countRow(column, counts, row);
  else
    for (let i = 0; i < rows.length; i += 1) {
      const code = entryAt(codes, entryAt(rows, i));
      counts[code] = entryAt(counts, code) + 1;
    }
}
