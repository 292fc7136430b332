import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const MAIN = fileURLToPath(new URL('../apps/server/dist/main.js', import.meta.url));

export interface RunningServer {
  readonly address: string;
  stop(): Promise<void>;
  /** Ends it in the middle of whatever it does, as a power cut would. */
  kill(): Promise<void>;
}

/** Starts the built application on a data folder, on a port of its own; a folder without data is filled with the demo or left empty. */
export async function startServer(folder: string, isDemo = true): Promise<RunningServer> {
  const server = spawn(process.execPath, [MAIN, ...(isDemo ? ['--demo'] : []), '--data', folder, '--port', '0'], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
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
