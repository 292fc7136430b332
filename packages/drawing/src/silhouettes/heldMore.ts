import { ellipse } from '../outline.js';
import { allRound, Z, type Shape, type Silhouette } from '../shape.js';

/** More held things: the grip is the origin, `{ground}` the distance down to the ground. */
const solid = (d: string, fill: Shape['fill'] = 'c0', z: number = Z.held): Shape => ({ d, fill, line: 'outer', z });
const inner = (d: string, lineOf: Shape['fill'] = 'c0', z: number = Z.held + 2): Shape => ({ d, fill: 'none', line: 'inner', lineOf, z });
const shaft = (top: number, fill: Shape['fill'] = 'c0'): Shape => solid(`M-3.5,{ground} L-3.5,${top} L3.5,${top} L3.5,{ground} Z`, fill);
const hollow = (d: string, fill: Shape['fill'], width: number, z: number = Z.held): readonly Shape[] => [
  { d, fill: 'ink', line: 'stroke', width: width + 4, z },
  { d, fill, line: 'stroke', width, z: z + 0.2 },
];

export const MORE_HELD: Readonly<Record<string, Silhouette>> = {
  net: allRound([
    shaft(-110),
    { d: 'M0,-112 C-34,-122 -38,-170 0,-180 C38,-170 34,-122 0,-112 Z', fill: 'c1', z: Z.held, opacity: 0.35 },
    inner(
      'M-22,-160 L14,-120 M-26,-142 L0,-116 M-12,-174 L26,-134 M22,-160 L-14,-120 M26,-142 L0,-116 M12,-174 L-26,-134',
      'c1',
      Z.held + 1,
    ),
    ...hollow('M0,-112 C-34,-122 -38,-170 0,-180 C38,-170 34,-122 0,-112 Z', 'c0', 4, Z.held + 1),
  ]),
  broom: allRound([
    shaft(-120),
    solid('M-10,-120 L10,-120 L26,-176 C12,-182 -12,-182 -26,-176 Z', 'c1', Z.held + 1),
    inner('M-6,-126 L-14,-172 M0,-126 L0,-176 M6,-126 L14,-172', 'c1'),
    solid('M-12,-128 L12,-128 L10,-116 L-10,-116 Z', 'c0', Z.held + 3),
  ]),
  'watering-can': allRound([
    ...hollow('M-8,-2 C-14,26 -10,34 -6,40', 'c0', 5),
    solid('M-22,30 L26,30 L30,78 L-26,78 Z', 'c0', Z.held + 1),
    solid('M26,52 L56,24 L62,30 L30,68 Z', 'c0'),
    solid('M50,18 L70,28 L66,38 L48,28 Z', 'c1', Z.held + 1),
    inner('M-23,42 L27,42', 'c0'),
  ]),
  wrench: allRound([
    solid('M-6,16 L-7,-42 L7,-42 L6,16 C4,22 -4,22 -6,16 Z'),
    solid('M-7,-40 C-22,-48 -22,-68 -10,-76 L-8,-58 L0,-52 L8,-58 L10,-76 C22,-68 22,-48 7,-40 Z', 'c0', Z.held + 1),
  ]),
  fiddle: allRound([
    solid('M-4,-2 L-5,-74 L5,-74 L4,-2 Z', 'c1'),
    solid('M0,-8 C22,-8 26,14 18,22 C28,30 32,58 0,60 C-32,58 -28,30 -18,22 C-26,14 -22,-8 0,-8 Z', 'c0'),
    inner('M-10,20 C-14,26 -14,32 -10,36 M10,20 C14,26 14,32 10,36 M-2,-70 L-2,44 M2,-70 L2,44', 'ink'),
    solid('M-8,-86 L8,-86 L6,-72 L-6,-72 Z', 'c1', Z.held + 1),
  ]),
  loaf: allRound([
    solid('M-14,-18 C6,-32 46,-26 50,-8 C52,6 38,12 18,12 C-4,12 -24,2 -14,-18 Z'),
    inner('M4,-19 C11,-13 12,-4 10,3 M20,-22 C27,-15 28,-5 26,3 M35,-18 C40,-11 40,-3 38,2'),
  ]),
  lantern: allRound([
    ...hollow('M-14,20 C-16,-8 16,-8 14,20', 'c0', 3),
    solid('M-20,18 L20,18 L16,10 L-16,10 Z', 'c0', Z.held + 2),
    solid('M-18,18 L18,18 L22,62 L-22,62 Z', 'c1', Z.held + 1),
    { d: 'M0,28 C10,40 8,54 0,56 C-8,54 -10,40 0,28 Z', fill: 'white', z: Z.held + 2, opacity: 0.75 },
    solid('M-24,60 L24,60 L20,70 L-20,70 Z', 'c0', Z.held + 2),
  ]),
  basket: allRound([
    ...hollow('M-28,34 C-30,-14 30,-14 28,34', 'c0', 4),
    solid('M-38,30 L38,30 L28,76 L-28,76 Z', 'c0', Z.held + 1),
    solid('M-40,26 L40,26 L40,36 L-40,36 Z', 'c0', Z.held + 2),
    inner('M-35,48 L35,48 M-32,62 L32,62 M-18,37 L-14,76 M0,37 L0,76 M18,37 L14,76', 'c0'),
    { d: `${ellipse(-18, 20, 11, 9)} ${ellipse(4, 17, 11, 9)} ${ellipse(22, 21, 10, 8)}`, fill: 'c1', line: 'outer', z: Z.held + 1 },
  ]),
  umbrella: allRound([
    shaft(-118, 'c1'),
    solid(
      'M0,-170 C-48,-168 -78,-138 -84,-106 C-68,-116 -50,-116 -38,-106 C-26,-116 -12,-116 0,-106 C12,-116 26,-116 38,-106 C50,-116 68,-116 84,-106 C78,-138 48,-168 0,-170 Z',
      'c0',
      Z.held + 1,
    ),
    inner('M0,-170 C-20,-150 -34,-130 -38,-106 M0,-170 C20,-150 34,-130 38,-106 M0,-170 L0,-106', 'c0'),
  ]),
  book: allRound([
    solid('M-8,-20 L38,-28 L48,22 L2,30 Z'),
    solid('M-4,-16 L-8,-20 L2,30 L6,26 Z', 'c1', Z.held + 1),
    inner('M10,-12 L34,-16 M12,-4 L28,-7', 'c0'),
  ]),
  'wind-key': allRound([
    solid('M-4,10 L-4,-34 L4,-34 L4,10 Z'),
    solid('M0,-34 C-34,-40 -34,-74 0,-64 C34,-74 34,-40 0,-34 Z', 'c0', Z.held + 1),
    { d: `${ellipse(-16, -54, 7, 7)} ${ellipse(16, -54, 7, 7)}`, fill: 'white', line: 'outer', z: Z.held + 2 },
    solid('M-12,2 L-4,2 L-4,12 L-12,12 Z', 'c0', Z.held + 1),
  ]),
  'boat-hook': allRound([
    shaft(-150),
    solid('M-4,-150 L-3,-178 L3,-178 L4,-164 C18,-164 22,-150 14,-142 C18,-152 10,-156 4,-152 Z', 'c1', Z.held + 1),
  ]),
  bell: allRound([
    solid('M-4,2 L-4,-14 L4,-14 L4,2 Z', 'c1'),
    solid('M-8,0 C-20,10 -18,34 -26,44 L26,44 C18,34 20,10 8,0 Z', 'c0', Z.held + 1),
    solid(ellipse(0, 48, 6, 5), 'c1'),
    inner('M-20,36 L20,36', 'c0'),
  ]),
  spade: allRound([
    shaft(-60),
    solid('M-14,-64 L14,-64 L14,-56 L-14,-56 Z', 'c0', Z.held + 1),
    solid('M-18,30 L18,30 C22,60 14,80 0,88 C-14,80 -22,60 -18,30 Z', 'c1', Z.held + 1),
    inner('M0,34 L0,70', 'c1'),
  ]),
  'ice-axe': allRound([shaft(-70), solid('M-34,-58 C-16,-80 8,-82 30,-74 L26,-62 C6,-68 -14,-64 -30,-50 Z', 'c1', Z.held + 1)]),
  flag: allRound([
    shaft(-170),
    solid('M3,-168 C24,-180 46,-156 74,-166 L74,-112 C46,-102 24,-126 3,-114 Z', 'c1', Z.held + 1),
    { d: ellipse(36, -140, 13, 13), fill: 'c2', line: 'inner', lineOf: 'ink', z: Z.held + 2 },
  ]),
  tray: allRound([
    solid('M-40,-18 L48,-18 L42,-10 L-34,-10 Z'),
    solid('M-22,-42 L4,-42 L0,-18 L-18,-18 Z', 'c1', Z.held + 1),
    solid('M14,-34 C28,-40 40,-30 38,-18 L12,-18 Z', 'c2', Z.held + 1),
  ]),
  trowel: allRound([
    solid('M-5,12 L-5,-14 L5,-14 L5,12 Z', 'c1'),
    solid('M-10,-14 L10,-14 C14,-40 6,-54 0,-60 C-6,-54 -14,-40 -10,-14 Z', 'c0', Z.held + 1),
    inner('M0,-18 L0,-48', 'c0'),
  ]),
};

/** Animals and props that stand beside the figure: the origin is the ground at the figure's left foot. */
const near = (d: string, fill: Shape['fill'] = 'c0', z: number = Z.front): Shape => ({ d, fill, line: 'outer', z });
const trace = (d: string, lineOf: Shape['fill'] = 'c0', z: number = Z.front + 2): Shape => ({ d, fill: 'none', line: 'inner', lineOf, z });
const eye = (x: number, y: number): Shape => ({ d: ellipse(x, y, 3, 3.6), fill: 'ink', z: Z.front + 3 });

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
    { d: 'M-16,-2 C-20,-24 -14,-44 -4,-50 C8,-44 12,-24 10,-2 Z', fill: 'c1', z: Z.front + 0.5 },
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
    { d: 'M-16,-6 C-26,-40 -18,-66 0,-68 C18,-66 26,-40 16,-6 C6,-2 -6,-2 -16,-6 Z', fill: 'c1', z: Z.front + 1 },
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
