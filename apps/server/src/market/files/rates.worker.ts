import { notTwice, rateColumns, readTable, type RowOf } from '@outfit/formats';
import { ChangeLog } from '../../platform/log/index.js';
import { tablesOf } from '../../platform/sqlite/index.js';
import { SettingsStore } from '../../settings/index.js';
import { importTable, type TableOutcome, type TableTask } from '../../platform/tables/index.js';
import { RateEntity } from '../market.entities.js';
import { LowestStore } from '../stores/index.js';
import { followTerms } from './followTerms.js';

type RateRow = RowOf<ReturnType<typeof rateColumns>>;

/** Adds exchange rates, or gives a day's another value; in a worker. */
export default function importRates(task: TableTask): TableOutcome<null> {
  return importTable<RateRow, null>(task, {
    read: (connection, { bytes, today }) =>
      readTable(
        bytes,
        rateColumns(new SettingsStore(tablesOf(connection)).now().currency, today),
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
      const tables = tablesOf(connection);
      const rates = tables.table(RateEntity);
      return () => {
        const slices = rows.map(({ row: { currency, day, perUnit } }) => {
          const [before, after] = [rates.first({ currency, day }), { currency, day, perUnit, origin: 'imported' as const }];
          return { subject: 'market' as const, item: `rate ${currency} ${day}`, before: before && { ...before }, after };
        });
        rates.upsertAll(slices.map(({ after }) => after));
        const label = rows.length === 1 ? 'Took a rate from a file' : `Took ${rows.length} rates from a file`;
        const log = new ChangeLog(tables);
        log.edit({ line: 'market', item: 'all', at, label, about: 'import rates', slices });
        new LowestStore(tables).forget();
      };
    },
    after: followTerms,
  });
}
