import type { Database as Connection, Statement } from 'better-sqlite3';
import { Problem } from '../http/index.js';
import { connect, type EntityTable, type Prepare, type Tables, tablesBy } from '../sqlite/index.js';

/** How long a write waits for another process or worker to let go of the database, in ms, and how often it looks. */
const MOST_WAITING_MS = 30_000;
const LOOK_AGAIN_MS = 4;

/** What a unit of work may give back: anything but a promise, as nothing in it may be awaited. */
export type Now<T> = T extends PromiseLike<unknown> ? never : T;

const codeOf = (error: unknown): string => String((error as { code?: unknown } | null)?.code ?? '');
const sleep = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/**
 * The database of one workspace: one connection, on which everything is read, and one gate through which everything is
 * written. A write is a unit of work: one synchronous `BEGIN IMMEDIATE` transaction in which nothing is awaited, so that
 * two of them can never be mixed. It is on the disk when its promise is kept, or nothing of it is.
 */
export class Database implements Tables {
  private connection: Connection;
  private readonly statements = new Map<string, Statement<unknown[], unknown>>();
  private readonly tables = tablesBy((sql) => this.prepare(sql));
  private gate: Promise<void> = Promise.resolve();
  private afterwards: { readonly done: (() => void)[]; readonly undone: (() => void)[] } | null = null;
  private readonly last: (() => void)[] = [];
  private isInDoubt = false;
  private isClosed = false;

  constructor(readonly file: string) {
    this.connection = connect(file);
  }

  /** A statement, prepared once. It stands within the unit of work that is under way, if one is. */
  readonly prepare: Prepare = <Row>(sql: string) => {
    let statement = this.statements.get(sql);
    if (!statement) this.statements.set(sql, (statement = this.connection.prepare<unknown[], unknown>(sql)));
    return statement as Statement<unknown[], Row>;
  };

  /** The rows of an entity. */
  table<Row extends object>(entity: new () => Row): EntityTable<Row> {
    return this.tables(entity);
  }

  /**
   * Does a unit of work. What `work` throws undoes it and is thrown on; so is a full disk, as a sentence. Waits while a
   * worker holds the database, at most half a minute.
   */
  async write<T>(work: () => Now<T>): Promise<T> {
    const before = this.gate;
    let open = (): void => undefined;
    this.gate = new Promise((done) => (open = done));
    await before;
    try {
      await this.begin();
      return this.finish(work);
    } finally {
      open();
    }
  }

  /** Something that is part of every unit of work, done last. */
  beforeCommit(work: () => void): void {
    this.last.push(work);
  }

  /** Calls back once the unit of work that is under way is on the disk; never when it is undone. */
  afterCommit(tell: () => void): void {
    this.underWay().done.push(tell);
  }

  /** Calls back when the unit of work that is under way is undone: whoever keeps something of it in memory must let go of it. */
  afterUndo(letGo: () => void): void {
    this.underWay().undone.push(letGo);
  }

  /** Must be inside a unit of work: stores that write call it, so that no row is ever written outside one. */
  assertWriting(): void {
    if (!this.connection.inTransaction) throw new Error('rows are written inside a unit of work only');
  }

  private underWay() {
    if (!this.afterwards) throw new Error('nothing is being written: this is for inside a unit of work');
    return this.afterwards;
  }

  close(): void {
    this.isClosed = true;
    this.statements.clear();
    if (this.connection.open) this.connection.close();
  }

  private async begin(): Promise<void> {
    const giveUpAt = performance.now() + MOST_WAITING_MS;
    for (;;) {
      if (this.isClosed) throw new Problem(409, 'Outfit is closing. Nothing was changed.');
      if (this.isInDoubt) this.reopen();
      try {
        this.connection.exec('BEGIN IMMEDIATE');
        return;
      } catch (error) {
        if (!codeOf(error).startsWith('SQLITE_BUSY')) throw this.problemOf(error);
        if (performance.now() > giveUpAt)
          throw new Problem(409, 'Something else has been writing for half a minute. Nothing was changed; try again in a moment.');
        await sleep(LOOK_AGAIN_MS);
      }
    }
  }

  /** The work and its commit, in one go. */
  private finish<T>(work: () => Now<T>): T {
    const afterwards = { done: [] as (() => void)[], undone: [] as (() => void)[] };
    this.afterwards = afterwards;
    let result: T;
    try {
      result = work();
      if (typeof (result as { then?: unknown } | null)?.then === 'function') throw new Error('a unit of work awaits nothing');
      for (const work of this.last) work();
      this.connection.exec('COMMIT');
    } catch (error) {
      const failure = this.problemOf(error);
      for (const letGo of afterwards.undone) letGo();
      throw failure;
    } finally {
      this.afterwards = null;
    }
    for (const tell of afterwards.done) tell();
    return result;
  }

  /** Undoes what was begun, looks whether the connection is sound, and gives the error a sentence where it has none. */
  private problemOf(error: unknown): unknown {
    try {
      if (this.connection.inTransaction) this.connection.exec('ROLLBACK');
    } catch {
      this.isInDoubt = true;
    }
    const code = codeOf(error);
    // After any failure of the store itself nothing is taken for granted: the next write begins on a new connection.
    this.isInDoubt ||= this.connection.inTransaction || /^SQLITE_(FULL|IOERR|CORRUPT|NOMEM|NOTADB|CANTOPEN|READONLY)/.test(code);
    if (/^SQLITE_(FULL|IOERR)/.test(code) || code === 'ENOSPC')
      return new Problem(507, 'The disk is full, or cannot be written. Nothing was saved; make room and try again.');
    if (code.startsWith('SQLITE_READONLY')) return new Problem(507, 'The data folder can only be read. Nothing was saved.');
    return error;
  }

  /** Begins on a new connection. The old one serves what is read until there is one; without one the write is refused. */
  private reopen(): void {
    let next: Connection;
    try {
      next = connect(this.file);
    } catch (error) {
      throw this.problemOf(error);
    }
    const old = this.connection;
    this.connection = next;
    this.statements.clear();
    this.isInDoubt = false;
    try {
      old.close();
    } catch {
      // It is given up either way.
    }
  }
}
