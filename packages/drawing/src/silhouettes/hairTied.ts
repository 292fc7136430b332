import { Z, type Silhouette } from '../shape.js';

/** Tied hair, drawn around the head as loose hair is. The smooth back of the head shows under it. */
const UNDER = 'M-55,-30 C-62,-92 -34,-116 0,-116 C34,-116 62,-92 55,-30 L44,-24 C20,-18 -20,-18 -44,-24 Z';

const lowKnot: Silhouette = {
  front: [
    {
      d: 'M-56,-46 C-62,-92 -36,-117 2,-117 C40,-117 62,-92 56,-46 C54,-58 50,-68 42,-78 C24,-80 8,-88 -2,-98 C-10,-86 -26,-76 -42,-72 C-50,-66 -54,-58 -56,-46 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear,
    },
    {
      d: 'M-2,-98 C-8,-104 -12,-108 -18,-111 M-10,-90 C-22,-92 -36,-86 -46,-74 M8,-92 C22,-96 40,-90 48,-76',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 1,
    },
    { d: 'M16,-110 C28,-107 38,-101 45,-91', fill: 'light', line: 'stroke', width: 2.4, z: Z.headgear + 1 },
  ],
  back: [
    { d: UNDER, fill: 'c0', line: 'outer', z: Z.headgear },
    {
      d: 'M0,-116 C-2,-90 -2,-66 0,-44 M-30,-108 C-34,-80 -26,-52 -12,-36 M30,-108 C34,-80 26,-52 12,-36 M-50,-74 C-48,-52 -36,-38 -20,-30 M50,-74 C48,-52 36,-38 20,-30',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 1,
    },
    {
      d: 'M0,-48 C20,-50 30,-38 28,-24 C26,-8 14,-2 0,-2 C-14,-2 -26,-8 -28,-24 C-30,-38 -20,-50 0,-48 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear + 2,
    },
    {
      d: 'M-18,-34 C-10,-42 10,-42 18,-34 M-20,-20 C-8,-30 10,-28 18,-16 M-8,-8 C0,-14 8,-12 12,-8',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 3,
    },
  ],
};

const sideTail: Silhouette = {
  front: [
    { d: 'M-46,-72 C-78,-74 -98,-44 -92,-12 C-90,2 -78,8 -70,-2 C-60,-14 -52,-34 -50,-52 Z', fill: 'c0', line: 'outer', z: Z.behind },
    { d: 'M-64,-62 C-80,-48 -86,-26 -82,-6 M-56,-58 C-68,-42 -72,-24 -72,-6', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.behind + 1 },
    {
      d: 'M-55,-42 C-63,-92 -36,-118 2,-118 C42,-118 62,-92 56,-34 C54,-46 52,-58 46,-68 C40,-78 30,-82 22,-84 C4,-80 -26,-76 -44,-66 C-50,-60 -53,-52 -55,-42 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear,
    },
    {
      d: 'M22,-84 C6,-92 -22,-92 -44,-76 M22,-84 C10,-98 -12,-104 -34,-96 M22,-84 C30,-92 34,-100 34,-108',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 1,
    },
    { d: 'M-14,-111 C-24,-108 -33,-102 -39,-94', fill: 'light', line: 'stroke', width: 2.4, z: Z.headgear + 1 },
    {
      d: 'M-60,-74 C-52,-78 -44,-74 -44,-66 C-44,-58 -52,-54 -59,-58 C-66,-62 -67,-70 -60,-74 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.headgear + 2,
    },
  ],
  back: [
    { d: 'M48,-74 C80,-78 100,-46 94,-12 C92,4 78,10 70,-2 C60,-16 50,-34 48,-52 Z', fill: 'c0', line: 'outer', z: Z.headgear + 1 },
    { d: 'M66,-64 C82,-48 88,-26 84,-6 M58,-58 C70,-42 74,-24 74,-6', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.headgear + 2 },
    { d: UNDER, fill: 'c0', line: 'outer', z: Z.headgear },
    {
      d: 'M-44,-92 C-16,-88 20,-82 48,-66 M-54,-62 C-24,-60 20,-62 48,-60 M-48,-30 C-18,-34 24,-46 48,-56',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 1,
    },
    { d: 'M60,-74 C52,-78 44,-74 44,-66 C44,-58 52,-54 59,-58 C66,-62 67,-70 60,-74 Z', fill: 'c1', line: 'outer', z: Z.headgear + 3 },
  ],
};

