import {
  Catalogue,
  CATALOGUE_KINDS,
  knownBy,
  soundRows,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  type RowFault,
} from '@outfit/core';
import { CATALOGUE_TABLES, readArchive, readCatalogueTable, UnreadableFile, type CatalogueTable } from '@outfit/formats';
import SQLite from 'better-sqlite3';
import type { MessagePort } from 'node:worker_threads';
import { nowMade } from './nowMade.js';
import type { ImportProgress, ImportReport, ImportRowProblem } from '../jobs/index.js';
import { CatalogueStore, type Written } from './store.js';

export interface ImportTask {
  readonly databaseFile: string;
  readonly bytes: Uint8Array;
  readonly what: CatalogueKind | 'archive';
  readonly agree: 'all' | 'sound' | null;
  readonly at: string;
  /** One Int32: set to 1 to ask for a stop; nothing is kept then. */
  readonly stop: SharedArrayBuffer;
  readonly port: MessagePort;
}

/** Sent back instead of a report when the file is no table or archive at all, or the person stopped it. */
export type ImportOutcome = { readonly report: ImportReport } | { readonly refused: string } | { readonly stopped: true };

class Stopped extends Error {}

const MOST_PROBLEMS = 500;
const BUSY_MS = 30_000;
const CACHE_KB = 128_000;

const countOf = (keys: Written['added']): number => CATALOGUE_KINDS.reduce((all, kind) => all + keys[kind].length, 0);

interface Reading {
  readonly rows: CatalogueRows;
  readonly rowCount: number;
  readonly problems: ImportRowProblem[];
  /** Where a row of a kind stands in the file: a line of a table, a path in an archive. */
  where(kind: CatalogueKind, index: number): { readonly line: number | null; readonly path: string };
}

function read({ bytes, what }: ImportTask): Reading {
  if (what === 'archive') {
    const { rows, places, problems, rowCount } = readArchive(bytes);
    const where = (kind: CatalogueKind, index: number) => ({ line: null, path: `/${kind}/${places[kind][index] ?? index}` });
    return { rows, rowCount, problems: problems.map(({ path, reason }) => ({ line: null, path, value: null, reason })), where };
  }
  const table = CATALOGUE_TABLES[what] as CatalogueTable<CatalogueRow<CatalogueKind>>;
  const { sound, problems, rowCount } = readCatalogueTable(table, bytes);
  return {
    rows: { [what]: sound.map(({ row }) => row) },
    rowCount,
    problems: problems.map(({ line, column, value, reason }) => ({ line, path: column ?? '', value, reason })),
    where: (_, index) => ({ line: sound[index]?.line ?? null, path: '' }),
  };
}

function problemOf({ kind, index, field, reason }: RowFault, reading: Reading): ImportRowProblem {
  const { line, path } = reading.where(kind, index);
  return { line, path: [path, field].filter(Boolean).join('/'), value: null, reason };
}

/** Reads, checks and (when the person agreed) writes a catalogue file, in one transaction on a connection of its own. */
export default function importCatalogue(task: ImportTask): ImportOutcome {
  const stop = new Int32Array(task.stop);
  const tell = (phase: ImportProgress['phase'], done: number, of: number): void => {
    if (Atomics.load(stop, 0) === 1) throw new Stopped();
    task.port.postMessage({ phase, done, of } satisfies ImportProgress);
  };
  const database = new SQLite(task.databaseFile, { timeout: BUSY_MS });
  try {
    database.pragma('foreign_keys = ON');
    database.pragma('synchronous = FULL');
    // A large import in one transaction would otherwise be written out and read back page by page.
    database.pragma(`cache_size = -${CACHE_KB}`);
    tell('reading', 0, 0);
    const reading = read(task);
    tell('checking', 0, reading.rowCount);
    const store = new CatalogueStore(database);
    const needsSources = (reading.rows.sources?.length ?? 0) > 0;
    const known = knownBy((kind) => store.keys(kind), {
      mergedInto: (id) => store.mergedInto(id),
      sources: needsSources ? store.readKind('sources') : [],
    });
    const { rows, faults } = soundRows(reading.rows, known);
    const problems = [...reading.problems, ...faults.map((fault) => problemOf(fault, reading))];
    const soundCount = CATALOGUE_KINDS.reduce((all, kind) => all + (rows[kind]?.length ?? 0), 0);
    if (task.agree === 'all' && problems.length > 0)
      return {
        refused: `${problems.length} problems stand in the file. Nothing was imported; correct them, or take the sound rows alone.`,
      };
    const report = (written: Written, importedCount: number, noticeCount: number): ImportReport => ({
      rowCount: reading.rowCount,
      soundCount,
      importedCount,
      addedCount: countOf(written.added),
      changedCount: countOf(written.changed),
      sameCount: written.sameCount,
      noticeCount,
      problemCount: problems.length,
      problems: problems.slice(0, MOST_PROBLEMS),
    });
    if (task.agree === null)
      return {
        report: report(
          store.compare(rows, (done) => tell('comparing', done, soundCount)),
          0,
          0,
        ),
      };
    const take = database.transaction(() => {
      const written = store.write(rows, (done) => tell('writing', done, soundCount));
      const catalogue = written.turnedMade.length > 0 ? new Catalogue(store.read()) : null;
      const notices = written.turnedMade.reduce(
        (all, id) => all + (catalogue ? store.tellMade(id, nowMade(id, catalogue), task.at) : 0),
        0,
      );
      store.recordChange({
        at: task.at,
        label: `Imported ${soundCount} rows of ${task.what}`,
        kind: 'import',
        item: task.what,
        before: null,
        after: null,
      });
      tell('writing', soundCount, soundCount);
      return report(written, soundCount, notices);
    });
    return { report: take.immediate() };
  } catch (error) {
    if (error instanceof Stopped) return { stopped: true };
    if (error instanceof UnreadableFile) return { refused: error.message };
    throw error;
  } finally {
    database.close();
    task.port.close();
  }
}
