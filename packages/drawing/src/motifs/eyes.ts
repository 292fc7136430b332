import { ellipse, type Shape } from '../shape/index.js';
import { both, faint, stroke } from './strokes.js';

const eyeball: readonly Shape[] = [
  { d: `${ellipse(-18, -42, 4.6, 6.6)} ${ellipse(18, -42, 4.6, 6.6)}`, fill: 'ink' },
  { d: `${ellipse(-16.4, -44.8, 1.7, 1.9)} ${ellipse(19.6, -44.8, 1.7, 1.9)}`, fill: 'white' },
];

/** Eyes and brows, and what is worn before them; eyes lie at y = −42, brows at −58 of the head’s base. */
export const EYES: Readonly<Record<string, readonly Shape[]>> = {
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
  'eyes-dots': [{ d: `${ellipse(-17, -42, 3.6, 3.6)} ${ellipse(17, -42, 3.6, 3.6)}`, fill: 'ink' }],
  'eyes-aside': [
    { d: `${ellipse(-18, -42, 7, 7)} ${ellipse(18, -42, 7, 7)}`, fill: 'white', line: 'inner', lineOf: 'ink' },
    { d: `${ellipse(-14.6, -42, 3.4, 4.4)} ${ellipse(21.4, -42, 3.4, 4.4)}`, fill: 'ink' },
  ],
  'eyes-narrow': [
    { d: `${ellipse(-18, -40, 4.4, 4)} ${ellipse(18, -40, 4.4, 4)}`, fill: 'ink' },
    both(stroke('M9,-45 L27,-45', 'ink', 2.4)),
  ],
  'eyes-lined': [
    { d: `${ellipse(-18, -42, 4.6, 6.4)} ${ellipse(18, -42, 4.6, 6.4)}`, fill: 'ink' },
    { d: `${ellipse(-16.4, -44.6, 1.7, 1.9)} ${ellipse(19.6, -44.6, 1.7, 1.9)}`, fill: 'white' },
    both(stroke('M10,-47 C15,-51 24,-51 31,-46', 'm0', 3)),
  ],
  wink: [
    { d: ellipse(-18, -42, 4.6, 6.6), fill: 'ink' },
    { d: ellipse(-16.4, -44.8, 1.7, 1.9), fill: 'white' },
    stroke('M10,-41 C14,-46 22,-46 27,-40', 'ink', 2.8),
  ],
  'eye-patch': [
    stroke('M-52,-62 L50,-44', 'ink', 3),
    { d: 'M6,-54 C14,-58 26,-56 31,-50 C32,-36 26,-30 18,-30 C10,-30 5,-40 6,-54 Z', fill: 'm0', line: 'inner', lineOf: 'ink' },
  ],
  'glasses-half': [
    both(stroke('M7,-38 L30,-38 C30,-28 24,-25 18,-25 C12,-25 7,-28 7,-38 Z', 'm0', 2.4)),
    stroke('M-7,-38 C-3,-41 3,-41 7,-38', 'm0', 2.4),
    both(stroke('M30,-37 L47,-46', 'm0', 2.2)),
  ],
  monocle: [
    { d: ellipse(18, -42, 12, 12), fill: 'white', opacity: 0.3 },
    stroke(ellipse(18, -42, 12, 12), 'm0', 2.8),
    stroke('M29,-36 C34,-26 34,-12 30,0', 'm0', 1.5),
  ],
  'goggle-marks': [both(faint({ d: ellipse(18, -42, 15, 13), fill: 'm0' }, 0.3))],
};
