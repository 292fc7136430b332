import { allRound, ellipse, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';

/** Animals and props that stand beside the figure: the origin is the ground at the figure's left foot. */
const near = (d: string, fill: Shape['fill'] = 'c0', z: number = Z.front): Shape => ({ d, fill, line: 'outer', z });
const trace = (d: string, lineOf: Shape['fill'] = 'c0', z: number = Z.front + 2): Shape => ({ d, fill: 'none', line: 'inner', lineOf, z });
const eye = (x: number, y: number): Shape => tone(ellipse(x, y, 3, 3.6), 'ink', Z.front + 3);

export const BESIDE: Readonly<Record<string, Silhouette>> = {
  dog: allRound([
    near('M44,-60 C56,-76 58,-92 50,-98 C46,-88 40,-78 34,-70 Z'),
    near('M-46,-64 C-20,-76 30,-74 44,-60 C50,-40 48,-18 48,0 L32,0 L30,-30 L-14,-30 L-16,0 L-32,0 L-34,-34 Z'),
    near(
      'M-34,-96 C-50,-104 -66,-94 -70,-82 C-84,-82 -90,-72 -84,-64 C-70,-58 -46,-58 -36,-64 C-26,-74 -26,-88 -34,-96 Z',
      'c0',
      Z.front + 1,
    ),
    near('M-40,-98 C-28,-100 -20,-86 -24,-66 C-34,-66 -42,-80 -40,-98 Z', 'c1', Z.front + 2),
    near('M-88,-76 C-84,-80 -78,-80 -76,-76 C-78,-70 -84,-68 -88,-76 Z', 'ink', Z.front + 2),
    eye(-58, -84),
  ]),
  cat: allRound([
    near('M34,-14 C60,-10 66,-40 58,-58 C54,-46 48,-34 32,-32 Z'),
    near('M-26,0 C-34,-30 -26,-58 0,-60 C30,-58 42,-26 38,0 Z'),
    near('M-34,-84 L-32,-106 L-18,-96 L0,-96 L14,-106 L16,-84 C18,-66 6,-56 -9,-56 C-24,-56 -36,-66 -34,-84 Z', 'c0', Z.front + 1),
    tone('M-16,-2 C-20,-24 -14,-44 -4,-50 C8,-44 12,-24 10,-2 Z', 'c1', Z.front + 0.5),
    eye(-19, -80),
    eye(1, -80),
    trace('M-12,-70 L-9,-67 L-6,-70 M-30,-72 L-42,-74 M-30,-68 L-42,-66 M12,-72 L24,-74 M12,-68 L24,-66', 'ink'),
  ]),
  gull: allRound([
    near('M-2,-20 L-6,0 L-14,0 M10,-20 L10,0 L2,0', 'none'),
    near('M-34,-70 C-26,-84 -8,-82 -4,-68 C14,-60 46,-52 66,-30 C40,-14 0,-12 -18,-28 C-28,-40 -36,-56 -34,-70 Z'),
    near('M4,-52 C26,-50 50,-40 66,-30 C46,-26 18,-28 4,-52 Z', 'c1', Z.front + 1),
    near('M-34,-72 L-54,-66 L-34,-62 Z', 'c2', Z.front + 1),
    eye(-22, -70),
  ]),
  goat: allRound([
    near('M-30,-104 C-20,-122 -6,-124 6,-118 C-4,-114 -12,-106 -16,-96 Z', 'c1'),
    near('M-44,-60 C-10,-80 40,-78 54,-62 C58,-40 52,-18 52,0 L36,0 L34,-30 L-10,-30 L-12,0 L-28,0 L-30,-36 Z'),
    near('M-30,-100 C-46,-102 -62,-86 -72,-74 C-66,-64 -54,-62 -42,-66 C-34,-60 -26,-70 -24,-84 Z', 'c0', Z.front + 1),
    near('M-58,-66 C-60,-52 -56,-44 -52,-40 C-48,-48 -46,-58 -48,-66 Z', 'c1', Z.front + 0.5),
    eye(-50, -84),
  ]),
  auk: allRound([
    near('M-28,-4 C-44,-50 -26,-96 0,-98 C26,-96 44,-50 28,-4 C10,2 -10,2 -28,-4 Z'),
    tone('M-16,-6 C-26,-40 -18,-66 0,-68 C18,-66 26,-40 16,-6 C6,-2 -6,-2 -16,-6 Z', 'c1', Z.front + 1),
    near('M-8,-78 L8,-78 L0,-64 Z', 'c2', Z.front + 2),
    near('M-22,-4 L-2,-4 L-4,2 L-24,2 Z M2,-4 L22,-4 L24,2 L4,2 Z', 'c2', Z.front + 1),
    eye(-11, -84),
    eye(11, -84),
  ]),
  crate: allRound([
    near('M-52,-72 L52,-72 L52,0 L-52,0 Z'),
    trace('M-52,-48 L52,-48 M-52,-24 L52,-24'),
    near('M-52,-72 L-36,-72 L-36,0 L-52,0 Z M36,-72 L52,-72 L52,0 L36,0 Z', 'c1', Z.front + 1),
    { d: 'M-14,-50 L14,-50 L14,-22 L-14,-22 Z', fill: 'c2', line: 'inner', lineOf: 'ink', z: Z.front + 2 },
  ]),
  barrow: allRound([
    near('M-70,-70 L50,-70 L34,-28 L-48,-28 Z'),
    near('M50,-70 L96,-84 L98,-78 L46,-58 Z', 'c1'),
    near(ellipse(-34, -18, 18, 18), 'c1', Z.front + 1),
    near(ellipse(-34, -18, 7, 7), 'c2', Z.front + 2),
    near('M30,-30 L38,-30 L42,0 L34,0 Z', 'c1'),
    trace('M-66,-58 L45,-58'),
  ]),
};
