import { creases, ellipse, outlineOf, scale, type Shape, type Silhouette, stroke, tone, Z } from '../../shape/index.js';
import { NECK } from '../neck/index.js';

type Read = (key: string) => string;

/** From the side, behind the torso and before the far arm. */
const NEAR = Z.torso + 4;
const SIZE: Readonly<Record<string, number>> = { small: 0.78, medium: 1, large: 1.22 };

/** Straps over both shoulders, which keep their place whatever they carry. */
const STRAP: Shape = {
  ...outlineOf('M24,-2 C34,0 38,6 39,16 C42,40 42,60 40,80 L30,80 C32,56 32,36 28,16 C27,10 24,6 20,2 Z', 'c1', Z.torso + 4),
  mirror: true,
};
const SIDE_STRAP = outlineOf('M-20,-2 C-8,-10 14,-10 26,2 L24,12 C12,2 -8,2 -20,8 Z', 'c1', NEAR);

function pack(by: number): Silhouette {
  const [half, end, deep] = [Math.round(56 * by), Math.round(104 * by), Math.round(24 + 40 * by)];
  return {
    front: [
      STRAP,
      outlineOf(
        `M-${half + 4},8 C-${half + 12},20 -${half + 12},${end - 30} -${half + 6},${end - 12} L${half + 6},${end - 12} C${half + 12},${end - 30} ${half + 12},20 ${half + 4},8 Z`,
        'c0',
        Z.behind,
      ),
    ],
    back: [
      outlineOf(
        `M-${half - 8},2 C-${half + 6},8 -${half + 8},${end - 24} -${half},${end} C-30,${end + 8} 30,${end + 8} ${half},${end} C${half + 8},${end - 24} ${half + 6},8 ${half - 8},2 C20,-6 -20,-6 -${half - 8},2 Z`,
        'c0',
        Z.neck,
      ),
      outlineOf(
        `M-${half - 4},6 C-${half - 6},${end * 0.34} -${half - 16},${end * 0.45} 0,${end * 0.45} C${half - 16},${end * 0.45} ${half - 6},${end * 0.34} ${half - 4},6 C20,-6 -20,-6 -${half - 4},6 Z`,
        'c0',
        Z.neck + 1,
      ),
      creases(
        `M-${half * 0.5},${end * 0.62} L${half * 0.5},${end * 0.62} L${half * 0.48},${end - 6} L-${half * 0.48},${end - 6} Z`,
        'c0',
        Z.neck + 1,
      ),
      outlineOf(`M-7,${end * 0.37} L7,${end * 0.37} L7,${end * 0.54} L-7,${end * 0.54} Z`, 'c1', Z.neck + 2),
    ],
    side: [
      outlineOf(
        `M22,2 C40,-2 ${deep - 4},6 ${deep},30 C${deep + 4},${end * 0.58} ${deep + 2},${end - 14} ${deep - 4},${end} C48,${end + 6} 30,${end + 4} 24,${end - 4} Z`,
        'c0',
        NEAR,
      ),
      outlineOf(`M24,6 C44,0 ${deep - 2},10 ${deep},${end * 0.38} C52,${end * 0.44} 34,${end * 0.44} 24,${end * 0.38} Z`, 'c0', NEAR + 1),
      SIDE_STRAP,
    ],
  };
}

/** A blanket rolled up across the back, tied with two straps. */
function roll(by: number): Silhouette {
  const [half, radius] = [Math.round(66 * by), Math.round(18 * by)];
  const y = 26;
  const ends = (x: number): readonly Shape[] => [
    outlineOf(ellipse(x, y, radius * 0.62, radius), 'c0', Z.behind + 0.5),
    creases(ellipse(x, y, radius * 0.3, radius * 0.5), 'c0', Z.behind + 0.6),
  ];
  return {
    front: [
      STRAP,
      outlineOf(`M-${half},${y - radius} L${half},${y - radius} L${half},${y + radius} L-${half},${y + radius} Z`, 'c0', Z.behind),
      ...ends(half),
      ...ends(-half),
    ],
    back: [
      outlineOf(
        `M-${half},${y - radius} L${half},${y - radius} C${half + 12},${y - radius} ${half + 12},${y + radius} ${half},${y + radius} L-${half},${y + radius} C-${half + 12},${y + radius} -${half + 12},${y - radius} -${half},${y - radius} Z`,
        'c0',
        Z.neck + 1,
      ),
      creases(`M-${half - 4},${y - radius * 0.4} L${half - 4},${y - radius * 0.4}`, 'c0', Z.neck + 1.5),
      ...[-half * 0.5, half * 0.5].map((x) =>
        outlineOf(
          `M${x - 5},${y - radius - 2} L${x + 5},${y - radius - 2} L${x + 5},${y + radius + 2} L${x - 5},${y + radius + 2} Z`,
          'c1',
          Z.neck + 2,
        ),
      ),
    ],
    side: [
      outlineOf(ellipse(26 + radius, y, radius, radius), 'c0', NEAR),
      creases(
        `${ellipse(26 + radius, y, radius * 0.6, radius * 0.6)} ${ellipse(26 + radius, y, radius * 0.25, radius * 0.25)}`,
        'c0',
        NEAR + 0.5,
      ),
      SIDE_STRAP,
    ],
  };
}

