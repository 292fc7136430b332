import { creases, outlineOf, type Shape, type Silhouette, stroke, tone, Z } from '../shape/index.js';

export const HEAD_OUTLINE =
  'M0,-88 C33,-88 50,-81 51,-55 C52,-34 50,-18 43,-9 C35,0 19,1 0,1 C-19,1 -35,0 -43,-9 C-50,-18 -52,-34 -51,-55 C-50,-81 -33,-88 0,-88 Z';
export const HEAD_SIDE_OUTLINE =
  'M2,-88 C34,-88 49,-78 49,-54 C49,-32 45,-14 36,-6 C28,1 10,1 -14,1 C-34,1 -42,-4 -44,-16 C-45,-22 -45,-26 -46,-30 C-50,-32 -50,-36 -47,-40 C-47,-44 -48,-50 -47,-58 C-45,-80 -30,-88 2,-88 Z';

const NECK_POST = 'M-14,-4 L14,-4 L15,14 L-15,14 Z';

const neckPost: Shape = outlineOf(NECK_POST, 'c0', Z.neckPost);

/** An outline with its flat shade, and the line around it on top of the print. */
const solid = (outline: string, shade: string, z: number): readonly Shape[] => [
  { d: outline, fill: 'c0', z },
  tone(shade, 'shade', z + 1.5),
  outlineOf(outline, 'none', z + 2),
];

const head: Silhouette = {
  outline: HEAD_OUTLINE,
  sideOutline: HEAD_SIDE_OUTLINE,
  front: [neckPost, ...solid(HEAD_OUTLINE, 'M30,-90 C46,-66 45,-24 27,2 L60,2 L60,-90 Z', Z.head)],
  back: [neckPost, ...solid(HEAD_OUTLINE, 'M-30,-90 C-46,-66 -45,-24 -27,2 L-60,2 L-60,-90 Z', Z.head)],
  side: [neckPost, ...solid(HEAD_SIDE_OUTLINE, 'M26,-90 C42,-66 40,-24 22,2 L60,2 L60,-90 Z', Z.head)],
};

/** Heads moulded with more than a head: ears that stand up, a beak. */
const EARS = 'M-44,-74 C-52,-98 -48,-114 -40,-120 C-28,-112 -20,-100 -16,-87 C-26,-86 -36,-82 -44,-74 Z';
const earsHead: Silhouette = {
  ...head,
  front: [
    ...head.front,
    { d: EARS, fill: 'c0', line: 'outer', z: Z.head - 1, mirror: true },
    { d: 'M-38,-84 C-42,-98 -40,-106 -37,-110 C-32,-104 -28,-98 -26,-90 Z', fill: 'c1', z: Z.head - 1, mirror: true },
    tone('M-9,-36 C-4,-40 4,-40 9,-36 C6,-29 2,-27 0,-27 C-2,-27 -6,-29 -9,-36 Z', 'ink', Z.head + 1.2),
  ],
  back: [...head.back, { d: EARS, fill: 'c0', line: 'outer', z: Z.head - 1, mirror: true }],
  side: [
    ...(head.side ?? []),
    outlineOf('M-2,-86 C-8,-106 2,-120 10,-122 C18,-112 22,-98 20,-86 Z', 'c0', Z.head + 3),
    tone('M4,-88 C2,-102 6,-110 10,-113 C14,-104 15,-96 14,-88 Z', 'c1', Z.head + 3.5),
    outlineOf('M-44,-38 C-60,-38 -62,-24 -56,-20 C-52,-14 -46,-14 -42,-16 Z', 'c0', Z.head + 3),
    tone('M-50,-38 C-60,-38 -62,-32 -60,-28 C-56,-28 -52,-32 -50,-38 Z', 'ink', Z.head + 3.5),
  ],
};
const beakHead: Silhouette = {
  ...head,
  front: [
    ...head.front,
    outlineOf('M-16,-38 C-8,-46 8,-46 16,-38 C12,-22 5,-12 0,-8 C-5,-12 -12,-22 -16,-38 Z', 'c1', Z.head + 3),
    creases('M-13,-32 C-4,-26 4,-26 13,-32', 'c1', Z.head + 3.5),
    outlineOf('M-6,-86 C-14,-104 -8,-114 0,-120 C8,-112 14,-104 6,-86 Z', 'c0', Z.head - 1),
  ],
  back: [...head.back, outlineOf('M-6,-86 C-14,-104 -8,-114 0,-120 C8,-112 14,-104 6,-86 Z', 'c0', Z.head - 1)],
  side: [
    ...(head.side ?? []),
    outlineOf('M-42,-46 C-58,-48 -78,-34 -82,-24 C-68,-18 -54,-18 -42,-20 Z', 'c1', Z.head - 0.5),
    creases('M-80,-26 C-66,-30 -54,-32 -46,-32', 'c1', Z.head - 0.4),
    outlineOf('M-8,-86 C-2,-106 16,-116 30,-112 C26,-102 22,-94 20,-86 Z', 'c0', Z.head - 1),
  ],
};

