import { type OfferChange, offerChanges, type OfferChangeKind, type YieldKind } from '@outfit/core';
import { offerColumns, offerFault, readTable, type RowOf, type TableReport } from '@outfit/formats';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore, PartNames } from '../../catalogue/worker.js';
import { ChangeLog, type Document, type Slice } from '../../platform/log/index.js';
import { preparing } from '../../platform/sqlite/index.js';
import { importTable, type TableOutcome, type TableTask } from '../../platform/tables/index.js';
import type { OfferEntity } from '../market.entities.js';
import { recordTouched } from './touchedRecord.js';

type OfferRow = RowOf<ReturnType<typeof offerColumns>>;
type Listed = Pick<OfferEntity, 'seller' | 'kind' | 'item' | 'condition' | 'multiple' | 'priceMinor' | 'stock'>;

const MOST_CHANGES = 500;

/** What a feed changes against the sellers' last files, and which items it is about. */
export interface OfferChanges {
  readonly changes: readonly OfferChange[];
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
  const store = new CatalogueStore(preparing(connection));
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

const listed = (report: TableReport<OfferRow>, kinds: ReadonlyMap<string, YieldKind>): readonly (Listed & { readonly line: number })[] =>
  report.sound.map(({ line, row: { seller, item, condition, multiple, priceMinor, stock } }) => ({
    ...{ line, seller, item, condition, multiple, priceMinor, stock },
    kind: kinds.get(item) ?? 'variant',
  }));

/**
 * Offers by names that tell what they are: the seller, the item, its condition and its lots, and which of several such by price.
 * The next file of the seller, in whatever order, names the same offers so; what a person keeps or bans stays kept or banned.
 */
function named(rows: readonly OfferRow[]): readonly { readonly id: string; readonly row: OfferRow }[] {
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
  return importTable<OfferRow, OfferChanges>(task, {
    read(connection, { bytes, today }) {
      kinds = kindsOf(connection);
      const sellers = new Set(connection.prepare('SELECT id FROM seller').pluck().all() as string[]);
      const parts = new PartNames(preparing(connection), () => kinds.keys());
      const names = {
        isVariant: (id: string) => kinds.has(id),
        isSeller: (id: string) => sellers.has(id),
        nearestVariant: (id: string) => parts.nearest(id),
      };
      return readTable(bytes, offerColumns(names, today), undefined, undefined, offerFault);
    },
    more(connection, report) {
      const after = listed(report, kinds);
      const sellers = JSON.stringify([...new Set(after.map((row) => row.seller))]);
      const before = connection
        .prepare(
          `SELECT seller, kind, item, condition, multiple, priceMinor, stock FROM offer
             WHERE origin = 'imported' AND seller IN (SELECT value FROM json_each(?))`,
        )
        .all(sellers) as Listed[];
      const changes = offerChanges(before, after);
      const count = (...kind: readonly OfferChangeKind[]): number => changes.filter((row) => kind.includes(row.change)).length;
      return {
        changes: changes.slice(0, MOST_CHANGES),
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
      connection.exec(
        'CREATE TEMP TABLE staged_offer (id PRIMARY KEY, seller, kind, item, priceMinor, stock, multiple, condition, seenOn) WITHOUT ROWID',
      );
      const lay = connection.prepare('INSERT INTO staged_offer VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)');
      connection.transaction(() => {
        for (const { id, row } of named(rows.map(({ row }) => row))) {
          const { seller, item, priceMinor, stock, multiple, condition, seenOn } = row;
          lay.run(id, seller, kinds.get(item) ?? 'variant', item, priceMinor, stock, multiple, condition, seenOn);
        }
      })();
      return () => {
        const slices = slicesOf(connection);
        connection.exec(
          `CREATE TEMP TABLE touched AS SELECT kind, item FROM main.offer
             WHERE origin = 'imported' AND seller IN (SELECT DISTINCT seller FROM temp.staged_offer)
             UNION SELECT kind, item FROM temp.staged_offer;
           DELETE FROM main.offer WHERE origin = 'imported' AND seller IN (SELECT DISTINCT seller FROM temp.staged_offer);
           INSERT INTO main.offer (id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin)
             SELECT id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, 'imported' FROM temp.staged_offer`,
        );
        recordTouched(connection, today);
        const label = `Took ${rows.length === 1 ? 'an offer' : `${rows.length} offers`} of ${sellersOf(connection)} from a file`;
        new ChangeLog(preparing(connection)).edit({ ...LINE, at, label: label.slice(0, 200), about: 'import offers', slices });
      };
    },
  });
}

const LINE = { line: 'market', item: 'all' } as const;
const COLUMNS = 'id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin';

/** What the last step changes, offer by offer, for the history; those that stay as they are are none of it. */
function slicesOf(connection: Connection): readonly Slice[] {
  const stand = `SELECT ${COLUMNS} FROM main.offer WHERE origin = 'imported' AND seller IN (SELECT DISTINCT seller FROM temp.staged_offer)`;
  const come = `SELECT id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, 'imported' AS origin FROM temp.staged_offer`;
  const rows = (sql: string): ReadonlyMap<string, OfferEntity> =>
    new Map((connection.prepare(sql).all() as OfferEntity[]).map((row) => [row.id, row]));
  const [before, after] = [rows(`${stand} EXCEPT ${come}`), rows(`${come} EXCEPT ${stand}`)];
  const document = (row: OfferEntity | undefined): Document | null => (row ? { ...row } : null);
  return [...new Set([...before.keys(), ...after.keys()])].map((id) => ({
    ...{ subject: 'market' as const, item: `offer ${id}`, before: document(before.get(id)), after: document(after.get(id)) },
  }));
}

/** "Tin Drawer", "Tin Drawer and 3 more". */
function sellersOf(connection: Connection): string {
  const names = connection
    .prepare('SELECT name FROM seller WHERE id IN (SELECT DISTINCT seller FROM temp.staged_offer) ORDER BY name')
    .pluck()
    .all() as string[];
  return names.length > 1 ? `${names[0] ?? ''} and ${names.length - 1} more` : (names[0] ?? '');
}
