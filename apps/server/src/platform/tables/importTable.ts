import { type RowProblem, type TableReport, UnreadableFile } from '@outfit/formats';
import type { Database as Connection } from 'better-sqlite3';
import { connect } from '../sqlite/index.js';

/** Agreed to `all`: only if every row is sound. To `sound`: the sound rows alone. `null`: look only. */
export type Agreement = 'all' | 'sound' | null;

export interface TableTask {
  readonly databaseFile: string;
  readonly bytes: Uint8Array;
  readonly agree: Agreement;
  /** When it was asked for, ISO 8601. */
  readonly at: string;
  /** The day it is in the workspace, ISO 8601. */
  readonly today: string;
}

/** What an import found, and what it took: nothing unless the person agreed. */
interface TableImportReport {
  readonly rowCount: number;
  readonly soundCount: number;
  readonly importedCount: number;
  readonly problems: readonly RowProblem[];
}

/** What a worker sends back: a report with more of its area's own, or the sentence that refuses the file. */
export type TableOutcome<More> = { readonly report: TableImportReport; readonly more: More } | { readonly refused: string };

/** How an area imports one kind of table. All of it runs in a worker, on a connection of its own. */
export interface TableImport<Row, More> {
  /** Reads and checks the rows against what the database knows. */
  read(connection: Connection, task: TableTask): TableReport<Row>;
  /** Lays the agreed rows in temporary tables, which nobody waits for; returns the short last step, which runs in one transaction. */
  stage(connection: Connection, rows: readonly { readonly line: number; readonly row: Row }[], task: TableTask): () => void;
  /** What follows from the rows and takes longer than anybody who edits should wait for; transactions are its own. */
  after?(connection: Connection, task: TableTask): void;
  /** What else the report says. */
  more(connection: Connection, report: TableReport<Row>): More;
}

const BUSY_MS = 30_000;
/** The longest list of problems sent back; a file with more is not worth reading row by row. */
const MOST_PROBLEMS = 500;

/**
 * Imports a table: reads and checks it, and writes what the person agreed to in one short transaction at the end. Until then
 * nothing is locked, so whoever edits meanwhile goes on; broken off anywhere, nothing of the file remains.
 */
export function importTable<Row, More>(task: TableTask, how: TableImport<Row, More>): TableOutcome<More> {
  const connection = connect(task.databaseFile);
  try {
    connection.pragma(`busy_timeout = ${BUSY_MS}`);
    const report = how.read(connection, task);
    const { problems } = report;
    if (task.agree === 'all' && problems.length > 0) return { refused: refusalOf(problems) };
    const more = how.more(connection, report);
    const rows = task.agree === null ? [] : report.sound;
    if (rows.length > 0) {
      const lastStep = how.stage(connection, rows, task);
      connection.transaction(lastStep).immediate();
      how.after?.(connection, task);
    }
    return {
      report: {
        rowCount: report.rowCount,
        soundCount: report.sound.length,
        importedCount: rows.length,
        problems: problems.slice(0, MOST_PROBLEMS),
      },
      more,
    };
  } catch (error) {
    if (error instanceof UnreadableFile) return { refused: error.message };
    throw error;
  } finally {
    connection.close();
  }
}

const refusalOf = (problems: readonly RowProblem[]): string =>
  `${problems.length === 1 ? 'One problem stands' : `${problems.length} problems stand`} in the file. Nothing was imported; correct ${problems.length === 1 ? 'it' : 'them'}, or take the sound rows alone.`;
