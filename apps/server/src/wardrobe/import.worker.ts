import { type KnownRun, matchRuns, type RowMeaning } from '@outfit/core/wardrobe';
import { readTable, type RowOf, type TableReport, wardrobeColumns } from '@outfit/formats';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore, PartNames } from '../catalogue/worker.js';
import { ChangeLog } from '../platform/log/index.js';
import { preparing } from '../platform/sqlite/index.js';
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
  connection.prepare('SELECT id, variant, quantity, condition, place, note FROM piece ORDER BY id').all() as KnownRun[];

/** How a file of owned pieces is read and taken. A row states what lies in a place: read again, it changes nothing. */
const PIECES: TableImport<PieceRow, PieceChanges> = {
  read(connection, { bytes }) {
    const ids = new CatalogueStore(preparing(connection)).keys('variants');
    const names = new PartNames(preparing(connection), () => ids);
    const columns = wardrobeColumns({
      isVariant: (id) => ids.has(id),
      isSeller: () => false,
      nearestVariant: (id) => names.nearest(id),
    });
    return readTable(bytes, columns);
  },
  stage(connection, rows, { at }) {
    const insert = connection.prepare(
      'INSERT INTO main.piece (variant, quantity, condition, place, note, addedAt) VALUES (?, ?, ?, ?, ?, ?)',
    );
    const replace = connection.prepare('UPDATE main.piece SET quantity = ?, note = ? WHERE id = ?');
    const log = new ChangeLog(preparing(connection));
    return () => {
      // Matched within the transaction: what is written down may have changed since the file was looked at.
      const meanings = matchRuns(
        rows.map(({ row }) => row),
        knownRuns(connection),
      );
      rows.forEach(({ row }, i) => {
        const meaning = meanings[i];
        if (meaning?.kind === 'replaces') replace.run(row.quantity, row.note, meaning.known.id);
        else if (meaning?.kind !== 'same') insert.run(row.variant, row.quantity, row.condition, row.place, row.note, at);
      });
      const changed = meanings.filter((meaning) => meaning.kind !== 'same').length;
      if (changed === 0) return;
      const label = `Imported ${rows.length} rows of owned pieces, ${changed} of them changes`;
      log.edit({ at, subject: 'wardrobe', item: 'all', label, about: null, before: null, after: null });
    };
  },
  more: (connection, report) => changesOf(connection, report),
};

function changesOf(connection: Connection, { sound }: TableReport<PieceRow>): PieceChanges {
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