const crownBraid: Silhouette = {
  front: [
    {
      d: 'M-55,-40 C-60,-92 -36,-112 0,-112 C36,-112 60,-92 55,-40 C52,-56 46,-68 36,-74 C18,-80 -18,-80 -36,-74 C-46,-68 -52,-56 -55,-40 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear,
    },
    {
      d: 'M-58,-66 C-70,-72 -66,-88 -56,-88 C-58,-102 -44,-110 -36,-104 C-34,-118 -16,-122 -10,-114 C-4,-124 12,-124 16,-114 C24,-122 40,-116 40,-104 C50,-108 62,-98 58,-86 C68,-84 70,-70 58,-66 C56,-76 46,-86 34,-92 C14,-100 -14,-100 -34,-92 C-46,-86 -56,-76 -58,-66 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear + 1,
    },
    {
      d: 'M-56,-88 C-50,-88 -46,-86 -44,-82 M-36,-104 C-32,-102 -28,-100 -27,-95 M-10,-114 C-8,-108 -6,-104 -8,-99 M16,-114 C14,-108 12,-104 14,-99 M40,-104 C36,-102 32,-98 32,-93 M58,-86 C52,-86 48,-84 46,-80',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 2,
    },
    {
      d: 'M0,-78 L0,-98 M-20,-76 C-22,-84 -24,-90 -28,-94 M20,-76 C22,-84 24,-90 28,-94',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 2,
      opacity: 0.8,
    },
  ],
  back: [
    { d: UNDER, fill: 'c0', line: 'outer', z: Z.headgear },
    {
      d: 'M-58,-66 C-70,-72 -66,-88 -56,-88 C-58,-102 -44,-110 -36,-104 C-34,-118 -16,-122 -10,-114 C-4,-124 12,-124 16,-114 C24,-122 40,-116 40,-104 C50,-108 62,-98 58,-86 C68,-84 70,-70 58,-66 C54,-82 30,-92 0,-92 C-30,-92 -54,-82 -58,-66 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear + 1,
    },
    {
      d: 'M-56,-88 C-50,-88 -46,-86 -44,-80 M-36,-104 C-32,-102 -28,-98 -27,-92 M-10,-114 C-8,-108 -6,-102 -8,-94 M16,-114 C14,-108 12,-102 14,-94 M40,-104 C36,-102 32,-96 32,-90 M58,-86 C52,-86 48,-82 46,-78',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 2,
    },
    {
      d: 'M-30,-24 C-34,-46 -30,-68 -18,-86 M-8,-22 C-10,-46 -8,-68 -4,-88 M14,-22 C16,-46 14,-68 10,-88 M36,-26 C40,-46 36,-66 26,-84',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 1,
    },
  ],
};

const twoPlaits: Silhouette = {
  front: [
    {
      d: 'M46,-36 C58,-34 66,-24 62,-14 C70,-6 70,8 62,14 C68,24 64,38 56,42 C60,52 56,62 50,68 C44,62 42,52 46,42 C38,36 38,22 44,14 C36,6 38,-8 44,-14 C40,-22 40,-30 46,-36 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear - 1,
      mirror: true,
    },
    {
      d: 'M62,-14 C56,-12 50,-12 46,-14 M62,14 C56,17 50,17 46,14',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear,
      mirror: true,
    },
    { d: 'M44,38 C50,41 55,41 59,38 L58,46 C54,48 50,48 45,46 Z', fill: 'c1', line: 'outer', z: Z.headgear, mirror: true },
    {
      d: 'M-56,-26 C-64,-92 -38,-117 0,-117 C38,-117 64,-92 56,-26 C50,-30 48,-40 46,-52 C42,-70 22,-84 0,-100 C-22,-84 -42,-70 -46,-52 C-48,-40 -50,-30 -56,-26 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear + 1,
    },
    {
      d: 'M0,-100 L0,-116 M-14,-90 C-32,-86 -46,-70 -51,-48 M14,-90 C32,-86 46,-70 51,-48',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 2,
    },
    { d: 'M16,-110 C29,-107 39,-100 46,-90', fill: 'light', line: 'stroke', width: 2.4, z: Z.headgear + 2 },
  ],
  back: [
    {
      d: 'M46,-36 C58,-34 66,-24 62,-14 C70,-6 70,8 62,14 C68,24 64,38 56,42 C60,52 56,62 50,68 C44,62 42,52 46,42 C38,36 38,22 44,14 C36,6 38,-8 44,-14 C40,-22 40,-30 46,-36 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.headgear + 1,
      mirror: true,
    },
    {
      d: 'M62,-14 C56,-12 50,-12 46,-14 M62,14 C56,17 50,17 46,14',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 2,
      mirror: true,
    },
    { d: 'M44,38 C50,41 55,41 59,38 L58,46 C54,48 50,48 45,46 Z', fill: 'c1', line: 'outer', z: Z.headgear + 2, mirror: true },
    { d: UNDER, fill: 'c0', line: 'outer', z: Z.headgear },
    {
      d: 'M0,-116 L0,-20 M-6,-90 C-30,-80 -46,-58 -50,-34 M6,-90 C30,-80 46,-58 50,-34 M-6,-56 C-24,-50 -36,-40 -44,-28 M6,-56 C24,-50 36,-40 44,-28',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.headgear + 1,
    },
  ],
};

export const TIED_HAIR: Readonly<Record<string, Silhouette>> = {
  'hair-low-knot': lowKnot,
  'hair-side-tail': sideTail,
  'hair-crown-braid': crownBraid,
  'hair-two-plaits': twoPlaits,
};
