import { allRound, ellipse, outlineOf, type Silhouette, tone, Z } from '../../shape/index.js';
import { deer, fish } from './creatures.js';
import { gown, skirt, sloped } from './skirts.js';
import { hips, leg, peg, trousers } from './trousers.js';
import { BOOT, PLATE, SIDE_BOOT, SIDE_PLATE, STUD } from './underfoot.js';

export const LEGS: Readonly<Record<string, Silhouette>> = {
  legs: trousers(130),
  'legs-mid': trousers(106),
  'legs-short': trousers(78),
  hips,
  leg,
  peg,
  skirt,
  gown,
  'sloped-dress': sloped,
  'deer-body': deer,
  'fish-tail': fish,
  'foot-plate': { front: PLATE, back: PLATE, side: SIDE_PLATE },
  'foot-stud': allRound(STUD),
  'boot-extension': { front: BOOT, back: BOOT, side: SIDE_BOOT },
  'stand-plate': allRound([
    outlineOf('M-96,-6 C-60,-14 60,-14 96,-6 L96,6 C60,14 -60,14 -96,6 Z', 'c0', Z.farBehind - 2),
    tone(ellipse(0, -3, 84, 5), 'light', Z.farBehind - 1),
  ]),
  'stand-flying': allRound([
    outlineOf('M-50,-2 C-30,-10 30,-10 50,-2 L50,8 C30,14 -30,14 -50,8 Z', 'c0', Z.farBehind - 2),
    outlineOf('M-4,-2 C-10,-50 6,-90 0,-140 L8,-140 C14,-90 -2,-50 4,-2 Z', 'c0', Z.farBehind - 3),
  ]),
};
