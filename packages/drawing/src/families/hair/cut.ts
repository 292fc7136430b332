import { edge, type Silhouette, Z } from '../../shape/index.js';
import { glint, hairShape, loose, short, strandLine, withMore } from './style.js';

/** Almost nothing: a crop close to the head, or a ring of it around a bare crown. */
const cropped: Silhouette = loose({ ...short, volume: 9, back: -26, hairline: 'swept', width: -2 });

const ring: Silhouette = {
  front: [
    { ...hairShape('M-52,-70 C-62,-66 -64,-44 -56,-26 C-50,-26 -47,-32 -47,-42 C-46,-54 -48,-62 -52,-70 Z', Z.headgear), mirror: true },
    { ...strandLine('M-55,-60 C-57,-50 -56,-40 -53,-32', Z.headgear + 1), mirror: true },
  ],
  back: [
    hairShape('M-53,-66 C-64,-50 -62,-20 -44,-12 C-20,-4 20,-4 44,-12 C62,-20 64,-50 53,-66 C30,-50 -30,-50 -53,-66 Z', Z.headgear),
    strandLine(
      'M-40,-50 C-44,-36 -42,-24 -36,-14 M-16,-46 C-18,-34 -16,-22 -14,-10 M16,-46 C18,-34 16,-22 14,-10 M40,-50 C44,-36 42,-24 36,-14',
      Z.headgear + 1,
    ),
  ],
  side: [
    hairShape(
      'M-10,-58 C4,-66 30,-66 52,-70 C60,-46 56,-20 46,-10 C34,-6 24,-12 20,-22 C8,-22 2,-28 0,-38 C-6,-36 -10,-46 -10,-58 Z',
      Z.headgear,
    ),
    strandLine('M4,-54 C16,-50 28,-34 30,-18 M26,-58 C38,-50 46,-34 44,-18', Z.headgear + 1),
  ],
};

const quiffBase = loose({ ...short, volume: 16, hairline: 'swept', width: -1 });
const QUIFF =
  'M-46,-66 C-56,-96 -50,-124 -22,-134 C4,-142 38,-136 48,-112 C54,-98 52,-80 46,-66 C40,-84 30,-92 16,-92 C-8,-90 -34,-86 -46,-66 Z';
const quiff: Silhouette = withMore(quiffBase, {
  front: [
    hairShape(QUIFF, Z.headgear + 1),
    strandLine('M-38,-78 C-40,-104 -24,-122 4,-126 M-22,-86 C-18,-106 4,-118 30,-114 M8,-92 C18,-104 32,-104 42,-98', Z.headgear + 2),
    glint('M-30,-114 C-22,-124 -8,-129 6,-129', Z.headgear + 2),
  ],
  back: [hairShape('M-44,-92 C-40,-128 -10,-138 14,-136 C40,-132 50,-112 44,-92 C24,-106 -24,-106 -44,-92 Z', Z.headgear - 1)],
  side: [
    hairShape('M-48,-70 C-66,-92 -60,-124 -34,-136 C-14,-142 18,-128 34,-104 C10,-100 -24,-92 -48,-70 Z', Z.headgear + 1),
    strandLine('M-50,-84 C-54,-108 -36,-124 -14,-126 M-40,-82 C-34,-102 -14,-112 14,-110', Z.headgear + 2),
  ],
});

const FLAT_TOP = 'M-54,-36 C-60,-60 -62,-96 -58,-128 C-30,-136 30,-136 58,-128 C62,-96 60,-60 54,-36';
const flatTop: Silhouette = {
  front: [
    hairShape(
      `${edge(FLAT_TOP, 'strands')} L44,-34 L44,-56 C42,-66 40,-68 36,-70 L-36,-70 C-40,-68 -42,-66 -44,-56 L-44,-34 Z`,
      Z.headgear,
    ),
    strandLine(
      'M-36,-118 l6,-5 M-14,-122 l6,-5 M8,-122 l6,-5 M30,-118 l6,-5 M-26,-100 l6,-5 M-4,-102 l6,-5 M18,-100 l6,-5 M-40,-86 l6,-5 M36,-84 l6,-5 M-14,-84 l6,-5 M10,-84 l6,-5',
      Z.headgear + 1,
    ),
  ],
  back: [
    hairShape(
      `${edge('M-50,-14 C-62,-50 -62,-96 -58,-128 C-30,-136 30,-136 58,-128 C62,-96 62,-50 50,-14', 'strands')} C20,-8 -20,-8 -50,-14 Z`,
      Z.headgear,
    ),
    strandLine(
      'M-36,-112 l6,-5 M-10,-116 l6,-5 M18,-114 l6,-5 M-24,-88 l6,-5 M4,-90 l6,-5 M30,-88 l6,-5 M-36,-62 l6,-5 M-8,-62 l6,-5 M20,-62 l6,-5 M-22,-36 l6,-5 M8,-36 l6,-5',
      Z.headgear + 1,
    ),
  ],
  side: [
    hairShape(
      `${edge('M-46,-70 C-52,-96 -50,-120 -46,-128 C-20,-136 28,-136 52,-128 C60,-96 60,-50 50,-14', 'strands')} L22,-16 C18,-26 10,-28 4,-30 L-2,-38 L-14,-40 C-14,-56 -22,-66 -46,-70 Z`,
      Z.headgear,
    ),
    strandLine(
      'M-30,-112 l6,-5 M-6,-118 l6,-5 M20,-114 l6,-5 M-20,-92 l6,-5 M6,-94 l6,-5 M32,-90 l6,-5 M18,-66 l6,-5 M36,-60 l6,-5 M34,-36 l6,-5',
      Z.headgear + 1,
    ),
  ],
};

