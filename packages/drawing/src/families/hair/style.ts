import {
  type Dot,
  edge,
  ellipse,
  onward,
  outlineOf,
  resample,
  sample,
  type Shape,
  type Silhouette,
  type Texture,
  tone,
  Z,
} from '../../shape/index.js';

export const short = { sides: -40, back: -14, texture: 'smooth' } as const;

/** Loose hair by its measures, in tenths of a mm from the head's base (crown −88, eyes −43, chin 0; longer is larger). */
export interface HairStyle {
  /** How far it stands off the crown. */
  readonly volume: number;
  /** Where it ends beside the face, and behind. */
  readonly sides: number;
  readonly back: number;
  readonly hairline: Hairline;
  readonly texture: Texture;
  /** How far it stands off the sides of the head. */
  readonly width?: number;
  /** Where behind the head it is gathered, when it is tied. */
  readonly gathered?: number;
}

/** Hair seen in a parting that reaches over the crown. */
export const PARTING: Shape = tone('M-42,-66 C-42,-98 -22,-108 0,-108 C22,-108 42,-98 42,-66 Z', 'c0', Z.head - 1);

type Hairline = 'centre' | 'side' | 'fringe' | 'choppy' | 'swept' | 'curled';

const HAIRLINES: Readonly<Record<Hairline, string>> = {
  centre: 'C42,-74 24,-88 0,-100 C-24,-88 -42,-74 -44,-54',
  side: 'C42,-68 10,-74 -18,-94 C-24,-82 -36,-72 -44,-58',
  fringe: 'C43,-60 42,-64 39,-65 C14,-59 -14,-59 -39,-65 C-42,-64 -43,-60 -44,-54',
  choppy: 'L37,-68 L31,-58 L22,-68 L13,-57 L4,-67 L-6,-56 L-15,-67 L-25,-58 L-34,-68 L-44,-54',
  swept: 'C41,-70 22,-82 0,-82 C-22,-82 -41,-70 -44,-54',
  curled: 'Q38,-66 29,-64 Q24,-56 15,-65 Q8,-57 0,-66 Q-8,-57 -15,-65 Q-24,-56 -29,-64 Q-38,-66 -44,-54',
};

export const strandLine = (d: string, z: number, opacity = 1): Shape => ({
  d,
  fill: 'none',
  line: 'inner',
  lineOf: 'c0',
  z,
  ...(opacity === 1 ? {} : { opacity }),
});
export const hairShape = (d: string, z: number): Shape => ({ d, fill: 'c0', line: 'outer', z });
export const glint = (d: string, z: number): Shape => ({ d, fill: 'light', line: 'stroke', width: 2.4, z });

const outerWidth = (style: HairStyle): number => 54 + (style.width ?? 0);
const crown = (style: HairStyle): number => -88 - style.volume;

/** The outer edge from one end, over the crown, to the other. */
function outerEdge(style: HairStyle, end: number): string {
  const [w, top] = [outerWidth(style), crown(style)];
  return `M${-w},${end} C${-w - 9},${Math.min(end - 20, -72)} ${-w * 0.66},${top} 0,${top} C${w * 0.66},${top} ${w + 9},${Math.min(end - 20, -72)} ${w},${end}`;
}

/** Small marks of the texture scattered over a cap, between two heights. */
function marks(style: HairStyle, from: number, to: number, halfWidth: number, centre = 0): string {
  const rows: string[] = [];
  const rowGap = style.texture === 'strands' ? 20 : 19;
  let k = 0;
  for (let y = from; y <= to; y += rowGap, k += 1) {
    const half = halfWidth * Math.sqrt(Math.max(0.16, 1 - Math.max(0, (-64 - y) / 62) ** 2));
    for (let x = centre - half + 8 + (k % 2) * 10; x <= centre + half - 12; x += 23)
      rows.push(
        style.texture === 'strands'
          ? `M${Math.round(x)},${y} C${Math.round(x - 2)},${y + 5} ${Math.round(x + 2)},${y + 10} ${Math.round(x)},${y + 15}`
          : `M${Math.round(x)},${y} C${Math.round(x + 2)},${y - 7} ${Math.round(x + 10)},${y - 7} ${Math.round(x + 12)},${y}`,
      );
  }
  return rows.join(' ');
}

