import type { IdeaKind, IdeaState } from '@outfit/core/ideas';
import { readTexts } from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn } from '../platform/sqlite/index.js';

@Entity('idea')
export class IdeaEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') kind: IdeaKind;
  @Column('text') title: string;
  @Column('text') words: string;
  @Column('text') who: string;
  @Column('text') heardAt: string;
  @JsonColumn(readTexts) parts: readonly string[];
  @Column('integer') votes: number;
  @Column('text') state: IdeaState;
  @Column('text') reason: string;
  /** What it became. */
  @Column('text', { nullable: true }) figure: string | null;
  @Column('text', { nullable: true }) lineUp: string | null;
  @Column('text') addedAt: string;
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('integer') version: number;
}

/** A promise to somebody. */
@Entity('owed')
export class OwedEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') who: string;
  @Column('text') what: string;
  @Column('text') agreed: string;
  @Column('text', { nullable: true }) dueOn: string | null;
  @JsonColumn(readTexts) figures: readonly string[];
  @Column('text', { nullable: true }) doneOn: string | null;
  @Column('text') addedAt: string;
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('integer') version: number;
}

@Entity('idea_vote')
export class VoteEntity {
  @PrimaryColumn('text') poll: string;
  @PrimaryColumn('text') voter: string;
  @PrimaryColumn('text') idea: string;
}

export const IDEA_ENTITIES = [IdeaEntity, OwedEntity, VoteEntity];
