import type { Database as Connection } from 'better-sqlite3';
import { turnDeed, type TurnedRow, type TurnOutcome, TurnRefused, type TurnTask } from '../platform/log/index.js';
import { tablesOf } from '../platform/sqlite/index.js';
import { LedgerStore } from './ledger/worker.js';

/** Takes back what a file brought to the wardrobe, or brings it again, in a worker. */
export default function turnFile(task: TurnTask): TurnOutcome {
  return turnDeed(task, (rows, connection) => put(rows, connection, task.at));
}

function put(rows: readonly TurnedRow[], connection: Connection, at: string): void {
  const ledger = new LedgerStore(tablesOf(connection));
  for (const { subject, item, to } of rows)
    switch (subject) {
      case 'entry':
        turnEntry(Number(item), to?.['stands'] === true, ledger, at);
        break;
      case 'lot':
        ledger.noteLot(Number(item), String(to?.['note'] ?? ''));
        break;
      case 'place':
        // A place it made goes with it, once nothing else lies there.
        if (to) ledger.restorePlace(to);
        ledger.leaveOver(item, !to);
        break;
      default:
        throw new Error(`a file of pieces changes no ${subject}`);
    }
  ledger.settlePlaces(at);
}

function turnEntry(id: number, stands: boolean, ledger: LedgerStore, at: string): void {
  const entry = ledger.entry(id);
  if (!entry) throw new TurnRefused('The entry of this file is not there any more. Nothing was changed.');
  try {
    ledger.enterAgain(entry, at, !stands);
  } catch (error) {
    if (!(error as { code?: string }).code?.startsWith('SQLITE_CONSTRAINT_CHECK')) throw error;
    const later = ledger.later(id);
    throw new TurnRefused(
      later === null
        ? 'Its pieces are not where they would have to be. Nothing was changed.'
        : `“${later}” stands in the way: take that back first.`,
    );
  }
}