const STRANDS: Readonly<Record<Hairline, (w: number, top: number, end: number) => string>> = {
  centre: (w, top, end) =>
    `M0,-100 L0,${top + 3} M-12,-92 C-32,-88 ${-w + 8},-72 ${-w + 5},${end - 12} M12,-92 C32,-88 ${w - 8},-72 ${w - 5},${end - 12}`,
  side: (w, top, end) =>
    `M-18,-94 C-16,${top + 12} -6,${top + 8} 8,${top + 5} M-6,-88 C14,-98 36,-94 ${w - 8},${Math.min(-62, end - 10)} M-28,-84 C-38,-86 -46,-78 ${-w + 5},${end - 10}`,
  fringe: (w, top) =>
    `M-24,-64 C-26,-80 -18,-98 -6,${top + 8} M-6,-62 C-8,-80 -4,-96 2,${top + 8} M13,-62 C15,-78 12,-96 8,${top + 8} M29,-64 C32,-78 28,-94 18,${top + 12} M${-w + 6},-48 C${-w + 4},-66 -42,-84 -30,-96`,
  choppy: (_, top) => `M-25,-60 C-26,-76 -18,-94 -8,${top + 10} M-6,-58 C-8,-78 -2,-96 6,${top + 10} M13,-59 C16,-76 16,-92 12,${top + 12}`,
  swept: (w, top, end) =>
    `M-22,-80 C-20,-94 -14,${top + 14} -6,${top + 6} M2,-83 L4,${top + 5} M24,-80 C22,-94 18,${top + 14} 12,${top + 6} M${-w + 7},${end - 14} C-50,-70 -44,-88 -28,${top + 12} M${w - 7},${end - 14} C50,-70 44,-88 30,${top + 12}`,
  curled: () => '',
};

function front(style: HairStyle): Shape[] {
  const { sides, texture, hairline } = style;
  const [w, top] = [outerWidth(style), crown(style)];
  const tip = sides > -30 ? `C${w - 2},${sides + 8} 46,${sides + 8} 45,${sides - 2}` : `L44,${sides + 4}`;
  const tipLeft = sides > -30 ? `C-46,${sides + 8} ${-w + 2},${sides + 8} ${-w},${sides}` : `L${-w},${sides}`;
  const d = `${edge(outerEdge(style, sides), texture)} ${tip} L44,-54 ${HAIRLINES[hairline]} L${sides > -30 ? '-45' : '-44'},${sides - (sides > -30 ? 2 : -4)} ${tipLeft} Z`;
  const shapes: Shape[] = [];
  if (style.back > -8) {
    const b = w + Math.min(18, Math.max(0, (style.back - 10) / 5));
    const ends = edge(
      `M${b},${style.back - 6} C${b * 0.6},${style.back + 8} ${-b * 0.6},${style.back + 8} ${-b},${style.back - 6}`,
      texture,
    );
    const side = `M${-b},${style.back - 6} C${-w - 12},${Math.round(style.back / 3)} ${-w - 4},-40 ${-w + 6},-70`;
    shapes.push(
      hairShape(
        `${edge(side, texture)} L${w - 6},-70 ${onward(edge(`M${w - 6},-70 C${w + 4},-40 ${w + 12},${Math.round(style.back / 3)} ${b},${style.back - 6}`, texture))} ${onward(ends)} Z`,
        style.back > 12 ? Z.farBehind + 2 : Z.behind,
      ),
    );
  }
  shapes.push(PARTING, hairShape(d, Z.headgear));
  const drawn =
    texture === 'smooth' || texture === 'spiked'
      ? STRANDS[hairline](w, top, sides)
      : marks(style, top + 13, -76, w - 8) || STRANDS[hairline](w, top, sides);
  if (drawn) shapes.push(strandLine(drawn, Z.headgear + 1));
  if (texture === 'smooth' || texture === 'wavy')
    shapes.push(glint(`M16,${top + 7} C28,${top + 9} 38,${top + 16} 45,${top + 26}`, Z.headgear + 1));
  return shapes;
}

