import { Z, type Silhouette } from '../shape.js';

export const HEAD_OUTLINE =
  'M0,-88 C33,-88 50,-81 51,-55 C52,-34 50,-18 43,-9 C35,0 19,1 0,1 C-19,1 -35,0 -43,-9 C-50,-18 -52,-34 -51,-55 C-50,-81 -33,-88 0,-88 Z';

const NECK_POST = 'M-14,-4 L14,-4 L15,14 L-15,14 Z';

const head: Silhouette = {
  outline: HEAD_OUTLINE,
  front: [
    { d: NECK_POST, fill: 'c0', line: 'outer', z: Z.neckPost },
    { d: HEAD_OUTLINE, fill: 'c0', z: Z.head },
    { d: 'M30,-90 C46,-66 45,-24 27,2 L60,2 L60,-90 Z', fill: 'shade', z: Z.head },
    { d: HEAD_OUTLINE, fill: 'none', line: 'outer', z: Z.head + 2 },
  ],
  back: [
    { d: NECK_POST, fill: 'c0', line: 'outer', z: Z.neckPost },
    { d: HEAD_OUTLINE, fill: 'c0', z: Z.head },
    { d: 'M-30,-90 C-46,-66 -45,-24 -27,2 L-60,2 L-60,-90 Z', fill: 'shade', z: Z.head },
    { d: HEAD_OUTLINE, fill: 'none', line: 'outer', z: Z.head + 2 },
  ],
};

const TORSO_OUTLINE =
  'M-18,-126 C-40,-124 -53,-113 -53,-97 C-53,-73 -47,-54 -50,-33 C-52,-19 -55,-8 -57,1 C-30,7 30,7 57,1 C55,-8 52,-19 50,-33 C47,-54 53,-73 53,-97 C53,-113 40,-124 18,-126 Z';

const torso: Silhouette = {
  outline: TORSO_OUTLINE,
  front: [
    { d: TORSO_OUTLINE, fill: 'c0', z: Z.torso },
    { d: 'M36,-130 C44,-80 39,-40 47,6 L70,6 L70,-130 Z', fill: 'shade', z: Z.torso + 2 },
    { d: TORSO_OUTLINE, fill: 'none', line: 'outer', z: Z.torso + 3 },
  ],
  back: [
    { d: TORSO_OUTLINE, fill: 'c0', z: Z.torso },
    { d: 'M-36,-130 C-44,-80 -39,-40 -47,6 L-70,6 L-70,-130 Z', fill: 'shade', z: Z.torso + 2 },
    { d: TORSO_OUTLINE, fill: 'none', line: 'outer', z: Z.torso + 3 },
  ],
};

/** Arms are drawn for the side at +x; the other side is the same shape mirrored. */
const ARM_OUTLINE = 'M38,-118 C64,-116 75,-88 80,-51 C82,-34 82,-25 76,-20 C66,-14 57,-19 55,-31 C52,-56 48,-76 40,-90 Z';

const ARM_SHAPES = [
  { d: ARM_OUTLINE, fill: 'c0', z: Z.arms },
  { d: 'M62,-104 C70,-86 74,-58 76,-20 L90,-18 L88,-104 Z', fill: 'shade', z: Z.arms + 2 },
  { d: ARM_OUTLINE, fill: 'none', line: 'outer', z: Z.arms + 3 },
] as const;

const arm: Silhouette = {
  outline: ARM_OUTLINE,
  front: [...ARM_SHAPES, { d: 'M56,-30 C62,-24 73,-24 80,-31', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.arms + 2 }],
  back: [...ARM_SHAPES, { d: 'M56,-30 C62,-24 73,-24 80,-31', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.arms + 2 }],
};

const SHORT_SLEEVE = 'M38,-118 C64,-116 72,-96 77,-70 C69,-62 58,-62 51,-66 C48,-76 45,-83 40,-90 Z';

const armShort: Silhouette = {
  outline: ARM_OUTLINE,
  front: [
    { d: ARM_OUTLINE, fill: 'c1', z: Z.arms },
    { d: SHORT_SLEEVE, fill: 'c0', z: Z.arms },
    { d: 'M62,-104 C70,-86 74,-58 76,-20 L90,-18 L88,-104 Z', fill: 'shade', z: Z.arms + 1 },
    { d: 'M77,-70 C69,-62 58,-62 51,-66', fill: 'none', line: 'inner', lineOf: 'ink', z: Z.arms + 2 },
    { d: ARM_OUTLINE, fill: 'none', line: 'outer', z: Z.arms + 3 },
  ],
  back: [
    { d: ARM_OUTLINE, fill: 'c1', z: Z.arms },
    { d: SHORT_SLEEVE, fill: 'c0', z: Z.arms },
    { d: 'M77,-70 C69,-62 58,-62 51,-66', fill: 'none', line: 'inner', lineOf: 'ink', z: Z.arms + 2 },
    { d: ARM_OUTLINE, fill: 'none', line: 'outer', z: Z.arms + 3 },
  ],
};

const MITTEN = 'M57,-23 C51,-13 51,1 58,8 C68,14 81,8 82,-7 C82,-16 79,-22 75,-25 C69,-20 62,-20 57,-23 Z';
const THUMB = 'M62,-11 C54,-12 49,-5 52,1 C56,6 62,3 64,-4';

const hand: Silhouette = {
  front: [
    { d: MITTEN, fill: 'c0', line: 'outer', z: Z.hands },
    { d: THUMB, fill: 'c0', line: 'outer', z: Z.hands + 1 },
    { d: 'M68,10 C67,4 68,0 71,-3', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.hands + 1 },
  ],
  back: [
    { d: MITTEN, fill: 'c0', line: 'outer', z: Z.hands },
    { d: 'M68,10 C67,4 68,0 71,-3', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.hands + 1 },
  ],
};

export const BODY: Readonly<Record<string, Silhouette>> = { head, torso, arm, 'arm-short': armShort, hand };
