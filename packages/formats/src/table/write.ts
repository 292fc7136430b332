import { stringify } from 'csv-stringify/sync';

export type Cell = string | number | null;

/**
 * What a spreadsheet would run: a cell whose first visible character is one of these, also as a full-width form, and also
 * behind spaces or characters nobody sees (OWASP, *CSV injection*).
 */
export const RUNS = /^'*[\s\u00ad\u200b-\u200f\u2060-\u2064\ufeff]*[=+\-@\t\r\uff0b\uff0d\uff1d\uff20\u2212]/;

/** Such cells get an apostrophe before them, so that no spreadsheet runs them. */
const harmless = (cell: Cell): string => {
  const text = cell === null ? '' : String(cell);
  return typeof cell === 'string' && RUNS.test(text) ? `'${text}` : text;
};

/** A CSV file: header and rows, comma-separated, CRLF line ends (RFC 4180), UTF-8 when encoded. */
export function writeTable(header: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return stringify(
    [header, ...rows].map((row) => row.map(harmless)),
    { record_delimiter: 'windows' },
  );
}
