import { occupiedBy, type Position, type System } from '../../anatomy/index.js';
import type { Worn } from '../look/index.js';

/** How far a figure is all there: the places that lack a part, of how many. */
export interface Wholeness {
  readonly lacking: readonly Position[];
  readonly places: number;
}

/**
 * What a figure lacks to stand and to be built (anatomy, *Checks*: `whole`). One that is built of elements has no places, and lacks none. A head may be pressed
 * on a body and a hand into an arm only where there is one, but each is asked for by itself, so that one sentence says all of it.
 */
export function wholeness(worn: readonly Worn[], { needs }: Pick<System, 'needs'>): Wholeness {
  if (worn.some((item) => item.part.position === 'built')) return { lacking: [], places: needs.length };
  const taken = new Set(worn.flatMap((item) => [...occupiedBy(item.fills)]));
  return { lacking: needs.filter((position) => !taken.has(position)), places: needs.length };
}
