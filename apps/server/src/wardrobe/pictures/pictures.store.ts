import type { EntityTable, Tables } from '../../platform/sqlite/index.js';
import { WardrobePictureEntity } from '../wardrobe.entities.js';

/** Photographs of the wardrobe in their table. */
export class PicturesStore {
  private readonly table: EntityTable<WardrobePictureEntity>;

  constructor(tables: Tables) {
    this.table = tables.table(WardrobePictureEntity);
  }

  /** Those of a subject that were not taken away, the first first. */
  of(subject: string): WardrobePictureEntity[] {
    return this.table.find({ where: { subject, removedAt: null }, order: { addedAt: 'ASC', id: 'ASC' } });
  }

  /** Is there any whose subject begins so, taken away or not? */
  hasAny(beginning: string): boolean {
    return this.table.one('WHERE SUBSTR(subject, 1, ?) = ? LIMIT 1', beginning.length, beginning) !== null;
  }

  /** A photograph, also one that was taken away. */
  picture(id: string): WardrobePictureEntity | null {
    return this.table.first({ id });
  }

  add(row: WardrobePictureEntity): void {
    this.table.insert(row);
  }

  remove(id: string, removedAt: string | null): void {
    this.table.update({ id }, { removedAt });
  }
}
