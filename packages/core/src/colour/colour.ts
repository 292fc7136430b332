import { differenceCiede2000, type Lab65 } from 'culori/fn';
import { toLab } from './spaces.js';

/** How plastic takes light. */
export const FINISHES = ['solid', 'clear', 'metallic', 'pearl', 'glitter', 'glow'] as const;
export type Finish = (typeof FINISHES)[number];
/** What a colour is a colour of. */
export const COLOUR_KINDS = ['cloth', 'hair', 'skin', 'metal', 'clear'] as const;
export type ColourKind = (typeof COLOUR_KINDS)[number];
/** One tone for everybody, or everybody their own. */
export const SKIN_SCHOOLS = ['house', 'natural'] as const;
export type SkinSchool = (typeof SKIN_SCHOOLS)[number];

/** A colour of the palette. `hex` is sRGB as `#RRGGBB`; `skinSchool` is set on skins only. */
export interface Colour {
  readonly id: string;
  readonly name: string;
  readonly hex: string;
  readonly finish: Finish;
  readonly kind: ColourKind;
  readonly skinSchool?: SkinSchool | undefined;
}

const ciede2000 = differenceCiede2000();
const FINISH_PENALTY = 5;

const labs = new Map<string, Lab65>();
/** CIE Lab (D65) of an sRGB hex colour, each worked out once. Throws on bad hex. */
export function labOf(hex: string): Lab65 {
  let lab = labs.get(hex);
  if (!lab) {
    const converted = toLab(hex);
    if (!converted) throw new RangeError(`"${hex}" is not an sRGB hex colour`);
    labs.set(hex, (lab = converted));
  }
  return lab;
}

/** CIEDE2000 between two CIE Lab (D65) colours (Sharma, Wu and Dalal 2005, by `culori`). */
export const labDifference = (a: Lab65, b: Lab65): number => ciede2000(a, b);

/**
 * CIEDE2000 between two sRGB hex colours (D65; Sharma, Wu and Dalal 2005, by `culori`). Throws RangeError on bad hex.
 *
 * @example hexDifference('#FFFFFF', '#000000') // 100
 */
export const hexDifference = (a: string, b: string): number => labDifference(labOf(a), labOf(b));

/**
 * ΔE of two palette colours: CIEDE2000, and 5 more when their finishes differ, as metallic never passes for solid. Throws RangeError on
 * bad hex.
 */
export function colourDifference(a: Pick<Colour, 'hex' | 'finish'>, b: Pick<Colour, 'hex' | 'finish'>): number {
  return hexDifference(a.hex, b.hex) + (a.finish === b.finish ? 0 : FINISH_PENALTY);
}

export type ColourReading = 'same to the eye' | 'close' | 'near' | 'different';

/**
 * How far apart two colours are, in the words of a sentence: the figures stand behind its *why*.
 *
 * @example `Hair in straw is ${apart(66.9)} the raven brows` // 'Hair in straw is far from the raven brows'
 */
export function apart(deltaE: number): string {
  if (deltaE > 25) return 'far from';
  return deltaE > 12 ? 'some way from' : 'a shade away from';
}

/** The measured difference behind such a sentence. */
export const whyApart = (deltaE: number, most: number): string =>
  `The colours differ by ${deltaE.toFixed(1)}; up to ${most} passes for a match.`;

/**
 * The words for a ΔE: under 2.3 same to the eye (the just noticeable difference), under 6 close, under 12 near, else different.
 */
export function readDifference(deltaE: number): ColourReading {
  if (deltaE < 2.3) return 'same to the eye';
  if (deltaE < 6) return 'close';
  if (deltaE < 12) return 'near';
  return 'different';
}

/**
 * How well a colour answers a wanted one, 0 to 1: 1 up to ΔE 2.3, then linearly down to 0 at ΔE 30.
 *
 * @example colourAnswer(16.15) // 0.5
 */
export function colourAnswer(deltaE: number): number {
  return Math.min(1, Math.max(0, 1 - (deltaE - 2.3) / (30 - 2.3)));
}
