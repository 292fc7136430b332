import { fork, spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const HOST = fileURLToPath(new URL('./host.mjs', import.meta.url));
const MAIN = fileURLToPath(new URL('../apps/server/dist/main.js', import.meta.url));

/** The moment all browser tests begin at, whatever day it is: `OUTFIT_TEST_NOW` sets another. */
const SUITE_NOW = process.env['OUTFIT_TEST_NOW'] ?? '2026-11-27T10:00:00Z';
process.env['OUTFIT_E2E_BEGAN'] ??= String(Date.now());

/** The time it is in the tests: it goes on for all of a run alike, in the browser as on the server. */
export const suiteNow = (): Date => new Date(Date.parse(SUITE_NOW) + Date.now() - Number(process.env['OUTFIT_E2E_BEGAN']));

/** So many days after today, as a field takes it and a file has it: 2026-12-24. */
export function suiteDay(days = 0): string {
  const now = suiteNow();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000 + days * 86_400_000).toISOString().slice(0, 10);
}

export interface RunningServer {
  readonly address: string;
  stop(): Promise<void>;
  /** Ends it in the middle of whatever it does, as a power cut would. */
  kill(): Promise<void>;
}

/** Starts the built application on a data folder, on a port of its own; a folder without data is filled with the demo or left empty. */
export async function startServer(folder: string, isDemo = true): Promise<RunningServer> {
  const server = spawn(
    process.execPath,
    [MAIN, ...(isDemo ? ['--demo'] : []), '--data', folder, '--port', '0', '--now', suiteNow().toISOString()],
    {
      stdio: ['ignore', 'pipe', 'pipe'],
    },
  );
  const gone = new Promise<void>((resolve) => server.once('exit', () => resolve()));
  const address = await new Promise<string>((resolve, reject) => {
    let said = '';
    const hear = (text: Buffer): void => {
      said += text.toString();
      const found = /is ready: (\S+)/.exec(said)?.[1];
      if (found !== undefined) resolve(found);
    };
    server.stdout.on('data', hear);
    server.stderr.on('data', hear);
    server.once('exit', () => reject(new Error(`The server did not start: ${said}`)));
  });
  return {
    address,
    stop: async () => {
      server.kill('SIGTERM');
      await gone;
    },
    kill: async () => {
      server.kill('SIGKILL');
      await gone;
    },
  };
}

/** Opens the application on folders, one after the other or beside each other, in one process: its code is loaded once. */
export interface Host {
  start(folder: string, isDemo: boolean): Promise<string>;
  stop(folder: string): Promise<void>;
  close(): void;
}

interface Answer {
  readonly folder: string;
  readonly address?: string;
  readonly error?: string;
}

export function startHost(): Host {
  const host = fork(HOST, { stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
  const waiting = new Map<string, (answer: Answer) => void>();
  host.on('message', (answer: Answer) => waiting.get(answer.folder)?.(answer));
  host.once('exit', () => {
    for (const [folder, hear] of waiting) hear({ folder, error: 'its process ended' });
  });
  const ask = (task: 'start' | 'stop', folder: string, more: object = {}): Promise<Answer> =>
    new Promise((resolve, reject) => {
      waiting.set(folder, (answer) => {
        waiting.delete(folder);
        if (answer.error === undefined) resolve(answer);
        else reject(new Error(`The server did not ${task}: ${answer.error}`));
      });
      host.send({ task, folder, ...more });
    });
  return {
    start: async (folder, isDemo) => (await ask('start', folder, { demo: isDemo, now: suiteNow().toISOString() })).address ?? '',
    stop: async (folder) => void (await ask('stop', folder)),
    close: () => host.disconnect(),
  };
}
