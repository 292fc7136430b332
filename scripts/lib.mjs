// Helpers of the npm scripts. Node built-ins only: these run before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
/** The lines of versions that Outfit runs on, as the field `engines` of package.json has them: ^20.19.0 or >=24.11.0 each. */
const NODE_LINES = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8'))
  .engines.node.split(' || ')
  .map((line) => ({ isOpen: line.startsWith('>='), least: line.replace(/^\D+/, '').split('.').map(Number) }));

/**
 * The least version of each line.
 *
 * @returns {string[]}
 */
export const leastNodes = () => NODE_LINES.map(({ least }) => least.join('.'));

/** Does Outfit run on a version of Node? */
export function runsOn(version) {
  const [major, minor, patch] = version.split('.').map(Number);
  return NODE_LINES.some(({ isOpen, least: [first, second, third] }) => {
    if (major !== first) return isOpen && major > first;
    return minor > second || (minor === second && patch >= third);
  });
}

/** Ends with a sentence when this Node cannot run Outfit. */
export function requireNode() {
  if (runsOn(process.versions.node)) return;
  console.error(`Outfit needs Node ${leastNodes().join(', ')} or newer; this is ${process.versions.node}. Install one and try again.`);
  process.exit(1);
}

/** Runs a command from the project's root; its exit code. */
export function run(command, args, env = {}) {
  return spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } }).status ?? 1;
}

/** Runs a command and shows what it says as it says it; its exit code, and all it said. */
export function runHeard(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['inherit', 'pipe', 'pipe'], env: { ...process.env, FORCE_COLOR: '0' } });
    let said = '';
    for (const [from, to] of [
      [child.stdout, process.stdout],
      [child.stderr, process.stderr],
    ])
      from.on('data', (text) => {
        said += text;
        to.write(text);
      });
    child.on('error', (error) => resolve({ code: 1, said: said + String(error) }));
    child.on('close', (code) => resolve({ code: code ?? 1, said }));
  });
}

export function runOrEnd(what, command, args) {
  console.log(`> ${what}`);
  const code = run(command, args);
  if (code === 0) return;
  console.error(`${what} failed. What it said stands above.`);
  process.exit(code);
}

/**
 * Installs what package-lock.json names, unless that has been done since the lock last changed. Not by `npm ci`: see
 * docs/decisions/0005-npm-install.md.
 */
export function installIfMissing() {
  const done = join(ROOT, 'node_modules/.package-lock.json');
  if (existsSync(done) && statSync(done).mtimeMs >= statSync(join(ROOT, 'package-lock.json')).mtimeMs) return;
  runOrEnd('Installing packages (the first time takes a few minutes)', 'npm', ['install', '--no-save', '--no-audit', '--no-fund']);
}

export function build() {
  runOrEnd('Building', 'npm', ['run', '--silent', 'build']);
}

/** Starts the server and passes signals on, so that Ctrl C closes it cleanly. */
export function serve(args) {
  const server = spawn(process.execPath, ['--enable-source-maps', 'apps/server/dist/main.js', ...args], { cwd: ROOT, stdio: 'inherit' });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => process.exit(code ?? 0));
}
