import { demoWorld, type DemoFigure } from '@outfit/demo';
import type { DataSource, EntityManager } from 'typeorm';

import { CatalogueService } from '../catalogue/index.js';
import { FigureEntity, LineUpEntity, LookEntity } from '../figures/index.js';
import type { AdvanceService } from '../market/index.js';
import { DonorEntity, PieceEntity } from '../wardrobe/index.js';

const SEED = 7;

/** Fills an empty database with the made-up world, in one transaction. Does nothing when there is data already. */
export async function loadDemo(database: DataSource, catalogue: CatalogueService, market: AdvanceService, today: string): Promise<boolean> {
  if (catalogue.store.keys('colours').size > 0) return false;
  const world = demoWorld();
  await database.transaction(async (manager) => {
    catalogue.fill(world.catalogue);
    for (const [place, { id, name, figures }] of world.lineUps.entries()) {
      await manager.insert(LineUpEntity, { id, name, place });
      for (const [figurePlace, figure] of figures.entries()) await insertFigure(manager, id, figurePlace, figure);
    }
    await manager.insert(
      PieceEntity,
      world.pieces.map((piece) => ({ ...piece, addedAt: `${today}T00:00:00.000Z` })),
    );
    await manager.insert(DonorEntity, [...world.donors]);
    await market.open(manager, world.catalogue, SEED, today);
  });
  return true;
}

async function insertFigure(manager: EntityManager, lineUp: string, place: number, figure: DemoFigure): Promise<void> {
  const { id, role, looks, chosen, brief } = figure;
  const lookId = (i: number): string => `${id}-${i + 1}`;
  await manager.insert(FigureEntity, { id, lineUp, place, role, brief, chosenLook: lookId(chosen) });
  await manager.insert(
    LookEntity,
    looks.map((look, i) => ({
      id: lookId(i),
      figure: id,
      place: i,
      name: look.name,
      parts: look.parts,
      overrules: [],
      verdict: look.verdict,
      acceptable: [],
      variation: look.variation,
      removedAt: null,
    })),
  );
}
