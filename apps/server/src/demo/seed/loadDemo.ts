import type { Abstract, INestApplicationContext, Type } from '@nestjs/common';
import { demoWorld } from '@outfit/demo';
import { BenchPlanner, BenchService } from '../../bench/index.js';
import { CatalogueService } from '../../catalogue/index.js';
import { FiguresStore } from '../../figures/index.js';
import { AdvanceService, MarketService } from '../../market/index.js';
import { IdeasStore } from '../../ideas/index.js';
import { VariationsService } from '../../lineups/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { OrdersService, ParcelDeeds } from '../../parcels/index.js';
import { Ledger } from '../../wardrobe/index.js';
import { BenchSeed } from './benchSeed.js';
import { IdeasSeed } from './ideasSeed.js';
import { OrdersSeed } from './ordersSeed.js';
import { WardrobeSeed } from './wardrobeSeed.js';

const SEED = 7;

/** Fills an empty database with the made-up world, in one unit of work. Does nothing when there is data already. */
export async function loadDemo(app: INestApplicationContext): Promise<void> {
  const get = <T>(service: Type<T> | Abstract<T>): T => app.get(service, { strict: false });
  const [catalogue, database] = [get(CatalogueService), get(Database)];
  if (!catalogue.store.isEmpty()) return;
  const figures = get(FiguresStore);
  const today = get(Clock).today();
  const world = demoWorld(today);
  await database.write(() => {
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
    get(VariationsService).open(world.plans);
    new IdeasSeed(get(IdeasStore), get(Clock)).open(world.ideas, world.owed, today);
    new WardrobeSeed(catalogue, get(Ledger)).play(world.wardrobe, today);
    get(AdvanceService).open(world.catalogue, SEED, today);
    new OrdersSeed(get(ParcelDeeds), get(OrdersService), get(MarketService), get(Ledger)).open(world.orders, today);
    new BenchSeed(database, get(BenchService), get(BenchPlanner), figures, get(Ledger)).open(world.inHand, today);
  });
}
