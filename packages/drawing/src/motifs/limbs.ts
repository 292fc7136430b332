import { ellipse } from '../outline.js';
import type { Shape } from '../shape.js';
import { area, dots, flat, inner, stroke, type Sides } from './strokes.js';

/** Arm motifs, for the side at +x, relative to the torso's base. */
export const MORE_ARM: Readonly<Record<string, readonly Shape[]>> = {
  'elbow-patch': [area('M58,-76 C66,-80 74,-74 76,-64 C72,-56 62,-56 58,-62 Z', 'm0')],
  'fur-cuff': [{ d: 'M48,-48 C58,-40 74,-40 88,-50 L90,-28 C76,-16 58,-16 50,-26 Z', fill: 'm0', line: 'inner', lineOf: 'm0' }],
  'arm-hoops': [flat('M36,-102 L86,-104 L86,-92 L38,-88 Z M40,-76 L88,-82 L90,-70 L46,-62 Z M48,-50 L90,-58 L92,-46 L52,-36 Z', 'm0')],
  'arm-checks': [
    { ...stroke('M52,-118 L66,-20 M66,-116 L80,-20 M36,-98 L84,-98 M40,-74 L88,-76 M46,-50 L88,-54', 'm0', 4), opacity: 0.75 },
  ],
  'sleeve-badge': [area('M56,-104 L68,-100 L68,-86 L62,-80 L56,-86 Z', 'm0'), flat(ellipse(62, -94, 2.6, 2.6), 'm1')],
  'arm-tattoo': [stroke('M66,-58 L68,-42 M61,-54 L73,-56 M61,-46 C64,-40 72,-40 75,-47', 'm0', 2.2)],
  'sleeve-garter': [flat('M44,-84 C56,-78 68,-80 78,-84 L79,-76 C68,-70 56,-70 46,-75 Z', 'm0')],
  rivets: [
    area(
      dots(
        [
          [58, -104],
          [66, -84],
          [70, -62],
          [72, -42],
        ],
        3,
      ),
      'm0',
    ),
  ],
};

