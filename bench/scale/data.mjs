// A workspace as large as the design promises for one machine, or a share of it, grown from the demo world by seed.
import 'reflect-metadata';
import { seededRandom } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import SQLite from 'better-sqlite3';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { createApp } from '../../apps/server/dist/app.js';
import { CatalogueService } from '../../apps/server/dist/catalogue/index.js';
import { FiguresStore } from '../../apps/server/dist/figures/index.js';
import { AdvanceService } from '../../apps/server/dist/market/index.js';
import { Database } from '../../apps/server/dist/platform/db/index.js';
import { tablesOf } from '../../apps/server/dist/platform/sqlite/index.js';
import { LedgerStore } from '../../apps/server/dist/wardrobe/ledger/worker.js';
import { grown } from '../grown.mjs';

const FULL = { variants: 60_000, offers: 600_000, pieces: 50_000, figures: 2000, lineUps: 100 };
const SEED = 11;
const DAY = '2026-11-20';

/** Fills a folder with `share` of the full size; a folder that is there already is left as it is. */
export async function workspaceOf(folder, share) {
  if (existsSync(join(folder, 'outfit.sqlite'))) return;
  const app = await createApp({ dataFolder: folder, webFolder: null, demo: false });
  const database = app.get(Database);
  const world = demoWorld();
  const data = grown(Math.round(FULL.variants * share));
  const draw = seededRandom(SEED);
  const pick = (list) => list[Math.floor(draw() * list.length)];
  const figures = app.get(FiguresStore);
  await database.write(() => {
    app.get(CatalogueService).fill(data);
    const models = world.lineUps.flatMap((lineUp) => lineUp.figures);
    const made = data.variants.filter((variant) => variant.made);
    const byMould = new Map();
    for (const variant of made) {
      const known = byMould.get(variant.mould);
      if (known) known.push(variant);
      else byMould.set(variant.mould, [variant]);
    }
    const mouldOf = new Map(data.variants.map((variant) => [variant.id, variant.mould]));
    const lineUps = Math.max(1, Math.round(FULL.lineUps * share));
    const count = Math.round(FULL.figures * share);
    for (let k = 0; k < lineUps; k += 1) figures.insertLineUp({ id: `crew-${k}`, name: `Crew ${k + 1}`, place: k });
    for (let i = 0; i < count; i += 1) {
      const { role, looks, brief } = models[i % models.length];
      const id = `figure-${i}`;
      const named = { ...brief, name: `${brief.name} ${i + 1}` };
      figures.insertFigure({
        id,
        lineUp: `crew-${i % lineUps}`,
        place: Math.floor(i / lineUps),
        role,
        brief: named,
        chosenLook: `${id}-1`,
      });
      for (const [n, look] of looks.entries())
        figures.insertLook(
          { id: `${id}-${n + 1}`, figure: id, place: n, name: look.name },
          // The same moulds in other colours, so that figures are alike and not the same.
          {
            parts: look.parts.map((part) => ({
              ...part,
              variant: pick(byMould.get(mouldOf.get(part.variant)) ?? [{ id: part.variant }]).id,
            })),
            overrules: [],
          },
        );
    }
    const at = `${DAY}T00:00:00.000Z`;
    const ledger = new LedgerStore(tablesOf(database));
    const movements = [];
    for (let i = 0; i < FULL.pieces * share; i += 1) {
      const lot = ledger.addLot({ variant: pick(made).id, condition: pick(['new', 'used', 'worn']), note: '', addedAt: at });
      movements.push({ lot, quantity: 1, from: 'outside', to: ledger.placeAt(`Cabinet › Drawer ${1 + Math.floor(draw() * 40)}`) });
    }
    ledger.enter({ at, kind: 'counted', sentence: 'Came with the bench', because: 'hand', undoes: null }, movements);
    app.get(AdvanceService).open(world.catalogue, SEED, DAY);
    const sellers = database.prepare('SELECT id FROM seller').pluck().all();
    const offer = database.prepare(
      `INSERT OR IGNORE INTO offer (id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin)
         VALUES (?, ?, 'variant', ?, ?, ?, 1, ?, ?, 'imported')`,
    );
    // The simulated market adds some 490,000 at full size, once it has gone on by a day over this catalogue.
    for (let i = 0; i < (FULL.offers - 490_000) * share; i += 1) {
      const seller = pick(sellers);
      offer.run(
        `${seller}/bulk-${i}`,
        seller,
        pick(made).id,
        10 + Math.floor(draw() * 400),
        1 + Math.floor(draw() * 9),
        pick(['new', 'used']),
        DAY,
      );
    }
    database.prepare('DELETE FROM lowest_price_day').run();
  });
  await app.get(AdvanceService).advance(1);
  await app.close();
  const file = new SQLite(join(folder, 'outfit.sqlite'));
  file.pragma('wal_checkpoint(TRUNCATE)');
  file.close();
}
