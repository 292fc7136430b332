import { flip, outlineOf, type Shape, type Silhouette, type Texture, Z } from '../../shape/index.js';
import { knotBehind, loose, plait, plaitInFront, sideTail, tail, topKnot, twoKnots, withMore } from '../hair/index.js';

type Read = (key: string) => string;

/** Where hair of each length ends, beside the face and behind, in tenths of a mm from the head's base. */
const ENDS = [
  { sides: -46, back: -30 },
  { sides: -40, back: -14 },
  { sides: -6, back: 0 },
  { sides: 16, back: 46 },
  { sides: 34, back: 86 },
] as const;
const VOLUMES = [20, 28, 42] as const;
const TEXTURES: Readonly<Record<string, Texture>> = { straight: 'smooth', wavy: 'wavy', curly: 'curled', tight: 'curled' };
const TAIL_ENDS = [-10, 0, 18, 44, 78] as const;

function hairlineOf(read: Read) {
  const fringe = read('fringe');
  if (fringe === 'straight') return read('texture') === 'curly' || read('texture') === 'tight' ? 'curled' : 'fringe';
  if (fringe === 'swept') return 'swept';
  if (fringe === 'side') return 'side';
  const parting = read('parting');
  return parting === 'middle' ? 'centre' : parting === 'none' ? (read('texture') === 'straight' ? 'swept' : 'curled') : 'side';
}

const bandOver: Partial<Pick<Silhouette, 'front' | 'back' | 'side'>> = {
  front: [outlineOf('M-55,-78 C-34,-98 34,-98 55,-78 L52,-66 C32,-86 -32,-86 -52,-66 Z', 'c1', Z.headgear + 5)],
  back: [outlineOf('M-56,-76 C-34,-92 34,-92 56,-76 L54,-63 C32,-80 -32,-80 -54,-63 Z', 'c1', Z.headgear + 5)],
  side: [outlineOf('M-10,-118 C-4,-90 -2,-60 0,-34 L12,-36 C10,-62 8,-92 2,-118 Z', 'c1', Z.headgear + 5)],
};

/** Where tied hair is gathered behind, and what hangs or sits there. */
const TIES: Readonly<
  Record<string, (end: number, texture: Texture) => { readonly gathered: number; readonly more: readonly Parameters<typeof withMore>[1][] }>
> = {
  tail: (end, texture) => ({ gathered: -82, more: [tail(-82, end, texture)] }),
  'side-tail': (end) => ({ gathered: -44, more: [sideTail(end)] }),
  'two-tails': (end) => ({ gathered: -50, more: [sideTail(end), mirror(sideTail(end))] }),
  plait: (end) => ({ gathered: -34, more: [plait(Math.max(20, end))] }),
  'two-plaits': (end) => ({ gathered: -36, more: [plaitInFront(Math.max(10, end)), mirror(plaitInFront(Math.max(10, end)))] }),
  knot: () => ({ gathered: -106, more: [topKnot(-124)] }),
  'low-knot': () => ({ gathered: -34, more: [knotBehind(-34)] }),
  'two-knots': () => ({ gathered: -90, more: [twoKnots(-112)] }),
};

const mirror = ({ front = [], back = [] }: { readonly front?: readonly Shape[]; readonly back?: readonly Shape[] }) => ({
  front: flip(front),
  back: flip(back),
});

/** Hair by its descriptors, from four sides. */
export function shapedHair(read: Read): Silhouette {
  const length = Number(read('length'));
  const texture = TEXTURES[read('texture')] ?? 'smooth';
  const volume = (VOLUMES[Number(read('volume'))] ?? 28) + (read('texture') === 'tight' ? 6 : 0);
  const width = [0, 4, 10][Number(read('volume'))] ?? 4;
  const hairline = hairlineOf(read);
  const tie = TIES[read('tied')]?.(TAIL_ENDS[length] ?? 18, texture);
  const base = tie
    ? loose({
        volume,
        sides: read('tied') === 'two-plaits' ? -16 : -38,
        back: -18,
        hairline,
        texture,
        width: Math.min(width, 4),
        gathered: tie.gathered,
      })
    : loose({ volume, ...(ENDS[length] ?? ENDS[2]), hairline, texture, width: length === 0 ? 0 : width });
  const whole = withMore(
    base,
    ...(tie?.more ?? []),
    ...(read('tied') === 'half' ? [knotBehind(-78, 14)] : []),
    ...(read('band') === 'yes' ? [bandOver] : []),
  );
  // Drawn parted on the figure's left; parted on its right it is the mirror of that.
  if (read('parting') !== 'right') return whole;
  return { ...whole, front: flip(whole.front), back: flip(whole.back) };
}
