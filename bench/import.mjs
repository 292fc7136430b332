// Import of 100,000 variants, as a ratio to bare parsing and prepared inserts of the same rows, turn about in one run.
import 'reflect-metadata';
import { CATALOGUE_TABLES, writeCatalogueTable } from '@outfit/formats';
import SQLite from 'better-sqlite3';
import { parse } from 'csv-parse/sync';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { createApp } from '../apps/server/dist/app.js';
import { CatalogueService } from '../apps/server/dist/catalogue/catalogue.service.js';
import importCatalogue from '../apps/server/dist/catalogue/files/import.worker.js';
import { grown, quantile, time, world } from './grown.mjs';

const ROUNDS = 5;
const folder = mkdtempSync(join(tmpdir(), 'outfit-bench-'));
const known = new Set(world.variants.map((variant) => variant.id));
const rows = grown(101_600).variants.filter((variant) => !known.has(variant.id));
const csv = writeCatalogueTable(CATALOGUE_TABLES.variants, rows.slice(0, 100_000));

function bare(file) {
  const database = new SQLite(file);
  database.pragma('journal_mode = WAL');
  database.pragma('synchronous = FULL');
  database.exec(
    'CREATE TABLE variant (id TEXT PRIMARY KEY, mould TEXT NOT NULL, print TEXT, colours TEXT NOT NULL, madeFrom INTEGER, madeUntil INTEGER) STRICT',
  );
  const [, ...cells] = parse(csv);
  const insert = database.prepare('INSERT INTO variant VALUES (?, ?, ?, ?, ?, ?)');
  database.transaction(() => {
    for (const [mould, colours, print, from, until] of cells)
      insert.run(`${mould}·${colours}·${print}`, mould, print || null, colours, from ? Number(from) : null, until ? Number(until) : null);
  })();
  database.close();
}

function ours(databaseFile, agree) {
  const { port1, port2 } = new MessageChannel();
  const bytes = new TextEncoder().encode(csv);
  const stop = new SharedArrayBuffer(4);
  const outcome = importCatalogue({ databaseFile, bytes, what: 'variants', agree, at: '2026-01-01T00:00:00.000Z', stop, port: port2 });
  port1.close();
  if (outcome.report?.problemCount !== 0) throw new Error(JSON.stringify(outcome).slice(0, 500));
}

const ratios = { dry: [], whole: [] };
const baselines = [];
for (let round = 0; round < ROUNDS; round += 1) {
  const dataFolder = join(folder, `round-${round}`);
  const app = await createApp({ dataFolder, webFolder: null, demo: false });
  app.get(CatalogueService).fill({ ...world, variants: [], bundles: [], officialFigures: [], sources: [] });
  await app.close();
  const database = join(dataFolder, 'outfit.sqlite');
  const baseline = await time(() => bare(join(folder, `bare-${round}.sqlite`)));
  baselines.push(baseline);
  ratios.dry.push((await time(() => ours(database, null))) / baseline);
  ratios.whole.push((await time(() => ours(database, 'all'))) / baseline);
}
rmSync(folder, { recursive: true });
const said = (times) => `${quantile(times, 0.5).toFixed(2)} (${Math.min(...times).toFixed(2)} to ${Math.max(...times).toFixed(2)})`;
console.log(
  'Import of 100,000 variants from CSV, against bare csv-parse and prepared inserts of the same rows (times the baseline; 2 is half its rate):',
);
console.log(
  `  dry run ${said(ratios.dry)}, import with checks ${said(ratios.whole)}; baseline ${(quantile(baselines, 0.5) / 1000).toFixed(2)} s, ${ROUNDS} rounds`,
);
