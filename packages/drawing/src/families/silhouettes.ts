import type { Silhouette } from '../shape/index.js';
import { BODY } from './body.js';
import { CUT_HAIR, DRAWN_HAIR, GROWN_HAIR, HAIR_SIDES, PARTING } from './hair/index.js';
import { HATS } from './hats/index.js';
import { BESIDE, HELD } from './held/index.js';
import { LEGS } from './legs/index.js';
import { NECK } from './neck/index.js';
import { shapedSilhouette } from './shaped/index.js';

const withSides = (drawn: Readonly<Record<string, Silhouette>>): Record<string, Silhouette> =>
  Object.fromEntries(
    Object.entries(drawn).map(([name, art]) => [
      name,
      { ...art, front: [PARTING, ...art.front], ...(HAIR_SIDES[name] ? { side: HAIR_SIDES[name] } : {}) },
    ]),
  );

const ALL: Readonly<Record<string, Silhouette>> = {
  ...BODY,
  ...LEGS,
  ...withSides(DRAWN_HAIR),
  ...CUT_HAIR,
  ...GROWN_HAIR,
  ...HATS,
  ...NECK,
  ...HELD,
  ...BESIDE,
};

/** The silhouette of a mould by its name: as somebody drew it, or as its descriptors tell; null when nobody can. */
export const silhouette = (name: string): Silhouette | null => ALL[name] ?? shapedSilhouette(name);

export const SILHOUETTE_NAMES: readonly string[] = Object.keys(ALL);
