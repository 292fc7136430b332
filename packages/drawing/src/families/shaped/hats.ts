import { creases, outlineOf, recolour, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { loose } from '../hair/index.js';

type Read = (key: string) => string;

const HAT = Z.headgear + 4;

const CROWNS: Readonly<Record<string, { readonly d: string; readonly lines: string; readonly shade: string }>> = {
  round: {
    d: 'M-51,-70 C-55,-112 -34,-127 0,-127 C34,-127 55,-112 51,-70 Z',
    lines: 'M-34,-110 C-26,-117 -16,-119 -6,-119',
    shade: 'M30,-121 C45,-106 45,-90 43,-70 L51,-70 C55,-97 49,-113 30,-121 Z',
  },
  flat: {
    d: 'M-50,-70 L-48,-108 C-24,-116 24,-116 48,-108 L50,-70 Z',
    lines: 'M-46,-102 C-22,-95 22,-95 46,-102',
    shade: 'M30,-112 L31,-70 L50,-70 L48,-108 Z',
  },
  tall: {
    d: 'M-48,-70 L-50,-146 C-24,-155 24,-155 50,-146 L48,-70 Z',
    lines: 'M-48,-138 C-22,-131 22,-131 48,-138',
    shade: 'M29,-151 L28,-70 L48,-70 L50,-146 Z',
  },
  pointed: {
    d: 'M-50,-70 C-32,-100 -12,-150 2,-174 C14,-150 34,-100 50,-70 Z',
    lines: 'M-24,-110 C-8,-114 10,-114 26,-108 M-10,-142 C-2,-145 6,-145 12,-141',
    shade: 'M6,-162 C16,-130 26,-100 32,-70 L50,-70 C34,-100 16,-140 6,-162 Z',
  },
  soft: {
    d: 'M-51,-70 C-70,-78 -74,-100 -56,-112 C-30,-126 36,-126 62,-110 C78,-98 70,-78 51,-70 Z',
    lines: 'M-40,-100 C-20,-108 24,-108 46,-98 M-30,-86 C-12,-92 16,-92 34,-86',
    shade: 'M36,-119 C54,-108 56,-86 44,-70 L52,-70 C72,-78 78,-100 62,-110 C54,-115 46,-118 36,-119 Z',
  },
};
/** Without a crown: a ring round the head, hair shows above it. */
const RING = 'M-53,-74 C-30,-84 30,-84 53,-74 L53,-62 C30,-72 -30,-72 -53,-62 Z';

const BRIMS: Readonly<Record<string, { readonly front: string; readonly back?: string; readonly side?: string }>> = {
  peak: {
    front: 'M-46,-68 C-28,-76 28,-76 46,-68 C54,-60 48,-52 36,-55 C16,-60 -16,-60 -36,-55 C-48,-52 -54,-60 -46,-68 Z',
    side: 'M-46,-74 C-62,-72 -80,-63 -86,-54 C-72,-53 -56,-57 -42,-63 Z',
  },
  narrow: { front: 'M-66,-70 C-50,-80 50,-80 66,-70 C60,-59 28,-61 0,-61 C-28,-61 -60,-59 -66,-70 Z' },
  wide: { front: 'M-98,-67 C-70,-80 -40,-73 0,-73 C40,-73 70,-80 98,-67 C86,-53 40,-60 0,-60 C-40,-60 -86,-53 -98,-67 Z' },
  'turned-up': {
    front: 'M-80,-96 C-74,-80 -54,-74 -48,-74 C-24,-80 24,-80 48,-74 C54,-74 74,-80 80,-96 C88,-74 64,-56 0,-58 C-64,-56 -88,-74 -80,-96 Z',
  },
};

const FLAP = 'M-56,-74 C-60,-52 -60,-34 -54,-22 C-44,-18 -40,-30 -42,-44 L-44,-72 Z';
const SIDE_FLAP = 'M-16,-74 C-18,-50 -14,-30 -2,-20 C12,-24 16,-50 16,-74 Z';

const crownOf = (read: Read): readonly Shape[] => {
  const crown = CROWNS[read('crown')];
  if (!crown) return [outlineOf(RING, 'c0', HAT)];
  return [outlineOf(crown.d, 'c0', HAT), tone(crown.shade, 'shade', HAT + 1.2), creases(crown.lines, 'c0', HAT + 1)];
};

/** The shoulders of the crown just above the brim, which a band follows. */
const BAND = 'M-51,-70 L-51,-85 C-30,-93 30,-93 51,-85 L51,-70 C30,-77 -30,-77 -51,-70 Z';

/** A hat by its descriptors: a crown, a brim, a band, flaps, and the hair it brings along. */
export function shapedHat(read: Read): Silhouette {
  const crown = crownOf(read);
  const band = read('band') === 'yes' ? [outlineOf(read('crown') === 'none' ? RING : BAND, 'c1', HAT + 1.5)] : [];
  const brim = BRIMS[read('brim')];
  const drawn = (d: string | undefined): readonly Shape[] => (d === undefined ? [] : [outlineOf(d, 'c0', HAT + 2)]);
  const flaps = read('flaps') === 'yes';
  const hat: Silhouette = {
    front: [...crown, ...band, ...drawn(brim?.front), ...(flaps ? [{ ...outlineOf(FLAP, 'c0', HAT - 0.5), mirror: true }] : [])],
    back: [
      ...crown,
      ...band,
      ...drawn(read('brim') === 'peak' ? undefined : brim?.front),
      ...(flaps ? [{ ...outlineOf(FLAP, 'c0', HAT - 0.5), mirror: true }] : []),
    ],
    side: [...crown, ...band, ...drawn(brim?.side ?? brim?.front), ...(flaps ? [outlineOf(SIDE_FLAP, 'c0', HAT - 0.5)] : [])],
  };
  if (read('hair') === 'none') return hat;
  const hair =
    read('hair') === 'long'
      ? loose({ volume: 20, sides: 26, back: 50, hairline: 'centre', texture: 'wavy', width: 6 })
      : loose({ volume: 20, sides: -6, back: 2, hairline: 'side', texture: 'smooth', width: 3 });
  const under = (shapes: readonly Shape[] = []): readonly Shape[] => recolour(shapes, 'c0', 'c2');
  return {
    front: [...under(hair.front), ...hat.front],
    back: [...under(hair.back), ...hat.back],
    side: [...under(hair.side), ...(hat.side ?? [])],
  };
}

const SHELLS = {
  round: 'C-62,-112 -36,-126 0,-126 C36,-126 62,-112',
  ridged: 'C-62,-112 -38,-122 -10,-124 L-8,-134 L8,-134 L10,-124 C38,-122 62,-112',
  pointed: 'C-62,-108 -30,-122 0,-152 C30,-122 62,-108',
} as const;

/** A helmet by its descriptors: it fits the head all round, its edge is the second colour. */
export function shapedHelmet(read: Read): Silhouette {
  const shell = SHELLS[read('top') as keyof typeof SHELLS] ?? SHELLS.round;
  const face = read('face');
  const low = face === 'open' ? -58 : -30;
  const opening =
    face === 'full'
      ? `L58,-4 C30,6 -30,6 -58,-4`
      : `L57,-22 C52,-14 46,-16 45,-26 L44,${low} C30,${low - 10} -30,${low - 10} -44,${low} L-45,-26 C-46,-16 -52,-14 -57,-22`;
  const front: Shape[] = [
    outlineOf(`M-58,-60 ${shell} 58,-60 ${opening} Z`, 'c0', HAT),
    tone('M32,-120 C52,-106 52,-70 50,-30 L58,-30 C64,-80 56,-112 32,-120 Z', 'shade', HAT + 1),
    ...(face === 'full'
      ? [
          outlineOf('M-42,-56 C-28,-62 28,-62 42,-56 L40,-38 C28,-44 -28,-44 -40,-38 Z', 'c1', HAT + 1.5),
          creases('M-16,-26 L-16,-12 M0,-26 L0,-10 M16,-26 L16,-12', 'c0', HAT + 1.5),
        ]
      : [
          outlineOf(
            `M-45,${low + 2} C-30,${low - 9} 30,${low - 9} 45,${low + 2} L46,${low - 8} C30,${low - 20} -30,${low - 20} -46,${low - 8} Z`,
            'c1',
            HAT + 1.5,
          ),
        ]),
  ];
  const bottom = read('guard') === 'yes' ? 10 : -12;
  return {
    front,
    back: [
      outlineOf(`M-58,-60 ${shell} 58,-60 L57,${bottom - 6} C30,${bottom + 4} -30,${bottom + 4} -57,${bottom - 6} Z`, 'c0', HAT),
      creases(`M-52,-24 C-26,-16 26,-16 52,-24`, 'c0', HAT + 1),
    ],
    side: [
      outlineOf(
        `M-52,-60 ${shell.replaceAll('62', '58')} 56,-60 L58,${bottom} C40,${bottom + 6} 26,${bottom} 18,-10 L-10,-12 ${face === 'open' ? 'L-14,-54 L-52,-60' : face === 'half' ? 'L-14,-30 L-54,-30' : 'L-52,-2 L-56,-30'} Z`,
        'c0',
        HAT,
      ),
      ...(face === 'full' ? [outlineOf('M-56,-56 L-18,-56 L-18,-40 L-55,-40 Z', 'c1', HAT + 1.5)] : []),
    ],
  };
}
