import { creases, edge, onward, outlineOf, type Silhouette, tone, Z } from '../../shape/index.js';
import { inner, NEAR, OVER, solid } from './strokes.js';

export const scarf: Silhouette = {
  front: [
    outlineOf('M18,12 L36,14 C40,36 40,58 36,78 L16,76 C20,54 20,34 18,12 Z', 'c0', Z.neck),
    outlineOf('M17,66 L37,68 L36,78 L16,76 Z', 'c1', Z.neck + 1),
    outlineOf('M-44,2 C-50,-10 -32,-18 0,-16 C32,-18 50,-10 44,2 C48,18 28,26 0,24 C-28,26 -48,18 -44,2 Z', 'c0', Z.neck + 2),
    creases('M-38,2 C-18,12 18,12 38,-2 M-34,12 C-14,20 14,20 34,10', 'c0', Z.neck + 3),
    { d: 'M-30,-14 L-24,23 L-12,24 L-18,-16 Z M8,-16 L14,24 L26,22 L20,-16 Z', fill: 'c1', z: Z.neck + 2, opacity: 0.95 },
  ],
  back: [
    outlineOf('M-44,2 C-50,-10 -32,-18 0,-16 C32,-18 50,-10 44,2 C48,18 28,26 0,24 C-28,26 -48,18 -44,2 Z', 'c0', Z.neck + 2),
    tone('M-30,-14 L-24,23 L-12,24 L-18,-16 Z M8,-16 L14,24 L26,22 L20,-16 Z', 'c1', Z.neck + 2),
    creases('M-38,4 C-18,12 18,12 38,4', 'c0', Z.neck + 3),
  ],
  side: [
    outlineOf('M-30,2 C-34,-10 -20,-18 2,-16 C24,-16 34,-8 30,4 C32,20 18,26 0,24 C-20,26 -34,18 -30,2 Z', 'c0', Z.neck + 2),
    { d: 'M-22,-14 L-16,23 L-4,24 L-10,-16 Z M10,-16 L14,24 L24,21 L20,-14 Z', fill: 'c1', z: Z.neck + 2, opacity: 0.95 },
    creases('M-26,4 C-8,14 14,14 28,4', 'c0', Z.neck + 3),
    outlineOf('M-34,14 L-20,12 C-18,34 -20,56 -24,78 L-38,74 C-34,54 -34,34 -34,14 Z', 'c0', NEAR),
  ],
};

const FUR = edge('M-56,12 C-58,-14 -24,-22 0,-20 C24,-22 58,-14 56,12', 'curled');
const FUR_LOW = onward(edge('M56,12 C44,40 14,32 0,30 C-14,32 -44,40 -56,12', 'curled'));
const TUFTS =
  'M-40,2 l5,7 M-26,-6 l4,8 M-10,-8 l3,8 M8,-8 l-3,8 M24,-6 l-4,8 M40,2 l-5,7 M-30,16 l5,6 M-6,16 l2,7 M18,16 l-3,7 M34,14 l-5,6';
export const fur: Silhouette = {
  front: [solid(`${FUR} ${FUR_LOW} Z`, Z.neck + 2), inner(TUFTS, Z.neck + 2.5)],
  back: [solid(`${FUR} ${FUR_LOW} Z`, Z.neck + 2), inner(TUFTS, Z.neck + 2.5)],
  side: [
    solid(
      `${edge('M-38,10 C-38,-14 -14,-20 2,-18 C22,-20 40,-10 38,12', 'curled')} ${onward(edge('M38,12 C26,34 -24,34 -38,10', 'curled'))} Z`,
      OVER,
    ),
    inner('M-22,0 l5,8 M-6,-6 l3,8 M10,-6 l-3,8 M24,0 l-5,8', OVER + 0.1),
  ],
};

const RUFF = edge('M-50,6 C-56,-12 -26,-20 0,-18 C26,-20 56,-12 50,6', 'strands');
export const ruff: Silhouette = {
  front: [
    solid(`${RUFF} ${onward(edge('M50,6 C36,26 -36,26 -50,6', 'strands'))} Z`, Z.neck + 2),
    inner('M-36,-6 L-20,2 M-20,-12 L-12,0 M0,-14 L0,0 M20,-12 L12,0 M36,-6 L20,2 M-30,14 L-18,6 M0,18 L0,8 M30,14 L18,6', Z.neck + 2.5),
  ],
  back: [
    solid(`${RUFF} ${onward(edge('M50,6 C36,26 -36,26 -50,6', 'strands'))} Z`, Z.neck + 2),
    inner('M-36,-6 L-20,2 M0,-14 L0,0 M36,-6 L20,2', Z.neck + 2.5),
  ],
  side: [
    solid(
      `${edge('M-36,6 C-38,-12 -14,-18 0,-16 C18,-18 40,-10 36,6', 'strands')} ${onward(edge('M36,6 C24,22 -24,22 -36,6', 'strands'))} Z`,
      Z.neck + 2,
    ),
  ],
};

const BEARD = 'M-45,-22 C-30,-10 -18,-22 0,-20 C18,-22 30,-10 45,-22 C48,8 36,44 0,72 C-36,44 -48,8 -45,-22 Z';
export const beard: Silhouette = {
  front: [
    solid(BEARD, Z.head + 6),
    inner(
      'M-24,-4 C-22,20 -14,40 -4,60 M24,-4 C22,20 14,40 4,60 M0,-4 L0,58 M-36,-6 C-36,12 -30,26 -22,38 M36,-6 C36,12 30,26 22,38',
      Z.head + 6.5,
    ),
    outlineOf('M0,-18 C10,-26 24,-22 30,-12 C18,-8 8,-10 0,-14 C-8,-10 -18,-8 -30,-12 C-24,-22 -10,-26 0,-18 Z', 'c0', Z.head + 7),
  ],
  back: [solid('M-30,-4 L30,-4 L26,8 L-26,8 Z', Z.neckPost + 1)],
  side: [
    solid('M-46,-26 C-34,-20 -18,-26 0,-30 C2,-12 -2,20 -40,66 C-54,40 -56,0 -46,-26 Z', Z.head + 6),
    inner('M-38,-12 C-42,12 -44,34 -40,54 M-22,-14 C-24,8 -30,30 -38,46', Z.head + 6.5),
  ],
};
