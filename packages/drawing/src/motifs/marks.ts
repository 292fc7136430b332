import { ellipse, type Shape } from '../shape/index.js';
import { both, faint, stroke } from './strokes.js';

/** Lines, paint and what else a face carries. */
export const MARKS: Readonly<Record<string, readonly Shape[]>> = {
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
  wrinkles: [
    { ...stroke('M30,-46 L36,-49 M30,-42 L37,-42 M30,-38 L35,-36', 'ink', 1.2), mirror: true, opacity: 0.5 },
    { ...stroke('M20,-27 C23,-22 23,-17 21,-13', 'ink', 1.2), mirror: true, opacity: 0.45 },
    { ...stroke('M-12,-72 C-4,-74 4,-74 12,-72', 'ink', 1.2), opacity: 0.4 },
  ],
  scar: [stroke('M32,-62 L26,-38', 'm0', 2), stroke('M26,-55 L33,-52 M25,-47 L32,-44', 'm0', 1.5)],
  'nose-line': [{ ...stroke('M-1,-36 C3,-34 4,-31 1,-29', 'ink', 1.3), opacity: 0.45 }],
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
