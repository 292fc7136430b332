import { occupiedBy, type Position, POSITIONS, STACKS } from '../../anatomy/index.js';
import type { Catalogue, Mould, Print, Variant } from '../../catalogue/index.js';
import type { SkinSchool } from '../../colour/index.js';
import { type Alteration, coloursAfter, printAfter } from './alterations.js';

/** One part of a look. `position` is where it is anchored: the first of the positions it fills. */
export interface LookPart {
  readonly position: Position;
  readonly variant: string;
  /** A torso or head turned back to front, a two-sided cape turned inside out. */
  readonly turned: boolean;
  /** Which of a stack it is, from 0; left out where a position takes one part. */
  readonly place?: number | undefined;
  readonly alterations?: readonly Alteration[] | undefined;
}

/** A check the person overruled, and why. `key` names the very problem, so a new one is not hidden by it. */
export interface Overrule {
  readonly key: string;
  readonly reason: string;
}

/** What the person thinks of a look, beside what is reckoned. `leave` says: leave as it is. */
export interface Verdict {
  readonly stars: number | null;
  readonly words: string;
  readonly leave: boolean;
}

/** A variant noted as one that would do as well at a position, and why; the order of the list is the order of preference. */
export interface NotedSubstitute {
  readonly position: Position;
  readonly variant: string;
  readonly reason: string;
}

/** Where a look departs from its brief: the year of the story it shows, the skin school of an edition. */
export interface Variation {
  readonly year?: number | undefined;
  readonly skinSchool?: SkinSchool | undefined;
}

/** One complete choice of parts. There is at most one part anchored at a position, stacks apart. */
export interface Look {
  readonly parts: readonly LookPart[];
  readonly overrules: readonly Overrule[];
  readonly verdict?: Verdict | undefined;
  readonly substitutes?: readonly NotedSubstitute[] | undefined;
  readonly variation?: Variation | undefined;
}

/** A part with what the catalogue says about it, as it is worn: turned, altered. */
export interface Worn {
  readonly part: LookPart;
  readonly variant: Variant;
  readonly mould: Mould;
  /** What is left of its print. */
  readonly print: Print | null;
  readonly fills: readonly Position[];
}

/** Which of a stack a part is, from 0; 0 where a position takes one part. */
export const placeOf = (part: Pick<LookPart, 'place'>): number => part.place ?? 0;

/**
 * A part's spot as one text: its position, and its place where several parts share one.
 *
 * @example spotOf({ position: 'held.R', place: 1 }) // 'held.R~1'
 */
export const spotOf = (part: Pick<LookPart, 'position' | 'place'>): string =>
  placeOf(part) === 0 ? part.position : `${part.position}~${placeOf(part)}`;

/**
 * The positions a mould fills when anchored at `position`, or null when it does not go there. Anything can be built with.
 *
 * For example: fillingAt(cowl, 'headgear') gives ['headgear', 'neck.1'].
 */
export function fillingAt(mould: Mould, position: Position): readonly Position[] | null {
  if (position === 'built') return BUILT;
  return mould.fills.find((alternative) => alternative[0] === position) ?? null;
}
const BUILT: readonly Position[] = ['built'];

/** Does turning it show its other colour, as a lined cape does, rather than its back? */
export const isTwoSided = (mould: Mould): boolean => mould.shape.words.includes('two sided');

const DEPTH = new Map(POSITIONS.map((position, i) => [position, i]));
const depthOf = (part: LookPart): number => (DEPTH.get(part.position) ?? 0) * 100 + placeOf(part);

/**
 * A part as worn: paint covers its first colour, a two-sided one that is turned shows its second, removed print is gone. Throws
 * RangeError when its variant is not in the catalogue.
 */
export function wornPart(part: LookPart, catalogue: Catalogue): Worn {
  const known = catalogue.variant(part.variant);
  const mould = catalogue.mouldOf(known);
  const alterations = part.alterations ?? [];
  const painted = alterations.length === 0 ? known.colours : coloursAfter(known, alterations, (id) => catalogue.hasColour(id));
  const [outside = '', inside = outside, ...rest] = painted;
  const colours = part.turned && isTwoSided(mould) ? [inside, outside, ...rest] : painted;
  return {
    part,
    variant: colours === known.colours ? known : { ...known, colours },
    mould,
    print: printAfter(catalogue.printOf(known), alterations),
    fills: fillingAt(mould, part.position) ?? [part.position],
  };
}

/** The parts of a look with their moulds, from the top down. Throws RangeError when a variant is not in the catalogue. */
export function wornParts(look: Look, catalogue: Catalogue): readonly Worn[] {
  return [...look.parts].sort((a, b) => depthOf(a) - depthOf(b)).map((part) => wornPart(part, catalogue));
}

/**
 * Who claims each position, for every position claimed at all: more than one claimant is what `fit.position` marks. Stacks are never
 * full, so only the first of each is listed.
 */
export function claims(worn: readonly Worn[]): ReadonlyMap<Position, readonly Worn[]> {
  const claimed = new Map<Position, Worn[]>();
  for (const item of worn)
    for (const position of occupiedBy(item.fills))
      if (!STACKS.includes(position) || placeOf(item.part) === 0) claimed.set(position, [...(claimed.get(position) ?? []), item]);
  return claimed;
}

/** Does a part lie on the neck post, alone or as part of a cowl? */
export const isNeckLayer = (item: Worn): boolean => item.fills.some((position) => position.startsWith('neck.'));
