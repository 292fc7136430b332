import { Column, Entity, PrimaryColumn } from '../platform/sqlite/index.js';

/** What a workspace is set to: one row. */
@Entity('settings')
export class SettingsEntity {
  @PrimaryColumn('text') id: string;
  /** What everything is reckoned in, ISO 4217. */
  @Column('text') currency: string;
  @Column('integer') version: number;
}
