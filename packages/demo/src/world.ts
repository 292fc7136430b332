import type { CatalogueData } from '@outfit/core';
import { type DemoLineUp, LINE_UPS } from './data/projects/index.js';
import { type DemoDonor, type DemoPiece, DONORS, PIECES } from './data/wardrobe/index.js';
import { generateCatalogue } from './generate/index.js';

export interface DemoWorld {
  readonly catalogue: CatalogueData;
  readonly lineUps: readonly DemoLineUp[];
  readonly pieces: readonly DemoPiece[];
  readonly donors: readonly DemoDonor[];
}

/** The made-up world that ships with the application. */
export const demoWorld = (): DemoWorld => ({ catalogue: generateCatalogue(), lineUps: LINE_UPS, pieces: PIECES, donors: DONORS });
