// Search and import over 60,000 and 100,000 variants, as ratios to a plain baseline in the same run.
import 'reflect-metadata';
import { Catalogue, plainWords, variantIdOf } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { CATALOGUE_TABLES, writeCatalogueTable } from '@outfit/formats';
import SQLite from 'better-sqlite3';
import { parse } from 'csv-parse/sync';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { createApp } from '../apps/server/dist/app.js';
import { CatalogueService } from '../apps/server/dist/catalogue/catalogue.service.js';
import importCatalogue from '../apps/server/dist/catalogue/import.worker.js';
import { SearchService } from '../apps/server/dist/catalogue/search.service.js';

const world = demoWorld().catalogue;

/** The demo catalogue grown: every mould in more and more colours, until there are enough variants. */
function grown(count) {
  const cloth = world.colours.map((colour) => colour.id);
  const variants = new Map(world.variants.map((variant) => [variant.id, variant]));
  for (let step = 1; variants.size < count; step += 1)
    for (const [i, variant] of world.variants.entries()) {
      if (variants.size >= count) break;
      const colours = [
        cloth[(i * 7 + step * 13) % cloth.length],
        cloth[(i + step * 5 + Math.floor(step / cloth.length)) % cloth.length],
        cloth[(i * 3 + step) % cloth.length],
      ];
      const id = variantIdOf(variant.mould, colours, variant.print);
      if (!variants.has(id)) variants.set(id, { ...variant, id, colours });
    }
  return { ...world, variants: [...variants.values()] };
}

const QUERIES = [
  'knot',
  'brown ponytail',
  'crew jacket badge',
  'lwo knto',
  'torso green',
  'lantern keeper',
  'HA-118',
  'blue',
  'beard round glasses',
  'curls ginger',
];
const FILTERS = [{}, { family: ['hair'] }, { colour: ['brown'], exists: ['made'] }];
const ROUNDS = 12;

const folder = mkdtempSync(join(tmpdir(), 'outfit-bench-'));
const time = async (work) => {
  const started = performance.now();
  await work();
  return performance.now() - started;
};
const quantile = (times, q) => [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * q))];

/** Everything a part is searched by in one text, for the baseline. */
function textOf(variant, catalogue) {
  const mould = catalogue.mouldOf(variant);
  const print = catalogue.printOf(variant);
  const motifs = [...(print?.motifs.map((motif) => motif.motif) ?? []), ...mould.motifs].map((motif) => catalogue.motifName(motif));
  const colours = variant.colours.flatMap((id) => [id, ...plainWords(catalogue.colour(id))]);
  return [mould.number, mould.name, mould.family, ...mould.nicknames, ...mould.shape.words, print?.name ?? '', ...motifs, ...colours].join(
    ' ',
  );
}

async function searching() {
  const data = grown(60_000);
  const app = await createApp({ dataFolder: join(folder, 'search'), webFolder: null, demo: false });
  app.get(CatalogueService).fill(data);
  const service = app.get(SearchService);
  const catalogue = new Catalogue(data);
  const plain = new SQLite(':memory:');
  plain.exec('CREATE TABLE document (id TEXT, text TEXT)');
  const insert = plain.prepare('INSERT INTO document VALUES (?, ?)');
  plain.transaction(() => {
    for (const variant of data.variants) insert.run(variant.id, textOf(variant, catalogue));
  })();
  const scan = (q) => {
    const words = q.toLowerCase().split(' ');
    return plain
      .prepare(`SELECT id FROM document WHERE ${words.map(() => 'text LIKE ?').join(' AND ')}`)
      .all(...words.map((word) => `%${word}%`));
  };
  const query = (q, filter) => service.search({ q, sort: 'best', offset: 0, limit: 100, ...filter });
  await query('warm', {});
  const [ours, baseline] = [[], []];
  for (let round = 0; round < ROUNDS; round += 1)
    for (const q of QUERIES)
      for (const filter of FILTERS) {
        ours.push(await time(() => query(q, filter)));
        if (Object.keys(filter).length === 0) baseline.push(await time(() => scan(q)));
      }
  await app.close();
  const [p50, p95] = [quantile(ours, 0.5), quantile(ours, 0.95)];
  console.log(
    'Search, typed queries with facet counts over 60,000 variants, against a plain LIKE scan without facets (below 1 is faster):',
  );
  console.log(
    `  median ${(p50 / quantile(baseline, 0.5)).toFixed(3)} (${p50.toFixed(1)} ms), p95 ${(p95 / quantile(baseline, 0.95)).toFixed(3)} (${p95.toFixed(1)} ms; scan ${quantile(baseline, 0.95).toFixed(1)} ms)`,
  );
}

async function importing() {
  const file = join(folder, 'import');
  const app = await createApp({ dataFolder: file, webFolder: null, demo: false });
  app.get(CatalogueService).fill({ ...world, variants: [], bundles: [], officialFigures: [], sources: [] });
  await app.close();
  const known = new Set(world.variants.map((variant) => variant.id));
  const rows = grown(101_600)
    .variants.filter((variant) => !known.has(variant.id))
    .slice(0, 100_000);
  const csv = writeCatalogueTable(CATALOGUE_TABLES.variants, rows);
  const bare = new SQLite(join(folder, 'bare.sqlite'));
  bare.pragma('journal_mode = WAL');
  bare.pragma('synchronous = FULL');
  bare.exec(
    'CREATE TABLE variant (id TEXT PRIMARY KEY, mould TEXT NOT NULL, print TEXT, colours TEXT NOT NULL, madeFrom INTEGER, madeUntil INTEGER) STRICT',
  );
  const baseline = await time(() => {
    const [, ...cells] = parse(csv);
    const insert = bare.prepare('INSERT INTO variant VALUES (?, ?, ?, ?, ?, ?)');
    bare.transaction(() => {
      for (const [mould, colours, print, from, until] of cells)
        insert.run(`${mould}·${colours}·${print}`, mould, print || null, colours, from ? Number(from) : null, until ? Number(until) : null);
    })();
  });
  const run = async (agree) => {
    const { port1, port2 } = new MessageChannel();
    const spent = await time(() => {
      const outcome = importCatalogue({
        databaseFile: join(file, 'outfit.sqlite'),
        bytes: new TextEncoder().encode(csv),
        what: 'variants',
        agree,
        at: '2026-01-01T00:00:00.000Z',
        stop: new SharedArrayBuffer(4),
        port: port2,
      });
      if (outcome.report?.problemCount !== 0) throw new Error(JSON.stringify(outcome).slice(0, 500));
    });
    port1.close();
    return spent;
  };
  const dry = await run(null);
  const whole = await run('all');
  console.log(
    'Import of 100,000 variants from CSV, against bare csv-parse and prepared inserts of the same rows (times the baseline; 2 is half its rate):',
  );
  console.log(
    `  dry run ${(dry / baseline).toFixed(2)}, import with checks ${(whole / baseline).toFixed(2)} (baseline ${(baseline / 1000).toFixed(2)} s)`,
  );
}

await searching();
await importing();
rmSync(folder, { recursive: true });
