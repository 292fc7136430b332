import { ellipse, type Shape } from '../shape/index.js';
import { inner, stroke } from './strokes.js';

/** Torso motifs, relative to the torso's base: hem at y = 0, shoulders at −126. `back` differs where named so. */
export const TORSO: Readonly<Record<string, { readonly front: readonly Shape[]; readonly back?: readonly Shape[] }>> = {
  neckline: {
    front: [{ d: 'M-25,-130 C-16,-106 16,-106 25,-130 Z', fill: 'm0' }, inner('M-25,-130 C-16,-106 16,-106 25,-130')],
    back: [{ d: 'M-24,-130 C-14,-118 14,-118 24,-130 Z', fill: 'm0' }, inner('M-24,-130 C-14,-118 14,-118 24,-130')],
  },
  'neckline-v': { front: [{ d: 'M-17,-130 L0,-92 L17,-130 Z', fill: 'm0' }, inner('M-17,-130 L0,-92 L17,-130')], back: [] },
  'tunic-diamonds': {
    front: [
      { d: 'M-60,-14 L60,-14 L60,8 L-60,8 Z', fill: 'm1' },
      { d: 'M-38,-28 l10,-9 l10,9 l-10,9 Z M18,-88 l10,-9 l10,9 l-10,9 Z M-4,-54 l10,-9 l10,9 l-10,9 Z', fill: 'm0' },
      inner('M-60,-14 L60,-14'),
    ],
  },
  'sash-diagonal': {
    front: [{ d: 'M-60,-104 L-44,-120 L62,-38 L62,-18 Z', fill: 'm0' }, inner('M-60,-104 L62,-18 M-44,-120 L62,-38')],
    back: [{ d: 'M60,-104 L44,-120 L-62,-38 L-62,-18 Z', fill: 'm0' }, inner('M60,-104 L-62,-18 M44,-120 L-62,-38')],
  },
  'hoop-stripes': {
    front: [
      { d: 'M-60,-106 L60,-106 L60,-90 L-60,-90 Z M-60,-74 L60,-74 L60,-58 L-60,-58 Z M-60,-42 L60,-42 L60,-26 L-60,-26 Z', fill: 'm0' },
    ],
  },
  'crew-jacket': {
    front: [
      { d: 'M-14,-130 L0,-92 L14,-130 Z', fill: 'm1' },
      { d: 'M-24,-130 L-14,-130 L0,-90 L-9,-80 L-36,-110 Z', fill: 'm0', mirror: true },
      inner('M-14,-130 L0,-90 L-9,-80 L-36,-110 M14,-130 L0,-90 L9,-80 L36,-110 M0,-90 L0,6'),
      { d: `${ellipse(8, -70, 3, 3)} ${ellipse(8, -50, 3, 3)} ${ellipse(8, -30, 3, 3)}`, fill: 'm2', line: 'inner', lineOf: 'ink' },
      { d: 'M-60,-15 L60,-15 L60,-7 L-60,-7 Z', fill: 'm0' },
      inner('M-40,-42 L-18,-42 L-18,-22 L-40,-22 Z'),
    ],
    back: [{ d: 'M-60,-15 L60,-15 L60,-7 L-60,-7 Z', fill: 'm0' }, inner('M-44,-96 C-20,-88 20,-88 44,-96 M0,-92 L0,-18')],
  },
  'sailor-collar': {
    front: [
      { d: 'M-44,-122 L-15,-130 L0,-88 L15,-130 L44,-122 L40,-98 L0,-66 L-40,-98 Z', fill: 'm0' },
      stroke('M-37,-100 L0,-71 L37,-100', 'm1', 2.4),
      inner('M-40,-100 L0,-66 L40,-100 M-15,-130 L0,-88 L15,-130'),
      { d: 'M0,-74 L8,-66 L6,-34 L0,-28 L-6,-34 L-8,-66 Z', fill: 'm1', line: 'inner', lineOf: 'ink' },
    ],
    back: [
      { d: 'M-46,-128 L46,-128 L42,-82 L-42,-82 Z', fill: 'm0' },
      stroke('M-38,-126 L-36,-87 L36,-87 L38,-126', 'm1', 2.4),
      inner('M-46,-128 L-42,-82 L42,-82 L46,-128'),
    ],
  },
  'post-coat': {
    front: [
      { d: 'M-15,-130 L0,-98 L15,-130 Z', fill: 'm1' },
      { d: 'M-30,-128 L-15,-130 L0,-98 L-14,-76 L-38,-96 Z', fill: 'm0', mirror: true },
      inner('M-15,-130 L0,-98 L-14,-76 L-38,-96 M15,-130 L0,-98 L14,-76 L38,-96 M-14,-76 L-18,6 M14,-76 L18,6'),
      {
        d: [-62, -42, -22].map((y) => `${ellipse(-8, y, 3.2, 3.2)} ${ellipse(8, y, 3.2, 3.2)}`).join(' '),
        fill: 'm2',
        line: 'inner',
        lineOf: 'ink',
      },
    ],
    back: [
      inner('M0,-100 L0,6 M-46,-96 C-20,-86 20,-86 46,-96'),
      { d: 'M-22,-26 L22,-26 L22,-17 L-22,-17 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
      { d: `${ellipse(-15, -21.5, 3, 3)} ${ellipse(15, -21.5, 3, 3)}`, fill: 'm2', line: 'inner', lineOf: 'ink' },
    ],
  },
  waistcoat: {
    front: [
      { d: 'M-22,-130 C-16,-110 -8,-92 0,-78 C8,-92 16,-110 22,-130 Z', fill: 'm1' },
      { d: 'M-26,-130 L-16,-130 L-8,-112 L-20,-104 Z', fill: 'm1', line: 'inner', lineOf: 'ink', mirror: true },
      inner('M-22,-124 C-16,-106 -8,-92 0,-78 C8,-92 16,-106 22,-124 M0,-78 L0,-12 L-12,6 M0,-12 L12,6'),
      { d: [-62, -46, -30].map((y) => ellipse(6, y, 2.6, 2.6)).join(' '), fill: 'm2', line: 'inner', lineOf: 'ink' },
      inner('M-42,-40 L-22,-36 M42,-40 L22,-36'),
    ],
    back: [inner('M0,-104 L0,6'), { d: 'M-20,-36 L20,-36 L20,-29 L-20,-29 Z', fill: 'm0', line: 'inner', lineOf: 'ink' }],
  },
  'knit-rows': {
    front: [
      { d: 'M-30,-130 C-20,-112 20,-112 30,-130 L36,-126 C24,-102 -24,-102 -36,-126 Z', fill: 'm1', line: 'inner', lineOf: 'ink' },
      {
        d: 'M-60,-82 L-48,-92 L-36,-82 L-24,-92 L-12,-82 L0,-92 L12,-82 L24,-92 L36,-82 L48,-92 L60,-82 L60,-72 L48,-82 L36,-72 L24,-82 L12,-72 L0,-82 L-12,-72 L-24,-82 L-36,-72 L-48,-82 L-60,-72 Z',
        fill: 'm0',
      },
      { d: [-54, -36, -18, 0, 18, 36, 54].map((x) => `M${x - 5},-56 l5,-5 l5,5 l-5,5 Z`).join(' '), fill: 'm0' },
      { d: 'M-60,-12 L60,-12 L60,8 L-60,8 Z', fill: 'm1' },
      inner('M-60,-12 L60,-12 M-40,-12 L-40,6 M-20,-12 L-20,6 M0,-12 L0,6 M20,-12 L20,6 M40,-12 L40,6'),
    ],
  },
  apron: {
    front: [
      { d: 'M-28,-96 L28,-96 C30,-70 40,-50 46,-44 L50,8 L-50,8 L-46,-44 C-40,-50 -30,-70 -28,-96 Z', fill: 'm0' },
      inner('M-28,-96 L28,-96 C30,-70 40,-50 46,-44 L50,8 M-28,-96 C-30,-70 -40,-50 -46,-44 L-50,8'),
      stroke('M-26,-96 L-20,-130 M26,-96 L20,-130', 'm0', 6),
      inner('M-24,-40 L24,-40 L22,-14 L-22,-14 Z M0,-40 L0,-14'),
    ],
    back: [
      stroke('M-24,-130 L26,-44 M24,-130 L-26,-44', 'm0', 6),
      { d: 'M-60,-46 L60,-46 L60,-36 L-60,-36 Z', fill: 'm0' },
      { d: 'M0,-42 C-14,-54 -22,-44 -18,-36 Z M0,-42 C14,-54 22,-44 18,-36 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
    ],
  },
  belt: {
    front: [
      { d: 'M-60,-17 L60,-17 L60,-5 L-60,-5 Z', fill: 'm0' },
      inner('M-60,-17 L60,-17 M-60,-5 L60,-5'),
      { d: 'M-9,-19 L9,-19 L9,-3 L-9,-3 Z', fill: 'm1', line: 'inner', lineOf: 'ink' },
      { d: 'M-4,-14 L4,-14 L4,-8 L-4,-8 Z', fill: 'm0' },
    ],
    back: [{ d: 'M-60,-17 L60,-17 L60,-5 L-60,-5 Z', fill: 'm0' }, inner('M-60,-17 L60,-17 M-60,-5 L60,-5')],
  },
  'bird-badge': {
    front: [
      {
        d: 'M-40,-74 C-36,-86 -26,-88 -22,-80 L-14,-84 L-20,-74 C-20,-66 -28,-62 -36,-64 L-42,-58 Z',
        fill: 'm0',
        line: 'inner',
        lineOf: 'ink',
      },
    ],
    back: [
      { d: 'M-26,-66 C-18,-92 4,-96 12,-78 L32,-88 L18,-66 C18,-48 -2,-40 -18,-46 L-32,-32 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
    ],
  },
  'stamp-badge': {
    front: [
      { d: 'M-40,-80 L-20,-80 L-20,-58 L-40,-58 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
      { d: 'M-30,-75 L-26,-69 L-30,-63 L-34,-69 Z', fill: 'm1' },
    ],
    back: [
      { d: 'M-20,-88 L20,-88 L20,-48 L-20,-48 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
      { d: 'M0,-80 L9,-68 L0,-56 L-9,-68 Z', fill: 'm1' },
    ],
  },
  braces: {
    front: [stroke('M-30,-124 L-26,4 M30,-124 L26,4', 'm0', 7), { d: 'M-31,-36 L-22,-36 L-22,-26 L-31,-26 Z', fill: 'm1', mirror: true }],
    back: [stroke('M-30,-124 L0,-50 L30,-124 M0,-50 L0,4', 'm0', 7)],
  },
  neckerchief: {
    front: [
      {
        d: 'M-32,-130 C-18,-112 18,-112 32,-130 L24,-108 L6,-98 L12,-76 L0,-84 L-12,-76 L-6,-98 L-24,-108 Z',
        fill: 'm0',
        line: 'inner',
        lineOf: 'ink',
      },
    ],
    back: [{ d: 'M-34,-130 L34,-130 L0,-86 Z', fill: 'm0', line: 'inner', lineOf: 'ink' }],
  },
  'shirt-buttons': {
    front: [
      inner('M0,-120 L0,6'),
      { d: [-98, -76, -54, -32].map((y) => ellipse(0, y, 2.4, 2.4)).join(' '), fill: 'm0', line: 'inner', lineOf: 'ink' },
      { d: 'M-20,-130 L0,-118 L20,-130 L24,-118 L8,-106 L0,-116 L-8,-106 L-24,-118 Z', fill: 'm1', line: 'inner', lineOf: 'ink' },
    ],
    back: [inner('M-46,-98 C-20,-90 20,-90 46,-98')],
  },
};
