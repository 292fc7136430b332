import { ellipse, type Shape } from '../shape/index.js';
import { area, dots, flat, stroke } from './strokes.js';

/** Arm motifs, for the side at +x, relative to the torso’s base. */
export const ARMS: Readonly<Record<string, readonly Shape[]>> = {
  'cuff-band': [{ d: 'M50,-46 C60,-38 72,-38 84,-48 L84,-36 C74,-28 62,-28 52,-34 Z', fill: 'm0', line: 'inner', lineOf: 'ink' }],
  'shoulder-stripe': [stroke('M46,-116 C62,-108 68,-82 72,-50', 'm0', 4.5)],
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
