import { edge, ellipse } from '../outline.js';
import { allRound, Z, type Shape, type Silhouette } from '../shape.js';
import { loose } from './hairStyle.js';

const solid = (d: string, z: number = Z.headgear, fill: Shape['fill'] = 'c0', mirror = false): Shape => ({
  d,
  fill,
  line: 'outer',
  z,
  mirror,
});
const inner = (d: string, z: number = Z.headgear + 1, lineOf: Shape['fill'] = 'c0'): Shape => ({
  d,
  fill: 'none',
  line: 'inner',
  lineOf,
  z,
});
const glint = (d: string, z: number = Z.headgear + 2): Shape => ({ d, fill: 'light', line: 'stroke', width: 2.4, z });
const shade = (d: string): Shape => ({ d, fill: 'shade', z: Z.headgear + 1.5 });

/** Hats turned on a lathe look alike from every side: a crown, a band, a brim. */
const roundHat = (crown: string, band: string, brim: string, lines: string, shadow: string): Silhouette =>
  allRound([solid(crown), solid(band, Z.headgear + 1, 'c1'), shade(shadow), solid(brim, Z.headgear + 2), inner(lines, Z.headgear + 3)]);

const bowler = roundHat(
  'M-50,-70 C-54,-112 -34,-126 0,-126 C34,-126 54,-112 50,-70 Z',
  'M-50,-70 L-51,-84 C-30,-92 30,-92 51,-84 L50,-70 Z',
  'M-66,-72 C-66,-82 -56,-80 -48,-75 C-24,-68 24,-68 48,-75 C56,-80 66,-82 66,-72 C58,-60 26,-60 0,-60 C-26,-60 -58,-60 -66,-72 Z',
  'M-34,-110 C-26,-117 -16,-119 -6,-119',
  'M30,-120 C44,-106 44,-90 42,-70 L50,-70 C54,-96 48,-112 30,-120 Z',
);
const topHat = roundHat(
  'M-44,-72 L-48,-146 C-24,-154 24,-154 48,-146 L44,-72 Z',
  'M-44,-72 L-45,-90 C-24,-97 24,-97 45,-90 L44,-72 Z',
  'M-70,-68 C-52,-80 52,-80 70,-68 C62,-58 28,-60 0,-60 C-28,-60 -62,-58 -70,-68 Z',
  'M-46,-138 C-22,-131 22,-131 46,-138',
  'M28,-150 L26,-72 L44,-72 L48,-146 Z',
);
const wideBrim = roundHat(
  'M-42,-72 C-46,-108 -34,-118 -14,-116 C-6,-110 6,-110 14,-116 C34,-118 46,-108 42,-72 Z',
  'M-42,-72 L-43,-86 C-24,-93 24,-93 43,-86 L42,-72 Z',
  'M-96,-66 C-70,-80 -40,-72 0,-72 C40,-72 70,-80 96,-66 C84,-52 40,-60 0,-60 C-40,-60 -84,-52 -96,-66 Z',
  'M-70,-68 C-40,-66 40,-66 70,-68',
  'M24,-116 C34,-104 32,-88 30,-72 L42,-72 C46,-100 40,-114 24,-116 Z',
);
const windCone = roundHat(
  'M-48,-70 C-30,-100 -12,-150 6,-176 C10,-140 30,-100 48,-70 Z',
  'M-48,-70 L-41,-84 C-20,-90 20,-90 40,-84 L48,-70 Z',
  'M-74,-66 C-54,-78 54,-78 74,-66 C62,-56 28,-60 0,-60 C-28,-60 -62,-56 -74,-66 Z',
  'M-22,-112 C-8,-116 10,-116 24,-110 M-8,-144 C0,-146 8,-146 14,-142',
  'M8,-160 C14,-130 24,-100 30,-70 L48,-70 C30,-100 14,-140 8,-160 Z',
);
const drumHat = roundHat(
  'M-46,-74 L-44,-128 C-24,-136 24,-136 44,-128 L46,-74 Z',
  'M-46,-74 L-46,-88 C-24,-95 24,-95 46,-88 L46,-74 Z',
  'M-48,-74 C-24,-84 24,-84 48,-74 L48,-64 C24,-73 -24,-73 -48,-64 Z',
  'M-44,-124 C-22,-117 22,-117 44,-124 M-45,-106 C-22,-99 22,-99 45,-106',
  'M28,-132 L28,-74 L46,-74 L44,-128 Z',
);

