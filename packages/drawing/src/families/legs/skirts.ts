import { creases, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { both } from './strokes.js';

/** A one-piece lower body that hangs as cloth: outline, hem band, folds, and shoes under it. */
interface Cloth {
  readonly outline: string;
  readonly sideOutline: string;
  readonly folds: string;
  readonly sideFolds: string;
  readonly shoes: boolean;
}

const SHOES: readonly Shape[] = both([
  outlineOf('M12,-34 L40,-34 L40,-12 L12,-12 Z', 'c2', Z.legs),
  outlineOf('M8,-18 C20,-23 34,-23 45,-17 C50,-8 47,0 39,0 L14,0 C6,0 5,-9 8,-18 Z', 'c1', Z.legs + 1),
]);
const SIDE_SHOES: readonly Shape[] = [
  outlineOf('M-12,-34 L16,-34 L16,-12 L-12,-12 Z', 'c2', Z.legs),
  outlineOf('M-16,-18 C-4,-23 12,-23 22,-17 C27,-8 24,0 18,0 L-28,0 C-38,0 -34,-14 -16,-18 Z', 'c1', Z.legs + 1),
];

function cloth({ outline, sideOutline, folds, sideFolds, shoes }: Cloth): Silhouette {
  const shapes = (d: string, lines: string, shade: string, feet: readonly Shape[]): readonly Shape[] => [
    ...(shoes ? feet : []),
    { d, fill: 'c0', z: Z.legs + 2 },
    tone(shade, 'shade', Z.legs + 4),
    { ...creases(lines, 'c0', Z.legs + 4), opacity: 0.7 },
    { d, fill: 'none', line: 'outer', z: Z.legs + 5 },
  ];
  return {
    outline,
    sideOutline,
    front: shapes(outline, folds, 'M36,-200 C42,-96 50,-60 60,2 L110,2 L90,-200 Z', SHOES),
    back: shapes(outline, folds, 'M-36,-200 C-42,-96 -50,-60 -60,2 L-110,2 L-90,-200 Z', SHOES),
    side: shapes(sideOutline, sideFolds, 'M14,-200 C20,-96 26,-60 34,2 L90,2 L80,-200 Z', SIDE_SHOES),
  };
}

export const skirt = cloth({
  outline:
    'M-50,-130 C-20,-136 20,-136 50,-130 C58,-90 68,-60 76,-32 C50,-22 24,-26 0,-25 C-24,-26 -50,-22 -76,-32 C-68,-60 -58,-90 -50,-130 Z',
  sideOutline: 'M-27,-130 C-10,-135 10,-135 27,-130 C36,-90 44,-60 52,-32 C30,-23 -26,-23 -50,-32 C-44,-60 -36,-90 -27,-130 Z',
  folds:
    'M-18,-118 C-22,-88 -28,-60 -32,-38 M0,-108 C0,-86 0,-62 0,-40 M18,-118 C22,-88 28,-60 32,-38 M-38,-110 C-44,-84 -52,-62 -58,-42 M38,-110 C44,-84 52,-62 58,-42',
  sideFolds: 'M-10,-116 C-14,-86 -20,-60 -24,-40 M6,-112 C8,-84 8,-62 8,-40 M18,-116 C24,-86 30,-60 36,-42',
  shoes: true,
});

/** A gown that adds height: it reaches the ground all round. */
export const gown = cloth({
  outline: 'M-50,-192 C-20,-198 20,-198 50,-192 C60,-130 78,-70 92,-8 C60,2 -60,2 -92,-8 C-78,-70 -60,-130 -50,-192 Z',
  sideOutline: 'M-27,-192 C-10,-197 10,-197 27,-192 C38,-130 58,-70 72,-8 C44,2 -36,2 -60,-8 C-50,-70 -38,-130 -27,-192 Z',
  folds:
    'M-20,-176 C-28,-120 -40,-60 -46,-14 M0,-160 C0,-110 0,-56 0,-10 M20,-176 C28,-120 40,-60 46,-14 M-40,-166 C-52,-110 -66,-60 -74,-18 M40,-166 C52,-110 66,-60 74,-18',
  sideFolds: 'M-12,-176 C-20,-120 -30,-60 -34,-12 M8,-166 C12,-110 14,-60 14,-8 M20,-176 C32,-120 46,-60 54,-14',
  shoes: false,
});

/** A dress whose front slopes and whose back trails. */
export const sloped = cloth({
  outline: 'M-50,-130 C-20,-136 20,-136 50,-130 C56,-86 66,-44 74,-4 C44,4 -44,4 -74,-4 C-66,-44 -56,-86 -50,-130 Z',
  sideOutline: 'M-27,-130 C-10,-135 10,-135 27,-130 C44,-84 66,-40 88,-6 C50,4 -30,4 -58,-4 C-48,-44 -36,-86 -27,-130 Z',
  folds: 'M-24,-116 C-28,-76 -34,-40 -38,-8 M0,-104 C0,-70 0,-38 0,-6 M24,-116 C28,-76 34,-40 38,-8 M-50,-40 C-20,-30 20,-30 50,-40',
  sideFolds: 'M-10,-116 C-18,-76 -26,-40 -30,-8 M10,-112 C20,-74 34,-38 46,-8',
  shoes: false,
});
