import { creases, edge, onward, outlineOf, type Silhouette, tone, Z } from '../../shape/index.js';
import { wideBrim } from './brimmed.js';
import { inner, solid } from './strokes.js';

export const souwester: Silhouette = {
  front: [
    outlineOf(
      'M-54,-74 C-66,-50 -64,-22 -56,-4 C-48,-6 -43,-20 -44,-44 Z M54,-74 C66,-50 64,-22 56,-4 C48,-6 43,-20 44,-44 Z',
      'c1',
      Z.headgear,
    ),
    outlineOf('M-50,-72 C-52,-102 -32,-122 0,-122 C32,-122 52,-102 50,-72 Z', 'c0', Z.headgear + 1),
    tone('M26,-117 C40,-110 43,-92 40,-74 L50,-72 C51,-96 42,-112 26,-117 Z', 'shade', Z.headgear + 2),
    outlineOf(
      'M-84,-42 C-74,-74 -34,-88 0,-88 C34,-88 74,-74 84,-42 C74,-38 62,-48 48,-60 C26,-72 -26,-72 -48,-60 C-62,-48 -74,-38 -84,-42 Z',
      'c0',
      Z.headgear + 3,
    ),
    creases(
      'M0,-122 L0,-90 M-25,-115 C-33,-104 -35,-96 -34,-84 M25,-115 C33,-104 35,-96 34,-84 M-70,-52 C-56,-70 -30,-79 0,-79 C30,-79 56,-70 70,-52',
      'c0',
      Z.headgear + 2,
    ),
  ],
  back: [
    outlineOf('M-50,-40 C-60,-20 -56,-2 -46,4 C-20,10 20,10 46,4 C56,-2 60,-20 50,-40 Z', 'c1', Z.headgear),
    outlineOf('M-52,-60 C-56,-110 -34,-130 0,-130 C34,-130 56,-110 52,-60 Z', 'c0', Z.headgear + 1),
    outlineOf(
      'M-70,-60 C-50,-72 50,-72 70,-60 C76,-40 60,-20 44,-14 C20,-8 -20,-8 -44,-14 C-60,-20 -76,-40 -70,-60 Z',
      'c0',
      Z.headgear + 2,
    ),
    creases(
      'M0,-130 L0,-68 M-28,-122 C-36,-100 -36,-84 -34,-68 M28,-122 C36,-100 36,-84 34,-68 M-30,-62 C-34,-44 -36,-30 -40,-18 M30,-62 C34,-44 36,-30 40,-18',
      'c0',
      Z.headgear + 3,
    ),
  ],
  side: [
    outlineOf('M0,-66 C-6,-40 0,-10 20,0 C40,2 54,-14 56,-44 Z', 'c1', Z.headgear),
    outlineOf('M-48,-70 C-50,-108 -20,-124 6,-124 C42,-124 58,-98 56,-62 Z', 'c0', Z.headgear + 1),
    outlineOf(
      'M-72,-58 C-56,-78 -10,-84 20,-78 C50,-72 84,-44 92,-14 C74,-18 50,-44 20,-58 C-10,-68 -50,-66 -72,-58 Z',
      'c0',
      Z.headgear + 3,
    ),
    creases('M4,-124 C0,-104 0,-92 2,-80 M-30,-116 C-34,-100 -34,-90 -32,-78 M36,-114 C44,-98 46,-84 44,-70', 'c0', Z.headgear + 2),
  ],
};

