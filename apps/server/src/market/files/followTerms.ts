import type { Database as Connection } from 'better-sqlite3';
import { tablesOf } from '../../platform/sqlite/index.js';
import { LowestStore } from '../stores/index.js';

/** Has the lowest prices follow new terms or rates: worked out while nothing is locked, written in one transaction. */
export function followTerms(connection: Connection, { today }: { readonly today: string }): void {
  const write = new LowestStore(tablesOf(connection)).changesOn(today);
  connection.transaction(write).immediate();
}