const beret: Silhouette = {
  front: [
    solid('M-48,-74 C-74,-78 -82,-98 -62,-112 C-36,-128 24,-126 48,-112 C62,-102 60,-84 48,-74 C20,-82 -20,-82 -48,-74 Z'),
    solid('M-49,-76 C-24,-84 24,-84 49,-76 L49,-66 C24,-74 -24,-74 -49,-66 Z', Z.headgear + 1, 'c1'),
    solid('M-10,-122 L-6,-130 L0,-129 L0,-121 Z', Z.headgear - 1),
    inner('M-60,-96 C-48,-108 -28,-114 -8,-116'),
  ],
  back: [
    solid('M48,-66 C74,-74 82,-98 62,-112 C36,-128 -24,-126 -48,-112 C-62,-102 -60,-80 -48,-66 C-20,-60 20,-60 48,-66 Z'),
    inner('M60,-92 C48,-106 28,-112 8,-114'),
  ],
  side: [
    solid('M-50,-74 C-56,-94 -30,-124 10,-122 C50,-122 80,-104 74,-84 C66,-70 52,-68 46,-62 C16,-74 -20,-80 -50,-74 Z'),
    solid('M-49,-76 C-20,-82 20,-76 46,-66 L44,-54 C18,-66 -20,-72 -48,-66 Z', Z.headgear + 1, 'c1'),
  ],
};

const headscarf: Silhouette = {
  front: [
    solid(
      'M-56,-44 C-64,-94 -38,-116 0,-116 C38,-116 64,-94 56,-44 C52,-60 44,-72 34,-78 C14,-84 -14,-84 -34,-78 C-44,-72 -52,-60 -56,-44 Z',
    ),
    inner('M-44,-72 C-34,-92 -16,-100 0,-100 C16,-100 34,-92 44,-72'),
    {
      d: '-34,-96 -16,-104 4,-108 24,-102 40,-90'
        .split(' ')
        .map((at) => {
          const [x = 0, y = 0] = at.split(',').map(Number);
          return ellipse(x, y, 3, 3);
        })
        .join(' '),
      fill: 'c1',
      z: Z.headgear + 1,
    },
  ],
  back: [
    solid('M-54,-26 C-64,-92 -38,-116 0,-116 C38,-116 64,-92 54,-26 C30,-10 14,2 0,16 C-14,2 -30,-10 -54,-26 Z'),
    solid('M-10,-26 C-30,-34 -40,-20 -34,-10 C-26,-8 -16,-14 -8,-18 L8,-18 C16,-14 26,-8 34,-10 C40,-20 30,-34 10,-26 Z', Z.headgear + 2),
    {
      d: '-30,-84 -8,-94 16,-92 36,-80 -36,-58 -10,-66 14,-64 38,-54'
        .split(' ')
        .map((at) => {
          const [x = 0, y = 0] = at.split(',').map(Number);
          return ellipse(x, y, 3, 3);
        })
        .join(' '),
      fill: 'c1',
      z: Z.headgear + 1,
    },
  ],
  side: [
    solid('M-46,-72 C-46,-108 -14,-118 12,-116 C46,-114 62,-88 56,-50 C54,-32 50,-22 44,-14 L24,-18 C10,-34 -10,-54 -46,-72 Z'),
    solid('M44,-30 C62,-36 72,-22 66,-12 C58,-10 48,-14 42,-20 Z', Z.headgear - 1),
    inner('M-38,-78 C-10,-72 20,-52 36,-22'),
  ],
};

