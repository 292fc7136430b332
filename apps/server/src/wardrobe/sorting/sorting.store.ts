import type { EntityTable, Tables } from '../../platform/sqlite/index.js';
import { RunEntity } from '../wardrobe.entities.js';

/** Of somebody else, and somewhere. */
const IS_BORROWED = `owner <> '' AND placeKind <> 'outside'`;
/** Not looked at closely yet; what is sealed cannot be. */
const IS_UNSURE = `certainty <> 'sure' AND placeKind NOT IN ('sealed', 'outside')`;

/** What is asked of the ledger to find what waits for a decision. */
export class SortingStore {
  private readonly table: EntityTable<RunEntity>;

  constructor(private readonly tables: Tables) {
    this.table = tables.table(RunEntity);
  }

  unsureCount(): number {
    return this.tables.prepare<number>(`SELECT COUNT(*) FROM run WHERE ${IS_UNSURE}`).pluck().get() ?? 0;
  }

  unsure(most: number): RunEntity[] {
    return this.table.select(`WHERE ${IS_UNSURE} ORDER BY addedAt, id LIMIT ?`, most);
  }

  lentRuns(): RunEntity[] {
    return this.table.select(`WHERE placeKind = 'lent' ORDER BY placeDueOn IS NULL, placeDueOn, id`);
  }

  borrowedRuns(): RunEntity[] {
    return this.table.select(`WHERE ${IS_BORROWED} ORDER BY dueOn IS NULL, dueOn, id`);
  }

  /** The runs of these numbers. */
  runs(ids: readonly number[]): RunEntity[] {
    return this.table.find({ where: { id: ids }, order: { variant: 'ASC', id: 'ASC' } });
  }
}
