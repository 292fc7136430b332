import { Injectable } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import { notFound } from '../../platform/http/index.js';
import type { EntityTable } from '../../platform/sqlite/index.js';
import { ReferencePictureEntity } from '../record/index.js';

/** Reference pictures in their table. */
@Injectable()
export class ReferencesStore {
  constructor(private readonly database: Database) {}

  /** The pictures of a figure that are not in the bin, in their order. */
  of(figure: string): ReferencePictureEntity[] {
    return this.table.find({ where: { figure, removedAt: null }, order: { place: 'ASC' } });
  }

  countOf(figure: string): number {
    return this.table.count({ figure });
  }

  picture(id: string): ReferencePictureEntity {
    const picture = this.table.first({ id });
    if (!picture) throw notFound('picture', id);
    return picture;
  }

  insert(row: Omit<ReferencePictureEntity, 'version'>): void {
    this.table.insert({ ...row, version: 1 });
  }

  update(id: string, set: Partial<Pick<ReferencePictureEntity, 'pins' | 'removedAt'>>): void {
    const { version } = this.picture(id);
    this.table.update({ id }, { ...set, version: version + 1 });
  }

  private get table(): EntityTable<ReferencePictureEntity> {
    return this.database.table(ReferencePictureEntity);
  }
}