/** A wide hat with a net down to the shoulders. */
const NET = 'M-70,-64 C-66,-20 -62,14 -56,28 C-20,38 20,38 56,28 C62,14 66,-20 70,-64 Z';
const MESH =
  '-48,-24,0,24,48'
    .split(',')
    .map((x) => `M${x},-64 L${Number(x) * 0.8},30`)
    .join(' ') + ' M-68,-44 L68,-44 M-64,-22 L64,-22 M-62,0 L62,0 M-58,20 L58,20';
const beeVeil: Silhouette = {
  front: [
    { d: NET, fill: 'c1', z: Z.headgear - 1, opacity: 0.28 },
    { ...inner(MESH, Z.headgear - 0.5, 'c1'), opacity: 0.5 },
    { d: NET, fill: 'none', line: 'outer', z: Z.headgear - 0.4 },
    ...wideBrim.front,
  ],
  back: [
    { d: NET, fill: 'c1', z: Z.headgear - 1, opacity: 0.6 },
    { ...inner(MESH, Z.headgear - 0.5, 'c1'), opacity: 0.6 },
    { d: NET, fill: 'none', line: 'outer', z: Z.headgear - 0.4 },
    ...wideBrim.back,
  ],
};

const FLOWERS = [-46, -24, 0, 24, 46];
const flower = (x: number, y: number, r: number, z: number): readonly Shape[] => [
  {
    d: [0, 1, 2, 3, 4]
      .map((i) =>
        ellipse(
          Math.round(x + Math.cos((i * 2 * Math.PI) / 5) * r * 0.6),
          Math.round(y + Math.sin((i * 2 * Math.PI) / 5) * r * 0.6),
          r * 0.5,
          r * 0.5,
        ),
      )
      .join(' '),
    fill: 'c0',
    line: 'inner',
    lineOf: 'ink',
    z,
  },
  { d: ellipse(x, y, r * 0.34, r * 0.34), fill: 'c2', z: z + 0.2 },
];
const wreath: Silhouette = allRound([
  { d: 'M-54,-72 C-30,-90 30,-90 54,-72 C30,-82 -30,-82 -54,-72 Z', fill: 'c1', line: 'outer', z: Z.headgear + 1 },
  {
    d: FLOWERS.map((x) => `M${x + 10},-${80 - Math.abs(x) / 6} c6,-8 12,-6 12,0 c-4,5 -9,4 -12,0 Z`).join(' '),
    fill: 'c1',
    line: 'inner',
    lineOf: 'ink',
    z: Z.headgear + 1.5,
  },
  ...FLOWERS.flatMap((x) => flower(x, Math.round(-84 + Math.abs(x) / 6), 12, Z.headgear + 2)),
]);

const bandana: Silhouette = {
  front: [
    solid('M-55,-58 C-62,-98 -36,-114 0,-114 C36,-114 62,-98 55,-58 C30,-72 -30,-72 -55,-58 Z'),
    inner('M-50,-70 C-24,-84 24,-84 50,-70'),
  ],
  back: [
    solid('M-55,-34 C-62,-98 -36,-114 0,-114 C36,-114 62,-98 55,-34 C30,-24 -30,-24 -55,-34 Z'),
    solid('M-6,-30 C-24,-20 -28,0 -22,16 L-10,10 L-4,-18 L4,-18 L10,10 L22,16 C28,0 24,-20 6,-30 Z', Z.headgear + 1),
  ],
  side: [
    solid('M-48,-66 C-46,-104 -14,-116 10,-114 C46,-112 62,-84 56,-44 L48,-30 C18,-46 -16,-58 -48,-66 Z'),
    solid('M46,-42 C64,-36 72,-16 68,4 L58,-2 C56,-18 50,-26 42,-32 Z', Z.headgear - 1),
    inner('M-42,-76 C-10,-70 24,-56 46,-40'),
  ],
};

const crownRing = (teeth: string): Silhouette =>
  allRound([
    solid(`M-44,-72 C-22,-80 22,-80 44,-72 L${teeth} L-44,-72 Z`, Z.headgear + 1),
    {
      d: `${ellipse(0, -84, 5, 5)} ${ellipse(-24, -82, 4, 4)} ${ellipse(24, -82, 4, 4)}`,
      fill: 'c1',
      line: 'inner',
      lineOf: 'ink',
      z: Z.headgear + 2,
    },
  ]);

