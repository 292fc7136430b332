import { Injectable } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import type { NoticeDto } from './notices.dto.js';

const MOST = 500;

/** Notices in their table. */
@Injectable()
export class NoticesStore {
  constructor(private readonly database: Database) {}

  open(): NoticeDto[] {
    return this.database
      .prepare(`SELECT id, at, figure, variant, text FROM notice WHERE dismissedAt IS NULL ORDER BY id DESC LIMIT ${MOST}`)
      .all() as NoticeDto[];
  }

  add({ at, figure, variant, text }: Omit<NoticeDto, 'id'>): void {
    this.database.prepare('INSERT INTO notice (at, figure, variant, text) VALUES (?, ?, ?, ?)').run(at, figure, variant, text);
  }

  /** False when there is no such notice. */
  putAway(id: number, at: string): boolean {
    return this.database.prepare('UPDATE notice SET dismissedAt = COALESCE(dismissedAt, ?) WHERE id = ?').run(at, id).changes > 0;
  }
}
