import { notTwice, readTable, type RowOf, sellerColumns } from '@outfit/formats';
import { ChangeLog } from '../../platform/log/index.js';
import { preparing } from '../../platform/sqlite/index.js';
import { importTable, type TableOutcome, type TableTask } from '../../platform/tables/index.js';
import { LowestRecord } from '../records/index.js';
import { followTerms } from './followTerms.js';
import { sellerOf } from './filedRecord.js';

type SellerRow = RowOf<ReturnType<typeof sellerColumns>>;

/** Adds sellers, or gives known ones the terms of the file; in a worker. */
export default function importSellers(task: TableTask): TableOutcome<null> {
  return importTable<SellerRow, null>(task, {
    read(connection, { bytes }) {
      const binned = new Set(connection.prepare('SELECT id FROM binned_seller').pluck().all() as string[]);
      const twice = notTwice<SellerRow>('seller', ({ id }) => id, 'This seller is there twice; one row gives its terms.');
      return readTable(bytes, sellerColumns(), undefined, undefined, (row: SellerRow) =>
        binned.has(row.id)
          ? { column: 'seller', reason: 'This seller lies in the bin. Take it out there first, or give another short name.' }
          : twice(row),
      );
    },
    more: () => null,
    stage(connection, rows, { at }) {
      // What the file does not tell stays as it was, and begins as a shop that is always right.
      const take = connection.prepare(
        `INSERT INTO main.seller (id, name, country, currency, days, postage, minimumMinor, handlingMinor, freePostageFromMinor, duty, trusted, thirdParty, kind, reliability)
           VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
           ON CONFLICT (id) DO UPDATE SET name = excluded.name, country = excluded.country, currency = excluded.currency, days = excluded.days,
             postage = excluded.postage, minimumMinor = excluded.minimumMinor, handlingMinor = excluded.handlingMinor,
             freePostageFromMinor = excluded.freePostageFromMinor, duty = excluded.duty, trusted = excluded.trusted, thirdParty = excluded.thirdParty`,
      );
      return () => {
        const before = rows.map(({ row }) => sellerOf(connection, row.id));
        for (const { row } of rows) {
          const { id, name, country, currency, days, postage, minimumMinor, handlingMinor, freePostageFromMinor } = row;
          const { dutyAboveMinor, dutyPercent, dutyFeeMinor } = row;
          const duty =
            dutyAboveMinor === null ? null : JSON.stringify({ aboveMinor: dutyAboveMinor, percent: dutyPercent, feeMinor: dutyFeeMinor });
          const isThirdParty = row.thirdParty === 'yes';
          take.run(
            ...[id, name, country, currency, days, JSON.stringify(postage), minimumMinor, handlingMinor, freePostageFromMinor, duty],
            ...[Number(row.trusted === 'yes'), Number(isThirdParty), isThirdParty ? 'workshop' : 'shop'],
          );
        }
        const slices = rows.map(({ row }, i) => ({
          ...{ subject: 'market' as const, item: `seller ${row.id}` },
          ...{ before: before[i] ?? null, after: sellerOf(connection, row.id) },
        }));
        const [first] = rows;
        const label =
          rows.length === 1
            ? `Took the terms of ${first?.row.name ?? ''} from a file`
            : `Took the terms of ${rows.length} sellers from a file`;
        const log = new ChangeLog(preparing(connection));
        log.edit({ line: 'market', item: 'all', at, label, about: 'import sellers', slices });
        new LowestRecord(preparing(connection)).forget();
      };
    },
    after: followTerms,
  });
}
