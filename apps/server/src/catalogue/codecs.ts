import type { CatalogueKind, CatalogueRow, Mould, Print, System } from '@outfit/core';
import {
  BundleEntity,
  ColourEntity,
  type Detail,
  MotifEntity,
  MouldEntity,
  OfficialFigureEntity,
  PrintEntity,
  SourceEntity,
  SystemEntity,
  VariantEntity,
} from './catalogue.entities.js';

/** How entries of a kind stand in their table. What is searched or joined has a column; the rest is one document. */
export interface TableCodec<Row, Kept extends object> {
  readonly entity: new () => Kept;
  /** What is kept of an entry, equal for equal entries. */
  kept(row: Row): Kept;
  read(kept: Kept): Row;
}

/** JSON with its keys in order, so that equal documents are equal texts. */
export const stable = (value: unknown): string => JSON.stringify(sortKeys(value));

/** The same value with the keys of its documents in order. */
function sortKeys<T>(value: T): T {
  if (Array.isArray(value)) return value.map(sortKeys) as T;
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1));
  return Object.fromEntries(entries.map(([key, part]) => [key, sortKeys(part as unknown)])) as T;
}

/** Leaves out what is kept as nothing, so that absent means absent. */
type Present<T> = { [K in keyof T as null extends T[K] ? never : K]: T[K] } & {
  [K in keyof T as null extends T[K] ? K : never]?: NonNullable<T[K]>;
};
const present = <T extends object>(kept: T): Present<T> =>
  Object.fromEntries(Object.entries(kept).filter(([, value]) => value !== null)) as Present<T>;

/** The rest of an entry, whose own columns are added to it again. What stands there was checked when it was taken. */
const whole = <Row extends object>(columns: Partial<Row>, detail: Detail): Row => ({ ...columns, ...detail }) as Row;

type Codecs = {
  readonly systems: TableCodec<System, SystemEntity>;
  readonly colours: TableCodec<CatalogueRow<'colours'>, ColourEntity>;
  readonly motifs: TableCodec<CatalogueRow<'motifs'>, MotifEntity>;
  readonly moulds: TableCodec<Mould, MouldEntity>;
  readonly prints: TableCodec<Print, PrintEntity>;
  readonly variants: TableCodec<CatalogueRow<'variants'>, VariantEntity>;
  readonly bundles: TableCodec<CatalogueRow<'bundles'>, BundleEntity>;
  readonly officialFigures: TableCodec<CatalogueRow<'officialFigures'>, OfficialFigureEntity>;
  readonly sources: TableCodec<CatalogueRow<'sources'>, SourceEntity>;
};

/** How each kind stands in its table. */
const CODECS: Codecs = {
  systems: {
    entity: SystemEntity,
    kept: ({ id, name, ...detail }) => ({ id, name, detail: sortKeys(detail) }),
    read: ({ detail, ...row }) => whole<System>(row, detail),
  },
  colours: {
    entity: ColourEntity,
    kept: ({ id, name, hex, finish, kind, skinSchool = null }) => ({ id, name, hex, finish, kind, skinSchool }),
    read: present,
  },
  motifs: {
    entity: MotifEntity,
    kept: ({ id, name, parent = null, continues = null, traits = null }) => ({ id, name, parent, continues, traits }),
    read: present,
  },
  moulds: {
    entity: MouldEntity,
    kept: ({ number, name, family, revision, ...detail }) => ({ number, name, family, revision, detail: sortKeys(detail) }),
    read: ({ detail, ...row }) => whole<Mould>(row, detail),
  },
  prints: {
    entity: PrintEntity,
    kept: ({ id, name, era, ...detail }) => ({ id, name, era, detail: sortKeys(detail) }),
    read: ({ detail, ...row }) => whole<Print>(row, detail),
  },
  variants: {
    entity: VariantEntity,
    kept: ({ id, mould, print = null, colours, made, mergedInto = null }) => ({
      id,
      mould,
      print,
      colours,
      madeFrom: made?.from ?? null,
      madeUntil: made?.until ?? null,
      mergedInto,
    }),
    read: ({ madeFrom, madeUntil, ...row }) => ({
      ...present(row),
      ...(madeFrom === null || madeUntil === null ? {} : { made: { from: madeFrom, until: madeUntil } }),
    }),
  },
  bundles: { entity: BundleEntity, kept: ({ id, name, parts }) => ({ id, name, parts: sortKeys(parts) }), read: (row) => row },
  officialFigures: {
    entity: OfficialFigureEntity,
    kept: ({ id, name, person = null, parts }) => ({ id, name, person, parts: sortKeys(parts) }),
    read: present,
  },
  sources: {
    entity: SourceEntity,
    kept: ({ id, name, kind, range, year, printRun }) => ({
      id,
      name,
      kind,
      range,
      year,
      printRunCopies: printRun?.copies ?? null,
      printRunCertainty: printRun?.certainty ?? null,
    }),
    read: ({ printRunCopies, printRunCertainty, ...row }) => ({
      ...row,
      ...(printRunCopies === null || printRunCertainty === null
        ? {}
        : { printRun: { copies: printRunCopies, certainty: printRunCertainty } }),
      yields: [],
    }),
  },
};

/** How a kind stands in its table, for whoever treats all kinds alike. */
export const codecOf = <K extends CatalogueKind>(kind: K): TableCodec<CatalogueRow<K>, object> =>
  CODECS[kind] as unknown as TableCodec<CatalogueRow<K>, object>;
