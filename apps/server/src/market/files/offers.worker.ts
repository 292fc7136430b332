import { type OfferChange, offerChanges, type OfferChangeKind, type YieldKind } from '@outfit/core';
import { offerColumns, offerFault, readTable, type RowOf, type TableReport } from '@outfit/formats';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore, PartNames } from '../../catalogue/worker.js';
import { ChangeLog, type Slice } from '../../platform/log/index.js';
import { StagedRows, tablesOf } from '../../platform/sqlite/index.js';
import { importTable, type TableOutcome, type TableTask } from '../../platform/tables/index.js';
import { OfferEntity, SellerEntity } from '../market.entities.js';
import { recordTouched } from './recordTouched.js';

type OfferRow = RowOf<ReturnType<typeof offerColumns>>;
type Listed = Pick<OfferEntity, 'seller' | 'kind' | 'item' | 'condition' | 'multiple' | 'priceMinor' | 'stock'>;

const MOST_CHANGES = 500;

/** What a feed changes against the sellers' last files, and which items it is about. */
export interface OfferChanges {
  readonly changes: readonly (OfferChange & { readonly currency: string })[];
  readonly counts: {
    readonly new: number;
    readonly dearer: number;
    readonly cheaper: number;
    readonly stock: number;
    readonly gone: number;
  };
}

/** What may be offered: every id of the catalogue with its kind. A variant goes before whatever else has its name. */
function kindsOf(connection: Connection): ReadonlyMap<string, YieldKind> {
  const store = new CatalogueStore(tablesOf(connection));
  const kinds = new Map<string, YieldKind>();
  for (const [kind, of] of [
    ['sources', 'source'],
    ['officialFigures', 'figure'],
    ['bundles', 'bundle'],
    ['variants', 'variant'],
  ] as const)
    for (const id of store.keys(kind)) kinds.set(id, of);
  return kinds;
}

const listingsOf = (
  report: TableReport<OfferRow>,
  kinds: ReadonlyMap<string, YieldKind>,
): readonly (Listed & { readonly line: number })[] =>
  report.sound.map(({ line, row: { seller, item, condition, multiple, priceMinor, stock } }) => ({
    ...{ line, seller, item, condition, multiple, priceMinor, stock },
    kind: kinds.get(item) ?? 'variant',
  }));

/**
 * Offers by names that tell what they are: the seller, the item, its condition and its lots, and which of several such by price.
 * The next file of the seller, in whatever order, names the same offers so; what a person keeps or bans stays kept or banned.
 */
function nameOffers(rows: readonly OfferRow[]): readonly { readonly id: string; readonly row: OfferRow }[] {
  const alike = new Map<string, number>();
  return [...rows]
    .sort((a, b) => a.priceMinor - b.priceMinor)
    .map((row) => {
      const what = `${row.seller}/${row.item}/file-${row.condition}-${row.multiple}`;
      const before = alike.get(what) ?? 0;
      alike.set(what, before + 1);
      return { id: before === 0 ? what : `${what}-${before + 1}`, row };
    });
}

/** Imports a file of offers, in a worker. A seller's offers that were imported before are replaced by the file's. */
export default function importOffers(task: TableTask): TableOutcome<OfferChanges> {
  let kinds: ReadonlyMap<string, YieldKind> = new Map();
  let currencies: ReadonlyMap<string, string> = new Map();
  return importTable<OfferRow, OfferChanges>(task, {
    read(connection, { bytes, today }) {
      kinds = kindsOf(connection);
      currencies = new Map(
        tablesOf(connection)
          .table(SellerEntity)
          .find()
          .map(({ id, currency }) => [id, currency]),
      );
      const parts = new PartNames(tablesOf(connection), () => kinds.keys());
      const names = {
        isVariant: (id: string) => kinds.has(id),
        isSeller: (id: string) => currencies.has(id),
        nearestVariant: (id: string) => parts.nearest(id),
      };
      return readTable(
        bytes,
        offerColumns(names, today, (seller) => currencies.get(seller) ?? ''),
        undefined,
        undefined,
        offerFault,
      );
    },
    more(connection, report) {
      const after = listingsOf(report, kinds);
      const sellers = [...new Set(after.map((row) => row.seller))];
      const before = tablesOf(connection)
        .table(OfferEntity)
        .find({ where: { origin: 'imported', seller: sellers } });
      const changes = offerChanges(before, after);
      const count = (...kind: readonly OfferChangeKind[]): number => changes.filter((row) => kind.includes(row.change)).length;
      return {
        changes: changes.slice(0, MOST_CHANGES).map((change) => ({ ...change, currency: currencies.get(change.seller) ?? '' })),
        counts: {
          new: count('new'),
          dearer: count('dearer'),
          cheaper: count('cheaper'),
          stock: count('restocked', 'sold down'),
          gone: count('gone'),
        },
      };
    },
    stage(connection, rows, { today, at }) {
      const tables = tablesOf(connection);
      const staged = new StagedRows(connection, tables.table(OfferEntity));
      connection.transaction(() => {
        for (const { id, row } of nameOffers(rows.map(({ row }) => row)))
          staged.add({ ...row, id, kind: kinds.get(row.item) ?? 'variant', origin: 'imported' });
      })();
      return () => {
        // A file is all that its sellers offer by files.
        const replaced = `origin = 'imported' AND seller IN (SELECT DISTINCT seller FROM ${staged.name})`;
        const slices = slicesOf(staged.rowsToLeave(replaced), staged.rowsToCome(replaced));
        connection.exec(
          `CREATE TEMP TABLE touched AS SELECT kind, item FROM main.offer WHERE ${replaced} UNION SELECT kind, item FROM ${staged.name};
           DELETE FROM main.offer WHERE ${replaced}`,
        );
        staged.move();
        recordTouched(connection, today);
        const sellers = tables.table(SellerEntity).select(`WHERE id IN (SELECT DISTINCT seller FROM ${staged.name}) ORDER BY name`);
        const label = `Took ${rows.length === 1 ? 'an offer' : `${rows.length} offers`} of ${namesOf(sellers)} from a file`;
        new ChangeLog(tables).edit({ ...LINE, at, label: label.slice(0, 200), about: 'import offers', slices });
      };
    },
  });
}

const LINE = { line: 'market', item: 'all' } as const;
/** What the last step changes, offer by offer, for the history. */
function slicesOf(leaving: readonly OfferEntity[], coming: readonly OfferEntity[]): readonly Slice[] {
  const [before, after] = [leaving, coming].map((rows) => new Map(rows.map((row) => [row.id, { ...row }])));
  return [...new Set([...leaving, ...coming].map(({ id }) => id))].map((id) => ({
    subject: 'market',
    item: `offer ${id}`,
    before: before?.get(id) ?? null,
    after: after?.get(id) ?? null,
  }));
}

/** "Tin Drawer", "Tin Drawer and 3 more". */
const namesOf = ([first, ...others]: readonly SellerEntity[]): string =>
  `${first?.name ?? ''}${others.length > 0 ? ` and ${others.length} more` : ''}`;
