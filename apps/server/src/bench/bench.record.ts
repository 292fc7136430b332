import type { BenchStep, BenchWork } from '@outfit/core/bench';
import type { Prepare } from '../platform/sqlite/index.js';

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

export interface SessionRow {
  readonly id: string;
  readonly ordinal: number;
  readonly title: string;
  readonly state: SessionState;
  readonly plan: string;
  readonly remark: string;
  /** Who was at it; empty where nobody said. */
  readonly who: string;
  readonly begunAt: string;
  readonly endedAt: string | null;
  readonly removedAt: string | null;
  readonly version: number;
}

export interface SessionFigureRow {
  readonly session: string;
  readonly figure: string;
  readonly look: string;
  readonly copies: number;
}

/** A step that is done: the entry that moved its pieces, and what they became where they were altered. */
export interface TickRow {
  readonly session: string;
  readonly step: number;
  readonly entry: number | null;
  /** JSON of the lot by piece. */
  readonly lots: string;
  readonly at: string;
}

export const TROUBLES = ['it broke', 'it does not fit', 'it is not there'] as const;
export type Trouble = (typeof TROUBLES)[number];

export interface TroubleRow {
  readonly id: number;
  readonly session: string;
  readonly step: number;
  readonly what: Trouble;
  readonly variant: string;
  readonly outcome: string;
  readonly at: string;
  readonly removedAt: string | null;
}

/** Sessions, ticks and what went wrong in their tables. */
export class BenchRecord {
  constructor(private readonly prepare: Prepare) {}

  session(id: string): SessionRow | null {
    return (this.prepare('SELECT * FROM bench_session WHERE id = ?').get(id) as SessionRow | undefined) ?? null;
  }

  /** All that were not taken back, the newest first. */
  sessions(most: number): SessionRow[] {
    return this.prepare(
      `SELECT * FROM bench_session WHERE removedAt IS NULL ORDER BY state = 'open' DESC, COALESCE(endedAt, begunAt) DESC LIMIT ?`,
    ).all(most) as SessionRow[];
  }

  /** Sessions in which something was built to the end. */
  ended(): SessionRow[] {
    return this.prepare(`SELECT * FROM bench_session WHERE state = 'built' AND removedAt IS NULL ORDER BY ordinal`).all() as SessionRow[];
  }

  openSessions(): SessionRow[] {
    return this.prepare(
      `SELECT * FROM bench_session WHERE state = 'open' AND removedAt IS NULL ORDER BY ordinal DESC`,
    ).all() as SessionRow[];
  }

  sessionsOf(figure: string): SessionRow[] {
    return this.prepare(
      `SELECT bench_session.* FROM bench_session JOIN bench_figure ON bench_figure.session = bench_session.id
        WHERE bench_figure.figure = ? AND removedAt IS NULL ORDER BY COALESCE(endedAt, begunAt) DESC`,
    ).all(figure) as SessionRow[];
  }

  /** The session at which a figure is being built; null when it is not on the bench. */
  openWith(figure: string): string | null {
    const id = this.prepare(
      `SELECT id FROM bench_session JOIN bench_figure ON bench_figure.session = bench_session.id
        WHERE bench_figure.figure = ? AND state = 'open' AND removedAt IS NULL`,
    )
      .pluck()
      .get(figure) as string | undefined;
    return id ?? null;
  }

  nextOrdinal(): number {
    return this.prepare('SELECT COALESCE(MAX(ordinal), 0) + 1 FROM bench_session').pluck().get() as number;
  }

  figures(session: string): SessionFigureRow[] {
    return this.prepare('SELECT * FROM bench_figure WHERE session = ? ORDER BY figure').all(session) as SessionFigureRow[];
  }

  addFigure(row: SessionFigureRow): void {
    this.prepare('INSERT INTO bench_figure (session, figure, look, copies) VALUES (:session, :figure, :look, :copies)').run(row);
  }

  write(row: SessionRow): void {
    this.prepare(
      `INSERT INTO bench_session (id, ordinal, title, state, plan, remark, who, begunAt, endedAt, removedAt, version)
         VALUES (:id, :ordinal, :title, :state, :plan, :remark, :who, :begunAt, :endedAt, :removedAt, :version)
         ON CONFLICT (id) DO UPDATE SET title = excluded.title, state = excluded.state, plan = excluded.plan, remark = excluded.remark,
           who = excluded.who,
           begunAt = excluded.begunAt, endedAt = excluded.endedAt, removedAt = excluded.removedAt, version = excluded.version`,
    ).run(row);
  }

  /** Who was at the session that was begun last. */
  lastWho(): string {
    const who = this.prepare('SELECT who FROM bench_session WHERE removedAt IS NULL ORDER BY ordinal DESC LIMIT 1').pluck().get();
    return (who as string | undefined) ?? '';
  }

  ticks(session: string): TickRow[] {
    return this.prepare('SELECT * FROM bench_tick WHERE session = ? ORDER BY step').all(session) as TickRow[];
  }

  setTicks(session: string, ticks: readonly TickRow[]): void {
    this.prepare('DELETE FROM bench_tick WHERE session = ?').run(session);
    for (const tick of ticks) this.addTick(tick);
  }

  addTick(row: TickRow): void {
    this.prepare('INSERT INTO bench_tick (session, step, entry, lots, at) VALUES (:session, :step, :entry, :lots, :at)').run(row);
  }

  removeTick(session: string, step: number): void {
    this.prepare('DELETE FROM bench_tick WHERE session = ? AND step = ?').run(session, step);
  }

  troubles(session: string): TroubleRow[] {
    return this.prepare('SELECT * FROM bench_trouble WHERE session = ? AND removedAt IS NULL ORDER BY id').all(session) as TroubleRow[];
  }

  addTrouble(row: Omit<TroubleRow, 'id' | 'removedAt'>): number {
    return Number(
      this.prepare(
        'INSERT INTO bench_trouble (session, step, what, variant, outcome, at) VALUES (:session, :step, :what, :variant, :outcome, :at)',
      ).run(row).lastInsertRowid,
    );
  }

  /** Troubles that stand are those of a list, and no others. */
  keepTroubles(session: string, standing: readonly number[], now: string): void {
    this.prepare(
      `UPDATE bench_trouble SET removedAt = CASE WHEN id IN (SELECT value FROM json_each(:standing)) THEN NULL ELSE :now END WHERE session = :session`,
    ).run({ session, standing: JSON.stringify(standing), now });
  }
}