/** The smooth back of tied hair: all strands run to where it is gathered. */
function gatheredBack(style: HairStyle, to: number): Shape[] {
  const [w, top] = [outerWidth(style), crown(style)];
  const over = `M-44,-22 C${-w - 8},-40 ${-w - 4},${top} 0,${top} C${w + 4},${top} ${w + 8},-40 44,-22`;
  const strands = [-1, -0.6, -0.2, 0.2, 0.6, 1]
    .map((k) => {
      const x = Math.round(k * (w - 8));
      const y = Math.round(top + 8 + (1 - Math.sqrt(1 - (k * 0.9) ** 2)) * 56);
      return `M${x},${y} C${Math.round(x * 0.9)},${Math.round((y + to) / 2)} ${Math.round(x * 0.5)},${to - 6} ${Math.round(k * 6)},${to}`;
    })
    .join(' ');
  const nape = `M-36,-22 C-22,${Math.max(-30, to)} -10,${to + 2} -4,${to} M36,-22 C22,${Math.max(-30, to)} 10,${to + 2} 4,${to}`;
  return [
    hairShape(`${edge(over, style.texture === 'smooth' ? 'smooth' : style.texture)} C20,-16 -20,-16 -44,-22 Z`, Z.headgear),
    strandLine(`${strands} ${nape}`, Z.headgear + 1),
  ];
}

function back(style: HairStyle): Shape[] {
  if (style.gathered !== undefined) return gatheredBack(style, style.gathered);
  const { texture } = style;
  const [w, top] = [outerWidth(style), crown(style)];
  const b = w + Math.min(18, Math.max(0, (style.back - 10) / 5));
  const over = `M${-b},${style.back} C${-w - 10},${Math.min(style.back - 30, -60)} ${-w * 0.7},${top} 0,${top} C${w * 0.7},${top} ${w + 10},${Math.min(style.back - 30, -60)} ${b},${style.back}`;
  const ends = edge(
    `M${b},${style.back} C${b * 0.6},${style.back + 12} ${-b * 0.6},${style.back + 12} ${-b},${style.back}`,
    texture === 'smooth' ? 'wavy' : texture,
  );
  const strands =
    texture === 'smooth' || texture === 'spiked'
      ? [-0.66, -0.33, 0, 0.33, 0.66]
          .map(
            (k) =>
              `M${Math.round(k * 40)},${top + 8 + Math.abs(k) * 14} C${Math.round(k * 62)},-70 ${Math.round(k * w)},-40 ${Math.round(k * b)},${style.back - 6}`,
          )
          .join(' ')
      : marks(style, top + 13, style.back - 12, w - 6);
  return [hairShape(`${edge(over, texture)} ${onward(ends)} Z`, Z.headgear), strandLine(strands, Z.headgear + 1)];
}

/** From the side, facing left: the face is at x = −47, the back of the head at 47. */
function side(style: HairStyle): Shape[] {
  const { texture, sides, hairline } = style;
  const top = crown(style);
  const low = hairline === 'fringe' || hairline === 'choppy' || hairline === 'curled' ? -62 : -72;
  const b = 54 + (style.width ?? 0) * 0.8;
  const reach = b + Math.max(0, Math.min(10, style.back / 8));
  const over = `M-47,${low} C-50,${top + 12} -26,${top} 4,${top} C42,${top} ${b + 6},-84 ${b},-44 C${b - 1},${Math.round((style.back - 44) / 2)} ${reach},${style.back - 14} ${reach},${style.back}`;
  const nape = style.back > -4 ? 4 : 20;
  const ends = edge(
    `M${reach},${style.back} C${reach - 14},${style.back + 7} ${nape + 12},${style.back + 7} ${nape},${style.back - 4}`,
    texture,
  );
  const lock = sides > -30 ? `C-4,${sides + 8} -20,${sides + 6} -18,${sides - 8}` : `L-14,${sides - 6}`;
  const inner = `C${nape - 4},-20 ${nape - 4},-26 4,-28 C2,${Math.min(sides, -28) + 8} 0,${sides} -4,${sides} ${lock} C-16,-54 -22,-62 -47,${low} Z`;
  const strands =
    texture === 'smooth' || texture === 'spiked'
      ? `M-28,${top + 16} C-4,${top + 22} 20,-82 ${b - 16},${Math.min(style.back - 8, -30)} M-8,${top + 6} C24,${top + 12} 42,-80 ${b - 6},${Math.min(style.back - 8, -36)} M-36,-80 C-14,-82 2,-66 2,-36`
      : [0, 1, 2, 3].map((row) => marks(style, top + 14 + row * 19, top + 14 + row * 19, row < 2 ? 34 : 24, 10 + row * 5)).join(' ');
  return [
    hairShape(`${edge(over, texture)} ${onward(ends)} ${inner}`, Z.headgear),
    strandLine(strands, Z.headgear + 1),
    ...(texture === 'smooth' ? [glint(`M-24,${top + 9} C-8,${top + 4} 10,${top + 5} 24,${top + 12}`, Z.headgear + 1)] : []),
  ];
}

