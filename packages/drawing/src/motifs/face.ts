import { ellipse } from '../outline.js';
import type { Shape } from '../shape.js';

const eyeball: readonly Shape[] = [
  { d: `${ellipse(-18, -42, 4.6, 6.6)} ${ellipse(18, -42, 4.6, 6.6)}`, fill: 'ink' },
  { d: `${ellipse(-16.4, -44.8, 1.7, 1.9)} ${ellipse(19.6, -44.8, 1.7, 1.9)}`, fill: 'white' },
];

const stroke = (d: string, fill: Shape['fill'], width: number): Shape => ({ d, fill, line: 'stroke', width });

/** Face motifs, relative to the head's base: eyes at y = −42, brows at −58, mouth at −20. */
export const FACE: Readonly<Record<string, readonly Shape[]>> = {
  'eyes-open': eyeball,
  'eyes-lashes': [...eyeball, { ...stroke('M12,-48 C15,-51 22,-51 25,-46 L29,-49', 'ink', 2.2), mirror: true }],
  'eyes-wide': [
    { d: `${ellipse(-18, -43, 7.5, 8.5)} ${ellipse(18, -43, 7.5, 8.5)}`, fill: 'white', line: 'inner', lineOf: 'ink' },
    { d: `${ellipse(-17, -42, 3.6, 4.8)} ${ellipse(17, -42, 3.6, 4.8)}`, fill: 'ink' },
    { d: `${ellipse(-15.6, -44, 1.4, 1.5)} ${ellipse(18.4, -44, 1.4, 1.5)}`, fill: 'white' },
  ],
  'eyes-tired': [
    ...eyeball,
    { ...stroke('M10,-46 C14,-49 22,-49 26,-45', 'ink', 2.6), mirror: true },
    { ...stroke('M12,-33 C16,-31 21,-31 24,-33', 'ink', 1.3), mirror: true, opacity: 0.5 },
  ],
  'eyes-smiling': [{ ...stroke('M10,-40 C13,-48 23,-48 26,-40', 'ink', 3), mirror: true }],
  'eyes-shut': [{ ...stroke('M10,-43 C14,-37 22,-37 26,-43', 'ink', 2.6), mirror: true }],
  brows: [{ ...stroke('M9,-58 C14,-63 22,-63 28,-57', 'm0', 3.6), mirror: true }],
  'brows-thick': [{ ...stroke('M8,-58 C14,-64 23,-64 29,-56', 'm0', 6), mirror: true }],
  'brows-stern': [{ ...stroke('M8,-54 C14,-57 22,-61 28,-61', 'm0', 4), mirror: true }],
  'brows-raised': [{ ...stroke('M9,-63 C14,-69 22,-69 28,-63', 'm0', 3.6), mirror: true }],
  'brows-worried': [{ ...stroke('M9,-63 C15,-63 22,-60 28,-56', 'm0', 3.6), mirror: true }],
  'brows-uneven': [stroke('M-28,-62 C-22,-68 -14,-67 -9,-62', 'm0', 3.6), stroke('M9,-57 C14,-60 22,-60 28,-57', 'm0', 3.6)],
  'mouth-smile': [stroke('M-14,-22 C-7,-14 7,-14 15,-24', 'ink', 2.4)],
  'mouth-soft': [stroke('M-10,-20 C-4,-16 5,-16 11,-21', 'ink', 2.4)],
  'mouth-grin': [
    { d: 'M-17,-26 C-8,-22 8,-22 17,-26 C16,-12 8,-7 0,-7 C-8,-7 -16,-12 -17,-26 Z', fill: 'm1', line: 'inner', lineOf: 'ink' },
    { d: 'M-15,-25 C-7,-21 7,-21 15,-25 C15,-20 14,-18 13,-17 C5,-14 -5,-14 -13,-17 C-14,-18 -15,-20 -15,-25 Z', fill: 'white' },
  ],
  'mouth-lips': [
    { d: 'M-12,-21 C-7,-25 -3,-25 0,-22 C3,-25 7,-25 12,-21 C7,-13 -7,-13 -12,-21 Z', fill: 'm0' },
    stroke('M-12,-21 C-5,-19 5,-19 12,-21', 'ink', 1.3),
  ],
  'mouth-flat': [stroke('M-11,-18 L11,-18', 'ink', 2.4), { ...stroke('M-4,-11 L5,-11', 'ink', 1.3), opacity: 0.5 }],
  'mouth-frown': [stroke('M-11,-14 C-6,-20 6,-20 11,-14', 'ink', 2.4)],
  'mouth-oh': [{ d: ellipse(0, -16, 5.5, 7), fill: 'm0', line: 'inner', lineOf: 'ink' }],
  'mouth-shout': [
    { d: 'M-14,-25 C-5,-28 7,-28 15,-25 C18,-14 10,-6 0,-6 C-10,-6 -17,-14 -14,-25 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
    { d: 'M-8,-9 C-3,-14 5,-14 9,-9 C4,-6 -4,-6 -8,-9 Z', fill: 'm1' },
  ],
  'glasses-round': [
    { d: ellipse(18, -42, 13, 12.5), fill: 'white', mirror: true, opacity: 0.28 },
    { ...stroke(ellipse(18, -42, 13, 12.5), 'm0', 2.6), mirror: true },
    stroke('M-6,-44 C-2,-47 2,-47 6,-44', 'm0', 2.6),
    { ...stroke('M31,-44 L46,-48', 'm0', 2.4), mirror: true },
  ],
  'glasses-square': [
    { ...stroke('M6,-52 L31,-52 L30,-34 C22,-31 13,-31 7,-34 Z', 'm0', 3), mirror: true },
    stroke('M-6,-48 L6,-48', 'm0', 2.6),
    { ...stroke('M31,-48 L47,-52', 'm0', 2.4), mirror: true },
  ],
  freckles: [
    {
      d: `${ellipse(25, -31, 1.3, 1.3)} ${ellipse(31, -33, 1.3, 1.3)} ${ellipse(29, -27, 1.3, 1.3)} ${ellipse(36, -29, 1.2, 1.2)}`,
      fill: 'm0',
      mirror: true,
      opacity: 0.75,
    },
    { d: `${ellipse(-3, -33, 1.1, 1.1)} ${ellipse(4, -32, 1.1, 1.1)}`, fill: 'm0', opacity: 0.7 },
  ],
  cheeks: [{ d: ellipse(30, -28, 7, 4.6), fill: 'm0', mirror: true, opacity: 0.3 }],
  moustache: [
    {
      d: 'M0,-27 C6,-32 16,-31 24,-22 C16,-21 6,-20 0,-24 C-6,-20 -16,-21 -24,-22 C-16,-31 -6,-32 0,-27 Z',
      fill: 'm0',
      line: 'inner',
      lineOf: 'm0',
    },
  ],
  beard: [
    {
      d: 'M-52,-50 C-46,-46 -42,-38 -40,-30 C-30,-36 -16,-34 0,-29 C16,-34 30,-36 40,-30 C42,-38 46,-46 52,-50 L54,8 L-54,8 Z M-13,-22 C-6,-13 6,-13 13,-22 C6,-19 -6,-19 -13,-22 Z',
      fill: 'm0',
    },
    stroke('M-52,-50 C-46,-46 -42,-38 -40,-30 C-30,-36 -16,-34 0,-29 C16,-34 30,-36 40,-30 C42,-38 46,-46 52,-50', 'ink', 1.3),
    stroke('M-9,-20 C-4,-17 4,-17 9,-20', 'ink', 2),
    stroke('M-24,-8 L-22,-1 M-8,-5 L-7,1 M9,-5 L8,1 M25,-8 L23,-1', 'ink', 1.2),
  ],
  stubble: [
    { d: 'M-46,-28 C-30,-20 -20,-30 0,-29 C20,-30 30,-20 46,-28 C50,-10 30,4 0,4 C-30,4 -50,-10 -46,-28 Z', fill: 'm0', opacity: 0.22 },
  ],
  wrinkles: [
    { ...stroke('M30,-46 L36,-49 M30,-42 L37,-42 M30,-38 L35,-36', 'ink', 1.2), mirror: true, opacity: 0.5 },
    { ...stroke('M20,-27 C23,-22 23,-17 21,-13', 'ink', 1.2), mirror: true, opacity: 0.45 },
    { ...stroke('M-12,-72 C-4,-74 4,-74 12,-72', 'ink', 1.2), opacity: 0.4 },
  ],
  scar: [stroke('M32,-62 L26,-38', 'm0', 2), stroke('M26,-55 L33,-52 M25,-47 L32,-44', 'm0', 1.5)],
  'nose-line': [{ ...stroke('M-1,-36 C3,-34 4,-31 1,-29', 'ink', 1.3), opacity: 0.45 }],
};
