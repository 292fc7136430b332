import { groupedBy } from '@outfit/core';
import { type FiledEntry, type FiledPlace, LEDGER_FORMAT, LEDGER_VERSION, type LedgerFile, newEntries, readLedger } from '@outfit/formats';
import { OUTSIDE, PATH_SEPARATOR, pathOf } from '@outfit/core/wardrobe';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore } from '../../catalogue/worker.js';
import { connect, type Tables, tablesOf } from '../../platform/sqlite/index.js';
import { EntryEntity, LotEntity, MovementEntity, PlaceEntity } from '../wardrobe.entities.js';
import { LedgerStore, NO_PLACE } from '../ledger/worker.js';

export type LedgerTask =
  | { readonly kind: 'write'; readonly databaseFile: string }
  | {
      readonly kind: 'read';
      readonly databaseFile: string;
      readonly bytes: Uint8Array;
      readonly take: boolean;
      /** ISO 8601. */ readonly at: string;
    };

/** What reading a ledger found. */
export interface LedgerReading {
  readonly entries: number;
  readonly newEntries: number;
  readonly isTaken: boolean;
}

export type LedgerOutcome =
  | { readonly bytes: Uint8Array }
  | { readonly reading: LedgerReading }
  | { readonly refused: string; readonly faults: readonly { readonly path: string; readonly sentence: string }[] };

const BUSY_MS = 30_000;
/** The places every wardrobe has; a file tells them too, and they stay as they are. */
const ALWAYS_THERE: ReadonlySet<string> = new Set([OUTSIDE, NO_PLACE, 'bench']);

/** Writes a whole ledger as JSON, or reads one, in a worker: either may be many megabytes. */
export default function exchangeLedger(task: LedgerTask): LedgerOutcome {
  const connection = connect(task.databaseFile);
  try {
    connection.pragma(`busy_timeout = ${BUSY_MS}`);
    if (task.kind === 'write') return { bytes: new TextEncoder().encode(`${JSON.stringify(ledgerOf(connection), null, 1)}\n`) };
    return read(connection, task);
  } finally {
    connection.close();
  }
}

function ledgerOf(connection: Connection): LedgerFile {
  const tables = tablesOf(connection);
  const places = tables.table(PlaceEntity).find({ where: { removedAt: null }, order: { id: 'ASC' } });
  return {
    format: LEDGER_FORMAT,
    version: LEDGER_VERSION,
    places: [...places, ...passedThrough(tables)].map(filedPlace),
    lots: tables.table(LotEntity).find({ order: { id: 'ASC' } }),
    entries: entriesOf(tables),
  };
}

/** Places that were taken away, and that the story of pieces names, with those around them. */
const passedThrough = (tables: Tables): readonly PlaceEntity[] =>
  tables.table(PlaceEntity).select(
    `JOIN (WITH RECURSIVE needed(id) AS (SELECT origin FROM movement UNION SELECT target FROM movement
         UNION SELECT place.parent FROM place JOIN needed ON place.id = needed.id WHERE place.parent IS NOT NULL)
       SELECT id FROM needed) AS needed ON needed.id = place.id WHERE place.removedAt IS NOT NULL ORDER BY place.id`,
  );

const filedPlace = ({ path: _, removedAt, isLeftOver: __, ...place }: PlaceEntity): FiledPlace => ({
  ...place,
  ...(removedAt === null ? {} : { isGone: true as const }),
});

function entriesOf(tables: Tables): readonly FiledEntry[] {
  const movements = groupedBy(tables.table(MovementEntity).find({ order: { id: 'ASC' } }), ({ entry }) => entry);
  return tables
    .table(EntryEntity)
    .find({ order: { id: 'ASC' } })
    .map((entry) => ({
      ...entry,
      movements: (movements.get(entry.id) ?? []).map(({ lot, quantity, origin, target }) => ({ lot, quantity, from: origin, to: target })),
    }));
}

function read(connection: Connection, { bytes, take, at }: Extract<LedgerTask, { kind: 'read' }>): LedgerOutcome {
  let json: unknown;
  try {
    json = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return { refused: 'This is no ledger: it is no JSON in UTF-8. Send the file that “Export the ledger” wrote.', faults: [] };
  }
  const catalogue = new CatalogueStore(tablesOf(connection));
  const [variants, figures] = [catalogue.keys('variants'), catalogue.keys('officialFigures')];
  const reading = readLedger(json, { isVariant: (id) => variants.has(id), isFigure: (id) => figures.has(id) });
  if ('faults' in reading) return { refused: `The ledger cannot be taken: ${reading.faults[0]?.sentence ?? ''}`, faults: reading.faults };
  const { ledger } = reading;
  const added = newEntries(entriesOf(tablesOf(connection)), ledger.entries);
  if (added === null)
    return {
      refused:
        'This ledger and the one here went different ways: what was entered here is not in the file. Read it into an empty workspace. Nothing was changed.',
      faults: [],
    };
  if (take && added.length > 0) connection.transaction(() => write(connection, ledger, added, at)).immediate();
  return { reading: { entries: ledger.entries.length, newEntries: added.length, isTaken: take && added.length > 0 } };
}

function write(connection: Connection, { places, lots }: LedgerFile, entries: readonly FiledEntry[], at: string): void {
  const ledger = new LedgerStore(tablesOf(connection));
  const byId = new Map(places.map((place) => [place.id, place]));
  // The outer places first: each names the one it lies in.
  const outerFirst = [...places].sort((a, b) => pathOf(a.id, byId).length - pathOf(b.id, byId).length);
  for (const place of outerFirst) {
    if (ALWAYS_THERE.has(place.id)) continue;
    const names = pathOf(place.id, byId).map((row) => row.name);
    ledger.writePlace({ ...place, path: place.kind === 'lent' ? `Lent to ${place.name}` : names.join(PATH_SEPARATOR) });
  }
  for (const lot of lots) ledger.writeLot(lot);
  for (const { id, movements, ...entry } of entries) ledger.enterAs(id, entry, movements);
  // What was taken away there is no place to put anything in here either, once its story is told.
  for (const place of outerFirst.reverse()) if (place.isGone && ledger.isEmpty(place.id)) ledger.removePlace(place.id, at);
}
