import SQLite from 'better-sqlite3';
import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { Problem } from '../platform/http/index.js';

const FILE = /^[0-9a-f]{64}$/;

/**
 * A whole workspace as one file to carry away: its database as it stands, with its pictures in a table of their own. Written beside
 * other work, some pages and one file at a turn.
 */
export async function writeArchive(databaseFile: string, dataFolder: string, target: string): Promise<void> {
  const source = new SQLite(databaseFile, { readonly: true });
  try {
    await source.backup(target);
  } finally {
    source.close();
  }
  const archive = new SQLite(target);
  try {
    archive.pragma('journal_mode = DELETE');
    archive.exec('CREATE TABLE archived_file (id TEXT PRIMARY KEY, bytes BLOB NOT NULL) STRICT');
    const keep = archive.prepare('INSERT INTO archived_file (id, bytes) VALUES (?, ?)');
    const folder = join(dataFolder, 'files');
    for (const id of existsSync(folder) ? readdirSync(folder).filter((name) => FILE.test(name)) : []) {
      keep.run(id, readFileSync(join(folder, id)));
      await nextTurn();
    }
  } finally {
    archive.close();
  }
}

/** Puts an archive back as the database and files of an empty folder. Throws Problem with a sentence for what is no archive. */
export async function readArchive(archiveFile: string, folder: string): Promise<void> {
  const database = join(folder, 'outfit.sqlite');
  copyFileSync(archiveFile, database);
  let connection: SQLite.Database;
  try {
    connection = new SQLite(database);
    connection.pragma('quick_check(1)');
  } catch {
    throw new Problem(422, 'This is no archive of a workspace, or it is damaged. Choose the file that “Carry it away” gave.');
  }
  try {
    const has = connection.prepare(`SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'archived_file'`).get();
    if (!has) throw new Problem(422, 'This is no archive of a workspace. Choose the file that “Carry it away” gave.');
    mkdirSync(join(folder, 'files'), { recursive: true });
    const ids = connection.prepare('SELECT id FROM archived_file').pluck().all() as string[];
    const read = connection.prepare('SELECT bytes FROM archived_file WHERE id = ?').pluck();
    for (const id of ids) {
      const bytes = read.get(id) as Buffer;
      if (!FILE.test(id) || createHash('sha256').update(bytes).digest('hex') !== id)
        throw new Problem(422, 'A picture in this archive is not what it was. Fetch the archive once more; nothing was brought back.');
      writeFileSync(join(folder, 'files', id), bytes, { flush: true });
      await nextTurn();
    }
    connection.exec('DROP TABLE archived_file');
  } finally {
    connection.close();
  }
}
