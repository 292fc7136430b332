import { stringify } from 'csv-stringify/sync';

export type Cell = string | number | null;

/** Cells that begin like a formula get an apostrophe, so that no spreadsheet runs them (OWASP, *CSV injection*). */
const harmless = (cell: Cell): string => {
  const text = cell === null ? '' : String(cell);
  return typeof cell === 'string' && /^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text;
};

/** A CSV file: header and rows, comma-separated, CRLF line ends (RFC 4180), UTF-8 when encoded. */
export function writeTable(header: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return stringify(
    [header, ...rows].map((row) => row.map(harmless)),
    { record_delimiter: 'windows' },
  );
}
