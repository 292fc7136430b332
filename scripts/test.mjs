// npm test: everything CI checks, with one summary at the end.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { installIfMissing, requireNode, runHeard } from './lib.mjs';

requireNode();
installIfMissing();
installChromium();

const IS_FAULT = /^\s*\S*Error: |error {2}|error TS|^\s+● .* › |^\s+\d+\) /;
const LINES_EACH = 14;
const MOST_LINES = 120;

/** What everything else stands on. */
const FIRST = [['types and build', 'npm', ['run', '--silent', 'build']]];

/** Two lanes beside each other: what reads the code, and what runs it. */
const LANES = [
  [
    ['scripts a page begins with', 'node', ['scripts/firstScripts.mjs']],
    ['stale API client and schemas', 'node', ['scripts/api-client.mjs', '--check']],
    ['types of tests', 'npx', ['tsc', '-p', 'tsconfig.test.json']],
    ['types of web tests', 'npx', ['tsc', '-p', 'apps/web/tsconfig.test.json']],
    ['lint and boundaries', 'npm', ['run', '--silent', 'lint']],
    ['formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '--cache', '.']],
    ['unused code', 'npx', ['knip']],
  ],
  [
    ['unit and API tests', 'npm', ['run', '--silent', 'unit']],
    ['browser tests', 'npm', ['run', '--silent', 'e2e']],
  ],
];

const results = [];
const began = Date.now();
await lane(FIRST);
await Promise.all(LANES.map(lane));

const failed = results.filter(({ ok }) => !ok);
// The end of a log is what is read of it: why a step failed stands there, and not half an hour further up.
for (const { name, said } of failed) console.log(`\nWhat failed of ${name}\n${why(said)}`);
console.log('\nSummary');
for (const { name, ok, seconds } of results) console.log(`  ${ok ? 'passed' : 'FAILED'}  ${name} (${seconds.toFixed(0)} s)`);
console.log(`${((Date.now() - began) / 60_000).toFixed(1)} minutes in all`);
console.log(`${results.length - failed.length} passed, ${failed.length} failed`);
process.exit(failed.length === 0 ? 0 : 1);

/** Steps one after the other, whatever becomes of each. */
async function lane(steps) {
  for (const [name, command, args] of steps) {
    console.log(`\n> ${name}`);
    const started = Date.now();
    const { code, said } = await runHeard(command, args);
    results.push({ name, ok: code === 0, seconds: (Date.now() - started) / 1000, said });
  }
}

/** The lines of an output that say what went wrong, each with a few after it. */
function why(said) {
  const lines = said.split('\n');
  const told = new Set();
  for (const [i, line] of lines.entries())
    if (IS_FAULT.test(line)) for (let k = i; k < Math.min(i + LINES_EACH, lines.length); k += 1) told.add(k);
  const found = [...told].map((k) => lines[k]);
  return (found.length > 0 ? found.slice(0, MOST_LINES) : lines.slice(-LINES_EACH)).join('\n');
}

/** The browser tests drive Debian's chromium; it is installed when this machine allows. */
function installChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  console.log('> Installing chromium for the browser tests');
  const quiet = { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update', '-q'], quiet);
  const { status } = spawnSync('apt-get', ['install', '-y', '-q', 'chromium'], quiet);
  if (status !== 0) console.error('chromium could not be installed; install it as /usr/bin/chromium, or the browser tests will fail.');
}