/** Hats that bring their hair along. */
const underHair = loose({ volume: 20, sides: -6, back: 2, hairline: 'side', texture: 'smooth', width: 3 });
const wavesUnder = loose({ volume: 20, sides: 26, back: 50, hairline: 'centre', texture: 'wavy', width: 6 });
const recolour = (shapes: readonly Shape[] = [], to: Shape['fill']): readonly Shape[] =>
  shapes.map((shape) => ({ ...shape, ...(shape.fill === 'c0' ? { fill: to } : {}), ...(shape.lineOf === 'c0' ? { lineOf: to } : {}) }));
const raised = (shapes: readonly Shape[] = []): readonly Shape[] => shapes.map((shape) => ({ ...shape, z: (shape.z ?? 0) + 4 }));
const withHair = (hat: Silhouette, hair: Silhouette): Silhouette => ({
  front: [...recolour(hair.front, 'c2'), ...raised(hat.front)],
  back: [...recolour(hair.back, 'c2'), ...raised(hat.back)],
  side: [...recolour(hair.side, 'c2'), ...raised(hat.side ?? hat.front)],
});

/** Add-ons sit in the hole of a hat or helmet: the origin is the head's base. */
const plume: Silhouette = allRound([
  solid(`${edge('M24,-104 C20,-140 44,-176 76,-170', 'curled')} C80,-146 60,-120 34,-104 Z`, Z.headgear + 8),
  inner('M30,-106 C36,-132 50,-154 70,-164', Z.headgear + 9),
]);
const goggles: Silhouette = {
  front: [
    solid('M-58,-84 C-30,-92 30,-92 58,-84 L58,-92 C30,-100 -30,-100 -58,-92 Z', Z.headgear + 8, 'c1'),
    solid(`${ellipse(-20, -90, 16, 12)} ${ellipse(20, -90, 16, 12)}`, Z.headgear + 9),
    { d: `${ellipse(-20, -90, 10, 7)} ${ellipse(20, -90, 10, 7)}`, fill: 'c2', z: Z.headgear + 9.5 },
    glint('M-26,-93 L-20,-95 M14,-93 L20,-95', Z.headgear + 10),
  ],
  back: [solid('M-60,-80 C-30,-72 30,-72 60,-80 L60,-90 C30,-82 -30,-82 -60,-90 Z', Z.headgear + 8, 'c1')],
  side: [
    solid('M-46,-84 C-10,-90 30,-88 60,-78 L60,-88 C28,-98 -12,-100 -46,-94 Z', Z.headgear + 8, 'c1'),
    solid(ellipse(-44, -90, 11, 13), Z.headgear + 9),
  ],
};
const pin: Silhouette = { front: flower(36, -88, 13, Z.headgear + 8), back: [], side: flower(-4, -86, 13, Z.headgear + 8) };
const feather: Silhouette = allRound([
  solid('M34,-92 C40,-124 54,-148 70,-160 C74,-138 66,-112 42,-88 Z', Z.headgear + 8),
  inner('M38,-92 C48,-116 58,-138 68,-154 M46,-110 l8,-2 M52,-124 l8,-3', Z.headgear + 9),
]);

export const MORE_HATS: Readonly<Record<string, Silhouette>> = {
  'hat-bowler': bowler,
  'hat-top': topHat,
  'hat-wide': wideBrim,
  'hat-cone': windCone,
  'hat-drum': drumHat,
  'hat-beret': beret,
  'hat-headscarf': headscarf,
  'hat-bandana': bandana,
  'hat-wreath': wreath,
  'hat-diadem': crownRing('44,-98 L26,-88 L14,-104 L0,-114 L-14,-104 L-26,-88 L-44,-98'),
  'hat-bee-veil': beeVeil,
  'hat-beret-hair': withHair(beret, underHair),
  'hat-wide-hair': withHair(wideBrim, wavesUnder),
  plume,
  goggles,
  pin,
  feather,
};
