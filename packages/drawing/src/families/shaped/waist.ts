import { creases, ellipse, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';

type Read = (key: string) => string;

/** How far an apron or a cape hangs below the waist, by its length. */
const ENDS: Readonly<Record<string, number>> = { '1': 62, '2': 88, '3': 112 };

const BAND = 'M-57,-11 C-30,-3 30,-3 57,-11 L59,5 C30,13 -30,13 -59,5 Z';
const SIDE_BAND = 'M-32,-10 C-12,-3 14,-3 32,-10 L34,5 C14,12 -14,12 -34,5 Z';
const band = (d: string): readonly Shape[] => [
  outlineOf(d, 'c0', Z.waist),
  creases(d === BAND ? 'M-55,-3 C-30,5 30,5 55,-3' : 'M-31,-3 C-12,4 14,4 31,-3', 'c0', Z.waist + 1),
];
const tie = (d: string): readonly Shape[] => [outlineOf(d, 'c1', Z.waist + 1)];
const pouch = (x: number): readonly Shape[] => [
  outlineOf(`M${x - 11},0 C${x - 14},18 ${x - 12},28 ${x - 8},30 L${x + 8},30 C${x + 12},28 ${x + 14},18 ${x + 11},0 Z`, 'c0', Z.hands + 2),
  creases(`M${x - 12},10 C${x - 4},16 ${x + 4},16 ${x + 12},10`, 'c0', Z.hands + 2.5),
];

/** A thing worn at the waist. y = 0 is the torso's hem. */
export function shapedWaist(read: Read): Silhouette {
  const kind = read('kind');
  const end = ENDS[read('length')] ?? 88;
  const has = read('pouch') === 'yes';
  const withPouch = ({ front, back, side = [], ...rest }: Silhouette): Silhouette => ({
    ...rest,
    front: [...front, ...(has ? pouch(34) : [])],
    back,
    side: [...side, ...(has ? pouch(0) : [])],
  });
  if (kind === 'sash')
    return withPouch({
      front: [
        ...band(BAND),
        outlineOf('M-44,-4 C-34,-6 -28,0 -30,6 L-36,60 L-52,56 L-44,8 C-48,4 -48,-2 -44,-4 Z', 'c0', Z.waist + 1),
        outlineOf('M-34,0 C-28,-2 -24,4 -26,8 L-18,48 L-30,52 L-36,10 Z', 'c0', Z.waist + 1.2),
        creases('M-40,12 L-44,52 M-30,12 L-24,46', 'c0', Z.waist + 2),
      ],
      back: band(BAND),
      side: [...band(SIDE_BAND), outlineOf('M-8,2 L8,2 L12,56 L-4,60 Z', 'c0', Z.waist + 1)],
    });
  if (kind === 'apron')
    return withPouch({
      front: [
        outlineOf(
          `M-46,0 C-20,8 20,8 46,0 C50,${end * 0.5} 52,${end * 0.8} 50,${end} C24,${end + 8} -24,${end + 8} -50,${end} C-52,${end * 0.8} -50,${end * 0.5} -46,0 Z`,
          'c0',
          Z.waist,
        ),
        creases(
          `M-18,10 C-20,${end * 0.5} -22,${end * 0.8} -22,${end} M18,10 C20,${end * 0.5} 22,${end * 0.8} 22,${end}`,
          'c0',
          Z.waist + 1,
        ),
        ...tie(BAND),
      ],
      back: [
        ...tie(BAND),
        { ...outlineOf('M1,0 C20,-10 26,8 20,14 C14,16 6,8 1,4 Z', 'c1', Z.waist + 2), mirror: true },
        outlineOf('M-9,4 L9,4 L13,44 L-13,44 Z', 'c1', Z.waist + 1.5),
        creases('M0,12 L0,42', 'c1', Z.waist + 1.6),
      ],
      side: [
        outlineOf(
          `M-33,0 C-24,6 -14,6 -6,4 C-4,${end * 0.5} -6,${end * 0.8} -10,${end} C-20,${end + 6} -34,${end + 4} -42,${end} C-36,${end * 0.6} -34,${end * 0.3} -33,0 Z`,
          'c0',
          Z.waist,
        ),
        ...tie(SIDE_BAND),
      ],
    });
  if (kind === 'cape')
    return withPouch({
      front: [
        {
          ...outlineOf(
            `M-58,-8 C-76,${end * 0.4} -84,${end * 0.7} -88,${end} C-76,${end + 8} -58,${end + 6} -46,${end - 2} L-34,6 Z`,
            'c0',
            Z.waist,
          ),
          mirror: true,
        },
        ...tie(BAND),
        outlineOf(ellipse(0, 1, 8, 8), 'c1', Z.waist + 2),
      ],
      back: [
        outlineOf(
          `M-58,-8 C-76,${end * 0.4} -84,${end * 0.7} -88,${end} C-50,${end + 13} 50,${end + 13} 88,${end} C84,${end * 0.7} 76,${end * 0.4} 58,-8 Z`,
          'c0',
          Z.waist,
        ),
        creases(
          `M-30,4 C-40,${end * 0.5} -46,${end * 0.8} -48,${end} M0,6 L0,${end + 6} M30,4 C40,${end * 0.5} 46,${end * 0.8} 48,${end}`,
          'c0',
          Z.waist + 0.5,
        ),
        ...tie(BAND),
      ],
      side: [
        outlineOf(
          `M-20,-8 C-6,-2 18,-2 34,-9 C48,${end * 0.4} 58,${end * 0.7} 66,${end} C44,${end + 9} 12,${end + 7} -6,${end} C-4,${end * 0.7} -10,${end * 0.4} -20,-8 Z`,
          'c0',
          Z.waist,
        ),
        creases(`M6,2 C18,${end * 0.5} 22,${end * 0.8} 24,${end} M20,0 C34,${end * 0.5} 40,${end * 0.8} 44,${end}`, 'c0', Z.waist + 0.5),
        ...tie(SIDE_BAND),
      ],
    });
  return withPouch({
    front: [
      ...band(BAND),
      outlineOf('M-12,-9 L12,-9 L12,11 L-12,11 Z', 'c1', Z.waist + 2),
      tone('M-6,-3 L6,-3 L6,5 L-6,5 Z', 'c0', Z.waist + 2.5),
    ],
    back: band(BAND),
    side: band(SIDE_BAND),
  });
}
