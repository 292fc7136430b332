import { creases, ellipse, outlineOf, type Shape, type Silhouette, stroke, tone, widen, Z } from '../../shape/index.js';
import { BODY } from '../body.js';

type Read = (key: string) => string;

const mirror = (shape: Shape): Shape => ({ ...shape, mirror: true });

/** Ears that are moulded with a head: from the front and behind, then from the side. */
const EARS: Readonly<
  Record<string, { readonly around: readonly Shape[]; readonly inner?: readonly Shape[]; readonly side: readonly Shape[] }>
> = {
  side: {
    around: [mirror(outlineOf('M48,-56 C56,-64 63,-58 62,-46 C61,-36 55,-30 48,-34 Z', 'c0', Z.head - 1))],
    side: [
      outlineOf('M2,-52 C8,-62 22,-60 22,-46 C22,-34 12,-28 4,-34 Z', 'c0', Z.head + 3),
      creases('M8,-50 C14,-52 17,-46 14,-40', 'c0', Z.head + 3.5),
    ],
  },
  pointed: {
    around: [
      mirror(outlineOf('M-44,-74 C-52,-98 -48,-114 -40,-120 C-28,-112 -20,-100 -16,-87 C-26,-86 -36,-82 -44,-74 Z', 'c0', Z.head - 1)),
    ],
    inner: [mirror(tone('M-38,-84 C-42,-98 -40,-106 -37,-110 C-32,-104 -28,-98 -26,-90 Z', 'c1', Z.head - 0.9))],
    side: [outlineOf('M-2,-86 C-8,-106 2,-120 10,-122 C18,-112 22,-98 20,-86 Z', 'c0', Z.head + 3)],
  },
  round: {
    around: [mirror(outlineOf(ellipse(42, -86, 19, 19), 'c0', Z.head - 1))],
    inner: [mirror(tone(ellipse(43, -87, 10, 10), 'c1', Z.head - 0.9))],
    side: [outlineOf(ellipse(8, -88, 17, 18), 'c0', Z.head + 3), tone(ellipse(8, -88, 9, 10), 'c1', Z.head + 3.2)],
  },
  long: {
    around: [mirror(outlineOf('M12,-84 C4,-120 8,-148 22,-154 C38,-148 42,-116 34,-80 Z', 'c0', Z.head - 1))],
    inner: [mirror(tone('M18,-92 C14,-120 16,-136 23,-144 C32,-136 33,-114 29,-90 Z', 'c1', Z.head - 0.9))],
    side: [
      outlineOf('M-4,-84 C-10,-118 0,-150 12,-154 C24,-146 28,-116 20,-82 Z', 'c0', Z.head + 3),
      tone('M2,-92 C0,-118 6,-136 12,-144 C18,-134 20,-114 16,-90 Z', 'c1', Z.head + 3.2),
    ],
  },
};

const SNOUT: { readonly front: readonly Shape[]; readonly side: readonly Shape[] } = {
  front: [
    outlineOf('M-24,-34 C-20,-46 20,-46 24,-34 C28,-18 18,-6 0,-6 C-18,-6 -28,-18 -24,-34 Z', 'c0', Z.head + 3),
    tone('M-10,-38 C-4,-43 4,-43 10,-38 C7,-30 3,-28 0,-28 C-3,-28 -7,-30 -10,-38 Z', 'ink', Z.head + 3.4),
    creases('M0,-28 L0,-20 C-6,-14 -12,-14 -15,-17 M0,-20 C6,-14 12,-14 15,-17', 'c0', Z.head + 3.5),
  ],
  side: [
    outlineOf('M-42,-42 C-60,-42 -70,-32 -68,-20 C-64,-8 -50,-4 -36,-8 Z', 'c0', Z.head + 3),
    tone('M-56,-42 C-66,-40 -71,-32 -69,-26 C-62,-28 -56,-34 -56,-42 Z', 'ink', Z.head + 3.4),
    creases('M-66,-22 C-56,-18 -48,-18 -42,-20', 'c0', Z.head + 3.5),
  ],
};
const BEAK: typeof SNOUT = {
  front: [
    outlineOf('M-16,-38 C-8,-46 8,-46 16,-38 C12,-22 5,-12 0,-8 C-5,-12 -12,-22 -16,-38 Z', 'c1', Z.head + 3),
    creases('M-13,-32 C-4,-26 4,-26 13,-32', 'c1', Z.head + 3.5),
  ],
  side: [
    outlineOf('M-42,-46 C-58,-48 -78,-34 -82,-24 C-68,-18 -54,-18 -42,-20 Z', 'c1', Z.head - 0.5),
    creases('M-80,-26 C-66,-30 -54,-32 -46,-32', 'c1', Z.head - 0.4),
  ],
};

