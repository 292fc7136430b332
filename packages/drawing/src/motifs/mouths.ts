import { ellipse, type Shape } from '../shape/index.js';
import { faint, stroke } from './strokes.js';

/** Mouths, at y = −20 of the head’s base. */
export const MOUTHS: Readonly<Record<string, readonly Shape[]>> = {
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
  'mouth-smirk': [stroke('M-12,-18 C-4,-15 6,-17 14,-26', 'ink', 2.4), faint(stroke('M16,-29 C18,-27 18,-25 17,-23', 'ink', 1.3), 0.6)],
  'mouth-teeth': [
    { d: 'M-15,-26 L15,-26 C15,-15 9,-10 0,-10 C-9,-10 -15,-15 -15,-26 Z', fill: 'white', line: 'inner', lineOf: 'ink' },
    stroke('M-14,-18 L14,-18 M-5,-26 L-5,-11 M5,-26 L5,-11', 'ink', 1.2),
  ],
  'mouth-open-smile': [
    { d: 'M-14,-24 C-6,-21 6,-21 14,-24 C12,-11 6,-8 0,-8 C-6,-8 -12,-11 -14,-24 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
    { d: 'M-7,-11 C-3,-15 3,-15 7,-11 C3,-8 -3,-8 -7,-11 Z', fill: 'm1' },
  ],
  'mouth-whistle': [
    { d: ellipse(3, -19, 4, 4.4), fill: 'm0', line: 'inner', lineOf: 'ink' },
    faint(stroke('M12,-26 C15,-24 15,-16 12,-13', 'ink', 1.3), 0.5),
  ],
  'mouth-wavy': [stroke('M-13,-17 C-9,-22 -5,-13 0,-18 C4,-22 8,-13 13,-19', 'ink', 2.4)],
  'mouth-pipe': [
    stroke('M-11,-20 C-4,-17 5,-17 12,-21', 'ink', 2.4),
    { d: 'M10,-22 L28,-10 L26,-6 L8,-18 Z M24,-18 L36,-18 L34,-3 L24,-3 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
  ],
};
