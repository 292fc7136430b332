import type { Tables } from '../../platform/sqlite/index.js';
import { ConsumableEntity, ConsumableMovementEntity } from '../wardrobe.entities.js';

/** Consumables with what came in and what was used up, only ever added to. */
export class ConsumablesStore {
  constructor(private readonly tables: Tables) {}

  all(): readonly (ConsumableEntity & { readonly left: number })[] {
    const rows = this.tables.prepare<{ id: string; left: number }>(
      'SELECT consumable AS id, SUM(quantity) AS "left" FROM consumable_movement GROUP BY consumable',
    );
    const left = new Map(rows.all().map((row) => [row.id, row.left]));
    const standing = this.tables.table(ConsumableEntity).find({ where: { removedAt: null }, order: { name: 'ASC', id: 'ASC' } });
    return standing.map((row) => ({ ...row, left: left.get(row.id) ?? 0 }));
  }

  consumable(id: string): ConsumableEntity | null {
    return this.tables.table(ConsumableEntity).first({ id });
  }

  leftOf(id: string): number {
    const left = this.tables.prepare<number>('SELECT COALESCE(SUM(quantity), 0) FROM consumable_movement WHERE consumable = ?');
    return left.pluck().get(id) ?? 0;
  }

  add(row: Omit<ConsumableEntity, 'removedAt'>): void {
    this.tables.table(ConsumableEntity).insert({ ...row, removedAt: null });
  }

  setRemoved(id: string, removedAt: string | null): void {
    this.tables.table(ConsumableEntity).update({ id }, { removedAt });
  }

  /** Enters so much that came in, or, below nothing, that was used up. The database refuses less than none. */
  move(id: string, at: string, quantity: number, because: string): void {
    this.tables.table(ConsumableMovementEntity).insert({ consumable: id, at, quantity, because, undoes: null });
  }
}
