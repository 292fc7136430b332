import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync } from 'node:fs';
import { rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

/** Where files of a workspace lie: named by what they hold, so that the same file is kept once and never changes. */
export class FileStore {
  private readonly folder: string;

  constructor(dataFolder: string) {
    this.folder = join(dataFolder, 'files');
    mkdirSync(this.folder, { recursive: true });
  }

  /** Keeps a file; its id is the SHA-256 of its bytes. Written beside and renamed, so that no half file is ever found. */
  async put(bytes: Uint8Array): Promise<string> {
    const id = createHash('sha256').update(bytes).digest('hex');
    const draft = join(this.folder, `${id}.${process.pid}.draft`);
    await writeFile(draft, bytes);
    await rename(draft, join(this.folder, id));
    return id;
  }

  /** The bytes of a file, or null when there is none. */
  read(id: string): Buffer | null {
    if (!/^[0-9a-f]{64}$/.test(id)) return null;
    try {
      return readFileSync(join(this.folder, id));
    } catch {
      return null;
    }
  }
}
