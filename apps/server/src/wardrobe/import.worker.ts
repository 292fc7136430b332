import { NearestNames } from '@outfit/core';
import { readTable, type RowOf, wardrobeColumns } from '@outfit/formats';
import { CatalogueStore } from '../catalogue/worker.js';
import { ChangeLog } from '../platform/log/index.js';
import { preparing } from '../platform/sqlite/index.js';
import { importTable, type TableImport, type TableOutcome, type TableTask } from '../platform/tables/index.js';

type PieceRow = RowOf<ReturnType<typeof wardrobeColumns>>;

/** How a file of owned pieces is read and taken. */
const PIECES: TableImport<PieceRow, null> = {
  read(connection, { bytes }) {
    const ids = new CatalogueStore(preparing(connection)).keys('variants');
    const nearest = new NearestNames(() => ids);
    const columns = wardrobeColumns({
      isVariant: (id) => ids.has(id),
      isSeller: () => false,
      nearestVariant: (id) => nearest.to(id),
    });
    return readTable(bytes, columns);
  },
  stage(connection, rows, { at }) {
    connection.exec('CREATE TEMP TABLE staged_piece (line INTEGER PRIMARY KEY, variant, quantity, condition, place, note)');
    const lay = connection.prepare('INSERT INTO staged_piece VALUES (?, ?, ?, ?, ?, ?)');
    connection.transaction(() => {
      for (const { line, row } of rows) lay.run(line, row.variant, row.quantity, row.condition, row.place, row.note);
    })();
    const log = new ChangeLog(preparing(connection));
    return () => {
      connection
        .prepare(
          `INSERT INTO main.piece (variant, quantity, condition, place, note, addedAt)
             SELECT variant, quantity, condition, place, note, ? FROM temp.staged_piece ORDER BY line`,
        )
        .run(at);
      const label = `Imported ${rows.length} rows of owned pieces`;
      log.edit({ at, subject: 'wardrobe', item: 'all', label, about: null, before: null, after: null });
    };
  },
  more: () => null,
};

/** Imports a file of owned pieces, in a worker. */
export default function importPieces(task: TableTask): TableOutcome<null> {
  return importTable(task, PIECES);
}