const TORSO_OUTLINE =
  'M-18,-126 C-40,-124 -53,-113 -53,-97 C-53,-73 -47,-54 -50,-33 C-52,-19 -55,-8 -57,1 C-30,7 30,7 57,1 C55,-8 52,-19 50,-33 C47,-54 53,-73 53,-97 C53,-113 40,-124 18,-126 Z';
const TORSO_SIDE_OUTLINE =
  'M-14,-126 C-22,-124 -27,-114 -28,-98 C-29,-76 -27,-54 -28,-33 C-29,-18 -31,-8 -32,2 C-14,6 14,6 32,2 C31,-8 29,-18 28,-33 C27,-54 30,-76 29,-98 C28,-114 22,-124 14,-126 Z';

const torso: Silhouette = {
  outline: TORSO_OUTLINE,
  sideOutline: TORSO_SIDE_OUTLINE,
  front: solid(TORSO_OUTLINE, 'M36,-130 C44,-80 39,-40 47,6 L70,6 L70,-130 Z', Z.torso),
  back: solid(TORSO_OUTLINE, 'M-36,-130 C-44,-80 -39,-40 -47,6 L-70,6 L-70,-130 Z', Z.torso),
  side: solid(TORSO_SIDE_OUTLINE, 'M14,-130 C20,-80 18,-40 22,6 L50,6 L50,-130 Z', Z.torso),
};

/** Arms are drawn for the side at +x; the other side is the same shape mirrored. */
const ARM_OUTLINE = 'M38,-118 C64,-116 75,-88 80,-51 C82,-34 82,-25 76,-20 C66,-14 57,-19 55,-31 C52,-56 48,-76 40,-90 Z';
const ARM_SHADE = 'M62,-104 C70,-86 74,-58 76,-20 L90,-18 L88,-104 Z';
/** From the side the shoulder is round and the arm comes forward. */
const ARM_SIDE_OUTLINE =
  'M54,-120 C72,-120 80,-106 79,-92 C78,-78 82,-66 86,-50 C90,-34 90,-24 82,-19 C72,-14 62,-18 59,-30 C55,-52 44,-68 38,-84 C32,-102 40,-120 54,-120 Z';
const ARM_CREASE: Shape = creases('M56,-30 C62,-24 73,-24 80,-31', 'c0', Z.arms + 2);

const plain = (outline: string): readonly Shape[] => [
  tone(outline, 'c0', Z.arms),
  tone(ARM_SHADE, 'shade', Z.arms + 2),
  outlineOf(outline, 'none', Z.arms + 3),
];

const arm: Silhouette = {
  outline: ARM_OUTLINE,
  sideOutline: ARM_SIDE_OUTLINE,
  front: [...plain(ARM_OUTLINE), ARM_CREASE],
  back: [...plain(ARM_OUTLINE), ARM_CREASE],
  side: [...plain(ARM_SIDE_OUTLINE), creases('M61,-30 C68,-24 79,-24 86,-30', 'c0', Z.arms + 2)],
};

