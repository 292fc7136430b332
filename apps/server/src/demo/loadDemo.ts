import type { INestApplicationContext } from '@nestjs/common';
import { demoWorld } from '@outfit/demo';
import { BenchOpening } from '../bench/index.js';
import { CatalogueService } from '../catalogue/index.js';
import { FiguresStore } from '../figures/index.js';
import { AdvanceService } from '../market/index.js';
import { IdeasOpening } from '../ideas/index.js';
import { VariationsService } from '../lineups/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { ParcelsOpening } from '../parcels/index.js';
import { OpeningService } from '../wardrobe/index.js';

const SEED = 7;

/** Fills an empty database with the made-up world, in one unit of work. Does nothing when there is data already. */
export async function loadDemo(app: INestApplicationContext): Promise<void> {
  const catalogue = app.get(CatalogueService, { strict: false });
  if (!catalogue.store.isEmpty()) return;
  const figures = app.get(FiguresStore, { strict: false });
  const today = app.get(Clock, { strict: false }).today();
  const world = demoWorld(today);
  await app.get(Database, { strict: false }).write(() => {
    catalogue.fill(world.catalogue);
    for (const [place, lineUp] of world.lineUps.entries()) {
      figures.insertLineUp({ id: lineUp.id, name: lineUp.name, place, plan: world.plans[lineUp.id] ?? null });
      for (const [i, { id, role, looks, chosen, brief }] of lineUp.figures.entries()) {
        const lookId = (k: number): string => `${id}-${k + 1}`;
        figures.insertFigure({
          id,
          lineUp: lineUp.id,
          place: i,
          role,
          faction: world.factionOf(lineUp.id, role),
          brief,
          chosenLook: lookId(chosen),
        });
        for (const [k, { name, parts, verdict, variation }] of looks.entries())
          figures.insertLook(
            { id: lookId(k), figure: id, place: k, name },
            { parts, overrules: [], ...(verdict ? { verdict } : {}), ...(variation ? { variation } : {}) },
          );
      }
    }
    app.get(VariationsService, { strict: false }).open(world.plans);
    app.get(IdeasOpening, { strict: false }).open(world.ideas, world.owed, today);
    app.get(OpeningService, { strict: false }).play(world.wardrobe, today);
    app.get(AdvanceService, { strict: false }).open(world.catalogue, SEED, today);
    app.get(ParcelsOpening, { strict: false }).open(world.orders, today);
    app.get(BenchOpening, { strict: false }).open(world.inHand, today);
  });
}
