import { creases, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { OVER } from '../neck/index.js';

type Read = (key: string) => string;

const PLATE =
  'M-34,-4 C-20,8 20,8 34,-4 C46,8 50,24 48,44 C46,72 40,88 34,98 C12,106 -12,106 -34,98 C-40,88 -46,72 -48,44 C-50,24 -46,8 -34,-4 Z';
const SIDE_PLATE = 'M-20,-6 C-6,0 6,0 18,-4 C30,14 34,44 32,84 C28,96 14,100 0,100 C-16,100 -34,98 -38,90 C-40,50 -36,18 -20,-6 Z';
const SHOULDER = 'M16,-8 C44,-14 74,-2 82,26 C84,38 80,44 72,42 C64,36 54,34 46,36 C38,22 28,8 16,2 Z';
const SIDE_SHOULDER = 'M-30,-6 C-14,-16 16,-16 30,-6 C38,10 38,28 30,42 C12,48 -14,48 -32,42 C-38,26 -38,8 -30,-6 Z';

/** Rows of little arcs over a plate. */
const scales = (half: number, from: number, to: number): string => {
  const rows: string[] = [];
  for (let y = from, row = 0; y < to; y += 15, row += 1)
    for (let x = -half + (row % 2) * 8; x + 16 <= half; x += 16) rows.push(`M${x},${y} c4,9 12,9 16,0`);
  return rows.join(' ');
};
const SURFACE: Readonly<
  Record<string, { readonly front: string; readonly side: string; readonly shoulder: string; readonly sideShoulder: string }>
> = {
  smooth: {
    front: 'M0,10 L0,102',
    side: 'M-34,40 C-20,50 18,50 32,40',
    shoulder: 'M26,-2 C48,2 62,14 70,34',
    sideShoulder: 'M-34,26 C-14,34 14,34 34,26',
  },
  ribbed: {
    front: 'M-46,28 C-22,40 22,40 46,28 M-46,48 C-22,60 22,60 46,48 M-44,68 C-22,80 22,80 44,68 M-38,86 C-20,96 20,96 38,86',
    side: 'M-36,26 C-20,36 18,36 31,26 M-38,46 C-20,56 18,56 33,46 M-38,66 C-20,76 18,76 33,66',
    shoulder: 'M30,-4 C52,0 66,14 74,38 M22,2 C38,8 48,20 54,34',
    sideShoulder: 'M-34,8 C-14,16 14,16 34,8 M-34,22 C-14,30 14,30 34,22 M-32,34 C-14,42 14,42 31,34',
  },
  scales: {
    front: scales(40, 16, 92),
    side: scales(30, 10, 92),
    shoulder: 'M26,-6 c4,9 12,9 16,0 M42,-4 c4,10 12,12 16,4 M34,8 c4,9 12,10 15,3 M52,14 c5,9 13,11 16,4 M60,28 c4,7 9,9 14,5',
    sideShoulder:
      'M-30,4 c4,9 12,9 16,0 M-14,4 c4,9 12,9 16,0 M2,4 c4,9 12,9 16,0 M-24,20 c4,9 12,9 16,0 M-8,20 c4,9 12,9 16,0 M8,20 c4,9 12,9 16,0',
  },
};

/** Plates over breast and shoulders. y = 0 is the neck's base. */
export function shapedArmour(read: Read): Silhouette {
  const kind = read('kind');
  const lines = SURFACE[read('surface')] ?? (SURFACE['smooth'] as (typeof SURFACE)[string]);
  const isOn = (part: string): boolean => kind === 'both' || kind === part;
  const breast: readonly Shape[] = [
    outlineOf(PLATE, 'c0', Z.neck),
    tone('M18,4 C34,30 36,66 22,100 L34,98 C46,72 52,20 34,-4 Z', 'shade', Z.neck + 0.5),
    creases(lines.front, 'c0', Z.neck + 0.6),
  ];
  const shoulders: readonly Shape[] = [
    { ...outlineOf(SHOULDER, 'c0', Z.neck + 1), mirror: true },
    { ...creases(lines.shoulder, 'c0', Z.neck + 1.5), mirror: true },
  ];
  const collar = outlineOf('M-26,-7 C-12,4 12,4 26,-7 L21,8 C8,14 -8,14 -21,8 Z', 'c1', Z.neck + 2);
  return {
    front: [...(isOn('breast') ? breast : []), ...(isOn('shoulders') ? shoulders : []), collar],
    back: [
      ...(isOn('breast') ? breast : []),
      ...(isOn('shoulders') ? shoulders : []),
      outlineOf('M-28,-8 L28,-8 L24,10 L-24,10 Z', 'c1', Z.neck + 2),
    ],
    side: [
      ...(isOn('breast') ? [outlineOf(SIDE_PLATE, 'c0', Z.torso + 4), creases(lines.side, 'c0', Z.torso + 4.5)] : []),
      ...(isOn('shoulders') ? [outlineOf(SIDE_SHOULDER, 'c0', OVER), creases(lines.sideShoulder, 'c0', OVER + 0.1)] : []),
    ],
  };
}
