import type { Silhouette } from '../shape.js';
import { BODY } from './body.js';
import { HAIR } from './hair.js';
import { HAIR_SIDES, MORE_HAIR } from './hairMore.js';
import { PARTING } from './hairStyle.js';
import { HATS } from './hats.js';
import { MORE_HATS } from './hatsMore.js';
import { HELD } from './held.js';
import { HELMETS } from './helmets.js';
import { BESIDE, MORE_HELD } from './heldMore.js';
import { LEGS } from './legs.js';
import { NECK } from './neck.js';
import { MORE_NECK } from './neckMore.js';

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
  ...withSides(HAIR),
  ...MORE_HAIR,
  ...HATS,
  ...MORE_HATS,
  ...HELMETS,
  ...NECK,
  ...MORE_NECK,
  ...HELD,
  ...MORE_HELD,
  ...BESIDE,
};

/** The silhouette of a mould by its name, or null when nobody has drawn it. */
export const silhouette = (name: string): Silhouette | null => ALL[name] ?? null;

export const SILHOUETTE_NAMES: readonly string[] = Object.keys(ALL);
