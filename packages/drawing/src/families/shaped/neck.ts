import { creases, edge, ellipse, onward, outlineOf, type Shape, type Silhouette, type Texture, tone, Z } from '../../shape/index.js';
import { OVER } from '../neck/index.js';

type Read = (key: string) => string;

/** How far a cape hangs below the neck, and how far it spreads to either side there, by its length. */
const CAPES = [
  { end: 44, half: 74 },
  { end: 96, half: 90 },
  { end: 136, half: 93 },
  { end: 186, half: 95 },
  { end: 236, half: 97 },
] as const;

/** A collar that stands beside the jaw and behind the head, by how high it is. */
function collarOf(read: Read, view: 'front' | 'back'): readonly Shape[] {
  const collar = read('collar');
  if (collar === 'none') return [];
  const [top, out] = collar === 'high' ? [-36, 57] : [-16, 51];
  const open = `L-${out - 15},${top + 4} C-34,${Math.round(top / 2)} -18,2 0,10 C18,2 34,${Math.round(top / 2)} ${out - 15},${top + 4} L${out},${top}`;
  const closed = `C-30,${top - 8} 30,${top - 8} ${out},${top}`;
  return [
    outlineOf(
      `M-46,4 C-52,-8 -${out},${top + 12} -${out},${top} ${view === 'front' ? open : closed} C${out},${top + 12} 52,-8 46,4 C30,14 -30,14 -46,4 Z`,
      'c0',
      view === 'front' ? Z.neck + 0.5 : Z.headgear + 8,
    ),
  ];
}

/** A cape by its descriptors. y = 0 is the neck's base. */
export function shapedCape(read: Read): Silhouette {
  const { end, half } = CAPES[Number(read('length'))] ?? CAPES[2];
  const isSplit = read('split') === 'yes' && end > 90;
  const isOne = read('sides') === 'one';
  const [from, left] = isOne ? [-20, -30] : [-46, -half];
  const hang = isSplit
    ? `L-14,${end - 10} C-8,${Math.round(end * 0.6)} -4,60 0,46 C4,60 8,${Math.round(end * 0.6)} 14,${end - 10} L${half},${end}`
    : `C${Math.round(left * 0.6)},${end + 11} ${Math.round(half * 0.6)},${end + 11} ${half},${end}`;
  const back = `M${from},-6 C${Math.round(left * 0.8)},${Math.round(end * 0.2)} ${left - 2},${Math.round(end * 0.6)} ${left},${end} ${hang} C${half + 2},${Math.round(end * 0.6)} ${Math.round(half * 0.8)},${Math.round(end * 0.2)} 46,-6 C20,-14 -20,-14 ${from},-6 Z`;
  const folds = [-0.44, 0, 0.44]
    .filter((k) => !(isSplit && k === 0) && !(isOne && k < 0))
    .map(
      (k) =>
        `M${Math.round(k * 46)},2 C${Math.round(k * 76)},${Math.round(end * 0.36)} ${Math.round(k * half)},${Math.round(end * 0.7)} ${Math.round(k * half)},${end}`,
    )
    .join(' ');
  const yoke = isOne ? 'M-40,4 C-28,-12 28,-12 46,4 C34,18 -30,16 -40,4 Z' : 'M-46,4 C-30,-14 30,-14 46,4 C34,19 -34,19 -46,4 Z';
  const over: readonly Shape[] = isOne
    ? [
        outlineOf(
          `M10,-4 C50,4 74,${Math.round(end * 0.36)} ${half - 4},${end} C${half - 24},${end + 10} 58,${end + 8} 46,${Math.min(end, 112)} C46,70 36,34 6,14 Z`,
          'c0',
          OVER,
        ),
      ]
    : [];
  const sideEnd = Math.round(28 + end * 0.2);
  return {
    front: [
      outlineOf(back, 'c0', Z.farBehind),
      ...over,
      outlineOf(yoke, 'c0', Z.neck),
      ...collarOf(read, 'front'),
      outlineOf(ellipse(isOne ? -22 : 0, isOne ? 8 : 15, 8, 8), 'c1', Z.neck + 1),
    ],
    back: [
      outlineOf(back, 'c0', isOne ? OVER : Z.neck),
      creases(folds, 'c0', (isOne ? OVER : Z.neck) + 0.1),
      tone(
        `M${from + 2},0 C${Math.round(left * 0.8)},${Math.round(end * 0.24)} ${left + 2},${Math.round(end * 0.6)} ${left + 4},${end - 2} L${left + 18},${end + 4} C${left + 24},${Math.round(end * 0.6)} ${Math.round(left * 0.6)},${Math.round(end * 0.24)} ${from + 8},2 Z`,
        'shade',
        (isOne ? OVER : Z.neck) + 0.1,
      ),
      ...collarOf(read, 'back'),
    ],
    side: [
      outlineOf(
        `M-20,-8 C-6,-16 18,-14 28,-4 C${sideEnd - 4},${Math.round(end * 0.28)} ${sideEnd + 6},${Math.round(end * 0.66)} ${sideEnd + 10},${end - 2} C${sideEnd - 8},${end + 8} 20,${end + 8} 2,${end} C8,${Math.round(end * 0.6)} 2,${Math.round(end * 0.24)} -24,4 Z`,
        'c0',
        Z.hands + 2.5,
      ),
      creases(
        `M6,8 C22,${Math.round(end * 0.36)} 28,${Math.round(end * 0.7)} 28,${end} M20,4 C${sideEnd - 8},${Math.round(end * 0.36)} ${sideEnd},${Math.round(end * 0.7)} ${sideEnd},${end - 2}`,
        'c0',
        Z.hands + 2.6,
      ),
      ...(read('collar') === 'high' ? [outlineOf('M-30,2 C-30,-16 -22,-28 -10,-30 L26,-28 C32,-14 32,-4 28,4 Z', 'c0', Z.neck + 0.5)] : []),
    ],
  };
}

