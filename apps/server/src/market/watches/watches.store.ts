import { Injectable } from '@nestjs/common';
import type { Watch } from '@outfit/core';
import { Database } from '../../platform/db/index.js';
import { WatchEntity, WatchNoticeEntity } from '../market.entities.js';

const MOST_NOTICES = 200;

/** Watches and what they told, in their tables. */
@Injectable()
export class WatchesStore {
  constructor(private readonly database: Database) {}

  /** Those that have not ended, the oldest first. */
  open(): WatchEntity[] {
    return this.database.table(WatchEntity).find({ where: { removedAt: null }, order: { id: 'ASC' } });
  }

  openNotices(): WatchNoticeEntity[] {
    return this.database.table(WatchNoticeEntity).find({ where: { dismissedAt: null }, order: { id: 'DESC' }, take: MOST_NOTICES });
  }

  /** Adds a watch; its number. */
  add(watch: Watch, createdAt: string): number {
    return this.database.table(WatchEntity).insert({ watch, seen: null, createdAt, removedAt: null });
  }

  note(id: number, seen: string | null): void {
    this.database.table(WatchEntity).update({ id }, { seen });
  }

  tell(watch: number, day: string, text: string): void {
    this.database.table(WatchNoticeEntity).insert({ watch, day, text, dismissedAt: null });
  }

  /** False when there is no such watch. */
  end(id: number, removedAt: string): boolean {
    return this.database.table(WatchEntity).update({ id }, { removedAt }) > 0;
  }

  /** False when there is no such notice. */
  putAway(id: number, dismissedAt: string): boolean {
    return this.database.table(WatchNoticeEntity).update({ id }, { dismissedAt }) > 0;
  }
}