/** Leg motifs are written for a standard leg, 130 high, relative to the ground. */
export const MORE_LEG: Readonly<Record<string, Sides>> = {
  'overall-legs': {
    front: [
      flat('M-62,-138 L62,-138 L62,-18 L-62,-18 Z', 'm0'),
      inner('M-44,-112 L-22,-108 M44,-112 L22,-108 M26,-108 L28,-22 M-26,-108 L-28,-22'),
    ],
    back: [
      flat('M-62,-138 L62,-138 L62,-18 L-62,-18 Z', 'm0'),
      inner('M-42,-118 L-14,-118 L-14,-96 L-28,-90 L-42,-96 Z M42,-118 L14,-118 L14,-96 L28,-90 L42,-96 Z'),
    ],
  },
  'robe-hem': {
    front: [
      flat('M-62,-138 L62,-138 L66,-66 L8,-66 L-66,-72 Z', 'm0'),
      area('M4,-134 L16,-134 L20,-66 L8,-66 Z', 'm1'),
      inner('M-66,-72 L8,-66 L66,-66'),
    ],
    back: [flat('M-62,-138 L62,-138 L66,-66 L-66,-66 Z', 'm0'), inner('M-66,-66 L66,-66')],
  },
  'parka-hem': {
    front: [
      flat('M-62,-138 L62,-138 L62,-94 L-62,-94 Z', 'm0'),
      { d: 'M-62,-102 L62,-102 L62,-88 L-62,-88 Z', fill: 'm1', line: 'inner', lineOf: 'm1' },
      inner('M0,-134 L0,-102'),
    ],
  },
  'jacket-hem': {
    front: [flat('M-62,-138 L-3,-138 L-8,-108 L-62,-104 Z', 'm0', true), inner('M-3,-134 L-8,-108 L-62,-104 M3,-134 L8,-108 L62,-104')],
    back: [flat('M-62,-138 L62,-138 L62,-104 L-62,-104 Z', 'm0'), inner('M-62,-104 L62,-104 M0,-134 L0,-104')],
  },
  'knee-pads': {
    front: [area('M14,-78 C22,-84 36,-84 42,-78 L42,-56 C36,-50 22,-50 16,-56 Z', 'm0', true), stroke('M4,-66 L54,-66', 'm1', 3)],
    back: [],
  },
  'pocket-flaps': {
    front: [area('M26,-92 L50,-92 L50,-80 L26,-80 Z', 'm0', true), inner('M28,-80 L28,-60 L50,-60'), inner('M-28,-80 L-28,-60 L-50,-60')],
    back: [area('M14,-122 L40,-122 L40,-110 L14,-110 Z', 'm0', true)],
  },
  'checked-legs': {
    front: [
      { ...stroke('M14,-134 L18,-20 M30,-134 L36,-20 M46,-134 L52,-20', 'm0', 4), opacity: 0.75, mirror: true },
      { ...stroke('M-60,-112 L60,-112 M-60,-88 L60,-88 M-60,-64 L60,-64 M-60,-40 L60,-40', 'm0', 4), opacity: 0.75 },
    ],
  },
  'striped-legs': { front: [{ ...stroke('M12,-134 L14,-20 M24,-134 L28,-20 M36,-134 L42,-20 M47,-134 L54,-20', 'm0', 3), mirror: true }] },
  'rolled-hems': { front: [area('M0,-36 L60,-38 L62,-22 L0,-22 Z', 'm0', true)] },
  'leg-straps': {
    front: [stroke('M2,-98 L56,-94 M2,-80 L56,-76', 'm0', 5), area('M38,-104 L52,-103 L52,-68 L38,-70 Z', 'm0')],
    back: [stroke('M-2,-98 L-56,-94 M-2,-80 L-56,-76', 'm0', 5)],
  },
  'hip-belt': {
    front: [
      flat('M-60,-136 L60,-136 L60,-122 L-60,-122 Z', 'm0'),
      inner('M-60,-122 L60,-122'),
      area('M-9,-136 L9,-136 L9,-120 L-9,-120 Z', 'm1'),
    ],
  },
  'lace-boots': {
    front: [
      flat('M2,-50 C18,-44 36,-44 56,-50 L60,-14 L2,-14 Z', 'm0', true),
      { ...stroke('M20,-44 L36,-36 M36,-44 L20,-36 M20,-34 L36,-26 M36,-34 L20,-26', 'm1', 1.8), mirror: true },
      { ...inner('M4,-50 C18,-44 36,-44 51,-50'), mirror: true },
    ],
  },
  'water-line': {
    front: [
      flat('M-66,-54 C-50,-60 -40,-48 -26,-54 C-12,-60 -4,-50 4,-54 C12,-60 26,-48 40,-54 C50,-60 58,-52 66,-56 L66,-14 L-66,-14 Z', 'm0'),
    ],
  },
  'leg-armour': {
    front: [
      area('M12,-64 C20,-70 40,-70 50,-64 L56,-26 L10,-26 Z', 'm0', true),
      area(ellipse(30, -74, 11, 10), 'm0', true),
      { ...inner('M32,-60 L34,-28', 'ink'), mirror: true },
    ],
    back: [],
  },
  'flour-dust': {
    front: [
      {
        d: 'M14,-112 C24,-118 40,-112 40,-100 C34,-90 18,-92 14,-102 Z M-36,-86 C-26,-92 -14,-86 -16,-76 C-22,-68 -36,-72 -36,-86 Z',
        fill: 'm0',
        opacity: 0.6,
      },
    ],
    back: [],
  },
};

/** Motifs for skirts and gowns, which hang lower and wider; relative to the ground. */
export const CLOTH: Readonly<Record<string, Sides>> = {
  'hem-flowers': {
    front: [
      flat(
        dots(
          [
            [-72, -44],
            [-44, -36],
            [-14, -34],
            [14, -34],
            [44, -36],
            [72, -44],
          ],
          7,
        ),
        'm0',
      ),
      flat(
        dots(
          [
            [-72, -44],
            [-44, -36],
            [-14, -34],
            [14, -34],
            [44, -36],
            [72, -44],
          ],
          2.6,
        ),
        'm1',
      ),
    ],
  },
  'skirt-panels': { front: [area('M-24,-136 L24,-136 L36,-20 L-36,-20 Z', 'm0')], back: [] },
  'skirt-waves': {
    front: [
      stroke('M-90,-66 C-70,-78 -58,-56 -40,-66 C-22,-76 -14,-58 0,-66 C14,-76 22,-58 40,-66 C58,-76 70,-56 90,-66', 'm0', 5),
      stroke('M-90,-50 C-70,-62 -58,-40 -40,-50 C-22,-60 -14,-42 0,-50 C14,-60 22,-42 40,-50 C58,-60 70,-40 90,-50', 'm1', 4),
    ],
  },
  'skirt-checks': {
    front: [
      {
        ...stroke('M-26,-134 L-44,-20 M0,-134 L0,-20 M26,-134 L44,-20 M-90,-104 L90,-104 M-90,-76 L90,-76 M-90,-48 L90,-48', 'm0', 4),
        opacity: 0.7,
      },
    ],
  },
};
