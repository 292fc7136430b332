import type { BenchStep, BenchWork } from '@outfit/core/bench';
import { anything, listOf, mapOf, readerOf, text, whole } from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn, PrimaryGeneratedColumn } from '../platform/sqlite/index.js';

export const SESSION_STATES = ['open', 'built', 'put back', 'left'] as const;
export type SessionState = (typeof SESSION_STATES)[number];

/** Where a piece was when a session began. */
export interface PlannedPiece {
  readonly lot: number;
  readonly place: string;
}

/** A step with the number it is ticked by, which it keeps when others come before it. */
export interface PlannedStep extends BenchStep {
  readonly id: number;
}

/** What is to be done in a session, as it was worked out. */
export interface BenchPlan extends BenchWork {
  readonly steps: readonly PlannedStep[];
  readonly pieces: Readonly<Record<string, PlannedPiece>>;
  /** Where what is not wanted any more goes, by piece. */
  readonly away: Readonly<Record<string, string>>;
  /** Pieces that broke or are not there. */
  readonly gone: readonly string[];
}

/** A plan as it was worked out: that its steps are ones of the bench was seen to then. */
const readBenchPlan = readerOf<BenchPlan>({
  type: 'object',
  required: ['copies', 'bodies', 'steps', 'pieces', 'away', 'gone'],
  properties: {
    copies: listOf(anything),
    bodies: listOf(anything),
    steps: listOf({ type: 'object', required: ['id', 'kind', 'pieces', 'moves', 'title', 'sentence'], properties: { id: whole } }),
    pieces: mapOf({ type: 'object', required: ['lot', 'place'], properties: { lot: whole, place: text } }),
    away: mapOf(text),
    gone: listOf(text),
  },
});

@Entity('bench_session')
export class SessionEntity {
  @PrimaryColumn('text') id: string;
  @Column('integer') ordinal: number;
  @Column('text') title: string;
  @Column('text') state: SessionState;
  @JsonColumn(readBenchPlan) plan: BenchPlan;
  @Column('text') remark: string;
  /** Who was at it; empty where nobody said. */
  @Column('text') who: string;
  @Column('text') begunAt: string;
  @Column('text', { nullable: true }) endedAt: string | null;
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('integer') version: number;
}

@Entity('bench_figure')
export class SessionFigureEntity {
  @PrimaryColumn('text') session: string;
  @PrimaryColumn('text') figure: string;
  @Column('text') look: string;
  @Column('integer') copies: number;
}

/** A step that is done: the entry that moved its pieces, and the lots its pieces became where they were altered. */
@Entity('bench_tick')
export class TickEntity {
  @PrimaryColumn('text') session: string;
  @PrimaryColumn('integer') step: number;
  @Column('integer', { nullable: true }) entry: number | null;
  @JsonColumn(readerOf(mapOf(whole))) lots: Readonly<Record<string, number>>;
  @Column('text') at: string;
}

export const TROUBLES = ['it broke', 'it does not fit', 'it is not there'] as const;
export type Trouble = (typeof TROUBLES)[number];

@Entity('bench_trouble')
export class TroubleEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') session: string;
  @Column('integer') step: number;
  @Column('text') what: Trouble;
  @Column('text') variant: string;
  @Column('text') outcome: string;
  @Column('text') at: string;
  @Column('text', { nullable: true }) removedAt: string | null;
}

export const BENCH_ENTITIES = [SessionEntity, SessionFigureEntity, TickEntity, TroubleEntity];
