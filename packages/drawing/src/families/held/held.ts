import { allRound, creases, ellipse, outlineOf, type Silhouette, Z } from '../../shape/index.js';
import { hollow, inner, same, shaft, solid, tilt } from './strokes.js';

const lanternPole = same([
  { d: 'M-3.5,{ground} L-3.5,-120 L3.5,-120 L3.5,{ground} Z', fill: 'c0', line: 'outer', z: Z.held },
  outlineOf('M-20,-156 L20,-156 L26,-116 L-26,-116 Z', 'c1', Z.held + 1),
  outlineOf('M-26,-116 L26,-116 L16,-104 L-16,-104 Z', 'c0', Z.held + 1),
  outlineOf('M-22,-156 L22,-156 L12,-168 L-12,-168 Z', 'c0', Z.held + 1),
  { d: 'M0,-148 C9,-138 8,-128 0,-124 C-8,-128 -9,-138 0,-148 Z', fill: 'white', z: Z.held + 2, opacity: 0.75 },
  creases('M-9,-156 L-12,-116 M9,-156 L12,-116', 'c1', Z.held + 2),
]);

const oar = same([
  { d: 'M-3.5,{ground} L-3.5,-140 L3.5,-140 L3.5,{ground} Z', fill: 'c0', line: 'outer', z: Z.held },
  outlineOf(
    'M0,-238 C15,-236 19,-214 17,-190 C15,-168 10,-150 3.5,-138 L-3.5,-138 C-10,-150 -15,-168 -17,-190 C-19,-214 -15,-236 0,-238 Z',
    'c1',
    Z.held + 1,
  ),
  outlineOf('M-17,-206 C-6,-200 6,-200 17,-206 L16,-184 C6,-178 -6,-178 -16,-184 Z', 'c0', Z.held + 2),
]);

const drumsticks = same([
  outlineOf('M-3,6 L26,-64 L32,-62 L4,10 Z', 'c0', Z.held),
  outlineOf('M30,-76 C37,-76 40,-70 38,-64 C36,-59 28,-59 25,-63 C22,-69 24,-76 30,-76 Z', 'c1', Z.held + 1),
]);

const letter = same([
  outlineOf('M-6,-10 L38,-18 L44,12 L0,20 Z', 'c0', Z.held),
  creases('M-6,-10 L20,6 L38,-18', 'c0', Z.held + 1),
  outlineOf('M20,0 C25,-1 28,3 27,8 C26,12 20,13 17,10 C14,6 15,1 20,0 Z', 'c1', Z.held + 2),
]);

const spyglass = same([
  outlineOf(tilt('M-7,14 L-9,-20 L9,-20 L7,14 Z', 28), 'c0', Z.held),
  outlineOf(tilt('M-10,-18 L-11,-54 L11,-54 L10,-18 Z', 28), 'c1', Z.held + 1),
  outlineOf(tilt('M-14,-52 L-14,-66 L14,-66 L14,-52 Z', 28), 'c0', Z.held + 2),
]);

/** Held things, by the name of the silhouette. */
export const HELD: Readonly<Record<string, Silhouette>> = {
  'lantern-pole': lanternPole,
  oar,
  drumsticks,
  letter,
  spyglass,
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
