import { notTwice, readTable, type RowOf, sellerColumns } from '@outfit/formats';
import { ChangeLog } from '../../platform/log/index.js';
import { tablesOf } from '../../platform/sqlite/index.js';
import { importTable, type TableOutcome, type TableTask } from '../../platform/tables/index.js';
import { BinnedSellerEntity, SellerEntity } from '../market.entities.js';
import { LowestStore } from '../stores/index.js';
import { followTerms } from './followTerms.js';

type SellerRow = RowOf<ReturnType<typeof sellerColumns>>;

/** Adds sellers, or gives known ones the terms of the file; in a worker. */
export default function importSellers(task: TableTask): TableOutcome<null> {
  return importTable<SellerRow, null>(task, {
    read(connection, { bytes }) {
      const binned = new Set(
        tablesOf(connection)
          .table(BinnedSellerEntity)
          .find()
          .map(({ id }) => id),
      );
      const twice = notTwice<SellerRow>('seller', ({ id }) => id, 'This seller is there twice; one row gives its terms.');
      return readTable(bytes, sellerColumns(), undefined, undefined, (row: SellerRow) =>
        binned.has(row.id)
          ? { column: 'seller', reason: 'This seller lies in the bin. Take it out there first, or give another short name.' }
          : twice(row),
      );
    },
    more: () => null,
    stage(connection, rows, { at }) {
      const tables = tablesOf(connection);
      const sellers = tables.table(SellerEntity);
      return () => {
        const slices = rows.map(({ row }) => {
          const before = sellers.first({ id: row.id });
          return {
            subject: 'market' as const,
            item: `seller ${row.id}`,
            before: before && { ...before },
            after: { ...afterFile(row, before) },
          };
        });
        sellers.upsertAll(slices.map(({ after }) => after));
        const [first] = rows;
        const label =
          rows.length === 1
            ? `Took the terms of ${first?.row.name ?? ''} from a file`
            : `Took the terms of ${rows.length} sellers from a file`;
        new ChangeLog(tables).edit({ line: 'market', item: 'all', at, label, about: 'import sellers', slices });
        new LowestStore(tables).forget();
      };
    },
    after: followTerms,
  });
}

/** A seller with the terms of a row. What the file does not tell stays as it was, and begins as a shop that is always right. */
function afterFile(
  { dutyAboveMinor, dutyPercent, dutyFeeMinor, trusted, thirdParty, ...terms }: SellerRow,
  before: SellerEntity | null,
): SellerEntity {
  const isThirdParty = thirdParty === 'yes';
  return {
    kind: isThirdParty ? 'workshop' : 'shop',
    reliability: 1,
    ...before,
    version: (before?.version ?? 0) + 1,
    ...terms,
    duty: dutyAboveMinor === null ? null : { aboveMinor: dutyAboveMinor, percent: dutyPercent, feeMinor: dutyFeeMinor },
    trusted: trusted === 'yes',
    thirdParty: isThirdParty,
  };
}
