import { listOf, readerOf, type Schema, whole } from '@outfit/formats/kept';
import type { EntityTable, Tables } from '../platform/sqlite/index.js';
import { SessionEntity, SessionFigureEntity, TickEntity, TroubleEntity } from './bench.entities.js';

type Cells = Readonly<Record<string, unknown>>;
const cells: Schema<Cells> = { type: 'object' };
const [readDocuments, readNumbers] = [readerOf(listOf(cells)), readerOf(listOf(whole))];

/** Sessions, ticks and what went wrong in their tables. */
export class BenchStore {
  constructor(private readonly tables: Tables) {}

  session(id: string): SessionEntity | null {
    return this.sessionTable.first({ id });
  }

  /** All that were not taken back, the newest first. */
  sessions(most: number): SessionEntity[] {
    return this.sessionTable.select(`WHERE removedAt IS NULL ORDER BY state = 'open' DESC, COALESCE(endedAt, begunAt) DESC LIMIT ?`, most);
  }

  /** Sessions in which something was built to the end. */
  endedSessions(): SessionEntity[] {
    return this.sessionTable.find({ where: { state: 'built', removedAt: null }, order: { ordinal: 'ASC' } });
  }

  openSessions(): SessionEntity[] {
    return this.sessionTable.find({ where: { state: 'open', removedAt: null }, order: { ordinal: 'DESC' } });
  }

  sessionsOf(figure: string): SessionEntity[] {
    return this.sessionTable.select(
      `JOIN bench_figure ON bench_figure.session = bench_session.id
        WHERE bench_figure.figure = ? AND removedAt IS NULL ORDER BY COALESCE(endedAt, begunAt) DESC`,
      figure,
    );
  }

  /** The session at which a figure is being built; null when it is not on the bench. */
  openWith(figure: string): string | null {
    const id = this.tables
      .prepare<string>(
        `SELECT id FROM bench_session JOIN bench_figure ON bench_figure.session = bench_session.id
          WHERE bench_figure.figure = ? AND state = 'open' AND removedAt IS NULL`,
      )
      .pluck()
      .get(figure);
    return id ?? null;
  }

  nextOrdinal(): number {
    return this.sessionTable.greatest('ordinal') + 1;
  }

  figures(session: string): SessionFigureEntity[] {
    return this.tables.table(SessionFigureEntity).find({ where: { session }, order: { figure: 'ASC' } });
  }

  addFigure(row: SessionFigureEntity): void {
    this.tables.table(SessionFigureEntity).insert(row);
  }

  write(row: SessionEntity): void {
    this.sessionTable.upsert(row);
  }

  /** Writes a session as the history tells it, with its ticks and with the troubles that stand; what that does not know of stays. */
  restore(id: string, { ticks, troubles, ...document }: Cells, now: string): void {
    const version = (this.session(id)?.version ?? 0) + 1;
    this.sessionTable.update({ id }, { ...this.sessionTable.rowOf(document), version });
    this.tickTable.delete({ session: id });
    this.tickTable.insertAll(readDocuments(ticks).map((tick) => this.tickTable.rowOf(tick)));
    const [table, standing] = [this.tables.table(TroubleEntity), readNumbers(troubles)];
    for (const own of table.find({ where: { session: id } }))
      table.update({ id: own.id }, { removedAt: standing.includes(own.id) ? null : now });
  }

  /** Who was at the session that was begun last. */
  lastWho(): string {
    return this.sessionTable.find({ where: { removedAt: null }, order: { ordinal: 'DESC' }, take: 1 })[0]?.who ?? '';
  }

  ticks(session: string): TickEntity[] {
    return this.tickTable.find({ where: { session }, order: { step: 'ASC' } });
  }

  addTicks(rows: readonly TickEntity[]): void {
    this.tickTable.insertAll(rows);
  }

  troubles(session: string): TroubleEntity[] {
    return this.tables.table(TroubleEntity).find({ where: { session, removedAt: null }, order: { id: 'ASC' } });
  }

  addTrouble(row: Omit<TroubleEntity, 'id' | 'removedAt'>): number {
    return this.tables.table(TroubleEntity).insert({ ...row, removedAt: null });
  }

  private get sessionTable(): EntityTable<SessionEntity> {
    return this.tables.table(SessionEntity);
  }

  private get tickTable(): EntityTable<TickEntity> {
    return this.tables.table(TickEntity);
  }
}
