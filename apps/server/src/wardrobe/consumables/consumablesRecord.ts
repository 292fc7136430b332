import type { Prepare } from '../../platform/sqlite/index.js';

export const UNITS = ['pieces', 'mm'] as const;
export type Unit = (typeof UNITS)[number];

/** Something that is used up: string, rubber bands, blank stickers, glue dots. */
export interface ConsumableRow {
  readonly id: string;
  readonly name: string;
  readonly unit: Unit;
  /** As little of it is running low. */
  readonly lowAt: number;
  readonly note: string;
}

/** Consumables with what came in and what was used up, only ever added to. */
export class ConsumablesRecord {
  constructor(private readonly prepare: Prepare) {}

  all(): readonly (ConsumableRow & { readonly left: number })[] {
    return this.prepare(
      `SELECT id, name, unit, lowAt, note, COALESCE((SELECT SUM(quantity) FROM consumable_movement WHERE consumable = consumable.id), 0) AS left
         FROM consumable WHERE removedAt IS NULL ORDER BY name, id`,
    ).all() as (ConsumableRow & { left: number })[];
  }

  consumable(id: string): ConsumableRow | null {
    return (this.prepare('SELECT id, name, unit, lowAt, note FROM consumable WHERE id = ?').get(id) as ConsumableRow | undefined) ?? null;
  }

  left(id: string): number {
    return this.prepare('SELECT COALESCE(SUM(quantity), 0) FROM consumable_movement WHERE consumable = ?').pluck().get(id) as number;
  }

  add(row: ConsumableRow): void {
    this.prepare('INSERT INTO consumable (id, name, unit, lowAt, note, removedAt) VALUES (:id, :name, :unit, :lowAt, :note, NULL)').run(
      row,
    );
  }

  setRemoved(id: string, removedAt: string | null): void {
    this.prepare('UPDATE consumable SET removedAt = ? WHERE id = ?').run(removedAt, id);
  }

  /** Enters so much that came in, or, below nothing, that was used up. The database refuses less than none. */
  move(id: string, at: string, quantity: number, because: string): void {
    this.prepare('INSERT INTO consumable_movement (consumable, at, quantity, because) VALUES (?, ?, ?, ?)').run(id, at, quantity, because);
  }
}
