import type { CatalogueData } from '@outfit/core';
import { MOTIFS } from './data/motifs.js';
import { MOULDS } from './data/moulds.js';
import { OFFICIAL_FIGURES, SOURCES } from './data/official.js';
import { COLOURS } from './data/palette.js';
import { PRINTS } from './data/prints.js';
import { LINE_UPS, type DemoFigure, type DemoLineUp, type DemoLook } from './data/projects.js';
import { VARIANTS } from './data/variants.js';
import { PIECES, type DemoPiece } from './data/wardrobe.js';

export type { DemoFigure, DemoLineUp, DemoLook, DemoPiece };

export interface DemoWorld {
  readonly catalogue: CatalogueData;
  readonly lineUps: readonly DemoLineUp[];
  readonly pieces: readonly DemoPiece[];
}

/** The made-up world that ships with the application. */
export const demoWorld = (): DemoWorld => ({
  catalogue: {
    colours: COLOURS,
    motifs: MOTIFS,
    moulds: MOULDS,
    prints: PRINTS,
    variants: VARIANTS,
    sources: SOURCES,
    officialFigures: OFFICIAL_FIGURES,
  },
  lineUps: LINE_UPS,
  pieces: PIECES,
});
