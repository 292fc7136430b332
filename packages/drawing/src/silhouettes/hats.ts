import { Z, type Silhouette } from '../shape.js';

const peakedCap: Silhouette = {
  front: [
    { d: 'M-50,-70 C-66,-78 -74,-98 -60,-108 C-40,-124 40,-124 60,-108 C74,-98 66,-78 50,-70 Z', fill: 'c0', line: 'outer', z: Z.headgear },
    { d: 'M34,-117 C50,-108 54,-90 44,-70 L52,-70 C66,-78 74,-98 60,-108 C52,-114 44,-116 34,-117 Z', fill: 'shade', z: Z.headgear + 1 },
    { d: 'M-52,-80 C-30,-88 30,-88 52,-80 L52,-66 C30,-73 -30,-73 -52,-66 Z', fill: 'c1', line: 'outer', z: Z.headgear + 2 },
    {
      d: 'M-46,-67 C-28,-75 28,-75 46,-67 C52,-60 46,-53 36,-56 C16,-61 -16,-61 -36,-56 C-46,-53 -52,-60 -46,-67 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.headgear + 3,
    },
    { d: 'M0,-106 L8,-97 L0,-87 L-8,-97 Z', fill: 'c2', line: 'outer', z: Z.headgear + 3 },
    { d: 'M-34,-63 C-16,-67 16,-67 34,-63', fill: 'light', line: 'stroke', width: 1.8, z: Z.headgear + 4 },
  ],
  back: [
    {
      d: 'M-52,-62 C-66,-78 -74,-98 -60,-108 C-40,-124 40,-124 60,-108 C74,-98 66,-78 52,-62 C30,-56 -30,-56 -52,-62 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear,
    },
    { d: 'M-54,-76 C-30,-68 30,-68 54,-76 L52,-58 C30,-50 -30,-50 -52,-58 Z', fill: 'c1', line: 'outer', z: Z.headgear + 1 },
  ],
};

const boater: Silhouette = {
  front: [
    { d: 'M-44,-74 L-42,-108 C-24,-115 24,-115 42,-108 L44,-74 Z', fill: 'c0', line: 'outer', z: Z.headgear },
    { d: 'M-44,-74 L-43,-90 C-24,-97 24,-97 43,-90 L44,-74 Z', fill: 'c1', line: 'outer', z: Z.headgear + 1 },
    { d: 'M-76,-70 C-60,-82 60,-82 76,-70 C72,-60 44,-63 0,-64 C-44,-63 -72,-60 -76,-70 Z', fill: 'c0', line: 'outer', z: Z.headgear + 2 },
    {
      d: 'M-60,-71 C-30,-76 30,-76 60,-71 M-30,-106 C-10,-109 10,-109 30,-106 M-34,-101 C-12,-104 12,-104 34,-101',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 3,
    },
  ],
  back: [
    { d: 'M-44,-74 L-42,-108 C-24,-115 24,-115 42,-108 L44,-74 Z', fill: 'c0', line: 'outer', z: Z.headgear },
    { d: 'M-44,-74 L-43,-90 C-24,-97 24,-97 43,-90 L44,-74 Z', fill: 'c1', line: 'outer', z: Z.headgear + 1 },
    { d: 'M-76,-68 C-60,-80 60,-80 76,-68 C72,-56 44,-56 0,-56 C-44,-56 -72,-56 -76,-68 Z', fill: 'c0', line: 'outer', z: Z.headgear + 2 },
    { d: 'M-8,-60 L-16,-30 L-6,-34 L0,-24 L4,-34 L12,-30 L6,-60 Z', fill: 'c1', line: 'outer', z: Z.headgear + 1 },
    { d: 'M-60,-68 C-30,-72 30,-72 60,-68', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.headgear + 3 },
  ],
};

const bobble: Silhouette = {
  front: [
    {
      d: 'M0,-150 C13,-150 20,-141 18,-131 C16,-122 8,-119 0,-119 C-8,-119 -16,-122 -18,-131 C-20,-141 -13,-150 0,-150 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.headgear,
    },
    {
      d: 'M-8,-142 L-4,-136 M6,-144 L4,-137 M-2,-128 L2,-133 M10,-134 L6,-130',
      fill: 'none',
      line: 'inner',
      lineOf: 'c1',
      z: Z.headgear + 1,
    },
    { d: 'M-55,-70 C-58,-108 -34,-124 0,-124 C34,-124 58,-108 55,-70 Z', fill: 'c0', line: 'outer', z: Z.headgear + 1 },
    {
      d: 'M-54,-92 L-46,-100 L-36,-92 L-26,-100 L-16,-92 L-6,-100 L4,-92 L14,-100 L24,-92 L34,-100 L44,-92 L54,-98 L55,-90 L44,-84 L34,-92 L24,-84 L14,-92 L4,-84 L-6,-92 L-16,-84 L-26,-92 L-36,-84 L-46,-92 L-55,-84 Z',
      fill: 'c1',
      z: Z.headgear + 2,
    },
    {
      d: 'M-56,-76 C-30,-84 30,-84 56,-76 C60,-68 58,-60 55,-56 C30,-64 -30,-64 -55,-56 C-58,-60 -60,-68 -56,-76 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.headgear + 3,
    },
    {
      d: 'M-38,-79 L-38,-62 M-20,-82 L-20,-65 M0,-82 L0,-66 M20,-82 L20,-65 M38,-79 L38,-62',
      fill: 'none',
      line: 'inner',
      lineOf: 'c1',
      z: Z.headgear + 4,
    },
  ],
  back: [
    {
      d: 'M0,-150 C13,-150 20,-141 18,-131 C16,-122 8,-119 0,-119 C-8,-119 -16,-122 -18,-131 C-20,-141 -13,-150 0,-150 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.headgear,
    },
    { d: 'M-55,-56 C-58,-108 -34,-124 0,-124 C34,-124 58,-108 55,-56 Z', fill: 'c0', line: 'outer', z: Z.headgear + 1 },
    {
      d: 'M-54,-82 L-46,-90 L-36,-82 L-26,-90 L-16,-82 L-6,-90 L4,-82 L14,-90 L24,-82 L34,-90 L44,-82 L54,-88 L55,-80 L44,-74 L34,-82 L24,-74 L14,-82 L4,-74 L-6,-82 L-16,-74 L-26,-82 L-36,-74 L-46,-82 L-55,-74 Z',
      fill: 'c1',
      z: Z.headgear + 2,
    },
    {
      d: 'M-56,-62 C-30,-54 30,-54 56,-62 C60,-54 58,-46 54,-40 C30,-34 -30,-34 -54,-40 C-58,-46 -60,-54 -56,-62 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.headgear + 3,
    },
    {
      d: 'M-38,-57 L-37,-39 M-20,-55 L-19,-36 M0,-55 L0,-35 M20,-55 L19,-36 M38,-57 L37,-39',
      fill: 'none',
      line: 'inner',
      lineOf: 'c1',
      z: Z.headgear + 4,
    },
  ],
};

