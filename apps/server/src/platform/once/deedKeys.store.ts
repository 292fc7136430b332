import type { Database } from '../db/index.js';
import { DeedKeyEntity } from './deedKey.entity.js';

/** Keys of deeds, with what was answered. */
export class DeedKeysStore {
  constructor(private readonly database: Database) {}

  of(key: string): DeedKeyEntity | null {
    return this.database.table(DeedKeyEntity).first({ key });
  }

  /** Notes a deed within a unit of work, and lets go of those asked for before a moment, ISO. */
  note(deed: Pick<DeedKeyEntity, 'key' | 'asked' | 'at'>, letGoBefore: string): void {
    this.database.assertWriting();
    this.database.prepare('DELETE FROM deed_key WHERE at < ?').run(letGoBefore);
    this.database.table(DeedKeyEntity).insert({ ...deed, status: null, answer: null });
  }

  keepAnswer(key: string, status: number, answer: string | null): void {
    this.database.table(DeedKeyEntity).update({ key }, { status, answer });
  }
}