const HORNS: Readonly<Record<string, { readonly around: readonly Shape[]; readonly side: readonly Shape[] }>> = {
  short: {
    around: [mirror(outlineOf('M16,-82 C18,-96 24,-106 32,-110 C34,-98 34,-88 32,-78 Z', 'c1', Z.head - 0.8))],
    side: [outlineOf('M-12,-84 C-14,-98 -10,-108 -4,-112 C2,-102 4,-92 4,-84 Z', 'c1', Z.head - 0.8)],
  },
  curved: {
    around: [
      mirror(
        outlineOf('M28,-80 C44,-100 70,-96 72,-70 C73,-56 66,-46 56,-44 C62,-54 62,-66 54,-72 C46,-76 40,-72 40,-66 Z', 'c1', Z.head + 3.6),
      ),
    ],
    side: [
      outlineOf('M-4,-78 C8,-104 44,-98 44,-64 C44,-44 26,-36 12,-42 C24,-46 30,-56 26,-66 C22,-74 12,-72 8,-66 Z', 'c1', Z.head + 3.6),
    ],
  },
};

/** A head by its descriptors: with ears, a snout or a beak, and horns. y = 0 is the neck's base. */
export function shapedHead(read: Read): Silhouette {
  const base = BODY['head'] as Silhouette;
  const ears = EARS[read('ears')];
  const horns = HORNS[read('horns')];
  const face = { snout: SNOUT, beak: BEAK }[read('face')];
  return {
    ...base,
    front: [...base.front, ...(ears?.around ?? []), ...(ears?.inner ?? []), ...(horns?.around ?? []), ...(face?.front ?? [])],
    back: [...base.back, ...(ears?.around ?? []), ...(horns?.around ?? [])],
    side: [...(base.side ?? []), ...(ears?.side ?? []), ...(horns?.side ?? []), ...(face?.side ?? [])],
  };
}

const BUILDS: Readonly<Record<string, number>> = { slim: 0.86, broad: 1.13 };

/** A torso of a usual, slim or broad build. y = 0 is its hem. */
export function shapedTorso(read: Read): Silhouette {
  const torso = BODY['torso'] as Silhouette;
  const by = BUILDS[read('build')];
  return by === undefined ? torso : widen(torso, by);
}

const WIDE_SLEEVE = 'M38,-118 C64,-116 77,-92 88,-52 C94,-32 96,-18 92,-6 C78,4 58,0 48,-10 C50,-34 48,-70 40,-90 Z';
const WIDE_SIDE =
  'M54,-120 C72,-120 80,-106 80,-92 C82,-72 90,-50 98,-12 C84,2 58,0 48,-8 C50,-32 44,-68 38,-84 C32,-102 40,-120 54,-120 Z';
const wide = (d: string, mouth: string, folds: string): readonly Shape[] => [
  outlineOf(d, 'c0', Z.arms + 1),
  outlineOf(mouth, 'c1', Z.arms + 2),
  creases(folds, 'c0', Z.arms + 2.5),
];

/** An arm by its sleeve, drawn for the side at +x. */
export function shapedArm(read: Read): Silhouette {
  const sleeve = read('sleeve');
  const long = BODY['arm'] as Silhouette;
  if (sleeve === 'short') return BODY['arm-short'] as Silhouette;
  if (sleeve === 'glove') return BODY['arm-glove'] as Silhouette;
  if (sleeve === 'none') {
    const elbow = creases('M60,-66 C66,-62 72,-62 77,-66', 'c0', Z.arms + 2);
    return { ...long, front: [...long.front, elbow], back: [...long.back, elbow] };
  }
  if (sleeve !== 'wide') return long;
  const front = wide(
    WIDE_SLEEVE,
    'M48,-10 C58,-16 80,-16 92,-6 C80,4 58,2 48,-10 Z',
    'M60,-80 C64,-56 64,-36 60,-16 M72,-74 C80,-52 82,-34 80,-14',
  );
  return {
    outline: WIDE_SLEEVE,
    sideOutline: WIDE_SIDE,
    front,
    back: front,
    side: wide(WIDE_SIDE, 'M48,-8 C60,-16 86,-18 98,-12 C86,2 60,2 48,-8 Z', 'M60,-80 C62,-56 62,-36 60,-14 M72,-76 C80,-54 84,-36 86,-16'),
  };
}

const GLOVE_CUFF = outlineOf('M50,-40 C62,-33 76,-33 88,-41 L86,-22 C74,-14 62,-14 53,-21 Z', 'c1', Z.hands + 2);
const CLAW: readonly Shape[] = [
  outlineOf('M56,-24 C62,-19 74,-19 80,-24 L80,-10 C74,-6 62,-6 56,-10 Z', 'c0', Z.hands),
  outlineOf('M57,-10 C52,0 54,12 60,18 C61,8 63,0 64,-7 Z', 'c0', Z.hands + 1),
  outlineOf('M65,-7 C64,4 67,14 71,19 C73,10 73,0 72,-7 Z', 'c0', Z.hands + 1),
  outlineOf('M73,-7 C75,2 79,10 85,13 C86,4 84,-5 80,-10 Z', 'c0', Z.hands + 1),
];

/** A hand by its kind: bare, gloved with a cuff, a hook, a claw. */
export function shapedHand(read: Read): Silhouette {
  const hand = BODY['hand'] as Silhouette;
  switch (read('kind')) {
    case 'hook':
      return BODY['hook'] as Silhouette;
    case 'claw':
      return { front: CLAW, back: CLAW };
    case 'glove':
      return {
        front: [...hand.front, GLOVE_CUFF],
        back: [...hand.back, GLOVE_CUFF, stroke('M57,-2 L57,-8 M69,2 L69,-6', 'shade', 2, Z.hands + 1.5)],
      };
    default:
      return hand;
  }
}
