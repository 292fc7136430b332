import { Injectable } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import { notFound } from '../../platform/http/index.js';
import { ErrandEntity } from './errand.entity.js';

/** Errands in their table. */
@Injectable()
export class ErrandsStore {
  constructor(private readonly database: Database) {}

  errand(id: string): ErrandEntity {
    const errand = this.database.table(ErrandEntity).first({ id });
    if (!errand) throw notFound('errand', id);
    return errand;
  }

  /** Is there any errand, in the bin or not? */
  hasAny(): boolean {
    return this.database.table(ErrandEntity).has({});
  }

  /** The newest errand of a figure or line-up: the one planned last, whatever the clock said then. */
  newestOf(scope: string): ErrandEntity | null {
    return this.newestOfScope(scope, 1)[0] ?? null;
  }

  /** The newest errands of a figure or line-up that are not in the bin, the newest first. */
  newestOfScope(scope: string, take: number): ErrandEntity[] {
    return this.database.table(ErrandEntity).find({ where: { scope, removedAt: null }, order: { ordinal: 'DESC' }, take });
  }

  /** Every errand of a figure or line-up, the newest first, those in the bin too. */
  allOf(scope: string): ErrandEntity[] {
    return this.database.table(ErrandEntity).find({ where: { scope }, order: { ordinal: 'DESC' } });
  }

  insert(errand: Omit<ErrandEntity, 'ordinal'>): ErrandEntity {
    this.database.assertWriting();
    const ordinal = this.database.table(ErrandEntity).greatest('ordinal') + 1;
    const row = { ...errand, ordinal };
    this.database.table(ErrandEntity).insert(row);
    return row;
  }

  update(id: string, changes: Partial<Pick<ErrandEntity, 'name' | 'removedAt'>>): void {
    this.database.table(ErrandEntity).update({ id }, changes);
  }

  inTheBin(): ErrandEntity[] {
    return this.database.table(ErrandEntity).select('WHERE removedAt IS NOT NULL');
  }

  tick(id: string, ticked: readonly string[]): void {
    this.database.table(ErrandEntity).update({ id }, { ticked });
  }
}