/** Loose hair from all sides. */
export const loose = (style: HairStyle): Silhouette => ({ front: front(style), back: back(style), side: side(style) });

/** Puts more shapes onto a silhouette: knots, tails and plaits onto loose hair. */
export function withMore(base: Silhouette, ...more: readonly Partial<Pick<Silhouette, 'front' | 'back' | 'side'>>[]): Silhouette {
  const all = (view: 'front' | 'back' | 'side'): Shape[] => [...(base[view] ?? []), ...more.flatMap((extra) => extra[view] ?? [])];
  return { ...base, front: all('front'), back: all('back'), side: all('side') };
}

/** A round knot of hair. */
function knot(x: number, y: number, r: number, z: number): Shape[] {
  return [
    hairShape(ellipse(x, y, r, r * 0.86), z),
    strandLine(
      `M${x - r * 0.6},${y - r * 0.2} C${x - r * 0.2},${y - r * 0.7} ${x + r * 0.5},${y - r * 0.6} ${x + r * 0.6},${y} M${x - r * 0.5},${y + r * 0.4} C${x - r * 0.1},${y + r * 0.05} ${x + r * 0.3},${y + r * 0.1} ${x + r * 0.4},${y + r * 0.5}`,
      z + 1,
    ),
  ];
}

export const topKnot = (y: number, r = 21) => ({
  front: knot(0, y, r, Z.headgear - 1),
  back: knot(0, y + 4, r, Z.headgear + 2),
  side: knot(16, y + 2, r, Z.headgear + 2),
});
/** A knot behind the head at a height. */
export const knotBehind = (y: number, r = 20) => ({
  back: knot(0, y, r, Z.headgear + 2),
  side: knot(60, y - 2, Math.round(r * 0.9), Z.headgear - 1),
});
export const twoKnots = (y: number, r = 17) => ({
  front: [...knot(-40, y, r, Z.headgear - 1), ...knot(40, y, r, Z.headgear - 1)],
  back: [...knot(-40, y, r, Z.headgear + 2), ...knot(40, y, r, Z.headgear + 2)],
  side: knot(6, y - 2, r, Z.headgear + 2),
});

const tie = (x: number, y: number, r = 7): Shape => outlineOf(ellipse(x, y, r, r), 'c1', Z.headgear + 4);