const souwester: Silhouette = {
  front: [
    {
      d: 'M-54,-74 C-66,-50 -64,-22 -56,-4 C-48,-6 -43,-20 -44,-44 Z M54,-74 C66,-50 64,-22 56,-4 C48,-6 43,-20 44,-44 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.headgear,
    },
    { d: 'M-50,-72 C-52,-102 -32,-122 0,-122 C32,-122 52,-102 50,-72 Z', fill: 'c0', line: 'outer', z: Z.headgear + 1 },
    { d: 'M26,-117 C40,-110 43,-92 40,-74 L50,-72 C51,-96 42,-112 26,-117 Z', fill: 'shade', z: Z.headgear + 2 },
    {
      d: 'M-84,-42 C-74,-74 -34,-88 0,-88 C34,-88 74,-74 84,-42 C74,-38 62,-48 48,-60 C26,-72 -26,-72 -48,-60 C-62,-48 -74,-38 -84,-42 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear + 3,
    },
    {
      d: 'M0,-122 L0,-90 M-25,-115 C-33,-104 -35,-96 -34,-84 M25,-115 C33,-104 35,-96 34,-84 M-70,-52 C-56,-70 -30,-79 0,-79 C30,-79 56,-70 70,-52',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 2,
    },
  ],
  back: [
    { d: 'M-50,-40 C-60,-20 -56,-2 -46,4 C-20,10 20,10 46,4 C56,-2 60,-20 50,-40 Z', fill: 'c1', line: 'outer', z: Z.headgear },
    { d: 'M-52,-60 C-56,-110 -34,-130 0,-130 C34,-130 56,-110 52,-60 Z', fill: 'c0', line: 'outer', z: Z.headgear + 1 },
    {
      d: 'M-70,-60 C-50,-72 50,-72 70,-60 C76,-40 60,-20 44,-14 C20,-8 -20,-8 -44,-14 C-60,-20 -76,-40 -70,-60 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear + 2,
    },
    {
      d: 'M0,-130 L0,-68 M-28,-122 C-36,-100 -36,-84 -34,-68 M28,-122 C36,-100 36,-84 34,-68 M-30,-62 C-34,-44 -36,-30 -40,-18 M30,-62 C34,-44 36,-30 40,-18',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 3,
    },
  ],
};

const cowl: Silhouette = {
  front: [
    { d: 'M-50,6 C-74,14 -84,36 -80,52 C-50,66 50,66 80,52 C84,36 74,14 50,6 Z', fill: 'c0', line: 'outer', z: Z.neck },
    { d: 'M-40,34 C-20,44 20,44 40,34', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.neck + 1 },
    {
      d: 'M-48,14 C-72,-20 -72,-90 -34,-114 C-16,-126 16,-128 32,-116 C72,-92 72,-20 48,14 C44,6 44,-4 45,-16 C50,-50 40,-80 0,-82 C-40,-80 -50,-50 -45,-16 C-44,-4 -44,6 -48,14 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear,
    },
    { d: 'M-56,-30 C-60,-66 -44,-94 0,-96 C44,-94 60,-66 56,-30', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.headgear + 1 },
    { d: 'M34,-114 C60,-94 66,-40 50,10 L48,14 C72,-20 72,-92 32,-116 Z', fill: 'shade', z: Z.headgear + 1 },
  ],
  back: [
    { d: 'M-50,6 C-74,14 -84,36 -80,52 C-50,66 50,66 80,52 C84,36 74,14 50,6 Z', fill: 'c0', line: 'outer', z: Z.neck },
    {
      d: 'M-52,20 C-72,-20 -70,-92 -32,-114 C-16,-126 16,-128 32,-114 C70,-92 72,-20 52,20 C24,34 -24,34 -52,20 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear,
    },
    {
      d: 'M0,-120 C-4,-80 -4,-30 0,26 M-30,-100 C-40,-60 -38,-20 -30,18 M30,-100 C40,-60 38,-20 30,18',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 1,
    },
  ],
};

export const HATS: Readonly<Record<string, Silhouette>> = {
  'hat-peaked-cap': peakedCap,
  'hat-boater': boater,
  'hat-bobble': bobble,
  'hat-souwester-hair': souwester,
  'hat-cowl': cowl,
};
