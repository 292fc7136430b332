import type { ChangeKind } from '@outfit/core';
import { readerOf } from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn, PrimaryGeneratedColumn } from '../sqlite/index.js';
import type { Document, Line, Subject } from './change.js';

/** A row of the append-only log; `subject` is the line of the page it was done on. */
@Entity('change')
export class ChangeEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') at: string;
  @Column('text') subject: Line;
  @Column('text') item: string;
  @Column('text') kind: ChangeKind;
  @Column('text') label: string;
  @Column('text', { nullable: true }) about: string | null;
  @Column('integer', { nullable: true }) refersTo: number | null;
}

/** What is in a document its area knows. */
const readDocument = readerOf<Document>({ type: 'object' });

@Entity('slice')
export class SliceEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('integer') change: number;
  @Column('text') subject: Subject;
  @Column('text') item: string;
  @JsonColumn(readDocument, { nullable: true }) before: Document | null;
  @JsonColumn(readDocument, { nullable: true }) after: Document | null;
}

/** The lines a change stands in. */
@Entity('change_line')
export class ChangeLineEntity {
  @PrimaryColumn('text') subject: Line;
  @PrimaryColumn('text') item: string;
  @PrimaryColumn('integer') change: number;
}

/** An edit that stands, in a line. */
@Entity('standing')
export class StandingEntity {
  @PrimaryColumn('text') subject: Line;
  @PrimaryColumn('text') item: string;
  @PrimaryColumn('integer') change: number;
}

/** An edit that was taken back in a line and can be done again. */
@Entity('undone')
export class UndoneEntity {
  @PrimaryColumn('text') subject: Line;
  @PrimaryColumn('text') item: string;
  /** The change that took it back. */
  @PrimaryColumn('integer') turn: number;
  @Column('integer') change: number;
}

export const LOG_ENTITIES = [ChangeEntity, SliceEntity, ChangeLineEntity, StandingEntity, UndoneEntity];