/** A tail that starts at a height behind the head and falls to `end`. */
export function tail(start: number, end: number, texture: Texture = 'smooth') {
  const w = 20;
  const mid = (start + end) / 2;
  const behind = `${edge(`M-8,${start} C${-w - 8},${start + 14} ${-w - 6},${mid} ${-w + 6},${end - 8}`, texture)} C-8,${end + 4} 8,${end + 4} ${w - 6},${end - 8} ${onward(edge(`M${w - 6},${end - 8} C${w + 6},${mid} ${w + 8},${start + 14} 8,${start}`, texture))} Z`;
  const beside = `${edge(`M50,${start - 6} C78,${start - 12} 88,${mid - 10} 76,${end - 6}`, texture)} C70,${end + 6} 60,${end + 4} 56,${end - 10} C64,${mid} 62,${start + 18} 48,${start + 8} Z`;
  return {
    back: [
      hairShape(behind, Z.headgear + 2),
      strandLine(
        `M-4,${start + 10} C-10,${mid} -8,${end - 24} -6,${end - 10} M4,${start + 10} C10,${mid} 8,${end - 24} 5,${end - 10}`,
        Z.headgear + 3,
      ),
      tie(0, start + 2),
    ],
    side: [
      hairShape(beside, Z.headgear - 1),
      strandLine(`M58,${start + 2} C74,${start + 6} 76,${mid} 69,${end - 8}`, Z.headgear),
      tie(50, start, 6),
    ],
    front: start < -60 ? [hairShape(`M-14,${start - 4} C-22,${start - 26} 22,${start - 26} 14,${start - 4} Z`, Z.headgear - 1)] : [],
  };
}

/** A tail on one side of the head that falls to `end`: at +x from the front, at −x from behind. */
export function sideTail(end: number) {
  const falls = (x: number): string =>
    `M${44 * x},-52 C${66 * x},-62 ${86 * x},-40 ${82 * x},${Math.round(end * 0.4) - 12} C${80 * x},${end - 10} ${72 * x},${end + 4} ${64 * x},${end + 2} C${56 * x},${end - 8} ${62 * x},-18 ${44 * x},-34 Z`;
  const strand = (x: number): string => `M${52 * x},-46 C${70 * x},-36 ${72 * x},-8 ${66 * x},${end - 8}`;
  const shapes = (x: number): Shape[] => [
    hairShape(falls(x), Z.headgear - 1),
    strandLine(strand(x), Z.headgear - 0.5),
    tie(48 * x, -44, 7),
  ];
  return {
    front: shapes(1),
    back: shapes(-1),
    side: [
      hairShape(
        `M-4,-54 C18,-58 26,-36 24,-14 C24,${Math.round(end * 0.6)} 14,${end + 4} 4,${end + 2} C-6,${end - 8} -4,-18 -12,-36 Z`,
        Z.headgear + 2,
      ),
      strandLine(`M2,-46 C14,-30 14,0 6,${end - 8}`, Z.headgear + 3),
      tie(2, -48, 7),
    ],
  };
}

/** The lobes of a plait down a line from `from` to `to`. */
function lobes(from: Dot, to: Dot, width: number, z: number): Shape[] {
  const dots = resample(sample(`M${from.x},${from.y} C${from.x},${from.y} ${to.x},${to.y} ${to.x},${to.y}`), width * 1.25);
  const shapes = dots.slice(0, -1).map((dot, i): Shape => {
    const next = dots[i + 1] ?? dot;
    return hairShape(ellipse(Math.round((dot.x + next.x) / 2), Math.round((dot.y + next.y) / 2), width * (1 - i * 0.03), width * 0.78), z);
  });
  const last = dots[dots.length - 1] ?? to;
  return [
    ...shapes,
    hairShape(`M${last.x - 4},${last.y - 2} L${last.x + 4},${last.y - 2} L${last.x + 7},${last.y + 14} L${last.x - 7},${last.y + 14} Z`, z),
    tie(last.x, last.y - 2, 5),
  ];
}

/** One plait down the back. */
export const plait = (end: number) => ({
  back: lobes({ x: 0, y: -28 }, { x: 0, y: end }, 12, Z.headgear + 2),
  side: lobes({ x: 50, y: -26 }, { x: 60, y: end }, 11, Z.headgear - 1),
});

/** One plait brought forward over a shoulder. */
export const plaitInFront = (end: number) => ({
  front: lobes({ x: 47, y: -16 }, { x: 38, y: end }, 11, Z.headgear + 2),
  side: lobes({ x: 6, y: -14 }, { x: -12, y: end }, 11, Z.headgear + 2),
  back: [strandLine('M-46,-30 C-20,-22 20,-26 48,-34', Z.headgear + 2)],
});
