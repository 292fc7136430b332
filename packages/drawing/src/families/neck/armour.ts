import { ellipse, type Silhouette, stroke, tone, Z } from '../../shape/index.js';
import { inner, NEAR, OVER, solid } from './strokes.js';

const PLATE =
  'M-34,-4 C-20,8 20,8 34,-4 C46,8 50,24 48,44 C46,72 40,88 34,98 C12,106 -12,106 -34,98 C-40,88 -46,72 -48,44 C-50,24 -46,8 -34,-4 Z';
export const breastplate: Silhouette = {
  front: [
    solid(PLATE, Z.neck),
    tone('M18,4 C34,30 36,66 22,100 L34,98 C46,72 52,20 34,-4 Z', 'shade', Z.neck + 0.5),
    inner('M0,8 L0,102 M-40,40 C-22,54 22,54 40,40 M-36,68 C-20,80 20,80 36,68', Z.neck + 0.6),
    {
      d: `${ellipse(-32, 12, 3, 3)} ${ellipse(32, 12, 3, 3)} ${ellipse(-30, 88, 3, 3)} ${ellipse(30, 88, 3, 3)}`,
      fill: 'c1',
      line: 'inner',
      lineOf: 'ink',
      z: Z.neck + 0.7,
    },
    stroke('M-26,20 C-24,30 -26,40 -28,48', 'light', 2.6, Z.neck + 0.7),
  ],
  back: [solid(PLATE, Z.neck), inner('M0,0 L0,102 M-38,30 L38,30 M-36,62 L36,62', Z.neck + 0.6)],
  side: [
    solid('M-20,-6 C-6,0 6,0 18,-4 C30,14 34,44 32,84 C28,96 14,100 0,100 C-16,100 -34,98 -38,90 C-40,50 -36,18 -20,-6 Z', NEAR),
    inner('M-34,40 C-20,50 18,50 32,40', NEAR + 0.5),
  ],
};

const PAULDRON = 'M16,-8 C44,-14 74,-2 82,26 C84,38 80,44 72,42 C64,36 54,34 46,36 C38,22 28,8 16,2 Z';
export const shoulders: Silhouette = {
  front: [
    solid(PAULDRON, Z.neck, 'c0', true),
    inner('M30,-4 C52,0 66,14 74,38 M22,2 C38,8 48,20 54,34', Z.neck + 0.5, 'c0', true),
    solid('M-24,-6 C-10,4 10,4 24,-6 L20,8 C8,14 -8,14 -20,8 Z', Z.neck + 1, 'c1'),
  ],
  back: [
    solid(PAULDRON, Z.neck, 'c0', true),
    inner('M30,-4 C52,0 66,14 74,38', Z.neck + 0.5, 'c0', true),
    solid('M-28,-8 L28,-8 L24,10 L-24,10 Z', Z.neck + 1, 'c1'),
  ],
  side: [
    solid('M-30,-6 C-14,-16 16,-16 30,-6 C38,10 38,28 30,42 C12,48 -14,48 -32,42 C-38,26 -38,8 -30,-6 Z', OVER),
    inner('M-34,14 C-14,22 14,22 34,14 M-34,28 C-14,36 14,36 34,28', OVER + 0.1),
  ],
};
