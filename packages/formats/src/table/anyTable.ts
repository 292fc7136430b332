import { plainRecords, type TableLimits, UnreadableFile } from './records.js';
import { decodeText } from './table.js';

/** A table whose columns are somebody else's: its header, and its rows as they stand, each with the line it is counted as. */
export interface AnyTable {
  readonly headers: readonly string[];
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[];
}

/**
 * Reads any CSV file with a header: comma, semicolon or tab. Lines are counted by records. Throws UnreadableFile for what is no table:
 * wrong encoding, too large, an open quotation mark, a column without a name or one that is there twice.
 */
export function readAnyTable(bytes: Uint8Array, limits: TableLimits): AnyTable {
  if (bytes.byteLength > limits.maxBytes)
    throw new UnreadableFile(`The file is over ${limits.maxBytes / 1_000_000} MB. Split it and import the halves.`);
  const [header, ...rows] = plainRecords(decodeText(bytes), limits);
  if (!header) throw new UnreadableFile('The file is empty.');
  if (rows.length > limits.maxRows) throw new UnreadableFile(`The file has over ${limits.maxRows} rows. Split it and import the halves.`);
  const headers = header.map((cell, i) => cell.trim() || `column ${i + 1}`);
  const twice = headers.find((name, i) => headers.indexOf(name) !== i);
  if (twice !== undefined) throw new UnreadableFile(`The column “${twice}” is there twice. Give one of them another name.`);
  return { headers, rows: rows.map((cells, i) => ({ line: i + 2, cells: cells.map((cell) => cell.trim()) })) };
}
