// npm test: everything CI checks, with one summary at the end.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { installIfMissing, requireNode, run } from './lib.mjs';

requireNode();
installIfMissing();
installChromium();

const STEPS = [
  ['types and build', 'npm', ['run', '--silent', 'build']],
  ['types of tests', 'npx', ['tsc', '-p', 'tsconfig.test.json']],
  ['types of web tests', 'npx', ['tsc', '-p', 'apps/web/tsconfig.test.json']],
  ['lint and boundaries', 'npx', ['eslint', '.', '--max-warnings', '0']],
  ['formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['unused code', 'npx', ['knip']],
  ['stale API client and schemas', 'node', ['scripts/api-client.mjs', '--check']],
  ['unit and API tests', 'npm', ['run', '--silent', 'unit']],
  ['browser tests', 'npm', ['run', '--silent', 'e2e']],
];

const results = STEPS.map(([name, command, args]) => {
  console.log(`\n> ${name}`);
  const started = Date.now();
  return { name, ok: run(command, args) === 0, seconds: (Date.now() - started) / 1000 };
});

console.log('\nSummary');
for (const { name, ok, seconds } of results) console.log(`  ${ok ? 'passed' : 'FAILED'}  ${name} (${seconds.toFixed(0)} s)`);
const failed = results.filter(({ ok }) => !ok).length;
console.log(`${results.length - failed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

/** The browser tests drive Debian's chromium; it is installed when this machine allows. */
function installChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  console.log('> Installing chromium for the browser tests');
  const quiet = { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update', '-q'], quiet);
  const { status } = spawnSync('apt-get', ['install', '-y', '-q', 'chromium'], quiet);
  if (status !== 0) console.error('chromium could not be installed; install it as /usr/bin/chromium, or the browser tests will fail.');
}
