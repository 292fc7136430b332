import type { Tables } from '../platform/sqlite/index.js';
import { SettingsEntity } from './settings.entities.js';

const ID = 'workspace';
const FIRST: SettingsEntity = { id: ID, currency: 'EUR', version: 0 };

/** What a workspace is set to, as its table has it: for the application and for workers alike. */
export class SettingsStore {
  constructor(private readonly tables: Tables) {}

  now(): SettingsEntity {
    return this.tables.table(SettingsEntity).first({ id: ID }) ?? FIRST;
  }

  /** Keeps a currency as a newer version. Within the caller's transaction. */
  setCurrency(currency: string): void {
    this.tables.table(SettingsEntity).upsertAll([{ id: ID, currency, version: this.now().version + 1 }]);
  }
}
