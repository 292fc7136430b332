import { createHash, randomUUID } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { open, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';

const ID = /^[0-9a-f]{64}$/;

/** A file as it was found: its bytes, or why there are none to show. */
export type Found =
  | { readonly state: 'there'; readonly bytes: Buffer }
  | { readonly state: 'unknown' }
  | { readonly state: 'missing' }
  | { readonly state: 'altered' };

const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

/** Where files of a workspace lie: named by what they hold, so that the same file is kept once and never changes. */
export class FileStore {
  private readonly folder: string;

  constructor(dataFolder: string) {
    this.folder = join(dataFolder, 'files');
    mkdirSync(this.folder, { recursive: true });
    // What a server that died had begun to write, and nobody will finish.
    for (const name of readdirSync(this.folder)) if (name.endsWith('.draft')) rmSync(join(this.folder, name), { force: true });
  }

  /**
   * Keeps a file; its id is the SHA-256 of its bytes. It is on the disk, name and all, before this promise is kept, so a row
   * that names it never stands without it. Each draft has a name of its own: the same picture may come twice at once.
   */
  async put(bytes: Uint8Array): Promise<string> {
    const id = hashOf(bytes);
    const draft = join(this.folder, `${id}.${randomUUID()}.draft`);
    try {
      const file = await open(draft, 'wx');
      try {
        await file.writeFile(bytes);
        await file.sync();
      } finally {
        await file.close();
      }
      await rename(draft, join(this.folder, id));
      await this.syncFolder();
    } catch (error) {
      await rm(draft, { force: true });
      throw error;
    }
    return id;
  }

  /** A file by its id, looked at again: what the disk gives back must be what was put there. */
  read(id: string): Found {
    if (!ID.test(id)) return { state: 'unknown' };
    let bytes: Buffer;
    try {
      bytes = readFileSync(join(this.folder, id));
    } catch {
      return { state: 'missing' };
    }
    return hashOf(bytes) === id ? { state: 'there', bytes } : { state: 'altered' };
  }

  private async syncFolder(): Promise<void> {
    const folder = await open(this.folder, 'r');
    try {
      await folder.sync();
    } finally {
      await folder.close();
    }
  }
}
