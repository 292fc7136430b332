import { Injectable } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import type { PhotographDto } from './photographs.dto.js';

/** Which photographs there are, one for each face of an entry. */
@Injectable()
export class PhotographsStore {
  constructor(private readonly database: Database) {}

  of(kind: string, item: string): PhotographDto[] {
    return this.database
      .prepare('SELECT id, kind, item, face, width, height FROM photograph WHERE kind = ? AND item = ? ORDER BY face')
      .all(kind, item) as PhotographDto[];
  }

  put({ id, kind, item, face, width, height }: PhotographDto, addedAt: string): void {
    this.database.assertWriting();
    this.database
      .prepare(
        `INSERT INTO photograph (id, kind, item, face, width, height, addedAt) VALUES (?, ?, ?, ?, ?, ?, ?)
           ON CONFLICT (kind, item, face) DO UPDATE SET id = excluded.id, width = excluded.width, height = excluded.height, addedAt = excluded.addedAt`,
      )
      .run(id, kind, item, face, width, height, addedAt);
  }
}