/** A bag that hangs at one side from a strap across the chest. */
function sideBag(by: number): Silhouette {
  const [half, deep] = [Math.round(25 * by), Math.round(44 * by)];
  const body = (x: number, top: number, z: number): readonly Shape[] => [
    outlineOf(
      `M${x - half},${top + 2} L${x + half},${top + 2} C${x + half + 4},${top + deep * 0.5} ${x + half + 2},${top + deep * 0.86} ${x + half - 2},${top + deep} L${x - half + 2},${top + deep} C${x - half - 2},${top + deep * 0.86} ${x - half - 4},${top + deep * 0.5} ${x - half},${top + 2} Z`,
      'c0',
      z,
    ),
    outlineOf(
      `M${x - half - 2},${top} L${x + half + 2},${top} C${x + half + 4},${top + deep * 0.36} ${x + half},${top + deep * 0.58} ${x + half - 8},${top + deep * 0.6} L${x - half + 8},${top + deep * 0.6} C${x - half},${top + deep * 0.58} ${x - half - 4},${top + deep * 0.36} ${x - half - 2},${top} Z`,
      'c0',
      z + 0.3,
    ),
    outlineOf(
      `M${x - 6},${top + deep * 0.44} L${x + 6},${top + deep * 0.44} L${x + 6},${top + deep * 0.74} L${x - 6},${top + deep * 0.74} Z`,
      'c1',
      z + 0.6,
    ),
  ];
  return {
    front: [outlineOf('M-40,-2 L-28,-6 L58,100 L48,108 Z', 'c0', Z.torso + 4), ...body(60, 92, Z.hands + 2)],
    back: [outlineOf('M40,-2 L28,-6 L-58,100 L-48,108 Z', 'c0', Z.torso + 4), ...body(-60, 92, Z.arms - 1).slice(0, 1)],
    side: body(2, 92, Z.hands + 2),
    rightSide: [outlineOf('M-22,-4 L-12,-8 L4,-10 L22,-6 L26,4 L-20,6 Z', 'c0', NEAR)],
  };
}

/** Something carried: on the back, at the side, or arrows. y = 0 is the neck's base. */
export function shapedPack(read: Read): Silhouette {
  const by = SIZE[read('size')] ?? 1;
  switch (read('kind')) {
    case 'side':
      return sideBag(by);
    case 'quiver':
      return by === 1 ? (NECK['quiver'] as Silhouette) : scale(NECK['quiver'] as Silhouette, by);
    case 'roll':
      return roll(by);
    default:
      return pack(by);
  }
}

const FEATHERS =
  'M14,10 C34,-46 84,-76 132,-78 C134,-62 128,-50 120,-42 C132,-40 134,-26 122,-16 C132,-10 128,6 114,10 C120,20 112,32 98,32 C100,44 88,52 76,48 C72,58 58,58 50,48 C34,40 22,28 14,10 Z';
const INSECT_UPPER = 'M12,8 C30,-40 84,-92 134,-84 C146,-62 104,-8 18,18 Z';
const INSECT_LOWER = 'M14,18 C52,8 104,16 112,40 C104,62 50,54 14,26 Z';
const FRAME = 'M14,8 C40,-40 92,-74 140,-70 C130,-46 128,-24 134,2 C118,-4 106,6 102,26 C86,18 72,28 66,46 C48,40 26,28 14,8 Z';
const LEAF =
  'M14,14 C40,-44 90,-70 128,-66 C122,-50 124,-36 130,-22 C118,-12 116,2 118,16 C104,20 98,32 96,46 C80,44 68,52 60,64 C44,58 24,42 14,14 Z';
const WINGS: Readonly<Record<string, { readonly panes: readonly string[]; readonly lines: string }>> = {
  feathers: {
    panes: [FEATHERS],
    lines:
      'M24,12 C52,-28 88,-56 126,-72 M44,18 C70,-10 96,-28 120,-42 M62,24 C84,6 104,-8 122,-16 M76,34 C92,24 104,16 114,10 M88,40 C94,38 98,34 98,32',
  },
  leaf: {
    panes: [LEAF],
    lines: 'M22,14 C52,-16 86,-44 122,-62 M24,20 C58,2 92,-14 124,-22 M26,26 C56,22 86,18 112,18 M28,32 C46,38 66,44 90,46',
  },
  insect: {
    panes: [INSECT_LOWER, INSECT_UPPER],
    lines: 'M20,8 C54,-30 92,-62 128,-78 M24,12 C62,-14 96,-40 124,-54 M22,22 C56,22 86,30 104,40',
  },
  frame: { panes: [FRAME], lines: 'M16,8 L138,-68 M18,10 L132,0 M20,12 L102,24 M22,14 L66,44' },
};

/** A pair of wings by its kind and span. y = 0 is the neck's base. */
export function shapedWings(read: Read): Silhouette {
  const { panes, lines } = WINGS[read('kind')] ?? (WINGS['feathers'] as (typeof WINGS)[string]);
  const isClear = read('kind') === 'insect';
  const wing = (z: number): readonly Shape[] => [
    ...panes.map((d): Shape => ({ ...outlineOf(d, 'c0', z), mirror: true })),
    ...(read('kind') === 'frame'
      ? [{ ...stroke(lines, 'c1', 4, z + 0.5), mirror: true }]
      : [{ ...creases(lines, 'c0', z + 0.5), mirror: true }]),
    ...(isClear ? [{ ...tone('M40,-20 C66,-48 96,-66 116,-68 C104,-50 70,-22 40,-20 Z', 'light', z + 0.4), mirror: true }] : []),
  ];
  const art: Silhouette = {
    front: [...wing(Z.farBehind), outlineOf('M-20,-4 L20,-4 L18,8 L-18,8 Z', 'c1', Z.neckPost + 1)],
    back: [...wing(Z.neck + 1), outlineOf('M-18,-8 L18,-8 L14,34 L-14,34 Z', 'c1', Z.neck + 3)],
    // From the side the near wing is seen folded back, three quarters of its length.
    side: wing(NEAR).map((shape) => ({ ...shape, mirror: false })),
  };
  const by = { small: 0.7, medium: 1, large: 1.28 }[read('span')] ?? 1;
  return by === 1 ? art : { ...scale(art, by) };
}
