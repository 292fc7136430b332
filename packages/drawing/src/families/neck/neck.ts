import type { Silhouette } from '../../shape/index.js';
import { breastplate, shoulders } from './armour.js';
import { belt, medal, sash } from './bands.js';
import { longCape, shortCape, shoulderCape, splitCape, waistCape } from './capes.js';
import { backpack, quiver, satchel, wings } from './onTheBack.js';
import { beard, fur, ruff, scarf } from './scarves.js';

/** What is worn about the neck, on the back and at the waist, by the name of the silhouette. */
export const NECK: Readonly<Record<string, Silhouette>> = {
  'cape-short': shortCape,
  'cape-long': longCape,
  scarf,
  satchel,
  backpack,
  sash,
  'cape-split': splitCape,
  'cape-shoulder': shoulderCape,
  breastplate,
  shoulders,
  fur,
  ruff,
  quiver,
  beard,
  wings,
  medal,
  belt,
  'waist-cape': waistCape,
};
