import { Injectable } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import { NoticeEntity } from '../record/index.js';

const MOST = 500;

/** Notices in their table. */
@Injectable()
export class NoticesStore {
  constructor(private readonly database: Database) {}

  open(): NoticeEntity[] {
    return this.database.table(NoticeEntity).find({ where: { dismissedAt: null }, order: { id: 'DESC' }, take: MOST });
  }

  add(row: Omit<NoticeEntity, 'id' | 'dismissedAt'>): void {
    this.database.table(NoticeEntity).insert({ ...row, dismissedAt: null });
  }

  /** False when there is no such notice. One that was put away before stays as it was. */
  putAway(id: number, dismissedAt: string): boolean {
    this.database.table(NoticeEntity).update({ id, dismissedAt: null }, { dismissedAt });
    return this.database.table(NoticeEntity).has({ id });
  }
}
