import { outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { LEGS } from '../legs/index.js';

type Read = (key: string) => string;

const TROUSERS: Readonly<Record<string, readonly [silhouette: string, topMm: number]>> = {
  long: ['legs', 130],
  mid: ['legs-mid', 106],
  short: ['legs-short', 78],
};
/** Bodies that are not a pair of trousers, as they are drawn already. */
const OTHERS: Readonly<Record<string, string>> = { hips: 'hips', single: 'leg', peg: 'peg', four: 'deer-body', tail: 'fish-tail' };

/** The legs of boots up to a share of the leg's height, over trousers. */
function boots(height: number, share: number): { readonly front: readonly Shape[]; readonly side: readonly Shape[] } {
  const top = -Math.round(20 + (height - 36) * share);
  const shaft: Shape = {
    ...outlineOf(
      `M3,${top + 4} C18,${top} 38,${top} 51,${top + 4} C50,${Math.round(top * 0.6)} 50,-40 56,-20 L5,-20 C8,-40 4,${Math.round(top * 0.6)} 3,${top + 4} Z`,
      'c1',
      Z.legs + 1.6,
    ),
    mirror: true,
  };
  return {
    front: [
      shaft,
      {
        ...tone(
          `M2,${top + 4} C18,${top - 2} 38,${top - 2} 52,${top + 4} L52,${top + 12} C38,${top + 6} 18,${top + 6} 2,${top + 12} Z`,
          'shade',
          Z.legs + 1.8,
        ),
        mirror: true,
      },
    ],
    side: [
      outlineOf(
        `M-28,${top + 4} C-12,${top} 12,${top} 28,${top + 4} C28,${Math.round(top * 0.6)} 25,-40 30,-18 L-32,-18 C-26,-40 -28,${Math.round(top * 0.6)} -28,${top + 4} Z`,
        'c1',
        Z.legs + 1.6,
      ),
    ],
  };
}

/** Legs by their kind and length, standing on y = 0. */
export function shapedLegs(read: Read): Silhouette | undefined {
  const other = OTHERS[read('kind')];
  if (other !== undefined) return LEGS[other];
  const [name, height] = TROUSERS[read('length')] ?? (['legs', 130] as const);
  const legs = LEGS[name];
  if (!legs || read('kind') === 'trousers') return legs;
  const { front, side } = boots(height, read('kind') === 'boots' ? 0.42 : 0.72);
  return { ...legs, front: [...legs.front, ...front], back: [...legs.back, ...front], side: [...(legs.side ?? []), ...side] };
}
