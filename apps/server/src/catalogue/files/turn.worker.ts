import { CATALOGUE_KINDS, type CatalogueKind, type CatalogueRow, type CatalogueRows, NOTHING_KNOWN, rowFaults } from '@outfit/core';
import type { Database as Connection } from 'better-sqlite3';
import { ChangeLog, turnDeed, type TurnedRow, type TurnOutcome, TurnRefused, type TurnTask } from '../../platform/log/index.js';
import { tablesOf } from '../../platform/sqlite/index.js';
import { CatalogueStore } from '../catalogue.store.js';

const NAMED = 'A look, or the history of one, wears what this file brought. Nothing was changed.';
const STILL_NAMED = 'Another entry names what this file brought by now. Take that back first; nothing was changed.';

/** Takes back what a file brought to the catalogue, or brings it again, in a worker. */
export default function turnFile(task: TurnTask): TurnOutcome {
  return turnDeed(task, put);
}

function put(rows: readonly TurnedRow[], connection: Connection): void {
  const store = new CatalogueStore(tablesOf(connection));
  const written: Partial<Record<CatalogueKind, CatalogueRow<CatalogueKind>[]>> = {};
  const gone = new Map<CatalogueKind, string[]>();
  for (const { item, to } of rows) {
    const at = item.indexOf(' ');
    const [kind, key] = [item.slice(0, at) as CatalogueKind, item.slice(at + 1)];
    if (to) (written[kind] ??= []).push(to as unknown as CatalogueRow<CatalogueKind>);
    else if (gone.has(kind)) gone.get(kind)?.push(key);
    else gone.set(kind, [key]);
  }
  refuseWorn(gone.get('variants') ?? [], connection);
  store.write(written as CatalogueRows);
  for (const kind of [...CATALOGUE_KINDS].reverse()) for (const key of gone.get(kind) ?? []) store.remove(kind, key);
  // Rows name each other in documents that foreign keys do not see.
  if (gone.size > 0 && rowFaults(store.read(), NOTHING_KNOWN).length > 0) throw new TurnRefused(STILL_NAMED);
}

/** Looks and their history name parts in documents, which foreign keys do not see. */
function refuseWorn(variants: readonly string[], connection: Connection): void {
  if (variants.length === 0) return;
  const leaving = new Set(variants);
  const tables = tablesOf(connection);
  const worn = tables
    // eslint-disable-next-line house/tables -- the store of looks loads a framework, and a worker asks for thousands of parts at once
    .prepare<string>(`SELECT DISTINCT json_extract(part.value, '$.variant') FROM look, json_each(look.parts) AS part`)
    .pluck();
  if ([...worn.all(), ...new ChangeLog(tables).partsOfLooks()].some((variant) => leaving.has(variant))) throw new TurnRefused(NAMED);
}