const CREST = 'M-16,-60 C-24,-100 -18,-140 0,-152 C18,-140 24,-100 16,-60';
const crest: Silhouette = {
  front: [
    hairShape(`${edge(CREST, 'spiked')} C8,-72 -8,-72 -16,-60 Z`, Z.headgear),
    strandLine('M-8,-74 C-10,-104 -6,-128 0,-142 M6,-76 C8,-104 5,-124 0,-138', Z.headgear + 1),
  ],
  back: [
    hairShape(`${edge('M-16,-8 C-24,-60 -22,-138 0,-152 C22,-138 24,-60 16,-8', 'spiked')} Z`, Z.headgear),
    strandLine('M-6,-16 C-10,-60 -8,-110 0,-140 M6,-16 C10,-60 8,-110 0,-136', Z.headgear + 1),
  ],
  side: [
    hairShape(
      `${edge('M-46,-72 C-50,-118 -20,-150 10,-150 C46,-148 76,-116 74,-70 C72,-44 62,-22 52,-10', 'spiked')} C52,-40 46,-74 22,-88 C-4,-94 -32,-88 -46,-72 Z`,
      Z.headgear,
    ),
    strandLine(
      'M-34,-86 C-32,-112 -16,-130 2,-136 M-6,-96 C2,-116 18,-130 30,-132 M22,-92 C36,-104 50,-112 60,-110 M42,-70 C52,-76 62,-78 70,-76',
      Z.headgear + 1,
    ),
  ],
};

const halo = loose({ volume: 40, width: 24, sides: -22, back: -10, hairline: 'curled', texture: 'curled' });

/** A shaved side under a long top that falls over one way. */
const OVER =
  'M-30,-92 C-20,-120 20,-128 46,-112 C66,-98 70,-62 62,-26 C56,-22 52,-26 50,-34 C50,-56 40,-72 18,-80 C0,-84 -18,-84 -30,-92 Z';
const sideShaved: Silhouette = withMore(loose({ ...short, volume: 8, back: -24, hairline: 'swept', width: -2 }), {
  front: [
    hairShape(OVER, Z.headgear + 2),
    strandLine('M-18,-94 C6,-108 44,-100 56,-50 M-8,-90 C18,-98 46,-84 55,-40', Z.headgear + 3),
    glint('M10,-114 C26,-114 40,-108 48,-98', Z.headgear + 3),
  ],
  back: [
    hairShape('M30,-92 C20,-120 -20,-126 -46,-110 C-66,-96 -68,-62 -60,-26 C-30,-40 10,-64 30,-92 Z', Z.headgear + 2),
    strandLine('M16,-98 C-16,-104 -46,-80 -54,-40', Z.headgear + 3),
  ],
  side: [
    hairShape(
      'M-48,-70 C-50,-106 -18,-122 8,-118 C34,-112 44,-96 46,-78 C16,-74 -6,-58 -10,-24 C-18,-22 -24,-28 -24,-40 C-28,-56 -36,-64 -48,-70 Z',
      Z.headgear + 2,
    ),
    strandLine('M-36,-82 C-16,-92 16,-94 34,-84 M-28,-70 C-12,-80 6,-82 20,-80', Z.headgear + 3),
  ],
});

/** Hair that is cut: cropped, shaved, standing up. */
export const CUT_HAIR: Readonly<Record<string, Silhouette>> = {
  'hair-cropped': cropped,
  'hair-ring': ring,
  'hair-quiff': quiff,
  'hair-flat-top': flatTop,
  'hair-crest': crest,
  'hair-halo': halo,
  'hair-side-shaved': sideShaved,
  'hair-spikes': loose({ volume: 30, sides: -42, back: -18, hairline: 'swept', texture: 'spiked', width: 1 }),
  'hair-shaggy': loose({ volume: 26, sides: -14, back: -2, hairline: 'choppy', texture: 'spiked', width: 2 }),
};
