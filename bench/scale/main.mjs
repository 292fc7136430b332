// What the application takes at three sizes: the demo's, a tenth of what the design promises, and all of it.
//   npm run bench:scale            all three
//   npm run bench:scale -- 0.1     one share of the full size
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { quantile } from '../grown.mjs';
import { workspaceOf } from './data.mjs';
import { deedsOf } from './deeds.mjs';
import { pagesOf } from './pages.mjs';

const MAIN = fileURLToPath(new URL('../../apps/server/dist/main.js', import.meta.url));
const sleep = (ms) => new Promise((done) => setTimeout(done, ms));

async function serve(folder, ...args) {
  const began = performance.now();
  const server = spawn(process.execPath, [MAIN, '--data', folder, '--port', '0', ...args], { stdio: ['ignore', 'pipe', 'inherit'] });
  const base = await new Promise((resolve) =>
    server.stdout.on('data', (text) => {
      const found = /ready: (\S+)/.exec(String(text))?.[1];
      if (found) resolve(found);
    }),
  );
  return { server, base, startMs: performance.now() - began };
}

const memory = ({ pid }) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

async function ask(base, path, options = {}) {
  const began = performance.now();
  const response = await fetch(`${base}/api/${path}`, { ...options, headers: { 'content-type': 'application/json', ...options.headers } });
  const text = await response.text();
  const json = response.headers.get('content-type')?.includes('json') ? JSON.parse(text) : text;
  return { ms: performance.now() - began, kB: text.length / 1024, status: response.status, json };
}

/** Asks for something small again and again while something long goes on: how long the server kept it waiting. */
async function meanwhile(base, work) {
  let isOver = false;
  const long = work().finally(() => (isOver = true));
  const waits = [];
  while (!isOver) {
    waits.push((await ask(base, 'market/clock')).ms);
    await sleep(20);
  }
  const took = await long;
  return { took, p95: quantile(waits, 0.95), longest: Math.max(...waits) };
}

const row = (what, ...values) => console.log(`  ${what.padEnd(44)} ${values.join('  ')}`);
const ms = (value) => `${value < 10 ? value.toFixed(1) : value.toFixed(0)} ms`;

async function measure(name, folder, args) {
  const { server, base, startMs } = await serve(folder, ...args);
  console.log(`\n${name}`);
  row('start', ms(startMs), `${memory(server).toFixed(0)} MB`);
  const lineUps = (await ask(base, 'line-ups')).json;
  const figure = lineUps[0].figures[0];
  const [part] = figure.looks[0].parts;
  const { json: catalogue } = await ask(base, 'catalogue');
  const offered = catalogue.variants[(await ask(base, 'market/prices')).json.lowest.rows[0]]?.id ?? part.variant;
  for (const path of [
    'catalogue/packed',
    'market/prices',
    'wardrobe/stock',
    'line-ups/names',
    `line-ups/${lineUps[0].id}`,
    'wardrobe/promises',
    'wardrobe/sort-out',
    'wardrobe/donors',
    'wardrobe/pieces/page',
    'wardrobe/pieces/page?words=brown%20drawer',
    'wardrobe/places',
    'wardrobe/pieces/page?place=place-2',
    'market/sellers',
    `catalogue/search?q=${encodeURIComponent('brown knot')}`,
    `figures/${figure.id}`,
    `market/prices/variant/${encodeURIComponent(offered)}?condition=used`,
    'market/watches',
    'market/offers?seller=tin-drawer',
  ]) {
    const { ms: took, kB, status } = await ask(base, path);
    row(path.slice(0, 44), ms(took), `${kB.toFixed(0)} kB`, status === 200 ? '' : `status ${status}`);
  }
  const edit = await ask(base, `looks/${figure.looks[0].id}/edits`, {
    method: 'POST',
    body: JSON.stringify({ edits: [{ action: 'turn', position: 'torso' }], label: 'Turn the torso' }),
  });
  row('an edit of a look', ms(edit.ms), edit.status === 201 ? '' : JSON.stringify(edit.json).slice(0, 80));
  const entry = { id: `bench-${Date.now()}`, name: 'Bench', hex: '#204060', finish: 'solid', kind: 'cloth' };
  const saved = await ask(base, 'catalogue/entries', { method: 'POST', body: JSON.stringify({ kind: 'colours', row: entry }) });
  row('a colour entered', ms(saved.ms));
  row('the search after it', ms((await ask(base, 'catalogue/search?q=knot')).ms));
  // Before anything long: an errand goes on being solved on one core after its first plan.
  for (const [page, { usableMs, kB, scriptKB }] of Object.entries(await pagesOf(base, figure.id, lineUps[0].id)))
    row(`page ${page}`, `usable ${ms(usableMs)}`, `${kB.toFixed(0)} kB sent, scripts ${scriptKB.toFixed(0)} kB`);
  for (const [deed, { median, p95, count }] of Object.entries(await deedsOf(base, figure.id)))
    row(deed, `median ${ms(median)}`, `p95 ${ms(p95)}`, `${count} times`);
  const long = {
    'the market on by a day': () => ask(base, 'market/clock/advance', { method: 'POST', body: JSON.stringify({ days: 1 }) }),
    'the market on by a day, again': () => ask(base, 'market/clock/advance', { method: 'POST', body: JSON.stringify({ days: 1 }) }),
    'a file of 200 offers, all misspelt': () =>
      ask(base, 'market/import', {
        method: 'POST',
        headers: { 'content-type': 'text/csv' },
        body: `seller,item,asks,left,sold in,condition,seen on\n${Array.from({ length: 200 }, (_, i) => `tin-drawer,HA-11${i}·ravenn,0.42,3,1,used,2026-11-20`).join('\n')}\n`,
      }),
    'an errand for 20 figures, planned': async () => {
      const lines = lineUps[0].figures.slice(0, 20).map(({ looks }) => ({ look: looks[0].id, copies: 1 }));
      const began = performance.now();
      const errand = await ask(base, 'errands', { method: 'POST', body: JSON.stringify({ scope: lineUps[0].id, lines }) });
      if (errand.status !== 201) return { ms: NaN, status: errand.status, json: errand.json };
      const asked = errand.ms;
      for (;;) {
        const { json } = await ask(base, `errands/${errand.json.id}`);
        if (json.job.result || json.job.state !== 'running') return { ms: performance.now() - began, asked };
        await sleep(50);
      }
    },
  };
  for (const [what, work] of Object.entries(long)) {
    const { took, p95, longest } = await meanwhile(base, work);
    row(
      what,
      ms(took.ms),
      `meanwhile p95 ${ms(p95)}, longest ${ms(longest)}`,
      took.status && took.status >= 400 ? `status ${took.status} ${JSON.stringify(took.json).slice(0, 120)}` : '',
    );
  }
  row('memory at the end', `${memory(server).toFixed(0)} MB`);
  server.kill('SIGTERM');
  await new Promise((done) => server.once('exit', done));
}

const root = process.env.SCALE_FOLDER ?? mkdtempSync(join(tmpdir(), 'outfit-scale-'));
const asked = process.argv.slice(2).map(Number);
if (asked.length === 0) await measure('The demo', join(root, 'demo'), ['--demo']);
for (const share of asked.length > 0 ? asked : [0.1, 1]) {
  const folder = join(root, `share-${share}`);
  await workspaceOf(folder, share);
  await measure(`${share} of full size`, folder, []);
}
if (!process.env.SCALE_FOLDER) rmSync(root, { recursive: true });
process.exit(0);
