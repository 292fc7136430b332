import 'reflect-metadata';
import { dayNumber, isoDay } from '@outfit/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { type ChildProcess, spawn } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from '../src/app.js';
import { type FigureDto, type LineUpDto } from '../src/figures/record/figures.dto.js';
import { type LookDto } from '../src/figures/record/looks.dto.js';
import { ClockFrom } from '../src/platform/clock/index.js';
import { type AnyJobDto } from '../src/platform/jobs/job.dto.js';

/** The server's own start, run from its sources. */
export const MAIN = fileURLToPath(new URL('../src/main.ts', import.meta.url));
export const SOURCES = ['--import', fileURLToPath(new URL('../../../scripts/sources/register.mjs', import.meta.url))];

/** The moment all tests of the server begin at, whatever day it is: `OUTFIT_TEST_NOW` sets another. */
export const SUITE_NOW = process.env['OUTFIT_TEST_NOW'] ?? '2026-11-27T10:00:00Z';

/** It goes on for all of a run alike, so that nothing happens before what made it. */
const RUN_BEGAN = Number(process.env['OUTFIT_TEST_RUN']?.split('-')[1] ?? Date.now());
const suiteClock = (): ClockFrom => new ClockFrom(new Date(Date.parse(SUITE_NOW) + Date.now() - RUN_BEGAN));

/** So many days after the day of the suite, ISO. */
export const suiteDay = (days = 0): string => isoDay(dayNumber(suiteClock().today()) + days);

export interface ServerProcess {
  readonly process: ChildProcess;
  readonly base: string;
}

/** A server in a process of its own, once it is ready: for what can only be tried by killing it. */
export function startProcess(folder: string, ...args: readonly string[]): Promise<ServerProcess> {
  const server = spawn(process.execPath, [
    ...SOURCES,
    MAIN,
    '--data',
    folder,
    '--port',
    '0',
    '--now',
    suiteClock().now().toISOString(),
    ...args,
  ]);
  return new Promise((resolve, reject) => {
    let said = '';
    server.stdout.on('data', (text: Buffer) => {
      said += text.toString();
      const base = /ready: (\S+)/.exec(said)?.[1];
      if (base) resolve({ process: server, base });
    });
    server.stderr.on('data', (text: Buffer) => (said += text.toString()));
    server.once('exit', () => reject(new Error(`The server did not start: ${said}`)));
  });
}

export interface Answer<T> {
  readonly status: number;
  readonly headers: Headers;
  readonly body: T;
}

const ownFolder = (): string => mkdtempSync(join(tmpdir(), 'outfit-test-'));

/** A folder of its own that begins with the demo. */
export async function ownDemo(): Promise<string> {
  const folder = ownFolder();
  cpSync(await demoFolder(), folder, { recursive: true });
  return folder;
}

/**
 * The demo, made once for a run of tests: making it takes longer than most tests. Whoever comes first makes it; of two that come at once
 * the first that is done gives it its name.
 */
async function demoFolder(): Promise<string> {
  const made = join(tmpdir(), `outfit-test-demo-${process.env['OUTFIT_TEST_RUN'] ?? process.pid}`);
  if (existsSync(made)) return made;
  const making = ownFolder();
  const app = await createApp({ dataFolder: making, webFolder: null, demo: true, clock: suiteClock() });
  await app.close();
  try {
    renameSync(making, made);
  } catch {
    rmSync(making, { recursive: true, force: true });
  }
  return made;
}

/** A running application on a data folder of its own, and a client that speaks to it over HTTP. */
export class Harness {
  private constructor(
    readonly folder: string,
    readonly app: NestExpressApplication,
    readonly base: string,
  ) {}

  /** On a folder that is given, or on one of its own that begins with the demo, or with nothing. */
  static async start(given?: string, demo = true): Promise<Harness> {
    const folder = given ?? (demo ? await ownDemo() : ownFolder());
    const app = await createApp({ dataFolder: folder, webFolder: null, demo, clock: suiteClock() });
    await app.listen(0, '127.0.0.1');
    return new Harness(folder, app, await app.getUrl());
  }

  /** Two workspaces with the very same beginning. */
  static async startTwins(): Promise<[Harness, Harness]> {
    const first = await Harness.start();
    await first.app.close();
    const folder = ownFolder();
    cpSync(first.folder, folder, { recursive: true });
    return [await Harness.start(first.folder), await Harness.start(folder)];
  }

  async request<T = { message: string; faults: { path: string; sentence: string }[] }>(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer<T>> {
    const isRaw = typeof body === 'string' || body instanceof Uint8Array;
    const response = await fetch(`${this.base}/api/${path}`, {
      method,
      headers: { ...(body === undefined ? {} : { 'content-type': isRaw ? 'text/csv' : 'application/json' }), ...headers },
      ...(body === undefined ? {} : { body: isRaw ? (body as string) : JSON.stringify(body) }),
    });
    const text = await response.text();
    const json = response.headers.get('content-type')?.includes('json') ?? false;
    return { status: response.status, headers: response.headers, body: (json ? JSON.parse(text) : text) as T };
  }

  get = <T>(path: string): Promise<Answer<T>> => this.request<T>('GET', path);
  post = <T = { message: string; faults: { path: string; sentence: string }[] }>(path: string, body?: unknown): Promise<Answer<T>> =>
    this.request<T>('POST', path, body);
  put = <T = { message: string; faults: { path: string; sentence: string }[] }>(path: string, body?: unknown): Promise<Answer<T>> =>
    this.request<T>('PUT', path, body);

  async figure(id: string): Promise<FigureDto> {
    const { body } = await this.get<LineUpDto[]>('line-ups');
    const figure = body.flatMap((lineUp) => lineUp.figures).find((row) => row.id === id);
    if (!figure) throw new Error(`no figure ${id}`);
    return figure;
  }

  async look(id: string): Promise<LookDto> {
    const { body } = await this.get<LineUpDto[]>('line-ups');
    const look = body.flatMap((lineUp) => lineUp.figures.flatMap((figure) => figure.looks)).find((row) => row.id === id);
    if (!look) throw new Error(`no look ${id}`);
    return look;
  }

  /** Waits until a job has ended, by its events. */
  async ended<Job = AnyJobDto>(id: string): Promise<Job> {
    const response = await fetch(`${this.base}/api/jobs/${id}/events`);
    const events = (await response.text()).split('\n').filter((line) => line.startsWith('data: '));
    return JSON.parse((events.at(-1) ?? '').slice(6)) as Job;
  }

  /** Closes and opens again on the same data, as after a restart. */
  async restart(): Promise<Harness> {
    await this.app.close();
    return Harness.start(this.folder);
  }

  async stop(): Promise<void> {
    await this.app.close();
    rmSync(this.folder, { recursive: true });
  }
}
