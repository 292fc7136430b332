import { Injectable } from '@nestjs/common';
import { Database } from '../platform/db/index.js';
import { notFound } from '../platform/http/index.js';
import { IdeaEntity, OwedEntity, VoteEntity } from './ideas.entities.js';

/** The tables that are written alike, and what one of their rows is called. */
const KINDS = { idea: { entity: IdeaEntity, name: 'idea' }, owed: { entity: OwedEntity, name: 'promise' } } as const;
type Kind = keyof typeof KINDS;
type RowOf<K extends Kind> = InstanceType<(typeof KINDS)[K]['entity']>;
const entityOf = <K extends Kind>(kind: K): new () => RowOf<K> => KINDS[kind].entity as new () => RowOf<K>;

/** Ideas, their votes and what is owed, in their tables. Every change of a row makes its version one more. */
@Injectable()
export class IdeasStore {
  constructor(private readonly database: Database) {}

  ideas(): IdeaEntity[] {
    return this.database.table(IdeaEntity).find({ order: { addedAt: 'ASC', id: 'ASC' } });
  }

  owedRows(): OwedEntity[] {
    return this.database.table(OwedEntity).find({ order: { addedAt: 'ASC', id: 'ASC' } });
  }

  /** A row that stands, or lies in the bin. */
  row<K extends Kind>(kind: K, id: string): RowOf<K> {
    const row = this.database.table(entityOf(kind)).one('WHERE id = ?', id);
    if (!row) throw notFound(KINDS[kind].name, id);
    return row;
  }

  insert<K extends Kind>(kind: K, row: Omit<RowOf<K>, 'version'>): void {
    const first: Partial<RowOf<Kind>> = { ...row, version: 1 };
    this.database.table<RowOf<Kind>>(entityOf(kind)).insert(first);
  }

  update<K extends Kind>(kind: K, id: string, set: Partial<RowOf<K>>): void {
    const next: Partial<RowOf<Kind>> = { ...set, version: this.row(kind, id).version + 1 };
    this.database.table<RowOf<Kind>>(entityOf(kind)).update({ id }, next);
  }

  /** Writes a row as the history tells it; what that does not know of stays. */
  restore(kind: Kind, id: string, document: Readonly<Record<string, unknown>>): void {
    const table = this.database.table<RowOf<Kind>>(entityOf(kind));
    const { id: _, version: __, ...set } = table.rowOf(document);
    this.update(kind, id, set);
  }

  /** How many voted for each idea in polls. */
  pollVotes(): ReadonlyMap<string, number> {
    const rows = this.database.prepare<{ idea: string; n: number }>('SELECT idea, COUNT(*) AS n FROM idea_vote GROUP BY idea').all();
    return new Map(rows.map(({ idea, n }) => [idea, n]));
  }

  votesOf(poll: string): readonly VoteEntity[] {
    return this.database.table(VoteEntity).find({ where: { poll }, order: { voter: 'ASC', idea: 'ASC' } });
  }

  /** The votes of a poll are these and no others. */
  replacePoll(poll: string, votes: readonly VoteEntity[]): void {
    this.database.table(VoteEntity).delete({ poll });
    this.database.table(VoteEntity).insertAll(votes.map(({ idea, voter }) => ({ idea, poll, voter })));
  }

  throwAway(kind: Kind, id: string): void {
    if (kind === 'idea') this.database.table(VoteEntity).delete({ idea: id });
    this.database.table<RowOf<Kind>>(entityOf(kind)).delete({ id });
  }
}
