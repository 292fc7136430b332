import type { CatalogueKind, CatalogueRow, Motif, MotifTrait, Print, Source, Variant } from '@outfit/core';

/** A value SQLite stores. */
export type Value = string | number | null;
type Raw = Readonly<Record<string, Value>>;

/** How rows of a kind stand in their table. What is searched or joined has a column; the rest is one document. */
export interface TableCodec<Row> {
  readonly table: string;
  readonly columns: readonly string[];
  values(row: Row): readonly Value[];
  read(raw: Raw): Row;
}

/** JSON with its keys in order, so that equal documents are equal texts. */
export const stable = (value: unknown): string =>
  JSON.stringify(value, (_, part: unknown) =>
    typeof part === 'object' && part !== null && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
const json = <T>(text: Value | undefined): T => JSON.parse(String(text)) as T;
/** Leaves out what a row holds as NULL, so that absent means absent. */
const present = <T>(raw: Raw): T => Object.fromEntries(Object.entries(raw).filter(([, value]) => value !== null)) as T;

/** How each kind stands in its table. */
export const CODECS: { readonly [K in CatalogueKind]: TableCodec<CatalogueRow<K>> } = {
  systems: {
    table: 'toy_system',
    columns: ['id', 'name', 'detail'],
    values: ({ id, name, ...detail }) => [id, name, stable(detail)],
    read: ({ detail, ...raw }) => ({ ...raw, ...json<object>(detail) }) as unknown as CatalogueRow<'systems'>,
  },
  colours: {
    table: 'colour',
    columns: ['id', 'name', 'hex', 'finish', 'kind', 'skinSchool'],
    values: (row) => [row.id, row.name, row.hex, row.finish, row.kind, row.skinSchool ?? null],
    read: present,
  },
  motifs: {
    table: 'motif',
    columns: ['id', 'name', 'parent', 'continues', 'traits'],
    values: (row) => [row.id, row.name, row.parent ?? null, row.continues ?? null, row.traits ? JSON.stringify(row.traits) : null],
    read: ({ traits, ...raw }) => ({ ...present<Motif>(raw), ...(traits == null ? {} : { traits: json<MotifTrait[]>(traits) }) }),
  },
  moulds: {
    table: 'mould',
    columns: ['number', 'name', 'family', 'revision', 'detail'],
    values: ({ number, name, family, revision, ...detail }) => [number, name, family, revision, stable(detail)],
    read: ({ detail, ...raw }) => ({ ...raw, ...json<object>(detail) }) as unknown as CatalogueRow<'moulds'>,
  },
  prints: {
    table: 'print',
    columns: ['id', 'name', 'era', 'detail'],
    values: ({ id, name, era, ...detail }) => [id, name, era, stable(detail)],
    read: ({ detail, ...raw }) => ({ ...raw, ...json<object>(detail) }) as unknown as Print,
  },
  variants: {
    table: 'variant',
    columns: ['id', 'mould', 'print', 'colours', 'madeFrom', 'madeUntil', 'mergedInto'],
    values: (row) => [
      row.id,
      row.mould,
      row.print ?? null,
      JSON.stringify(row.colours),
      row.made?.from ?? null,
      row.made?.until ?? null,
      row.mergedInto ?? null,
    ],
    read: ({ colours, madeFrom, madeUntil, ...raw }) =>
      ({
        ...present<Variant>(raw),
        colours: json<string[]>(colours),
        ...(madeFrom != null && madeUntil != null ? { made: { from: madeFrom, until: madeUntil } } : {}),
      }) as Variant,
  },
  bundles: {
    table: 'bundle',
    columns: ['id', 'name', 'parts'],
    values: (row) => [row.id, row.name, stable(row.parts)],
    read: ({ parts, ...raw }) => ({ ...raw, parts: json(parts) }) as unknown as CatalogueRow<'bundles'>,
  },
  officialFigures: {
    table: 'official_figure',
    columns: ['id', 'name', 'person', 'parts'],
    values: (row) => [row.id, row.name, row.person ?? null, stable(row.parts)],
    read: ({ parts, ...raw }) => ({ ...present<object>(raw), parts: json(parts) }) as CatalogueRow<'officialFigures'>,
  },
  sources: {
    table: 'source',
    columns: ['id', 'name', 'kind', 'range', 'year', 'printRunCopies', 'printRunCertainty'],
    values: (row) => [row.id, row.name, row.kind, row.range, row.year, row.printRun?.copies ?? null, row.printRun?.certainty ?? null],
    read: ({ printRunCopies, printRunCertainty, ...raw }) =>
      ({
        ...raw,
        ...(printRunCopies == null ? {} : { printRun: { copies: printRunCopies, certainty: printRunCertainty } }),
        yields: [],
      }) as unknown as Source,
  },
};
