import { creases, edge, ellipse, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { OVER } from '../neck/index.js';

type Read = (key: string) => string;

const HOOD = Z.headgear;
const TOP: Readonly<Record<string, { readonly left: string; readonly right: string; readonly side: string }>> = {
  round: {
    left: 'C-72,-20 -72,-90 -34,-114 C-16,-126',
    right: '16,-128 32,-116 C72,-92 72,-20',
    side: 'C-36,-116 0,-128 22,-122 C58,-110 72,-66',
  },
  pointed: {
    left: 'C-72,-20 -66,-84 -34,-112 C-20,-124',
    right: '-8,-140 2,-154 C56,-104 74,-24',
    side: 'C-36,-112 -10,-136 40,-150 C66,-112 74,-66',
  },
};

/** A hood by its descriptors: round or drawn to a point, plain or edged with fur, with a collar that lies on the shoulders. */
export function shapedHood(read: Read): Silhouette {
  const top = TOP[read('peak')] ?? (TOP['round'] as (typeof TOP)[string]);
  const hasFur = read('edge') === 'fur';
  const collar =
    read('shoulders') === 'collar'
      ? [
          outlineOf('M-50,6 C-74,14 -84,36 -80,52 C-50,66 50,66 80,52 C84,36 74,14 50,6 Z', 'c0', Z.neck),
          creases('M-40,34 C-20,44 20,44 40,34', 'c0', Z.neck + 1),
        ]
      : [];
  const sideCollar =
    read('shoulders') === 'collar'
      ? [outlineOf('M-34,8 C-20,4 24,2 44,10 C58,22 62,40 58,52 C26,64 -24,64 -44,52 C-48,36 -44,18 -34,8 Z', 'c0', OVER)]
      : [];
  const opening = 'C44,6 44,-4 45,-16 C50,-50 40,-80 0,-82 C-40,-80 -50,-50 -45,-16 C-44,-4 -44,6 -48,14 Z';
  const fur = `${edge('M-46,2 C-56,-34 -52,-86 0,-88 C52,-86 56,-34 46,2', 'curled')} L38,2 C44,-28 44,-66 0,-72 C-44,-66 -44,-28 -38,2 Z`;
  return {
    front: [
      ...collar,
      outlineOf(`M-48,14 ${top.left} ${top.right} 48,14 ${opening}`, 'c0', HOOD),
      tone('M34,-112 C60,-94 66,-40 50,10 L48,14 C72,-20 72,-92 34,-112 Z', 'shade', HOOD + 1),
      hasFur ? outlineOf(fur, 'c1', HOOD + 2) : creases('M-56,-30 C-60,-66 -44,-94 0,-96 C44,-94 60,-66 56,-30', 'c0', HOOD + 1),
    ],
    back: [
      ...collar,
      outlineOf(`M-50,18 ${top.left} ${top.right} 50,18 C24,30 -24,30 -50,18 Z`, 'c0', HOOD),
      creases('M0,-118 C-4,-80 -4,-30 0,24 M-30,-98 C-40,-60 -38,-20 -30,16 M30,-98 C40,-60 38,-20 30,16', 'c0', HOOD + 1),
    ],
    side: [
      ...sideCollar,
      outlineOf(`M-44,-82 ${top.side} 62,-18 C56,8 38,18 16,18 L-18,10 C-4,-18 -14,-62 -44,-82 Z`, 'c0', HOOD),
      creases('M16,-112 C46,-92 52,-40 34,8 M-34,-84 C-10,-66 -2,-24 -10,6', 'c0', HOOD + 1),
      ...(hasFur
        ? [outlineOf(`${edge('M-20,10 C-2,-24 -14,-66 -48,-84', 'curled')} L-38,-84 C-26,-66 -22,-22 -32,6 Z`, 'c1', HOOD + 2)]
        : []),
    ],
  };
}

const MASK = Z.headgear;
const AREA: Readonly<Record<string, { readonly front: string; readonly side: string; readonly eyesAt: number | null }>> = {
  face: {
    front: 'M-46,-72 C-28,-80 28,-80 46,-72 C50,-40 42,-8 0,-2 C-42,-8 -50,-40 -46,-72 Z',
    side: 'M-46,-76 L-14,-78 C-10,-50 -12,-20 -20,-4 C-36,-4 -44,-12 -48,-26 C-54,-34 -52,-60 -46,-76 Z',
    eyesAt: -50,
  },
  eyes: {
    front: 'M-48,-66 C-28,-74 28,-74 48,-66 C50,-50 40,-38 22,-38 C10,-38 8,-44 0,-44 C-8,-44 -10,-38 -22,-38 C-40,-38 -50,-50 -48,-66 Z',
    side: 'M-48,-68 L-10,-66 L-10,-44 C-22,-38 -40,-36 -50,-40 C-54,-48 -52,-60 -48,-68 Z',
    eyesAt: -54,
  },
  mouth: {
    front: 'M-46,-36 C-26,-44 26,-44 46,-36 C46,-14 28,0 0,2 C-28,0 -46,-14 -46,-36 Z',
    side: 'M-50,-38 L-12,-36 C-12,-20 -16,-6 -22,2 C-38,2 -46,-8 -48,-18 Z',
    eyesAt: null,
  },
};
const FORM: Readonly<Record<string, { readonly front: readonly Shape[]; readonly side: readonly Shape[] }>> = {
  beak: {
    front: [
      outlineOf('M-14,-36 C-8,-44 8,-44 14,-36 C10,-20 4,-8 0,-2 C-4,-8 -10,-20 -14,-36 Z', 'c1', MASK + 2),
      creases('M0,-38 L0,-8', 'c1', MASK + 2.5),
    ],
    side: [outlineOf('M-46,-42 C-66,-40 -84,-24 -90,-8 C-72,-12 -56,-16 -44,-22 Z', 'c1', MASK + 2)],
  },
  snout: {
    front: [
      outlineOf('M-20,-32 C-16,-40 16,-40 20,-32 C22,-16 12,-8 0,-8 C-12,-8 -22,-16 -20,-32 Z', 'c0', MASK + 2),
      tone('M-8,-35 C-3,-39 3,-39 8,-35 C6,-29 2,-27 0,-27 C-2,-27 -6,-29 -8,-35 Z', 'ink', MASK + 2.5),
    ],
    side: [
      outlineOf('M-44,-38 C-60,-38 -68,-30 -66,-18 C-60,-8 -48,-8 -40,-12 Z', 'c0', MASK + 2),
      tone('M-56,-38 C-64,-36 -68,-30 -67,-24 C-60,-26 -56,-32 -56,-38 Z', 'ink', MASK + 2.5),
    ],
  },
};

/** A mask by its descriptors, tied behind the head. */
export function shapedMask(read: Read): Silhouette {
  const area = AREA[read('covers')] ?? (AREA['face'] as (typeof AREA)[string]);
  const form = read('covers') === 'eyes' ? undefined : FORM[read('form')];
  const ears: readonly Shape[] =
    read('ears') === 'yes'
      ? [
          { ...outlineOf('M20,-74 C26,-96 38,-110 46,-114 C52,-100 52,-86 46,-68 Z', 'c0', MASK - 0.5), mirror: true },
          { ...tone('M30,-80 C34,-94 40,-102 44,-104 C46,-94 46,-86 42,-76 Z', 'c1', MASK - 0.4), mirror: true },
        ]
      : [];
  const sideEars: readonly Shape[] =
    read('ears') === 'yes' ? [outlineOf('M-36,-76 C-36,-98 -28,-110 -20,-114 C-14,-102 -12,-90 -14,-76 Z', 'c0', MASK - 0.5)] : [];
  const eyes =
    area.eyesAt === null
      ? []
      : [
          { ...outlineOf(ellipse(20, area.eyesAt, 9, 7), 'white', MASK + 1), mirror: true },
          { ...tone(ellipse(20, area.eyesAt, 4, 4), 'ink', MASK + 1.2), mirror: true },
        ];
  const strapY = area.eyesAt ?? -24;
  return {
    front: [...ears, outlineOf(area.front, 'c0', MASK), ...eyes, ...(form?.front ?? [])],
    back: [
      outlineOf(
        `M-52,${strapY - 5} C-30,${strapY + 3} 30,${strapY + 3} 52,${strapY - 5} L52,${strapY + 5} C30,${strapY + 13} -30,${strapY + 13} -52,${strapY + 5} Z`,
        'c1',
        MASK,
      ),
    ],
    side: [
      ...sideEars,
      outlineOf(`M-14,${strapY - 5} L50,${strapY - 5} L50,${strapY + 5} L-14,${strapY + 5} Z`, 'c1', MASK - 0.3),
      outlineOf(area.side, 'c0', MASK),
      ...(area.eyesAt === null
        ? []
        : [outlineOf(ellipse(-38, area.eyesAt, 5, 6), 'white', MASK + 1), tone(ellipse(-40, area.eyesAt, 3, 4), 'ink', MASK + 1.2)]),
      ...(form?.side ?? []),
    ],
  };
}
