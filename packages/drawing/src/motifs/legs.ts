import { ellipse } from '../shape/index.js';
import { area, flat, inner, type Sides, stroke } from './strokes.js';

/** Leg motifs, relative to the ground; hips at y = −130. `back` differs where named so. */
export const LEGS: Readonly<Record<string, Sides>> = {
  'coat-tails': {
    front: [
      { d: 'M-54,-134 L-16,-134 C-18,-110 -26,-84 -38,-70 L-58,-76 Z', fill: 'm0', mirror: true },
      inner('M-16,-134 C-18,-110 -26,-84 -38,-70 L-58,-76 M16,-134 C18,-110 26,-84 38,-70 L58,-76'),
    ],
    back: [
      { d: 'M-56,-134 L-2,-134 L-6,-62 L-58,-70 Z', fill: 'm0', mirror: true },
      inner('M-2,-134 L-6,-62 L-58,-70 M2,-134 L6,-62 L58,-70'),
    ],
  },
  'tunic-skirt': {
    front: [
      { d: 'M-60,-138 L60,-138 L62,-96 L0,-90 L-62,-96 Z', fill: 'm0' },
      { d: 'M-62,-104 L0,-98 L62,-104 L62,-96 L0,-90 L-62,-96 Z', fill: 'm1' },
      inner('M-62,-96 L0,-90 L62,-96'),
    ],
  },
  'apron-skirt': {
    front: [
      { d: 'M-44,-138 L44,-138 C46,-110 48,-90 50,-66 L-50,-66 C-48,-90 -46,-110 -44,-138 Z', fill: 'm0' },
      inner('M-44,-134 C-46,-110 -48,-90 -50,-66 L50,-66 C48,-90 46,-110 44,-134'),
    ],
    back: [],
  },
  'side-stripe': { front: [{ ...stroke('M47,-130 C48,-86 46,-56 52,-22', 'm0', 5), mirror: true }] },
  'knee-patch': {
    front: [
      { d: 'M16,-76 L40,-78 L42,-54 L18,-52 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
      { d: 'M19,-73 L37,-75 L39,-57 L21,-55 Z', fill: 'none', line: 'inner', lineOf: 'm0' },
    ],
    back: [],
  },
  'tall-boots': {
    front: [
      { d: 'M2,-58 C18,-52 36,-52 54,-58 L60,-14 L2,-14 Z', fill: 'm0', mirror: true },
      { ...inner('M4,-58 C18,-52 36,-52 51,-58'), mirror: true },
    ],
  },
  'skirt-border': { front: [{ d: 'M-90,-50 C-50,-38 50,-38 90,-50 L90,-40 C50,-28 -50,-28 -90,-40 Z', fill: 'm0' }] },
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
