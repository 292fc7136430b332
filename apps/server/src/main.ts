import { accessSync, constants, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createApp } from './app.js';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const DEFAULT_PORT = 4640;

/** Ends with one sentence and no stack: these are things a person can put right. */
function giveUp(sentence: string): never {
  console.error(`Outfit could not start: ${sentence}`);
  process.exit(1);
}

function writable(folder: string): string {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch {
    giveUp(`the data folder ${folder} cannot be written. Choose another with --data, or change its permissions.`);
  }
  return folder;
}

const { values } = parseArgs({
  options: { demo: { type: 'boolean', default: false }, data: { type: 'string' }, port: { type: 'string' } },
});
const port = Number(values.port ?? process.env['OUTFIT_PORT'] ?? DEFAULT_PORT);
if (!Number.isInteger(port) || port < 0 || port > 65535)
  giveUp(`“${values.port ?? ''}” is not a port. Give a number such as ${DEFAULT_PORT}.`);
const dataFolder = writable(resolve(values.data ?? process.env['OUTFIT_DATA'] ?? join(ROOT, 'data', values.demo ? 'demo' : 'workspace')));

try {
  const app = await createApp({ dataFolder, webFolder: join(ROOT, 'apps/web/dist'), demo: values.demo });
  await app.listen(port, '127.0.0.1');
  const address = (await app.getUrl()).replace('[::1]', '127.0.0.1');
  console.log(`Outfit is ready: ${address}`);
  console.log(`Your data is in ${dataFolder}. Stop with Ctrl C.`);
} catch (error) {
  const code = (error as { code?: string }).code;
  if (code === 'EADDRINUSE') giveUp(`port ${port} is taken, perhaps by another Outfit. Close it, or choose another with --port.`);
  giveUp(error instanceof Error ? error.message : String(error));
}
