import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { createWriteStream, rmSync } from 'node:fs';
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Database } from '../platform/db/index.js';
import { Problem } from '../platform/http/index.js';
import { WorkerPool, workerBeside } from '../platform/jobs/index.js';
import type { ArchiveOutcome, ArchiveTask } from './archive.worker.js';
import { pathOf, WorkspaceHost } from './host.js';
import type { NewWorkspaceDto, WorkspaceDto } from './workspaces.dto.js';

/** Which workspace an application is of. */
export interface OwnWorkspace {
  readonly folder: string;
  /** "" or "/w/…". */
  readonly path: string;
}
export const OWN_WORKSPACE = Symbol('own workspace');

const ARCHIVING = workerBeside(import.meta.url, 'archive.worker');
const MOST_ARCHIVE_BYTES = 4 * 1024 ** 3;

/** The workspaces beside each other, as one of them is asked. */
@Injectable()
export class WorkspacesService implements OnApplicationShutdown {
  private readonly pool = new WorkerPool<ArchiveTask, ArchiveOutcome>({ idleMs: 5000, mostWaiting: 4 });

  constructor(
    private readonly host: WorkspaceHost,
    private readonly database: Database,
    @Inject(OWN_WORKSPACE) private readonly own: OwnWorkspace,
  ) {}

  /** Those beside the first are closed with it. */
  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
    if (this.own.path === '') await this.host.close();
  }

  list(): WorkspaceDto[] {
    return this.host.list().map((row) => ({ ...row, path: pathOf(row.id), isOpen: pathOf(row.id) === this.own.path }));
  }

  async create({ name, begin }: NewWorkspaceDto): Promise<WorkspaceDto> {
    return this.view(await this.host.create(name.trim(), begin));
  }

  /** Gives this workspace a name. */
  rename(name: string): WorkspaceDto[] {
    this.host.rename(this.own.path.replace('/w/', ''), name.trim());
    return this.list();
  }

  /** This workspace as one file; the folder it lies in is the caller's to take away. */
  async archive(): Promise<{ readonly file: string; readonly name: string; readonly done: () => void }> {
    const folder = await mkdtemp(join(tmpdir(), 'outfit-archive-'));
    const file = join(folder, 'workspace.outfit');
    await this.pool.run(ARCHIVING, { kind: 'write', database: this.database.file, files: join(this.own.folder, 'files'), target: file });
    const name = this.list().find((row) => row.isOpen)?.name ?? 'Workspace';
    return { file, name, done: () => rmSync(folder, { recursive: true, force: true }) };
  }

  /** A workspace out of an archive, under a name that no other has. */
  async bringBack(name: string, body: Readable): Promise<WorkspaceDto> {
    const folder = await mkdtemp(join(tmpdir(), 'outfit-archive-'));
    const file = join(folder, 'workspace.outfit');
    try {
      await pipeline(body, atMost(MOST_ARCHIVE_BYTES), createWriteStream(file, { flush: true }));
      return this.view(await this.host.bringBack(this.freeName(name.trim()), (target) => this.unpack(file, target)));
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  }

  private async unpack(archive: string, folder: string): Promise<void> {
    const refusal = await this.pool.run(ARCHIVING, { kind: 'read', archive, folder });
    if (refusal !== null) throw new Problem(422, refusal);
  }

  private view({ id, name }: { readonly id: string; readonly name: string }): WorkspaceDto {
    return { id, name, path: pathOf(id), isOpen: false };
  }

  private freeName(name: string): string {
    const taken = new Set(this.host.list().map((row) => row.name.toLowerCase()));
    for (let n = 1; ; n += 1) {
      const free = n === 1 ? name : `${name} ${n}`;
      if (!taken.has(free.toLowerCase())) return free;
    }
  }
}

function atMost(limit: number): Transform {
  let passed = 0;
  return new Transform({
    transform(chunk: Buffer, _, done) {
      passed += chunk.length;
      if (passed > limit) done(new Problem(413, 'This is larger than any workspace. Nothing was brought back.'));
      else done(null, chunk);
    },
  });
}
