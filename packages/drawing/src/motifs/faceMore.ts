import { ellipse } from '../outline.js';
import type { Shape } from '../shape.js';

const stroke = (d: string, fill: Shape['fill'], width: number): Shape => ({ d, fill, line: 'stroke', width });
const faint = (shape: Shape, opacity: number): Shape => ({ ...shape, opacity });
const both = (shape: Shape): Shape => ({ ...shape, mirror: true });

/** More face motifs, relative to the head's base: eyes at y = −42, brows at −58, mouth at −20. */
export const MORE_FACE: Readonly<Record<string, readonly Shape[]>> = {
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
  'beard-short': [
    {
      d: 'M-50,-44 C-46,-34 -40,-24 -28,-24 C-18,-24 -14,-29 0,-29 C14,-29 18,-24 28,-24 C40,-24 46,-34 50,-44 L54,8 L-54,8 Z M-11,-20 C-5,-15 5,-15 11,-20 C5,-18 -5,-18 -11,-20 Z',
      fill: 'm0',
    },
    stroke('M-50,-44 C-46,-34 -40,-24 -28,-24 C-18,-24 -14,-29 0,-29 C14,-29 18,-24 28,-24 C40,-24 46,-34 50,-44', 'ink', 1.3),
    stroke('M-10,-19 C-4,-16 4,-16 10,-19', 'ink', 2),
  ],
  goatee: [{ d: 'M-12,-12 C-6,-8 6,-8 12,-12 C11,-3 6,3 0,4 C-6,3 -11,-3 -12,-12 Z', fill: 'm0', line: 'inner', lineOf: 'm0' }],
  sideburns: [both({ d: 'M53,-56 C46,-52 43,-40 40,-22 C44,-16 50,-18 54,-24 Z', fill: 'm0', line: 'inner', lineOf: 'm0' })],
  'moustache-curled': [
    {
      d: 'M0,-26 C6,-31 15,-30 20,-25 C25,-22 30,-26 29,-31 C34,-26 31,-18 23,-19 C14,-19 6,-20 0,-23 C-6,-20 -14,-19 -23,-19 C-31,-18 -34,-26 -29,-31 C-30,-26 -25,-22 -20,-25 C-15,-30 -6,-31 0,-26 Z',
      fill: 'm0',
      line: 'inner',
      lineOf: 'm0',
    },
  ],
  'moustache-walrus': [
    {
      d: 'M0,-30 C14,-36 28,-28 30,-10 C22,-12 16,-12 12,-14 C6,-12 -6,-12 -12,-14 C-16,-12 -22,-12 -30,-10 C-28,-28 -14,-36 0,-30 Z',
      fill: 'm0',
      line: 'inner',
      lineOf: 'm0',
    },
    stroke('M-14,-24 L-18,-14 M-5,-24 L-6,-15 M5,-24 L6,-15 M14,-24 L18,-14', 'ink', 1),
  ],
  'beauty-spot': [{ d: ellipse(20, -26, 2, 2), fill: 'm0' }],
  'soot-smudge': [
    faint({ d: 'M22,-34 C28,-38 40,-36 42,-28 C38,-22 26,-22 22,-28 Z', fill: 'm0' }, 0.55),
    faint({ d: 'M-36,-70 C-30,-76 -20,-74 -18,-68 C-24,-64 -34,-64 -36,-70 Z', fill: 'm0' }, 0.45),
  ],
  'frost-nose': [faint({ d: ellipse(0, -31, 6, 5), fill: 'm0' }, 0.5), both(faint({ d: ellipse(31, -30, 6, 4.4), fill: 'm0' }, 0.35))],
  'paint-stripes': [both(stroke('M24,-34 L44,-38 M24,-28 L43,-31', 'm0', 3.4))],
  'paint-star': [{ d: 'M30,-38 L33,-31 L40,-30 L35,-25 L36,-18 L30,-22 L24,-18 L25,-25 L20,-30 L27,-31 Z', fill: 'm0' }],
  'paint-whiskers': [
    both(stroke('M20,-30 L44,-34 M20,-26 L45,-25 M20,-22 L43,-17', 'm0', 1.8)),
    { d: 'M-5,-35 L5,-35 L0,-29 Z', fill: 'm0' },
  ],
  dimples: [both(faint(stroke('M20,-27 C23,-25 23,-21 21,-19', 'ink', 1.5), 0.6))],
  'forehead-lines': [faint(stroke('M-18,-72 C-6,-75 6,-75 18,-72 M-14,-67 C-4,-69 4,-69 14,-67', 'ink', 1.2), 0.4)],
  'chin-dimple': [faint(stroke('M0,-8 L0,-3', 'ink', 1.5), 0.6)],
  headband: [{ d: 'M-56,-74 C-30,-80 30,-80 56,-74 L56,-64 C30,-70 -30,-70 -56,-64 Z', fill: 'm0', line: 'inner', lineOf: 'ink' }],
  earrings: [both({ d: ellipse(47, -24, 3.6, 3.6), fill: 'm0', line: 'inner', lineOf: 'ink' })],
  clockwork: [
    { d: 'M-52,-26 L52,-26 L52,-23 L-52,-23 Z', fill: 'm0' },
    both({ d: ellipse(36, -14, 5, 5), fill: 'm0', line: 'inner', lineOf: 'ink' }),
    both(stroke('M36,-19 L36,-9 M31,-14 L41,-14', 'ink', 1)),
  ],
};
