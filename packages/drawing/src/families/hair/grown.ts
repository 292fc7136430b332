import type { Silhouette } from '../../shape/index.js';
import { knotBehind, loose, plait, plaitInFront, short, tail, topKnot, twoKnots, withMore } from './style.js';

const strands = { volume: 28, texture: 'strands' } as const;
const longLocks = loose({ ...strands, sides: 14, back: 46, hairline: 'centre', width: 8 });

/** Hair told by its measures alone: how far it falls, how it parts, how it is tied. */
export const GROWN_HAIR: Readonly<Record<string, Silhouette>> = {
  'hair-bob': loose({ volume: 28, sides: -8, back: -6, hairline: 'side', texture: 'smooth', width: 4 }),
  'hair-page': loose({ volume: 27, sides: 4, back: 12, hairline: 'fringe', texture: 'smooth', width: 3 }),
  'hair-wavy-bob': loose({ volume: 29, sides: 0, back: 6, hairline: 'centre', texture: 'wavy', width: 7 }),
  'hair-long-wavy': loose({ volume: 29, sides: 34, back: 84, hairline: 'side', texture: 'wavy', width: 7 }),
  'hair-long-curls': loose({ volume: 32, sides: 22, back: 56, hairline: 'curled', texture: 'curled', width: 12 }),
  'hair-locks': longLocks,
  'hair-locks-tied': withMore(loose({ ...strands, sides: -34, back: -18, gathered: -52, hairline: 'swept' }), tail(-52, 40, 'strands')),
  'hair-top-knot': withMore(loose({ ...short, volume: 24, gathered: -112, hairline: 'swept' }), topKnot(-124)),
  'hair-high-tail': withMore(loose({ ...short, volume: 26, gathered: -82, hairline: 'swept' }), tail(-82, 18)),
  'hair-low-tail': withMore(loose({ ...short, volume: 27, gathered: -26, hairline: 'centre' }), tail(-26, 48)),
  'hair-two-knots': withMore(loose({ ...short, volume: 26, sides: -28, gathered: -92, hairline: 'centre' }), twoKnots(-112)),
  'hair-long-plait': withMore(loose({ ...short, volume: 27, gathered: -30, hairline: 'side' }), plait(70)),
  'hair-shoulder-plait': withMore(loose({ volume: 28, sides: -18, back: -14, hairline: 'side', texture: 'smooth' }), plaitInFront(54)),
  'hair-half-tied': withMore(
    loose({ volume: 28, sides: 16, back: 62, hairline: 'swept', texture: 'smooth', width: 4 }),
    knotBehind(-78, 14),
  ),
};
