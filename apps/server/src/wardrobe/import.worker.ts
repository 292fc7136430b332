import { type KnownRun, matchRuns, type Movement, OUTSIDE, PATH_SEPARATOR, readPath, type RowMeaning } from '@outfit/core/wardrobe';
import { readTable, type RowOf, type TableReport, wardrobeColumns } from '@outfit/formats';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore, PartNames } from '../catalogue/worker.js';
import { ChangeLog, type Slice } from '../platform/log/index.js';
import { tablesOf } from '../platform/sqlite/index.js';
import { RunEntity } from './wardrobe.entities.js';
import { entrySlice, LedgerStore, madeSlices } from './ledger/worker.js';
import { importTable, type TableImport, type TableOutcome, type TableTask } from '../platform/tables/index.js';

type PieceRow = RowOf<ReturnType<typeof wardrobeColumns>>;

/** What a file says of what is written down already: how many rows of each kind, and the first that change something. */
export interface PieceChanges {
  readonly kinds: Readonly<Record<RowMeaning['kind'], number>>;
  readonly rows: readonly {
    readonly line: number;
    readonly variant: string;
    readonly kind: RowMeaning['kind'];
    readonly quantity: number;
    readonly before: number | null;
  }[];
}

/** As many rows are named one by one. */
const MOST_NAMED = 200;

const knownRuns = (connection: Connection): readonly KnownRun[] =>
  tablesOf(connection).table(RunEntity).select(`WHERE placeKind <> 'outside' ORDER BY id`);

/** How a file of owned pieces is read and taken. A row states what lies in a place: read again, it changes nothing. */
const PIECES: TableImport<PieceRow, PieceChanges> = {
  read(connection, { bytes }) {
    const ids = new CatalogueStore(tablesOf(connection)).keys('variants');
    const names = new PartNames(tablesOf(connection), () => ids);
    const columns = wardrobeColumns({
      isVariant: (id) => ids.has(id),
      isSeller: () => false,
      nearestVariant: (id) => names.nearest(id),
    });
    return readTable(bytes, columns);
  },
  stage(connection, given, { at }) {
    const rows = given.map(({ line, row }) => ({ line, row: inOnePath(row) }));
    const ledger = new LedgerStore(tablesOf(connection));
    const log = new ChangeLog(tablesOf(connection));
    return () => {
      // Matched within the transaction: what is written down may have changed since the file was looked at.
      const meanings = matchRuns(
        rows.map(({ row }) => row),
        knownRuns(connection),
      );
      const notes: Slice[] = [];
      const movements = rows.flatMap(({ row }, i) => {
        const meaning = meanings[i];
        return meaning?.kind === 'same' ? [] : movementsOf(row, meaning?.kind === 'replaces' ? meaning.known : null, ledger, at, notes);
      });
      const changed = meanings.filter((meaning) => meaning.kind !== 'same').length;
      if (changed === 0) return;
      const label = `Took ${rows.length === 1 ? 'a row' : `${rows.length} rows`} of owned pieces from a file, ${changed} of them changes`;
      const entered =
        movements.length === 0
          ? []
          : [entrySlice(ledger.enter({ at, kind: 'counted', sentence: label, because: 'import' }, movements), true)];
      log.edit({ at, line: 'wardrobe', item: 'all', label, about: 'import pieces', slices: [...madeSlices(ledger), ...entered, ...notes] });
    };
  },
  more: (connection, report) => changesOf(connection, report),
};

/** A row whose place is written as lists write it, whichever sign stood between the names. */
const inOnePath = (row: PieceRow): PieceRow => ({ ...row, place: readPath(row.place).join(PATH_SEPARATOR) });

/**
 * What a row changes: pieces come in, or are counted anew where they lie. A note is written beside the run it is about.
 *
 * @param notes what was written over is added to it
 */
function movementsOf(row: PieceRow, known: KnownRun | null, ledger: LedgerStore, at: string, notes: Slice[]): readonly Movement[] {
  const held = known && ledger.balanceOf(known.id);
  if (!held) {
    const lot = ledger.addLot({ variant: row.variant, condition: row.condition, note: row.note, owner: row.owner, addedAt: at });
    return [{ lot, quantity: row.quantity, from: OUTSIDE, to: ledger.placeAt(row.place) }];
  }
  if (known.note !== row.note) {
    notes.push({ subject: 'lot', item: String(held.lot), before: { note: known.note }, after: { note: row.note } });
    ledger.noteLot(held.lot, row.note);
  }
  const off = row.quantity - held.quantity;
  if (off === 0) return [];
  return [{ lot: held.lot, quantity: Math.abs(off), from: off > 0 ? OUTSIDE : held.place, to: off > 0 ? held.place : OUTSIDE }];
}

function changesOf(connection: Connection, report: TableReport<PieceRow>): PieceChanges {
  const sound = report.sound.map(({ line, row }) => ({ line, row: inOnePath(row) }));
  const meanings = matchRuns(
    sound.map(({ row }) => row),
    knownRuns(connection),
  );
  const kinds = { new: 0, same: 0, 'adds to': 0, replaces: 0 };
  for (const { kind } of meanings) kinds[kind] += 1;
  const rows = sound.flatMap(({ line, row }, i) => {
    const meaning = meanings[i];
    if (!meaning || meaning.kind === 'same') return [];
    const before = meaning.kind === 'replaces' ? meaning.known.quantity : null;
    return [{ line, variant: row.variant, kind: meaning.kind, quantity: row.quantity, before }];
  });
  return { kinds, rows: rows.slice(0, MOST_NAMED) };
}

/** Imports a file of owned pieces, in a worker. */
export default function importPieces(task: TableTask): TableOutcome<PieceChanges> {
  return importTable(task, PIECES);
}