export const cowl: Silhouette = {
  front: [
    outlineOf('M-50,6 C-74,14 -84,36 -80,52 C-50,66 50,66 80,52 C84,36 74,14 50,6 Z', 'c0', Z.neck),
    creases('M-40,34 C-20,44 20,44 40,34', 'c0', Z.neck + 1),
    outlineOf(
      'M-48,14 C-72,-20 -72,-90 -34,-114 C-16,-126 16,-128 32,-116 C72,-92 72,-20 48,14 C44,6 44,-4 45,-16 C50,-50 40,-80 0,-82 C-40,-80 -50,-50 -45,-16 C-44,-4 -44,6 -48,14 Z',
      'c0',
      Z.headgear,
    ),
    creases('M-56,-30 C-60,-66 -44,-94 0,-96 C44,-94 60,-66 56,-30', 'c0', Z.headgear + 1),
    tone('M34,-114 C60,-94 66,-40 50,10 L48,14 C72,-20 72,-92 32,-116 Z', 'shade', Z.headgear + 1),
  ],
  back: [
    outlineOf('M-50,6 C-74,14 -84,36 -80,52 C-50,66 50,66 80,52 C84,36 74,14 50,6 Z', 'c0', Z.neck),
    outlineOf('M-52,20 C-72,-20 -70,-92 -32,-114 C-16,-126 16,-128 32,-114 C70,-92 72,-20 52,20 C24,34 -24,34 -52,20 Z', 'c0', Z.headgear),
    creases('M0,-120 C-4,-80 -4,-30 0,26 M-30,-100 C-40,-60 -38,-20 -30,18 M30,-100 C40,-60 38,-20 30,18', 'c0', Z.headgear + 1),
  ],
  side: [
    outlineOf('M-34,8 C-20,4 24,2 44,10 C58,22 62,40 58,52 C26,64 -24,64 -44,52 C-48,36 -44,18 -34,8 Z', 'c0', Z.hands + 2.5),
    outlineOf(
      'M-44,-82 C-36,-116 0,-128 22,-122 C58,-110 72,-66 62,-18 C56,8 38,18 16,18 L-18,10 C-4,-18 -14,-62 -44,-82 Z',
      'c0',
      Z.headgear,
    ),
    creases('M16,-116 C46,-92 52,-40 34,8 M-34,-84 C-10,-66 -2,-24 -10,6', 'c0', Z.headgear + 1),
  ],
};

/** A wide hat with a net down to the shoulders. */
const NET = 'M-70,-64 C-66,-20 -62,14 -56,28 C-20,38 20,38 56,28 C62,14 66,-20 70,-64 Z';
const MESH =
  '-48,-24,0,24,48'
    .split(',')
    .map((x) => `M${x},-64 L${Number(x) * 0.8},30`)
    .join(' ') + ' M-68,-44 L68,-44 M-64,-22 L64,-22 M-62,0 L62,0 M-58,20 L58,20';
export const beeVeil: Silhouette = {
  front: [
    { d: NET, fill: 'c1', z: Z.headgear - 1, opacity: 0.28 },
    { ...inner(MESH, Z.headgear - 0.5, 'c1'), opacity: 0.5 },
    outlineOf(NET, 'none', Z.headgear - 0.4),
    ...wideBrim.front,
  ],
  back: [
    { d: NET, fill: 'c1', z: Z.headgear - 1, opacity: 0.6 },
    { ...inner(MESH, Z.headgear - 0.5, 'c1'), opacity: 0.6 },
    outlineOf(NET, 'none', Z.headgear - 0.4),
    ...wideBrim.back,
  ],
};

/** Hood with a fur edge, open at the face, that lies on the neck. */
const FUR_EDGE = 'M-45,-2 C-56,-30 -56,-84 0,-88 C56,-84 56,-30 45,-2';
export const parka: Silhouette = {
  front: [
    solid(
      'M-50,10 C-74,-20 -72,-96 -32,-118 C-14,-128 14,-128 32,-118 C72,-96 74,-20 50,10 L44,2 C52,-30 50,-74 0,-78 C-50,-74 -52,-30 -44,2 Z',
    ),
    solid(`${edge(FUR_EDGE, 'curled')} L38,0 C44,-28 44,-66 0,-70 C-44,-66 -44,-28 -38,0 Z`, Z.headgear + 2, 'c1'),
  ],
  back: [
    solid('M-52,16 C-74,-20 -72,-96 -32,-118 C-14,-128 14,-128 32,-118 C72,-96 74,-20 52,16 C24,28 -24,28 -52,16 Z'),
    inner('M0,-122 L0,22 M-40,-100 C-52,-60 -50,-20 -40,12 M40,-100 C52,-60 50,-20 40,12'),
  ],
  side: [
    solid('M-42,-78 C-36,-116 0,-126 20,-122 C58,-114 74,-70 64,-20 C58,6 40,18 14,18 L-16,8 C-2,-20 -12,-60 -42,-78 Z'),
    inner('M20,-118 C50,-96 56,-40 36,10'),
    solid(
      `${edge('M-20,10 C0,-24 -14,-66 -50,-84', 'curled')} ${onward(edge('M-50,-84 C-34,-62 -30,-20 -34,4', 'strands'))} Z`,
      Z.headgear + 2,
      'c1',
    ),
  ],
};
