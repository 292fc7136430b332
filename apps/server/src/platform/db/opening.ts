import SQLite, { type Database as Connection } from 'better-sqlite3';
import { closeSync, existsSync, openSync, readSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { DataSource, type EntitySchema, type MigrationInterface } from 'typeorm';
import { connect } from '../sqlite/index.js';
import { Database } from './database.js';
import { StartRefused } from './startRefused.js';

export interface Schema {
  readonly entities: readonly (EntitySchema | (new () => object))[];
  /** In the order they are taken; each knows its name. */
  readonly migrations: readonly (new () => MigrationInterface)[];
}

const MAGIC = 'SQLite format 3\0';

/**
 * Opens the database of a workspace: looked over first, copied and brought up to date when an older Outfit wrote it. What
 * cannot succeed is told at once, as a sentence; nothing is written to a database that is not sound and known.
 */
export async function openDatabase(file: string, schema: Schema, now: Date): Promise<Database> {
  const isNew = !existsSync(file);
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    entities: [...schema.entities],
    migrations: [...schema.migrations],
    migrationsTransactionMode: 'each',
    synchronize: false,
    prepareDatabase: (connection: Connection) => {
      connection.pragma('journal_mode = WAL');
      connection.pragma('synchronous = FULL');
      connection.pragma('foreign_keys = ON');
    },
  });
  const names = schema.migrations.map((Migration) => new Migration().name ?? Migration.name);
  if (!isNew) lookOver(file, names, now);
  try {
    await source.initialize();
    await source.runMigrations();
    await source.destroy();
  } catch (error) {
    if (isNew) throw error;
    throw new StartRefused(
      `the database ${file} could not be brought up to date (${error instanceof Error ? error.message : String(error)}). A copy from before stands beside it.`,
    );
  }
  return new Database(file);
}

/** Refuses a database that is empty, no database, read-only, damaged or newer; copies one that is older. */
function lookOver(file: string, names: readonly string[], now: Date): void {
  if (statSync(file).size === 0)
    throw new StartRefused(`${file} is empty, which a workspace never is. Put a backup in its place, or move it away to begin anew.`);
  if (headOf(file) !== MAGIC)
    throw new StartRefused(`${file} is no database of Outfit. Move it away, or choose another folder with --data.`);
  let connection: Connection;
  try {
    connection = connect(file);
  } catch (error) {
    throw unreadable(file, error);
  }
  try {
    const check = connection.pragma('quick_check(1)', { simple: true });
    if (check !== 'ok') throw new StartRefused(`${file} is damaged (${String(check).slice(0, 120)}). Put a backup in its place.`);
    const done = doneIn(connection);
    if (!done) throw new StartRefused(`${file} is a database, but none of Outfit’s. Move it away, or choose another folder with --data.`);
    const stranger = done.find((name) => !names.includes(name));
    if (stranger !== undefined)
      throw new StartRefused(`${file} was written by a newer Outfit (its step ${stranger}). Install that one; this one would harm it.`);
    // Written without changing anything: a folder that can only be read is told now, not at the first edit.
    connection.pragma(`user_version = ${String(connection.pragma('user_version', { simple: true }))}`);
    if (done.length < names.length) copyBefore(connection, file, done.length, now);
  } catch (error) {
    throw error instanceof StartRefused ? error : unreadable(file, error);
  } finally {
    connection.close();
  }
}

function headOf(file: string): string {
  const bytes = Buffer.alloc(MAGIC.length);
  const descriptor = openSync(file, 'r');
  try {
    readSync(descriptor, bytes, 0, bytes.length, 0);
  } finally {
    closeSync(descriptor);
  }
  return bytes.toString('latin1');
}

/** The names of the migrations a database has been through; null for one that TypeORM has never seen. */
function doneIn(connection: Connection): string[] | null {
  const has = connection.prepare(`SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'migrations'`).get();
  return has ? connection.prepare<[], string>('SELECT name FROM migrations ORDER BY id').pluck().all() : null;
}

/** A verified copy beside the database, made before a migration touches it. */
function copyBefore(connection: Connection, file: string, steps: number, now: Date): void {
  const stamp = now.toISOString().slice(0, 19).replaceAll(':', '-');
  const copy = join(dirname(file), `outfit.before-step-${steps + 1}.${stamp}.sqlite`);
  rmSync(copy, { force: true });
  connection.prepare('VACUUM INTO ?').run(copy);
  const opened = new SQLite(copy, { readonly: true });
  try {
    if (opened.pragma('quick_check(1)', { simple: true }) !== 'ok')
      throw new StartRefused(`a sound copy of ${file} could not be made, so it was left as it is. Look at the disk and try again.`);
  } finally {
    opened.close();
  }
}

function unreadable(file: string, error: unknown): StartRefused {
  const code = String((error as { code?: string } | null)?.code ?? '');
  if (/READONLY|EROFS|EACCES|CANTOPEN|EPERM/.test(code))
    return new StartRefused(`${file} can only be read. Change its permissions, or choose another folder with --data.`);
  if (/CORRUPT|NOTADB/.test(code)) return new StartRefused(`${file} is damaged and cannot be read. Put a backup in its place.`);
  if (/FULL|ENOSPC|IOERR/.test(code))
    return new StartRefused(`there is no room on the disk of ${file}, or it cannot be written. Make room and start again.`);
  if (/BUSY/.test(code)) return new StartRefused(`another program has ${file} open. Close it and start again.`);
  return new StartRefused(`${file} cannot be opened (${error instanceof Error ? error.message : String(error)}).`);
}
