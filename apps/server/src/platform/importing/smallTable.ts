import { type Column, readTable, type RowOf, type TableReport, UnreadableFile } from '@outfit/formats';
import { Problem } from '../http/index.js';

const MOST_BYTES = 1_000_000;

/** Reads a table that is small enough to be read at once; what is no such table is refused with its sentence. */
export function readSmallTable<C extends Readonly<Record<string, Column<unknown>>>>(
  bytes: Uint8Array,
  columns: C,
  maxRows: number,
): TableReport<RowOf<C>> {
  return orRefuse(() => readTable(bytes, columns, { maxBytes: MOST_BYTES, maxRows }));
}

/** What reading a file comes to, or the refusal of one that cannot be read. */
export function orRefuse<T>(read: () => T): T {
  try {
    return read();
  } catch (error) {
    if (error instanceof UnreadableFile) throw new Problem(422, error.message);
    throw error;
  }
}
