import type { Reach } from '../promises/index.js';

/**
 * What a place is: made by the person (a room, a drawer), a sealed box or bag whose contents are known but not at hand, an owned whole figure
 * that is a donor, a figure that is built, a parcel on its way, somebody something is lent to; or kept by the program: the bench, and *outside*.
 */
export const PLACE_KINDS = ['made', 'sealed', 'donor', 'figure', 'parcel', 'lent', 'bench', 'outside'] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** A place in the tree of places. */
export interface Place {
  readonly id: string;
  readonly kind: PlaceKind;
  readonly name: string;
  readonly parent: string | null;
}

/** What can be wrong with a piece. */
export const DEFECTS = ['misprint', 'crack', 'yellowing', 'faded print', 'loose', 'scratched', 'cut'] as const;
export type DefectKind = (typeof DEFECTS)[number];

/** One thing that is wrong with all pieces of a lot. */
export interface Defect {
  readonly kind: DefectKind;
  readonly note: string;
}

/** How near to hand pieces of a place of each kind are; null where they serve nobody. */
const REACHES: Readonly<Record<PlaceKind, Reach | null>> = {
  made: 'loose',
  bench: 'loose',
  sealed: 'sealed',
  parcel: 'coming',
  donor: 'donor',
  figure: 'built',
  lent: null,
  outside: null,
};

/** How near to hand pieces of such a place are; null for those that serve nobody, as they are lent, gone, or on a figure that is kept whole. */
export const reachOf = ({ kind, keepWhole }: { readonly kind: PlaceKind; readonly keepWhole: boolean }): Reach | null =>
  keepWhole ? null : REACHES[kind];

/** Pieces there can be taken in hand: they count as at hand for figures and errands. */
export const isAtHand = (kind: PlaceKind): boolean => kind === 'made' || kind === 'bench';

/** How places are told one within the other. */
export const PATH_SEPARATOR = ' › ';

/**
 * A path as people write it, as the names of places from the outermost in.
 *
 * @example readPath('Cabinet > Drawer 2') // ['Cabinet', 'Drawer 2']
 */
export const readPath = (text: string): readonly string[] =>
  text
    .split(/[›>]/)
    .map((name) => name.trim())
    .filter((name) => name !== '');

/**
 * The places themselves from the outermost to this one; a place that stands in a circle is told once.
 *
 * For example: pathOf(drawer, byId) gives [room, cabinet, drawer].
 */
export function pathOf(id: string, byId: ReadonlyMap<string, Place>): readonly Place[] {
  const path: Place[] = [];
  const passed = new Set<string>();
  for (let at = byId.get(id); at && !passed.has(at.id); at = at.parent === null ? undefined : byId.get(at.parent)) {
    passed.add(at.id);
    path.unshift(at);
  }
  return path;
}

/** Would a place that goes into another lie within itself? */
export const isWithin = (id: string, parent: string | null, byId: ReadonlyMap<string, Place>): boolean =>
  parent !== null && pathOf(parent, byId).some((place) => place.id === id);
