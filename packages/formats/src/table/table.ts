import { linesOf, plainRecords, type TableLimits, UnreadableFile } from './records.js';
import { RUNS } from './write.js';

/** What is wrong with one cell or row: where, what stood there, and why it cannot be taken. Lines count from 1, the header's. */
export interface RowProblem {
  readonly line: number;
  readonly column: string | null;
  readonly value: string | null;
  readonly reason: string;
}

/** A column: how to read a cell, or say why not. `optional` columns may be missing and their cells empty. */
export interface Column<T> {
  readonly name: string;
  /** What it was called in files of before: still read. */
  readonly formerly?: string;
  readonly optional?: T;
  /** `cellOf` gives the row's other cells by the names of their columns: what an amount says depends on its currency. */
  read(text: string, cellOf: (column: string) => string): T | Refusal;
}

export class Refusal {
  constructor(readonly reason: string) {}
}

/** The same column, found under the name it had before as well. */
export const formerly = <T>(name: string, column: Column<T>): Column<T> => ({ ...column, formerly: name });

export const refuse = (reason: string): Refusal => new Refusal(reason);

type Columns = Readonly<Record<string, Column<unknown>>>;
export type RowOf<C extends Columns> = { readonly [K in keyof C]: C[K] extends Column<infer T> ? T : never };

export interface TableReport<Row> {
  /** Rows without any problem, with the line each came from. */
  readonly sound: readonly { readonly line: number; readonly row: Row }[];
  readonly problems: readonly RowProblem[];
  readonly rowCount: number;
}

export const TABLE_LIMITS: TableLimits = { maxBytes: 5_000_000, maxRows: 100_000 };

/** Decodes UTF-8, with or without a byte order mark. Throws UnreadableFile on anything else. */
export function decodeText(bytes: Uint8Array): string {
  if ((bytes[0] === 0xff && bytes[1] === 0xfe) || (bytes[0] === 0xfe && bytes[1] === 0xff))
    throw new UnreadableFile('The file is UTF-16. Save it in UTF-8 and try again.');
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw new UnreadableFile('The file is not UTF-8 text. Save it in UTF-8 and try again.');
  }
  if (text.includes('\0')) throw new UnreadableFile('The file holds binary data, not text. Choose a text file.');
  return text;
}

/** Undoes the apostrophe that `writeTable` puts before a cell that a spreadsheet would run. */
const plainCell = (cell: string): string => (cell.startsWith("'") && RUNS.test(cell) ? cell.slice(1) : cell).trim();

/**
 * Reads a CSV file row by row. Comma, semicolon or tab, told from the header. Every problem is reported with line,
 * column, value and reason; rows without one are in `sound`. Throws UnreadableFile for a file that is no table of
 * the kind: wrong encoding, too large, columns missing, unknown or doubled. `build` makes a row of its cells; `check` says
 * what is wrong with a row whose cells are sound, beside the others it has seen of the file.
 */
export function readTable<C extends Columns, Row = RowOf<C>>(
  bytes: Uint8Array,
  columns: C,
  limits: TableLimits = TABLE_LIMITS,
  build: (cells: RowOf<C>) => Row = (cells) => cells as unknown as Row,
  check: (cells: RowOf<C>) => { readonly column: string; readonly reason: string } | null = () => null,
): TableReport<Row> {
  if (bytes.byteLength > limits.maxBytes)
    throw new UnreadableFile(`The file is over ${limits.maxBytes / 1_000_000} MB. Split it and import the halves.`);
  const text = decodeText(bytes);
  const [header, ...rows] = plainRecords(text, limits);
  if (!header) throw new UnreadableFile('The file is empty.');
  if (rows.length > limits.maxRows) throw new UnreadableFile(`The file has over ${limits.maxRows} rows. Split it and import the halves.`);
  const today = new Map(Object.values(columns).flatMap(({ name, formerly }) => (formerly === undefined ? [] : [[formerly, name]])));
  const written = header.map((cell) => cell.trim().toLowerCase());
  const names = written.map((name) => today.get(name) ?? name);
  /** What a column is called in this file. */
  const asWritten = (name: string): string => written[names.indexOf(name)] ?? name;
  const wanted = Object.values(columns).map((column) => column.name);
  const missing = Object.values(columns).filter((column) => column.optional === undefined && !names.includes(column.name));
  const unknown = names.filter((name) => !wanted.includes(name));
  const doubled = names.filter((name, i) => names.indexOf(name) !== i);
  const quoted = (all: readonly string[]): string => [...new Set(all)].map((name) => `“${name}”`).join(', ');
  if (missing.length > 0)
    throw new UnreadableFile(
      `Missing: ${quoted(missing.map((column) => column.name))}. The first line must name the columns ${quoted(wanted)}.`,
    );
  if (unknown.length > 0) throw new UnreadableFile(`Unknown column ${quoted(unknown)}. Known are ${quoted(wanted)}.`);
  if (doubled.length > 0) throw new UnreadableFile(`The column ${quoted(doubled)} is there twice.`);

  const sound: SoundRow<Row>[] = [];
  const problems: RowProblem[] = [];
  const places = Object.entries(columns).map(([key, column]) => ({ key, column, at: names.indexOf(column.name) }));
  let lines: readonly number[] | null = null;
  const line = (index: number): number => (lines ??= linesOf(text, limits))[index + 1] ?? index + 2;
  rows.forEach((cells, index) => {
    if (cells.length !== names.length) {
      problems.push({
        line: line(index),
        column: null,
        value: null,
        reason: `This row has ${cells.length} cells, the header ${names.length}.`,
      });
      return;
    }
    const { row, faults } = readRow(cells, places);
    for (const fault of faults) problems.push({ line: line(index), ...fault, column: asWritten(fault.column) });
    if (faults.length > 0) return;
    const fault = check(row as RowOf<C>);
    const value = plainCell(cells[names.indexOf(fault?.column ?? '')] ?? '');
    if (fault) problems.push({ line: line(index), value, column: asWritten(fault.column), reason: fault.reason });
    else sound.push(new SoundRow(build(row as RowOf<C>), index, line));
  });
  return { sound, problems, rowCount: rows.length };
}

/** A row that was read, and the line it came from: worked out when it is asked for, which most files never do. */
class SoundRow<Row> {
  constructor(
    readonly row: Row,
    private readonly index: number,
    private readonly lineAt: (index: number) => number,
  ) {}

  get line(): number {
    return this.lineAt(this.index);
  }
}

interface Place {
  readonly key: string;
  readonly column: Column<unknown>;
  readonly at: number;
}

interface CellFault {
  readonly column: string;
  readonly value: string;
  readonly reason: string;
}

function readRow(cells: readonly string[], places: readonly Place[]): { row: Record<string, unknown>; faults: CellFault[] } {
  const row: Record<string, unknown> = {};
  const faults: CellFault[] = [];
  const cellOf = (name: string): string => plainCell(cells[places.find(({ column }) => column.name === name)?.at ?? -1] ?? '');
  for (const { key, column, at } of places) {
    const text = plainCell(cells[at] ?? '');
    if (text === '' && column.optional !== undefined) row[key] = column.optional;
    else if (text === '') faults.push({ column: column.name, value: '', reason: 'This cell is empty.' });
    else {
      const value = column.read(text, cellOf);
      if (value instanceof Refusal) faults.push({ column: column.name, value: text, reason: value.reason });
      else row[key] = value;
    }
  }
  return { row, faults };
}
