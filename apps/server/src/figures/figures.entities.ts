import type { Brief, LookPart, Overrule } from '@outfit/core';
import { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm';

@Entity('line_up')
export class LineUpEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('integer') place: number;
}

@Entity('figure')
export class FigureEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') lineUp: string;
  @Column('integer') place: number;
  @Column('text') role: string;
  @Column('simple-json') brief: Brief;
  @Column('text') chosenLook: string;
}

@Entity('look')
export class LookEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') figure: string;
  @Column('integer') place: number;
  @Column('text') name: string;
  @Column('simple-json') parts: readonly LookPart[];
  @Column('simple-json') overrules: readonly Overrule[];
}

/** What an edit changed of a look: enough to go back and forth. */
export interface LookState {
  readonly parts: readonly LookPart[];
  readonly overrules: readonly Overrule[];
}

/** One row of the append-only log. A database trigger refuses updates and deletes. */
@Entity('change')
export class ChangeEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') at: string;
  @Column('text') look: string;
  @Column('text') kind: 'edit' | 'undo' | 'redo';
  @Column('text') label: string;
  @Column('integer', { nullable: true }) refersTo: number | null;
  @Column('simple-json') before: LookState;
  @Column('simple-json') after: LookState;
}

export const FIGURE_ENTITIES = [LineUpEntity, FigureEntity, LookEntity, ChangeEntity];
