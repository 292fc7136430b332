import type { NotedSubstitute, Brief, Look, LookPart, Overrule, Variation, Verdict } from '@outfit/core';
import type { LineUpPlan } from '@outfit/core/lineup';
import {
  entryOf,
  listOf,
  number,
  readBrief,
  readerOf,
  readLineUpPlan,
  readLookParts,
  readOverrules,
  readSubstitutes,
  readTexts,
  readVariation,
  readVerdict,
  text,
} from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn, PrimaryGeneratedColumn } from '../../platform/sqlite/index.js';

@Entity('line_up')
export class LineUpEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('integer') place: number;
  /** When it was put in the bin; null while it stands. */
  @Column('text', { nullable: true }) removedAt: string | null;
  /** What it keeps beside who stands in it; null while nothing was said. */
  @JsonColumn(readLineUpPlan, { nullable: true }) plan: LineUpPlan | null;
  /** Grows with every change, so that whoever writes can say which one they saw. */
  @Column('integer') version: number;
}

@Entity('figure')
export class FigureEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') lineUp: string;
  @Column('integer') place: number;
  @Column('text') role: string;
  /** The faction of its line-up it stands in; empty for none. */
  @Column('text') faction: string;
  /** Where it goes its own way: house rules by name, spots of the uniform. */
  @JsonColumn(readTexts) free: readonly string[];
  /** The figure whose recipe it varies; empty for a figure of its own. */
  @Column('text') recipe: string;
  @JsonColumn(readBrief) brief: Brief;
  @Column('text') chosenLook: string;
  /** When it was put in the bin; null while it stands, which it does only where its line-up does. */
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('integer') version: number;
}

@Entity('look')
export class LookEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') figure: string;
  @Column('integer') place: number;
  @Column('text') name: string;
  @JsonColumn(readLookParts) parts: readonly LookPart[];
  @JsonColumn(readOverrules) overrules: readonly Overrule[];
  @JsonColumn(readVerdict, { nullable: true }) verdict: Verdict | null;
  @JsonColumn(readSubstitutes) substitutes: readonly NotedSubstitute[];
  @JsonColumn(readVariation, { nullable: true }) variation: Variation | null;
  /** When it was put in the bin; null while it stands. */
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('integer') version: number;
}

/** A note at a spot of a reference picture; lengths as shares of its width and height. */
export interface Pin {
  readonly x: number;
  readonly y: number;
  readonly note: string;
}

const readPins = readerOf(listOf(entryOf<Pin>({ x: number, y: number, note: text })));

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
  @JsonColumn(readPins) pins: readonly Pin[];
  @Column('text') addedAt: string;
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('integer') version: number;
}

/** What somebody should know about a part of a figure, until it is put away. */
@Entity('notice')
export class NoticeEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') at: string;
  @Column('text') figure: string;
  @Column('text') variant: string;
  @Column('text') text: string;
  @Column('text', { nullable: true }) dismissedAt: string | null;
}

export const FIGURE_ENTITIES = [LineUpEntity, FigureEntity, LookEntity, ReferencePictureEntity, NoticeEntity];

/** A look as rows keep it, and back. */
export const lookOf = ({
  parts,
  overrules,
  verdict,
  substitutes,
  variation,
}: Pick<LookEntity, 'parts' | 'overrules' | 'verdict' | 'substitutes' | 'variation'>): Look => ({
  parts,
  overrules,
  ...(verdict ? { verdict } : {}),
  substitutes,
  ...(variation ? { variation } : {}),
});

export const lookColumns = (look: Look): Pick<LookEntity, 'parts' | 'overrules' | 'verdict' | 'substitutes' | 'variation'> => ({
  parts: look.parts,
  overrules: look.overrules,
  verdict: look.verdict ?? null,
  substitutes: look.substitutes ?? [],
  variation: look.variation ?? null,
});
