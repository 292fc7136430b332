import { creases, outlineOf, type Silhouette, stroke, Z } from '../../shape/index.js';
import { inner, NEAR, solid } from './strokes.js';

export const satchel: Silhouette = {
  front: [
    outlineOf('M-40,-2 L-28,-6 L58,100 L48,108 Z', 'c0', Z.torso + 4),
    outlineOf('M34,92 L84,92 C88,112 86,128 82,136 L38,136 C32,126 32,108 34,92 Z', 'c0', Z.hands + 2),
    outlineOf('M32,90 L86,90 C88,104 84,114 76,116 L44,116 C34,114 30,104 32,90 Z', 'c0', Z.hands + 2),
    outlineOf('M54,108 L66,108 L66,122 L54,122 Z', 'c1', Z.hands + 3),
  ],
  back: [
    outlineOf('M40,-2 L28,-6 L-58,100 L-48,108 Z', 'c0', Z.torso + 4),
    outlineOf('M-34,92 L-84,92 C-88,112 -86,128 -82,136 L-38,136 C-32,126 -32,108 -34,92 Z', 'c0', Z.arms - 1),
  ],
  side: [
    outlineOf('M-30,92 L34,92 C38,112 36,128 32,136 L-28,136 C-34,126 -32,108 -30,92 Z', 'c0', Z.hands + 2),
    outlineOf('M-32,90 L36,90 C38,104 34,114 26,116 L-20,116 C-30,114 -34,104 -32,90 Z', 'c0', Z.hands + 2),
    outlineOf('M-4,108 L8,108 L8,122 L-4,122 Z', 'c1', Z.hands + 3),
  ],
  rightSide: [outlineOf('M-22,-4 L-12,-8 L4,-10 L22,-6 L26,4 L-20,6 Z', 'c0', NEAR)],
};

export const backpack: Silhouette = {
  front: [
    {
      d: 'M24,-2 C34,0 38,6 39,16 C42,40 42,60 40,80 L30,80 C32,56 32,36 28,16 C27,10 24,6 20,2 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.torso + 4,
      mirror: true,
    },
    outlineOf('M-60,8 C-70,20 -70,70 -64,92 L64,92 C70,70 70,20 60,8 Z', 'c0', Z.behind),
  ],
  back: [
    outlineOf('M-48,2 C-62,8 -64,80 -56,104 C-30,112 30,112 56,104 C64,80 62,8 48,2 C20,-6 -20,-6 -48,2 Z', 'c0', Z.neck),
    outlineOf('M-52,6 C-50,34 -40,46 0,46 C40,46 50,34 52,6 C20,-6 -20,-6 -52,6 Z', 'c0', Z.neck + 1),
    creases('M-30,64 L30,64 L28,98 L-28,98 Z', 'c0', Z.neck + 1),
    outlineOf('M-7,38 L7,38 L7,56 L-7,56 Z', 'c1', Z.neck + 2),
  ],
  side: [
    outlineOf('M22,2 C40,-2 62,6 66,30 C70,60 68,90 62,104 C48,110 30,108 24,100 Z', 'c0', NEAR),
    outlineOf('M24,6 C44,0 64,10 66,40 C52,46 34,46 24,40 Z', 'c0', NEAR + 1),
    outlineOf('M-20,-2 C-8,-10 14,-10 26,2 L24,12 C12,2 -8,2 -20,8 Z', 'c1', NEAR),
  ],
};

export const quiver: Silhouette = {
  front: [
    solid('M34,-24 L42,-28 L50,-6 L40,-2 Z', Z.behind),
    stroke('M40,-44 L46,-24 M48,-48 L50,-26 M54,-42 L52,-24', 'c1', 3, Z.behind - 1),
    solid('M-34,4 L-26,-2 L46,92 L38,98 Z', Z.torso + 4),
  ],
  back: [
    stroke('M-44,-46 L-36,-8 M-34,-50 L-30,-8 M-54,-38 L-44,-6', 'c1', 3, Z.neck),
    {
      d: 'M-52,-50 L-42,-50 L-43,-36 L-48,-38 Z M-39,-54 L-30,-54 L-31,-40 L-36,-42 Z M-62,-42 L-52,-42 L-50,-28 L-56,-30 Z',
      fill: 'c2',
      line: 'inner',
      lineOf: 'ink',
      z: Z.neck + 0.5,
    },
    solid('M-60,-10 L-24,-16 L24,84 C18,96 2,100 -8,94 Z', Z.neck + 1),
    inner('M-56,2 L-18,-4 M-6,88 L22,76', Z.neck + 1.5),
    solid('M34,4 L26,-2 L-20,58 L-12,64 Z', Z.neck + 0.6),
  ],
  side: [
    stroke('M26,-46 L30,-6 M36,-48 L38,-6 M46,-42 L44,-4', 'c1', 3, NEAR - 1),
    solid('M22,-10 L50,-8 L46,92 C40,98 32,98 26,92 Z', NEAR),
    inner('M22,2 L50,4', NEAR + 0.5),
  ],
};

const WING =
  'M14,14 C40,-44 90,-70 128,-66 C122,-50 124,-36 130,-22 C118,-12 116,2 118,16 C104,20 98,32 96,46 C80,44 68,52 60,64 C44,58 24,42 14,14 Z';
const VEINS = 'M22,14 C52,-16 86,-44 122,-62 M24,20 C58,2 92,-14 124,-22 M26,26 C56,22 86,18 112,18 M28,32 C46,38 66,44 90,46';
export const wings: Silhouette = {
  front: [
    solid(WING, Z.farBehind, 'c0', true),
    inner(VEINS, Z.farBehind + 1, 'c0', true),
    solid('M-20,-4 L20,-4 L18,8 L-18,8 Z', Z.neckPost + 1, 'c1'),
  ],
  back: [
    solid(WING, Z.neck + 1, 'c0', true),
    inner(VEINS, Z.neck + 2, 'c0', true),
    solid('M-18,-8 L18,-8 L14,34 L-14,34 Z', Z.neck + 3, 'c1'),
  ],
  side: [
    solid('M18,14 C40,-50 96,-84 132,-74 C126,-54 128,-40 132,-26 C120,-14 118,2 120,18 C104,22 98,36 94,52 C70,54 36,46 18,14 Z', NEAR),
    inner('M26,14 C56,-20 90,-50 126,-68 M28,22 C60,4 94,-12 126,-24 M30,28 C58,26 88,22 114,20', NEAR + 0.5),
  ],
};
