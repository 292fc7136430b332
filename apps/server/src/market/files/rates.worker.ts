import { notTwice, rateColumns, readTable, type RowOf } from '@outfit/formats';
import { ChangeLog } from '../../platform/log/index.js';
import { preparing } from '../../platform/sqlite/index.js';
import { importTable, type TableOutcome, type TableTask } from '../../platform/tables/index.js';
import { CURRENCY, LowestRecord } from '../records/index.js';
import { followTerms } from './followTerms.js';
import { rateOf } from './filedRecord.js';

type RateRow = RowOf<ReturnType<typeof rateColumns>>;

/** Adds exchange rates, or gives a day's another value; in a worker. */
export default function importRates(task: TableTask): TableOutcome<null> {
  return importTable<RateRow, null>(task, {
    read: (_, { bytes, today }) =>
      readTable(
        bytes,
        rateColumns(CURRENCY, today),
        undefined,
        undefined,
        notTwice<RateRow>(
          'day',
          ({ currency, day }) => `${currency} ${day}`,
          'This day has a rate of the currency already; one row gives it.',
        ),
      ),
    more: () => null,
    stage(connection, rows, { at }) {
      const take = connection.prepare(
        `INSERT INTO main.rate (currency, day, perUnit, origin) VALUES (?, ?, ?, 'imported')
           ON CONFLICT (currency, day) DO UPDATE SET perUnit = excluded.perUnit, origin = excluded.origin`,
      );
      return () => {
        const before = rows.map(({ row }) => rateOf(connection, row));
        for (const { row } of rows) take.run(row.currency, row.day, row.perUnit);
        const slices = rows.map(({ row }, i) => ({
          ...{ subject: 'market' as const, item: `rate ${row.currency} ${row.day}` },
          ...{ before: before[i] ?? null, after: rateOf(connection, row) },
        }));
        const label = rows.length === 1 ? 'Took a rate from a file' : `Took ${rows.length} rates from a file`;
        const log = new ChangeLog(preparing(connection));
        log.edit({ line: 'market', item: 'all', at, label, about: 'import rates', slices });
        new LowestRecord(preparing(connection)).forget();
      };
    },
    after: followTerms,
  });
}
