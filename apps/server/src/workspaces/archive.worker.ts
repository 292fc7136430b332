import SQLite from 'better-sqlite3';
import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const FILE = /^[0-9a-f]{64}$/;

export type ArchiveTask =
  | { readonly kind: 'write'; readonly database: string; readonly files: string; readonly target: string }
  | { readonly kind: 'read'; readonly archive: string; readonly folder: string };

/** A sentence that says why an archive cannot be read, or null when it is done. */
export type ArchiveOutcome = string | null;

/** Packs a workspace into one file, or unpacks one: both go through every byte of it, beside the event loop. */
export default async function archiveOrRestore(task: ArchiveTask): Promise<ArchiveOutcome> {
  if (task.kind === 'read') return readArchive(task.archive, task.folder);
  await writeArchive(task.database, task.files, task.target);
  return null;
}

/**
 * A whole workspace as one file to carry away: its database as it stands, with its pictures in a table of their own.
 */
async function writeArchive(databaseFile: string, folder: string, target: string): Promise<void> {
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
    for (const id of existsSync(folder) ? readdirSync(folder).filter((name) => FILE.test(name)) : [])
      keep.run(id, readFileSync(join(folder, id)));
  } finally {
    archive.close();
  }
}

/** Puts an archive back as the database and files of an empty folder. */
function readArchive(archiveFile: string, folder: string): ArchiveOutcome {
  const database = join(folder, 'outfit.sqlite');
  copyFileSync(archiveFile, database);
  let connection: SQLite.Database;
  try {
    connection = new SQLite(database);
    connection.pragma('quick_check(1)');
  } catch {
    return 'This is no archive of a workspace, or it is damaged. Choose the file that “Carry it away” gave.';
  }
  try {
    const has = connection.prepare(`SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'archived_file'`).get();
    if (!has) return 'This is no archive of a workspace. Choose the file that “Carry it away” gave.';
    mkdirSync(join(folder, 'files'), { recursive: true });
    const ids = connection.prepare<[], string>('SELECT id FROM archived_file').pluck().all();
    const read = connection.prepare<[string], Buffer>('SELECT bytes FROM archived_file WHERE id = ?').pluck();
    for (const id of ids) {
      const bytes = read.get(id);
      if (!bytes || !FILE.test(id) || createHash('sha256').update(bytes).digest('hex') !== id)
        return 'A picture in this archive is not what it was. Fetch the archive once more; nothing was brought back.';
      writeFileSync(join(folder, 'files', id), bytes, { flush: true });
    }
    connection.exec('DROP TABLE archived_file');
    return null;
  } finally {
    connection.close();
  }
}
