import { entryOf, readerOf, text } from '@outfit/formats/kept';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Express, NextFunction, Request, Response } from 'express';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { notFound, Problem } from '../platform/http/index.js';
import type { WorkspaceBeginning } from './workspaces.dto.js';

/** A workspace as it lies on the disk. */
export interface WorkspaceRow {
  /** Its short name; empty for the one the server was started on. */
  readonly id: string;
  readonly name: string;
}

/** Builds the application of a workspace on its folder. */
export type OpenWorkspace = (folder: string, path: string, begin: WorkspaceBeginning) => Promise<NestExpressApplication>;

/** What of a workspace lies beside its database. */
const readWorkspace = readerOf(entryOf<{ readonly name: string }>({ name: text }));
const MAIN = { id: '', name: 'Workspace' };
const MOST_WORKSPACES = 50;
const MOST_ID = 40;
const ADDRESS = /^\/w\/([a-z0-9][a-z0-9-]*)(?=\/|\?|$)/;

/** Where the pages of a workspace are. */
export const pathOf = (id: string): string => (id === '' ? '' : `/w/${id}`);

/**
 * The workspaces of one server: each a folder with its own database and files, opened when it is first asked for. The one the server
 * was started on is at the root, the others at `/w/…` beside it; nothing of one is ever seen in another.
 */
export class WorkspaceHost {
  private readonly opened = new Map<string, Promise<NestExpressApplication>>();

  /**
   * @param folder of the workspace the server was started on; the others lie in its folder `workspaces`
   * @param isDemo was it started on the demo?
   */
  constructor(
    private readonly folder: string,
    private readonly isDemo: boolean,
    private readonly open: OpenWorkspace,
  ) {}

  list(): WorkspaceRow[] {
    const ids = existsSync(this.beside) ? readdirSync(this.beside).filter((id) => existsSync(join(this.beside, id, 'outfit.sqlite'))) : [];
    const others = ids.map((id) => ({ id, name: this.nameOf(id) ?? id })).sort((a, b) => a.name.localeCompare(b.name));
    return [{ id: MAIN.id, name: this.nameOf('') ?? (this.isDemo ? 'Demo' : MAIN.name) }, ...others];
  }

  /** A new workspace, under a short name made from its name. */
  async create(name: string, begin: WorkspaceBeginning): Promise<WorkspaceRow> {
    return this.openNew(name, begin, () => Promise.resolve());
  }

  /**
   * A workspace from a database that somebody carried here: `place` puts it and its files into the folder it is given. Nothing stays
   * of one that cannot be opened.
   */
  async bringBack(name: string, place: (folder: string) => Promise<void>): Promise<WorkspaceRow> {
    try {
      return await this.openNew(name, 'empty', place);
    } catch (error) {
      if (error instanceof Problem) throw error;
      throw new Problem(422, `This cannot be brought back: ${error instanceof Error ? error.message : 'it cannot be read'}`);
    }
  }

  /** Makes room for a workspace, places what it begins with and opens it; nothing stays of one that cannot be opened. */
  private async openNew(name: string, begin: WorkspaceBeginning, place: (folder: string) => Promise<void>): Promise<WorkspaceRow> {
    const id = this.reserve(name);
    try {
      await place(this.folderOf(id));
      await this.app(id, begin);
      return { id, name };
    } catch (error) {
      rmSync(this.folderOf(id), { recursive: true, force: true });
      throw error;
    }
  }

  rename(id: string, name: string): void {
    this.workspace(id);
    this.refuseTwin(name, id);
    this.keepName(id, name);
  }

  workspace(id: string): WorkspaceRow {
    const row = this.list().find((workspace) => workspace.id === id);
    if (!row) throw notFound('workspace', id);
    return row;
  }

  /** Answers what is asked of workspaces beside the first; for anything else the next in turn does. */
  readonly dispatch = (request: Request, response: Response, next: NextFunction): void => {
    const id = ADDRESS.exec(request.url)?.[1];
    if (id === undefined || !(this.opened.has(id) || existsSync(join(this.folderOf(id), 'outfit.sqlite')))) return next();
    this.app(id, 'empty').then((app) => {
      request.url = request.url.slice(pathOf(id).length) || '/';
      if (!request.url.startsWith('/')) request.url = `/${request.url}`;
      (app.getHttpAdapter().getInstance() as Express)(request, response, next);
    }, next);
  };

  /** Closes the workspaces that were opened beside the first. */
  async close(): Promise<void> {
    const apps = await Promise.allSettled(this.opened.values());
    await Promise.all(apps.map((app) => (app.status === 'fulfilled' ? app.value.close() : undefined)));
  }

  private app(id: string, begin: WorkspaceBeginning): Promise<NestExpressApplication> {
    let app = this.opened.get(id);
    if (!app) {
      app = this.open(this.folderOf(id), pathOf(id), begin);
      this.opened.set(id, app);
      // What could not be opened is tried again by whoever asks next.
      app.catch(() => this.opened.delete(id));
    }
    return app;
  }

  private reserve(name: string): string {
    if (this.list().length >= MOST_WORKSPACES) throw new Problem(409, `There are ${MOST_WORKSPACES} workspaces, and no more fit.`);
    this.refuseTwin(name, null);
    const plain = name
      .normalize('NFKD')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, MOST_ID);
    const base = plain === '' ? 'workspace' : plain;
    for (let n = 1; ; n += 1) {
      const id = n === 1 ? base : `${base}-${n}`;
      if (existsSync(this.folderOf(id))) continue;
      mkdirSync(this.folderOf(id), { recursive: true });
      this.keepName(id, name);
      return id;
    }
  }

  private refuseTwin(name: string, except: string | null): void {
    const twin = this.list().find((row) => row.id !== except && row.name.toLowerCase() === name.toLowerCase());
    if (twin) throw new Problem(409, `There is a workspace “${twin.name}” already. Give this one another name.`);
  }

  private get beside(): string {
    return join(this.folder, 'workspaces');
  }

  private folderOf(id: string): string {
    return id === '' ? this.folder : join(this.beside, id);
  }

  private nameOf(id: string): string | null {
    try {
      const { name } = readWorkspace(JSON.parse(readFileSync(join(this.folderOf(id), 'workspace.json'), 'utf8')));
      return name === '' ? null : name;
    } catch {
      return null;
    }
  }

  /** On the disk whole or not at all. */
  private keepName(id: string, name: string): void {
    const file = join(this.folderOf(id), 'workspace.json');
    writeFileSync(`${file}.draft`, JSON.stringify({ name }), { flush: true });
    renameSync(`${file}.draft`, file);
  }
}
