import { UnreadableFile, type TableReport } from '@outfit/formats';
import type { ImportReportDto } from './importReport.dto.js';
import { Problem } from './problem.js';

/** Agreed to `all`: only if every row is sound. To `sound`: the sound rows alone. `null`: look only. */
export type Agreement = 'all' | 'sound' | null;

/** The longest list of problems sent back; a file with more is not worth reading row by row. */
const MOST_PROBLEMS = 500;

/** Turns a file that is no table into a refusal with its sentence. */
export function readOrRefuse<Row>(read: () => TableReport<Row>): TableReport<Row> {
  try {
    return read();
  } catch (error) {
    if (error instanceof UnreadableFile) throw new Problem(422, error.message);
    throw error;
  }
}

/** The rows a person agreed to take from a report; refuses when some are bad and only `all` was agreed. */
export function agreedRows<Row>(report: TableReport<Row>, agree: Agreement): readonly Row[] {
  if (agree === null) return [];
  if (agree === 'all' && report.problems.length > 0)
    throw new Problem(
      422,
      `${report.problems.length} problems stand in the file. Nothing was imported; correct them, or take the sound rows alone.`,
    );
  return report.sound.map(({ row }) => row);
}

export const reportDto = (report: TableReport<unknown>, importedCount: number): ImportReportDto => ({
  rowCount: report.rowCount,
  soundCount: report.sound.length,
  importedCount,
  problems: report.problems.slice(0, MOST_PROBLEMS),
});
