import SQLite, { type Database as Connection } from 'better-sqlite3';
import { join } from 'node:path';
import { StartRefused } from './startRefused.js';

/**
 * Holds a data folder for one server. The lock is SQLite's own on a small file beside the data: the system lets go of it
 * when the process ends, however it ends, so no stale lock can keep a person out.
 */
export class FolderLock {
  private constructor(private readonly connection: Connection) {}

  static take(folder: string): FolderLock {
    let connection: Connection;
    try {
      connection = new SQLite(join(folder, 'outfit.lock'), { timeout: 0 });
    } catch {
      throw new StartRefused(`the data folder ${folder} cannot be written. Choose another with --data, or change its permissions.`);
    }
    try {
      connection.pragma('locking_mode = EXCLUSIVE');
      connection.exec('BEGIN EXCLUSIVE');
      return new FolderLock(connection);
    } catch (error) {
      connection.close();
      if (!String((error as { code?: string }).code).startsWith('SQLITE_BUSY'))
        throw new StartRefused(`the data folder ${folder} cannot be written. Choose another with --data, or make room on its disk.`);
      throw new StartRefused(`another Outfit already has ${folder} open. Close it, or choose another folder with --data.`);
    }
  }

  release(): void {
    this.connection.close();
  }
}
