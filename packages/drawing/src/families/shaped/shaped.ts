import { readShaping, type ShapeFamily, type Shaping } from '@outfit/core';
import type { Silhouette } from '../../shape/index.js';
import { shapedArmour } from './armour.js';
import { shapedBeside } from './beside.js';
import { shapedArm, shapedHand, shapedHead, shapedTorso } from './body.js';
import { shapedHair } from './hair.js';
import { shapedHat, shapedHelmet } from './hats.js';
import { shapeOfHeld } from './held.js';
import { shapedHood, shapedMask } from './hoods.js';
import { shapedLegs } from './legs.js';
import { shapedSkirt } from './lower.js';
import { shapedBeard, shapedCape, shapedScarf } from './neck.js';
import { shapedPack, shapedWings } from './onTheBack.js';
import { shapedWaist } from './waist.js';

const DRAW: Readonly<Record<ShapeFamily, (read: (key: string) => string) => Silhouette | undefined>> = {
  hair: shapedHair,
  hat: shapedHat,
  helmet: shapedHelmet,
  hood: shapedHood,
  mask: shapedMask,
  head: shapedHead,
  torso: shapedTorso,
  arm: shapedArm,
  hand: shapedHand,
  cape: shapedCape,
  scarf: shapedScarf,
  armour: shapedArmour,
  pack: shapedPack,
  wings: shapedWings,
  beard: shapedBeard,
  waist: shapedWaist,
  skirt: shapedSkirt,
  legs: shapedLegs,
  held: shapeOfHeld,
  beside: shapedBeside,
};

/** A shape drawn from four sides as its descriptors say. */
const drawShaping = ({ family, values }: Shaping): Silhouette | null => DRAW[family]((key) => values[key] ?? '') ?? null;

/** Drawn once each: a page of a thousand parts has few moulds. */
const drawn = new Map<string, Silhouette | null>();
const MOST_KEPT = 500;

/** The silhouette that a name tells by its descriptors; null for a name that tells none. */
export function shapedSilhouette(name: string): Silhouette | null {
  const known = drawn.get(name);
  if (known !== undefined) return known;
  const shaping = readShaping(name);
  const art = shaping && drawShaping(shaping);
  if (drawn.size >= MOST_KEPT) drawn.clear();
  drawn.set(name, art);
  return art;
}
