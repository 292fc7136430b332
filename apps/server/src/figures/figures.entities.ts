import type { Acceptable, Brief, ChangeKind, Look, LookPart, Overrule, Variation, Verdict } from '@outfit/core';
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
  @Column('simple-json', { nullable: true }) verdict: Verdict | null;
  @Column('simple-json') acceptable: readonly Acceptable[];
  @Column('simple-json', { nullable: true }) variation: Variation | null;
  /** When it was put in the bin; null while it stands. */
  @Column('text', { nullable: true }) removedAt: string | null;
}

/** One row of the append-only log, with the look before and after: enough to go back and forth. Triggers refuse changes. */
@Entity('change')
export class ChangeEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') at: string;
  @Column('text') look: string;
  @Column('text') kind: ChangeKind;
  @Column('text') label: string;
  @Column('integer', { nullable: true }) refersTo: number | null;
  @Column('simple-json') before: Look;
  @Column('simple-json') after: Look;
}

/** A note at a spot of a reference picture; lengths as shares of its width and height. */
export interface Pin {
  readonly x: number;
  readonly y: number;
  readonly note: string;
}

@Entity('reference_picture')
export class ReferencePictureEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') figure: string;
  @Column('integer') place: number;
  @Column('text') name: string;
  /** The file it lies in, by its SHA-256. */
  @Column('text') file: string;
  @Column('integer') width: number;
  @Column('integer') height: number;
  @Column('simple-json') pins: readonly Pin[];
  @Column('text') addedAt: string;
  @Column('text', { nullable: true }) removedAt: string | null;
}

export const FIGURE_ENTITIES = [LineUpEntity, FigureEntity, LookEntity, ChangeEntity, ReferencePictureEntity];

/** A look as rows keep it, and back. */
export const lookOf = ({ parts, overrules, verdict, acceptable, variation }: LookEntity): Look => ({
  parts,
  overrules,
  ...(verdict ? { verdict } : {}),
  acceptable,
  ...(variation ? { variation } : {}),
});

export const lookColumns = (look: Look): Pick<LookEntity, 'parts' | 'overrules' | 'verdict' | 'acceptable' | 'variation'> => ({
  parts: look.parts,
  overrules: look.overrules,
  verdict: look.verdict ?? null,
  acceptable: look.acceptable ?? [],
  variation: look.variation ?? null,
});