/** A thing round the neck: a scarf with ends, a pleated ruff, a flat collar. */
export function shapedScarf(read: Read): Silhouette {
  const kind = read('kind');
  if (kind === 'ruff') {
    const ring = `${edge('M-52,4 C-52,-16 52,-16 52,4 C52,24 -52,24 -52,4', 'curled')} Z`;
    const around = [
      outlineOf(ring, 'c0', Z.neck),
      creases('M-34,-4 L-40,10 M-16,-6 L-20,14 M0,-7 L0,16 M16,-6 L20,14 M34,-4 L40,10', 'c0', Z.neck + 0.5),
    ];
    return {
      front: around,
      back: around,
      side: [outlineOf(`${edge('M-38,4 C-38,-16 38,-16 38,4 C38,24 -38,24 -38,4', 'curled')} Z`, 'c0', Z.neck)],
    };
  }
  if (kind === 'collar') {
    const flat = 'M-46,0 C-30,-12 30,-12 46,0 C54,14 40,26 12,30 L0,16 L-12,30 C-40,26 -54,14 -46,0 Z';
    const behind = 'M-46,0 C-30,-12 30,-12 46,0 C54,20 44,40 0,42 C-44,40 -54,20 -46,0 Z';
    return {
      front: [outlineOf(flat, 'c0', Z.neck), creases('M-40,14 C-30,22 -20,24 -12,22 M40,14 C30,22 20,24 12,22', 'c0', Z.neck + 0.5)],
      back: [outlineOf(behind, 'c0', Z.neck)],
      side: [outlineOf('M-26,0 C-10,-10 16,-10 30,0 C36,20 28,34 4,32 C-18,30 -30,20 -26,0 Z', 'c0', Z.neck)],
    };
  }
  const wrap = 'M-48,2 C-40,-16 40,-16 48,2 C52,18 34,24 0,24 C-34,24 -52,18 -48,2 Z';
  const end = (x: number): Shape =>
    outlineOf(
      `M${x - 11},16 C${x - 14},50 ${x - 14},70 ${x - 12},92 L${x + 12},92 C${x + 13},70 ${x + 12},50 ${x + 10},16 Z`,
      'c0',
      Z.neck - 0.2,
    );
  const tips = (x: number): Shape => outlineOf(`M${x - 12},82 L${x + 12},82 L${x + 12},94 L${x - 12},94 Z`, 'c1', Z.neck - 0.1);
  const ends = { none: [], one: [20], two: [-18, 20] }[read('ends')] ?? [20];
  return {
    front: [
      ...ends.flatMap((x) => [end(x), tips(x)]),
      outlineOf(wrap, 'c0', Z.neck),
      creases('M-40,6 C-20,16 20,16 40,6', 'c0', Z.neck + 0.5),
    ],
    back: [outlineOf(wrap, 'c0', Z.neck), creases('M-40,6 C-20,16 20,16 40,6', 'c0', Z.neck + 0.5)],
    side: [
      ...(ends.length > 0 ? [outlineOf('M-34,14 C-38,50 -38,70 -36,92 L-20,92 C-18,70 -18,50 -18,16 Z', 'c0', Z.neck - 0.2)] : []),
      outlineOf('M-34,2 C-28,-15 28,-15 34,2 C38,18 24,24 0,24 C-24,24 -38,18 -34,2 Z', 'c0', Z.neck),
    ],
  };
}

const BEARD_ENDS = [14, 52, 98] as const;

/** A beard that hangs from the jaw, drawn over the face. y = 0 is the neck's base. */
export function shapedBeard(read: Read): Silhouette {
  const end = BEARD_ENDS[Number(read('length'))] ?? 52;
  const texture = ({ straight: 'smooth', wavy: 'wavy', curly: 'curled' } as const)[read('texture')] ?? ('smooth' as Texture);
  const z = Z.head + 6;
  const right = edge(`M44,-44 C48,-10 34,${Math.round(end * 0.6)} 0,${end}`, texture);
  const left = edge(`M0,${end} C-34,${Math.round(end * 0.6)} -48,-10 -44,-44`, texture);
  return {
    front: [
      outlineOf(`${right} ${onward(left)} C-38,-30 -26,-32 -16,-26 C-8,-20 8,-20 16,-26 C26,-32 38,-30 44,-44 Z`, 'c0', z),
      creases(
        `M-18,-12 C-14,${Math.round(end * 0.3)} -8,${Math.round(end * 0.6)} -4,${end - 12} M18,-12 C14,${Math.round(end * 0.3)} 8,${Math.round(end * 0.6)} 4,${end - 12} M0,-10 L0,${end - 16}`,
        'c0',
        z + 0.5,
      ),
    ],
    back: [],
    side: [
      outlineOf(
        `M-10,-46 C-6,-20 -14,${Math.round(end * 0.5)} -36,${end} C-56,${Math.round(end * 0.4)} -54,-6 -50,-26 C-40,-22 -22,-26 -10,-46 Z`,
        'c0',
        z,
      ),
    ],
  };
}
