import type { CatalogueData } from '@outfit/core';
import { DONORS, type DemoDonor } from './data/donors.js';
import type { DemoFigure, DemoLineUp, DemoLook } from './data/projectRow.js';
import { LINE_UPS } from './data/projects.js';
import { PIECES, type DemoPiece } from './data/wardrobe.js';
import { generateCatalogue } from './generate/world.js';

export type { DemoDonor, DemoFigure, DemoLineUp, DemoLook, DemoPiece };

export interface DemoWorld {
  readonly catalogue: CatalogueData;
  readonly lineUps: readonly DemoLineUp[];
  readonly pieces: readonly DemoPiece[];
  readonly donors: readonly DemoDonor[];
}

/** The made-up world that ships with the application. */
export const demoWorld = (): DemoWorld => ({ catalogue: generateCatalogue(), lineUps: LINE_UPS, pieces: PIECES, donors: DONORS });
