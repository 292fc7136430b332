import { Injectable } from '@nestjs/common';
import { Database } from '../platform/db/index.js';
import { ChoiceEntity } from './lineups.entities.js';

export type Choice = Pick<ChoiceEntity, 'who' | 'first' | 'second' | 'outcome'>;

/** Pairs that were compared, in their table: never thrown away, only put aside. */
@Injectable()
export class ChoicesStore {
  constructor(private readonly database: Database) {}

  /** Those that stand, the first first. */
  of(lineUp: string): readonly ChoiceEntity[] {
    return this.database.table(ChoiceEntity).find({ where: { lineUp, removedAt: null }, order: { id: 'ASC' } });
  }

  /** Of a line-up, those that were put aside too. */
  count(lineUp: string): number {
    return this.database.table(ChoiceEntity).count({ lineUp });
  }

  /** Their numbers. */
  insert(lineUp: string, choices: readonly Choice[], at: string): readonly number[] {
    const table = this.database.table(ChoiceEntity);
    return choices.map(({ who, first, second, outcome }) => table.insert({ lineUp, who, first, second, outcome, at, removedAt: null }));
  }

  putAside(ids: readonly number[], removedAt: string | null): void {
    this.database.table(ChoiceEntity).update({ id: ids }, { removedAt });
  }
}
