import { notTwice, rateColumns, readTable, type RowOf } from '@outfit/formats';
import { preparing } from '../../platform/sqlite/index.js';
import { importTable, type TableOutcome, type TableTask } from '../../platform/tables/index.js';
import { CURRENCY, LowestRecord } from '../records/index.js';
import { followTerms } from './followTerms.js';

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
    stage(connection, rows) {
      const take = connection.prepare(
        `INSERT INTO main.rate (currency, day, perUnit, origin) VALUES (?, ?, ?, 'imported')
           ON CONFLICT (currency, day) DO UPDATE SET perUnit = excluded.perUnit, origin = excluded.origin`,
      );
      return () => {
        for (const { row } of rows) take.run(row.currency, row.day, row.perUnit);
        new LowestRecord(preparing(connection)).forget();
      };
    },
    after: followTerms,
  });
}
