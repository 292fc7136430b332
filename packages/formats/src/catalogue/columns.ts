import { textFault } from '@outfit/core';
import { type Column, readTable, refuse, type TableLimits, type TableReport, writeTable, asReason } from '../table/index.js';

/** A column that can be written as well as read. */
export interface CatalogueColumn<Row, T> extends Column<T> {
  write(row: Row): string;
}

export const cell = <Row, T>(column: Column<T>, write: (row: Row) => string): CatalogueColumn<Row, T> => ({ ...column, write });

/** A column that may be missing, and whose empty cells are null. */
export const optional = <T>(column: Omit<Column<T>, 'optional'>): Column<T | null> => ({
  name: column.name,
  optional: null,
  read: (text, cellOf) => column.read(text, cellOf),
});

/** How several texts, or a text that may be missing, stand in one cell. */
export const list = (all: readonly string[]): string => all.join('; ');
export const blank = (value: string | number | boolean | undefined): string =>
  value === undefined || value === false ? '' : String(value);
/** Leaves a key out of a row when its cell was empty. */
export const some = <K extends string, V>(key: K, value: V | null): { readonly [P in K]?: V } =>
  (value === null ? {} : { [key]: value }) as { readonly [P in K]?: V };

const MOST_ITEMS = 100;
const MOST_ITEM = 200;

/** Several texts in one cell, parted by semicolons. */
export const listOf = (name: string): Column<readonly string[]> => ({
  name,
  optional: [],
  read: (text) => {
    const items = text
      .split(';')
      .map((item) => item.trim())
      .filter(Boolean);
    const fault = items.map((item) => textFault(item, { most: MOST_ITEM, name: true })).find((found) => found !== null);
    if (fault != null) return refuse(asReason(fault));
    return items.length > MOST_ITEMS ? refuse(`More than ${MOST_ITEMS} in one cell.`) : items;
  },
});

/** A number with a decimal point or comma. */
export const decimal = (name: string, least: number, most: number): Column<number> => ({
  name,
  read: (text) => {
    if (!/^\d+([.,]\d+)?$/.test(text)) return refuse('Not a number such as 12.6.');
    const value = Number(text.replace(',', '.'));
    return value < least || value > most ? refuse(`Not between ${least} and ${most}.`) : value;
  },
});

// Each table has its own columns; only its `row` knows their types, so they are erased here.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Cells = any;

/** A kind of catalogue rows as a table: its columns, and how cells that were read make a row. */
export interface CatalogueTable<Row> {
  readonly columns: Readonly<Record<string, CatalogueColumn<Row, unknown>>>;
  row(cells: Cells): Row;
}

/** Catalogue files may be larger than others: a whole toy line in one. */
export const CATALOGUE_LIMITS: TableLimits = { maxBytes: 60_000_000, maxRows: 200_000 };

/** Reads one kind of catalogue rows from CSV; problems are told row by row. Throws UnreadableFile for what is no such table. */
export function readCatalogueTable<Row>(table: CatalogueTable<Row>, bytes: Uint8Array): TableReport<Row> {
  return readTable(bytes, table.columns, CATALOGUE_LIMITS, (cells) => table.row(cells));
}

export function writeCatalogueTable<Row>(table: CatalogueTable<Row>, rows: readonly Row[]): string {
  const columns = Object.values(table.columns);
  return writeTable(
    columns.map((column) => column.name),
    rows.map((row) => columns.map((column) => column.write(row))),
  );
}
