import { occupied, type Position } from '../anatomy/index.js';
import type { Worn } from './look.js';

/** What a figure cannot stand or be built without, from the top down (anatomy, *Checks*: `whole`). */
const BODY: readonly Position[] = ['head', 'torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R', 'hips', 'leg.L', 'leg.R'];

/** How far a figure is all there: the places that lack a part, of how many. */
export interface Wholeness {
  readonly lacking: readonly Position[];
  readonly places: number;
}

/**
 * What a figure lacks to stand and to be built. One that is built of elements has no places, and lacks none. A head may be pressed
 * on a body and a hand into an arm only where there is one, but each is asked for by itself, so that one sentence says all of it.
 */
export function wholeness(worn: readonly Worn[]): Wholeness {
  if (worn.some((item) => item.part.position === 'built')) return { lacking: [], places: BODY.length };
  const taken = new Set(worn.flatMap((item) => [...occupied(item.fills)]));
  return { lacking: BODY.filter((position) => !taken.has(position)), places: BODY.length };
}
