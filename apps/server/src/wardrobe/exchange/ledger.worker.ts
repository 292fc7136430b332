import {
  type FiledEntry,
  type FiledLot,
  type FiledPlace,
  LEDGER_FORMAT,
  LEDGER_VERSION,
  type LedgerFile,
  newEntries,
  readLedger,
} from '@outfit/formats';
import { OUTSIDE, PATH_SEPARATOR, pathOf } from '@outfit/core/wardrobe';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore } from '../../catalogue/worker.js';
import { connect, preparing } from '../../platform/sqlite/index.js';
import { LedgerRecord, NO_PLACE } from '../ledger/worker.js';

export type LedgerTask =
  | { readonly kind: 'write'; readonly databaseFile: string }
  | { readonly kind: 'read'; readonly databaseFile: string; readonly bytes: Uint8Array; readonly take: boolean };

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
    return read(connection, task.bytes, task.take);
  } finally {
    connection.close();
  }
}

function ledgerOf(connection: Connection): LedgerFile {
  const places = connection
    .prepare('SELECT id, kind, name, parent, note, dueOn, official, product, figure, keepWhole FROM place ORDER BY id')
    .all() as (Omit<FiledPlace, 'keepWhole'> & { keepWhole: number })[];
  const lots = connection
    .prepare(
      `SELECT id, variant, condition, defects, alterations, source, certainty, paidMinor, owner, dueOn, note, splitFrom, addedAt FROM lot ORDER BY id`,
    )
    .all() as (Omit<FiledLot, 'defects' | 'alterations'> & { defects: string; alterations: string })[];
  return {
    format: LEDGER_FORMAT,
    version: LEDGER_VERSION,
    places: places.map((place) => ({ ...place, keepWhole: place.keepWhole === 1 })),
    lots: lots.map((lot) => ({
      ...lot,
      defects: JSON.parse(lot.defects) as FiledLot['defects'],
      alterations: JSON.parse(lot.alterations) as FiledLot['alterations'],
    })),
    entries: entriesOf(connection),
  };
}

function entriesOf(connection: Connection): readonly FiledEntry[] {
  const movements = new Map<number, { lot: number; quantity: number; from: string; to: string }[]>();
  for (const { entry, ...movement } of connection
    .prepare('SELECT entry, lot, quantity, origin AS "from", target AS "to" FROM movement ORDER BY id')
    .iterate() as Iterable<{ entry: number; lot: number; quantity: number; from: string; to: string }>) {
    const own = movements.get(entry);
    if (own) own.push(movement);
    else movements.set(entry, [movement]);
  }
  const entries = connection.prepare('SELECT id, at, kind, sentence, because, undoes, broughtMinor FROM entry ORDER BY id').all() as Omit<
    FiledEntry,
    'movements'
  >[];
  return entries.map((entry) => ({ ...entry, movements: movements.get(entry.id) ?? [] }));
}

function read(connection: Connection, bytes: Uint8Array, take: boolean): LedgerOutcome {
  let json: unknown;
  try {
    json = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return { refused: 'This is no ledger: it is no JSON in UTF-8. Send the file that “Export the ledger” wrote.', faults: [] };
  }
  const catalogue = new CatalogueStore(preparing(connection));
  const [variants, figures] = [catalogue.keys('variants'), catalogue.keys('officialFigures')];
  const reading = readLedger(json, { isVariant: (id) => variants.has(id), isFigure: (id) => figures.has(id) });
  if ('faults' in reading) return { refused: `The ledger cannot be taken: ${reading.faults[0]?.sentence ?? ''}`, faults: reading.faults };
  const { ledger } = reading;
  const added = newEntries(entriesOf(connection), ledger.entries);
  if (added === null)
    return {
      refused:
        'This ledger and the one here went different ways: what was entered here is not in the file. Read it into an empty workspace. Nothing was changed.',
      faults: [],
    };
  if (take && added.length > 0) connection.transaction(() => write(connection, ledger, added)).immediate();
  return { reading: { entries: ledger.entries.length, newEntries: added.length, isTaken: take && added.length > 0 } };
}

function write(connection: Connection, { places, lots }: LedgerFile, entries: readonly FiledEntry[]): void {
  const record = new LedgerRecord(preparing(connection));
  const byId = new Map(places.map((place) => [place.id, place]));
  // The outer places first: each names the one it lies in.
  const outerFirst = [...places].sort((a, b) => pathOf(a.id, byId).length - pathOf(b.id, byId).length);
  for (const place of outerFirst) {
    if (ALWAYS_THERE.has(place.id)) continue;
    const names = pathOf(place.id, byId).map((row) => row.name);
    record.writePlace({ ...place, path: place.kind === 'lent' ? `Lent to ${place.name}` : names.join(PATH_SEPARATOR) });
  }
  for (const lot of lots) record.writeLot({ ...lot, defects: JSON.stringify(lot.defects), alterations: JSON.stringify(lot.alterations) });
  for (const { id, movements, ...entry } of entries) record.enterAs(id, entry, movements);
}
