import type { CatalogueData } from '@outfit/core';
import { type DemoLineUp, LINE_UPS } from './data/projects/index.js';
import { type DemoDeed, type DemoOrder, ORDERS, YEAR } from './data/wardrobe/index.js';
import { generateCatalogue } from './generate/index.js';

export interface DemoWorld {
  readonly catalogue: CatalogueData;
  readonly lineUps: readonly DemoLineUp[];
  /** What was done in the wardrobe, the first deed first. */
  readonly wardrobe: readonly DemoDeed[];
  /** Orders that are on their way. */
  readonly orders: readonly DemoOrder[];
}

/** The made-up world that ships with the application. */
export const demoWorld = (): DemoWorld => ({ catalogue: generateCatalogue(), lineUps: LINE_UPS, wardrobe: YEAR, orders: ORDERS });
