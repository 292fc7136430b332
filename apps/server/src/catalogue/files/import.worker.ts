import {
  Catalogue,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  type ForeignMapping,
  knownBy,
  type Mould,
  readForeignRows,
  type RowFault,
  type ShapeFamily,
  type UnplacedKind,
  soundRows,
} from '@outfit/core';
import { coversOf, SILHOUETTE_NAMES } from '@outfit/drawing';
import { CATALOGUE_TABLES, type CatalogueTable, readArchive, readCatalogueTable, readForeignTable, UnreadableFile } from '@outfit/formats';
import type { Database as Connection } from 'better-sqlite3';
import type { MessagePort } from 'node:worker_threads';
import { endJob } from '../../platform/jobs/worker.js';
import { ChangeLog } from '../../platform/log/index.js';
import { connect, tablesOf } from '../../platform/sqlite/index.js';
import { CatalogueStore } from '../catalogue.store.js';
import { madeSentence } from '../nowMade.js';
import type { ImportProgress, ImportReport, ImportRowProblem } from './importReport.js';
import { rowCountOf, Staging } from './staging.js';

export interface ImportTask {
  readonly databaseFile: string;
  readonly bytes: Uint8Array;
  readonly what: CatalogueKind | 'archive' | 'foreign';
  /** Of a file in somebody else's columns: which tells what, and what kinds of parts were said to be. */
  readonly foreign: ForeignTask | null;
  readonly agree: 'all' | 'sound' | null;
  readonly at: string;
  /** Whose row says that it is done, from the moment it is. */
  readonly job: string;
  /** One Int32: set to 1 to ask for a stop; nothing is kept then. */
  readonly stop: SharedArrayBuffer;
  readonly port: MessagePort;
}

export interface ForeignTask {
  readonly mapping: ForeignMapping;
  readonly kinds: Readonly<Partial<Record<string, ShapeFamily>>>;
}

/** Sent back instead of a report when the file is no table or archive at all, or the person stopped it. */
export type ImportOutcome = { readonly report: ImportReport } | { readonly refused: string } | { readonly stopped: true };

class Stopped extends Error {}

const SILHOUETTES: ReadonlySet<string> = new Set(SILHOUETTE_NAMES);

const LINE = { line: 'catalogue', item: 'all' } as const;
/** As the history tells them. */
const WHAT: Readonly<Record<ImportTask['what'], string>> = {
  ...{
    systems: 'toy lines',
    colours: 'colours',
    motifs: 'motifs',
    moulds: 'moulds',
    prints: 'prints',
    variants: 'parts',
    bundles: 'bundles',
  },
  ...{ officialFigures: 'official figures', sources: 'sources', archive: 'a catalogue', foreign: 'somebody else’s catalogue' },
};
const MOST_PROBLEMS = 500;
/** Kinds of parts that nothing could place, the most common first. */
const MOST_KINDS = 200;
const BUSY_MS = 30_000;
const CACHE_KB = 128_000;
/** A catalogue that keeps changing while a file is checked against it. */
const MOST_TRIES = 5;

interface Reading {
  readonly rows: CatalogueRows;
  readonly rowCount: number;
  readonly problems: ImportRowProblem[];
  /** Where a row of a kind stands in the file: a line of a table, a path in an archive. */
  where(kind: CatalogueKind, index: number): { readonly line: number | null; readonly path: string };
  readonly unplaced: readonly UnplacedKind[];
}

function read({ bytes, what, foreign }: ImportTask, store: CatalogueStore): Reading {
  if (what === 'foreign') return readForeign(bytes, foreign ?? { mapping: {}, kinds: {} }, store);
  if (what === 'archive') {
    const { rows, places, problems, rowCount } = readArchive(bytes);
    const where = (kind: CatalogueKind, index: number) => ({ line: null, path: `/${kind}/${places[kind][index] ?? index}` });
    return {
      rows,
      rowCount,
      problems: problems.map(({ path, reason }) => ({ line: null, path, value: null, reason })),
      where,
      unplaced: [],
    };
  }
  const table = CATALOGUE_TABLES[what] as CatalogueTable<CatalogueRow<CatalogueKind>>;
  const { sound, problems, rowCount } = readCatalogueTable(table, bytes);
  return {
    rows: { [what]: sound.map(({ row }) => row) },
    rowCount,
    problems: problems.map(({ line, column, value, reason }) => ({ line, path: column ?? '', value, reason })),
    where: (_, index) => ({ line: sound[index]?.line ?? null, path: '' }),
    unplaced: [],
  };
}

/** Moulds with what they hide of the body, measured on the drawing: once for each silhouette, as thousands of moulds share a few. */
function withCovers(): (mould: Mould) => Mould {
  const measured = new Map<string, ReturnType<typeof coversOf>>();
  return (mould) => {
    let covers = measured.get(mould.silhouette);
    if (!covers) measured.set(mould.silhouette, (covers = coversOf(mould)));
    return Object.keys(covers).length === 0 ? mould : { ...mould, geometry: { ...mould.geometry, covers } };
  };
}

