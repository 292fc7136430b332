import { edge, onward, type Silhouette, Z } from '../../shape/index.js';
import { hairShape, knotBehind, loose, plaitInFront, short, tail, withMore } from './style.js';

/** Sides of the hair that is drawn by hand from the front and back. */
export const HAIR_SIDES: Readonly<Record<string, NonNullable<Silhouette['side']>>> = {
  'hair-curls': loose({ volume: 28, sides: -32, back: -12, hairline: 'curled', texture: 'curled', width: 4 }).side ?? [],
  'hair-side-parting': loose({ ...short, volume: 30, hairline: 'side' }).side ?? [],
  'hair-long-loose': loose({ volume: 31, sides: 8, back: 70, hairline: 'centre', texture: 'smooth', width: 6 }).side ?? [],
  'hair-bowl-fringe': loose({ volume: 28, sides: -26, back: -14, hairline: 'fringe', texture: 'smooth', width: 2 }).side ?? [],
  'hair-windblown': loose({ volume: 36, sides: -40, back: -14, hairline: 'swept', texture: 'spiked', width: 4 }).side ?? [],
  'hair-low-knot': withMore(loose({ ...short, volume: 29, back: -22, hairline: 'centre' }), knotBehind(-26)).side ?? [],
  'hair-side-tail': withMore(loose({ ...short, volume: 30, back: -22, hairline: 'side' }), tail(-62, 6)).side ?? [],
  'hair-crown-braid': [
    ...(loose({ ...short, volume: 24, back: -22, hairline: 'swept' }).side ?? []),
    hairShape(
      `${edge('M-46,-78 C-48,-110 -14,-118 14,-116 C44,-112 60,-92 58,-62', 'curled')} ${onward('M48,-62 C46,-84 30,-94 8,-96 C-14,-98 -34,-90 -46,-78')} Z`,
      Z.headgear + 2,
    ),
  ],
  'hair-two-plaits': [...(loose({ ...short, volume: 29, sides: -30, hairline: 'centre' }).side ?? []), ...(plaitInFront(62).side ?? [])],
};
