import { Injectable } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import { PhotographEntity } from '../catalogue.entities.js';

/** Which photographs there are, one for each face of an entry. */
@Injectable()
export class PhotographsStore {
  constructor(private readonly database: Database) {}

  of(kind: PhotographEntity['kind'], item: string): PhotographEntity[] {
    return this.database.table(PhotographEntity).find({ where: { kind, item }, order: { face: 'ASC' } });
  }

  put(row: PhotographEntity): void {
    this.database.table(PhotographEntity).upsert(row);
  }
}