/** What is there already stays as it is: a file of somebody else's adds, and never writes over. */
function readForeign(bytes: Uint8Array, { mapping, kinds }: ForeignTask, store: CatalogueStore): Reading {
  const rows = readForeignTable(bytes, mapping);
  const { colours, moulds, prints, variants, lines, problems, unplaced } = readForeignRows(rows, store.readKind('colours'), kinds);
  const [known, printed, there] = (['moulds', 'prints', 'variants'] as const).map((kind) => store.keys(kind));
  const fresh = variants.map((row, i) => ({ row, line: lines[i] ?? null })).filter(({ row }) => !there?.has(row.id));
  return {
    rows: {
      colours,
      moulds: moulds.filter((mould) => !known?.has(mould.number)).map(withCovers()),
      prints: prints.filter((print) => !printed?.has(print.id)),
      variants: fresh.map(({ row }) => row),
    },
    rowCount: rows.length,
    problems: problems.map(({ line, field, value, reason }) => ({ line, path: mapping[field] ?? field, value, reason })),
    where: (kind, index) => ({ line: kind === 'variants' ? (fresh[index]?.line ?? null) : null, path: '' }),
    unplaced,
  };
}

function problemOf({ kind, index, field, reason }: RowFault, reading: Reading): ImportRowProblem {
  const { line, path } = reading.where(kind, index);
  return { line, path: [path, field].filter(Boolean).join('/'), value: null, reason };
}

type Tell = (phase: ImportProgress['phase'], done: number, of: number) => void;

/** Reads, checks and (when the person agreed) writes a catalogue file, on a connection of its own. */
export default function importCatalogue(task: ImportTask): ImportOutcome {
  const stop = new Int32Array(task.stop);
  const tell: Tell = (phase, done, of) => {
    if (Atomics.load(stop, 0) === 1) throw new Stopped();
    task.port.postMessage({ phase, done, of } satisfies ImportProgress);
  };
  const connection = connect(task.databaseFile);
  try {
    connection.pragma(`busy_timeout = ${BUSY_MS}`);
    connection.pragma(`cache_size = -${CACHE_KB}`);
    tell('reading', 0, 0);
    const reading = read(task, new CatalogueStore(tablesOf(connection)));
    for (let attempt = 1; ; attempt += 1) {
      const outcome = attemptImport(task, reading, connection, tell);
      if (outcome !== 'changed meanwhile') return outcome;
      if (attempt === MOST_TRIES)
        return { refused: 'The catalogue was changed again and again meanwhile. Nothing was imported; try again in a moment.' };
    }
  } catch (error) {
    if (error instanceof Stopped) return { stopped: true };
    if (error instanceof UnreadableFile) return { refused: error.message };
    throw error;
  } finally {
    connection.close();
    task.port.close();
  }
}

function attemptImport(task: ImportTask, reading: Reading, connection: Connection, tell: Tell): ImportOutcome | 'changed meanwhile' {
  const tables = tablesOf(connection);
  const [store, log] = [new CatalogueStore(tables), new ChangeLog(tables)];
  // A file is checked against one state of the catalogue, and written into no other.
  const checkedAt = log.lastOf(LINE);
  tell('checking', 0, reading.rowCount);
  const known = knownBy((kind) => store.keys(kind), {
    mergedInto: (id) => store.mergedInto(id),
    mouldOf: (variant) => store.mouldOf(variant),
    fillsOf: (mould) => store.fillsOf(mould),
    parentOf: (motif) => store.parentOf(motif),
    silhouettes: SILHOUETTES,
    sources: (reading.rows.sources?.length ?? 0) > 0 ? store.readKind('sources') : [],
  });
  const { rows, faults } = soundRows(reading.rows, known);
  const problems = [...reading.problems, ...faults.map((fault) => problemOf(fault, reading))];
  const soundCount = rowCountOf(rows);
  if (task.agree === 'all' && problems.length > 0)
    return { refused: `${problems.length} problems stand in the file. Nothing was imported; correct them, or take the sound rows alone.` };
  const staging = new Staging(connection, tables, store);
  const compared = staging.lay(rows, (done) => tell('comparing', done, soundCount));
  const report: ImportReport = {
    rowCount: reading.rowCount,
    soundCount,
    importedCount: task.agree === null ? 0 : soundCount,
    addedCount: compared.added,
    changedCount: compared.changed,
    sameCount: compared.same,
    noticeCount: 0,
    problemCount: problems.length,
    problems: problems.slice(0, MOST_PROBLEMS),
    unplaced: reading.unplaced.slice(0, MOST_KINDS),
  };
  if (task.agree === null) return { report };
  tell('writing', 0, soundCount);
  const take = connection.transaction((): boolean => {
    if (log.lastOf(LINE) !== checkedAt) return false;
    const slices = staging.slices();
    const turned = staging.lastStep();
    const catalogue = turned.length > 0 ? new Catalogue(store.read()) : null;
    if (catalogue) for (const id of turned) store.noteMade(id, madeSentence(id, catalogue), task.at);
    const label = `Imported ${soundCount} ${soundCount === 1 ? 'row' : 'rows'} of ${WHAT[task.what]}`;
    // The last moment at which a stop keeps nothing.
    tell('writing', soundCount, soundCount);
    log.edit({ ...LINE, at: task.at, label, about: `import ${task.what}`, slices });
    endJob(tables, task.job, report, task.at);
    return true;
  });
  const isTaken = take.immediate();
  if (!isTaken) return 'changed meanwhile';
  return { report };
}