/** An arm in two colours, parted by a hem: a short sleeve over skin, or a glove up to the elbow. */
function twoColours(sleeve: string, sideSleeve: string, hem: string, sideHem: string): Silhouette {
  const shapes = (outline: string, over: string, edge: string): readonly Shape[] => [
    tone(outline, 'c1', Z.arms),
    tone(over, 'c0', Z.arms),
    tone(ARM_SHADE, 'shade', Z.arms + 2),
    creases(edge, 'ink', Z.arms + 2),
    outlineOf(outline, 'none', Z.arms + 3),
  ];
  const front = shapes(ARM_OUTLINE, sleeve, hem);
  return { outline: ARM_OUTLINE, sideOutline: ARM_SIDE_OUTLINE, front, back: front, side: shapes(ARM_SIDE_OUTLINE, sideSleeve, sideHem) };
}

const armShort = twoColours(
  'M38,-118 C64,-116 72,-96 77,-70 C69,-62 58,-62 51,-66 C48,-76 45,-83 40,-90 Z',
  'M54,-120 C72,-120 80,-106 79,-92 C78,-84 80,-76 82,-68 C72,-60 58,-60 47,-68 C44,-73 41,-78 38,-84 C32,-102 40,-120 54,-120 Z',
  'M77,-70 C69,-62 58,-62 51,-66',
  'M82,-68 C72,-60 58,-60 47,-68',
);
const armGlove = twoColours(
  'M38,-118 C64,-116 74,-90 79,-58 C70,-51 60,-51 54,-55 C51,-68 46,-80 40,-90 Z',
  'M54,-120 C72,-120 80,-106 79,-92 C78,-80 81,-70 84,-58 C74,-50 62,-50 53,-55 C48,-64 42,-74 38,-84 C32,-102 40,-120 54,-120 Z',
  'M79,-58 C70,-51 60,-51 54,-55',
  'M84,-58 C74,-50 62,-50 53,-55',
);

const MITTEN = 'M57,-23 C51,-13 51,1 58,8 C68,14 81,8 82,-7 C82,-16 79,-22 75,-25 C69,-20 62,-20 57,-23 Z';
const KNUCKLE: Shape = creases('M68,10 C67,4 68,0 71,-3', 'c0', Z.hands + 1);

const hand: Silhouette = {
  front: [outlineOf(MITTEN, 'c0', Z.hands), outlineOf('M62,-11 C54,-12 49,-5 52,1 C56,6 62,3 64,-4', 'c0', Z.hands + 1), KNUCKLE],
  back: [outlineOf(MITTEN, 'c0', Z.hands), KNUCKLE],
};

const HOOK: readonly Shape[] = [
  outlineOf('M56,-24 L80,-24 L77,-12 L60,-12 Z', 'c1', Z.hands),
  stroke('M68,-12 L68,-2 C68,6 78,8 79,0 C80,-4 77,-6 75,-6', 'c0', 7.6, Z.hands + 1),
  stroke('M68,-12 L68,-2 C68,6 78,8 79,0 C80,-4 77,-6 75,-6', 'ink', 9.6, Z.hands + 0.5),
];

const CUFF: readonly Shape[] = [
  outlineOf('M52,-38 C62,-32 74,-32 84,-39 L85,-22 C74,-14 62,-14 54,-20 Z', 'c0', Z.hands + 2),
  creases('M53,-29 C63,-23 74,-23 84,-30', 'c0', Z.hands + 2.5),
];
const BRACELET: readonly Shape[] = [
  stroke('M54,-27 C63,-20 74,-20 83,-27', 'ink', 7.4, Z.hands + 2),
  stroke('M54,-27 C63,-20 74,-20 83,-27', 'c0', 4, Z.hands + 2.5),
];

export const BODY: Readonly<Record<string, Silhouette>> = {
  head,
  'head-ears': earsHead,
  'head-beak': beakHead,
  torso,
  arm,
  'arm-short': armShort,
  'arm-glove': armGlove,
  hand,
  hook: { front: HOOK, back: HOOK },
  cuff: { front: CUFF, back: CUFF },
  bracelet: { front: BRACELET, back: BRACELET },
};
