// Search over 60,000 variants, as a ratio to a plain scan in the same run.
import 'reflect-metadata';
import { Catalogue, plainWords } from '@outfit/core';
import SQLite from 'better-sqlite3';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../apps/server/dist/app.js';
import { CatalogueService } from '../apps/server/dist/catalogue/catalogue.service.js';
import { Database } from '../apps/server/dist/platform/db/index.js';
import { SearchService } from '../apps/server/dist/catalogue/search/search.service.js';
import { grown, quantile, time } from './grown.mjs';

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
  await app.get(Database).write(() => app.get(CatalogueService).fill(data));
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

await searching();
rmSync(folder, { recursive: true });
