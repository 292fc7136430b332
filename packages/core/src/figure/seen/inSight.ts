import { REGION_AREA_MM2 } from '../../anatomy/index.js';
import { SURFACE } from './surface.js';
import type { Visibility } from './visibility.js';
import type { Worn } from '../look/index.js';

/** Less than this of a part in sight is as good as none: a flaw there is seen by nobody (wardrobe, *Promises*). */
export const LEAST_IN_SIGHT = 0.1;

/**
 * The share of a worn part that is in sight, 0 to 1, by area over the regions it is the surface of; 1 for what lies over or beside the body.
 * A part with a print is judged by what is seen of it where that is more.
 */
export function inSight(item: Worn, visibility: Visibility): number {
  const regions = SURFACE[item.part.position];
  if (!regions) return 1;
  const area = regions.reduce((all, region) => all + REGION_AREA_MM2[region], 0);
  const seen = regions.reduce((all, region) => all + REGION_AREA_MM2[region] * visibility.of(region), 0) / area;
  return Math.max(seen, ...(item.print?.motifs ?? []).map((motif) => visibility.ofMotif(item, motif)));
}
