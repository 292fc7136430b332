import type { Lch65 } from 'culori/fn';
import type { Colour } from './colour.js';
import { toLch } from './spaces.js';

const known = new Map<string, readonly string[]>();

/** Hue names by CIE Lab hue angle in degrees, each up to its bound. */
const HUES: readonly (readonly [below: number, word: string])[] = [
  [12, 'pink'],
  [46, 'red'],
  [68, 'orange'],
  [104, 'yellow'],
  [172, 'green'],
  [224, 'teal'],
  [292, 'blue'],
  [334, 'purple'],
  [360, 'pink'],
];
const GREY_BELOW_CHROMA = 9;

/**
 * What people call a colour who have never seen the palette: "brown", "dark", "blue". From CIE LCh (D65); the first
 * word is the family, the rest say how light it is and what else it may be called.
 */
export function plainWords({ hex, kind }: Pick<Colour, 'hex' | 'kind'>): readonly string[] {
  const key = `${hex}${kind}`;
  let words = known.get(key);
  if (!words) known.set(key, (words = name(hex, kind)));
  return words;
}

function name(hex: string, kind: Colour['kind']): readonly string[] {
  const lch: Lch65 | undefined = toLch(hex);
  if (!lch) throw new RangeError(`"${hex}" is not an sRGB hex colour`);
  const { l, c, h = 0 } = lch;
  const shade = l < 35 ? ['dark'] : l > 75 ? ['light', 'pale'] : [];
  const kindWords = kind === 'skin' ? ['skin'] : kind === 'clear' ? ['clear', 'transparent'] : kind === 'metal' ? ['metal'] : [];
  return [...family(l, c, h), ...shade, ...kindWords];
}

function family(l: number, c: number, h: number): readonly string[] {
  if (c < GREY_BELOW_CHROMA) return l > 91 ? ['white'] : l < 22 ? ['black'] : ['grey'];
  if (l < 12) return ['black'];
  const hue = HUES.find(([below]) => h < below)?.[1] ?? 'red';
  const warm = hue === 'red' || hue === 'orange' || hue === 'yellow';
  if (warm && h > 36 && h < 100) {
    if (l < 47 && c < 52) return ['brown'];
    if (l >= 47 && l < 62 && c < 42) return ['brown', 'tan'];
    if (l >= 62 && c < 34) return ['beige', 'tan'];
    if (l < 50 && h < 60) return ['red', 'brown', 'orange'];
  }
  if (hue === 'yellow' && c < 26) return ['beige'];
  if (hue === 'red' && l > 56) return ['pink', 'red'];
  return [hue];
}

/** What the same colours are called on hair. */
const ON_HAIR: Readonly<Record<string, readonly string[]>> = {
  yellow: ['blond', 'blonde', 'fair'],
  beige: ['blond', 'blonde', 'fair'],
  orange: ['ginger', 'red'],
  white: ['white', 'grey'],
  grey: ['grey', 'silver'],
};

/**
 * The plain words for a colour of hair, those for cloth first: "blond" where cloth would be yellow, "ginger" where it would be orange.
 */
export function hairWords(colour: Pick<Colour, 'hex' | 'kind'>): readonly string[] {
  const words = plainWords(colour);
  return [...words, ...words.flatMap((word) => ON_HAIR[word] ?? [])];
}

const KIND_ORDER: readonly Colour['kind'][] = ['cloth', 'hair', 'skin', 'metal', 'clear'];

/**
 * Orders a palette as one would lay out cloth: by kind, greys first from light to dark, then round the colour circle by hue angle.
 * For `Array.sort`: negative when `a` comes first.
 */
export function paletteOrder(a: Pick<Colour, 'hex' | 'kind'>, b: Pick<Colour, 'hex' | 'kind'>): number {
  const kind = KIND_ORDER.indexOf(a.kind) - KIND_ORDER.indexOf(b.kind);
  if (kind !== 0) return kind;
  const [first, second] = [toLch(a.hex), toLch(b.hex)];
  if (!first || !second) return 0;
  const grey = Number(first.c >= GREY_BELOW_CHROMA) - Number(second.c >= GREY_BELOW_CHROMA);
  if (grey !== 0) return grey;
  return first.c < GREY_BELOW_CHROMA ? second.l - first.l : (first.h ?? 0) - (second.h ?? 0);
}
