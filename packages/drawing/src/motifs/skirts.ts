import { area, dots, flat, type Sides, stroke } from './strokes.js';

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
