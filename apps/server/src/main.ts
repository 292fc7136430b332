import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createApp } from './app.js';
import { photographDemo } from './demo/index.js';
import { ClockFrom, SystemClock } from './platform/clock/index.js';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const DEFAULT_PORT = 4640;
/** However long something takes to end, the process has by then. */
const MOST_CLOSING_MS = 2500;

/** What every page begins with, as `index.html` of the web application has it, and the first search. */
const FIRST_ASKED = ['catalogue/packed', 'wardrobe/stock', 'market/prices', 'catalogue/search?limit=1'];

/** Ends with one sentence and no stack: these are things a person can put right. */
function giveUp(sentence: string): never {
  console.error(`Outfit could not start: ${sentence}`);
  process.exit(1);
}

/** Why it did not start, of whatever was thrown. */
function reasonOf(error: unknown, port: number, dataFolder: string): string {
  const { code, message } = error as { code?: string; message?: string };
  if (code === 'EADDRINUSE') return `port ${port} is taken, perhaps by another Outfit. Close it, or choose another with --port.`;
  if (code === 'EACCES' || code === 'EROFS' || code === 'EPERM' || code === 'ENOTDIR' || code === 'EEXIST')
    return `the data folder ${dataFolder} cannot be written. Choose another with --data, or change its permissions.`;
  if (code === 'ENOSPC') return `there is no room on the disk of ${dataFolder}. Make room and start again.`;
  return message ?? String(error);
}

const { values } = parseArgs({
  options: { demo: { type: 'boolean', default: false }, data: { type: 'string' }, port: { type: 'string' }, now: { type: 'string' } },
});
const port = Number(values.port ?? process.env['OUTFIT_PORT'] ?? DEFAULT_PORT);
if (!Number.isInteger(port) || port < 0 || port > 65535)
  giveUp(`“${values.port ?? ''}” is not a port. Give a number such as ${DEFAULT_PORT}.`);
// Outfit as it will be at another time: for tests, and to see what a demo looks like in five years.
const from = values.now === undefined ? null : new Date(values.now);
if (from !== null && Number.isNaN(from.getTime())) giveUp(`“${values.now ?? ''}” is no time. Give one such as 2026-12-24T18:00:00Z.`);
const clock = from === null ? new SystemClock() : new ClockFrom(from);
const dataFolder = resolve(values.data ?? process.env['OUTFIT_DATA'] ?? join(ROOT, 'data', values.demo ? 'demo' : 'workspace'));

try {
  const app = await createApp({ dataFolder, webFolder: join(ROOT, 'apps/web/dist'), demo: values.demo, clock });
  if (values.demo) await photographDemo(app);
  await app.listen(port, '127.0.0.1');
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.once(signal, () => setTimeout(() => process.exit(0), MOST_CLOSING_MS).unref());
  const address = (await app.getUrl()).replace('[::1]', '127.0.0.1');
  console.log(`Outfit is ready: ${address}`);
  console.log(`Your data is in ${dataFolder}. Stop with Ctrl C.`);
  // Made and compressed before anybody asks, and kept: the first page of a large workspace need not wait for it.
  for (const path of FIRST_ASKED) await fetch(`${address}/api/${path}`).catch(() => undefined);
} catch (error) {
  giveUp(reasonOf(error, port, dataFolder));
}
