import { parse } from 'csv-parse/sync';

/** Thrown for a file that cannot be read as a table at all; `message` is for the person. */
export class UnreadableFile extends Error {}

export interface TableLimits {
  readonly maxBytes: number;
  readonly maxRows: number;
}

interface Record_ {
  readonly record: readonly string[];
  readonly info: { readonly lines: number };
}

const parserOf = (text: string, limits: TableLimits) => {
  const header = text.slice(0, text.search(/\r|\n|$/));
  const delimiter = [',', ';', '\t'].reduce((best, mark) => (header.split(mark).length > header.split(best).length ? mark : best), ',');
  return { delimiter, relax_column_count: true, skip_empty_lines: true, to: limits.maxRows + 2 };
};

/** The records of a file as they stand. Throws UnreadableFile where a quotation mark is left open. */
export function plainRecords(text: string, limits: TableLimits): readonly (readonly string[])[] {
  try {
    return parse(text, parserOf(text, limits));
  } catch (error) {
    const line = (error as { lines?: number }).lines;
    throw new UnreadableFile(
      `The file breaks off${line === undefined ? '' : ` in line ${line}`}: a quotation mark is not closed, or stands where none belongs.`,
    );
  }
}

/** The line each record begins in. Asked for only when something has to be told: it makes parsing much slower. */
export function linesOf(text: string, limits: TableLimits): readonly number[] {
  const rows = parse(text, { ...parserOf(text, limits), info: true }) as unknown as Record_[];
  return rows.map(({ record, info }) => info.lines - (record.join('').split('\n').length - 1));
}
