import { type Mould, type OutlinePath, type OwnOutline, type Position } from '@outfit/core';
import { outlineOf, type Shape, type Silhouette, Z } from '../shape/index.js';
import { silhouette } from './silhouettes.js';

/** How near a part of one's own outline lies, by where it goes, and how far to the side: limbs are drawn for the side at +x. */
const PLACES: readonly (readonly [matches: RegExp, z: number, x?: number])[] = [
  [/^headgear/, Z.headgear + 4],
  [/^head$/, Z.head],
  [/^neck/, Z.neck],
  [/^torso/, Z.torso],
  [/^waist/, Z.waist + 1],
  [/^(leg|feet)/, Z.legs + 2, 28],
  [/^(hips|lower)/, Z.legs + 2],
  [/^arm/, Z.arms, 60],
  [/^(hand|wrist)/, Z.hands, 68],
];
const placeOf = (position: Position | undefined): readonly [z: number, x: number] => {
  const [, z = Z.held, x = 0] = PLACES.find(([matches]) => matches.test(position ?? '')) ?? [];
  return [z, x];
};

const made = new WeakMap<OwnOutline, Silhouette>();

/** How a mould is drawn: by its own outline when it has one, else by the silhouette it names. Null when nobody can. */
export function artOf({ silhouette: name, outline, fills }: Pick<Mould, 'silhouette' | 'outline' | 'fills'>): Silhouette | null {
  if (!outline) return silhouette(name);
  const known = made.get(outline);
  if (known) return known;
  const [z, x] = placeOf(fills[0]?.[0]);
  const drawn = (paths: readonly OutlinePath[]): readonly Shape[] =>
    paths.map(({ d, colour }, i) => outlineOf(laid(d, x, outline.liftMm), `c${colour}`, z + i / 100));
  const front = drawn(outline.front);
  const art: Silhouette = {
    front,
    back: outline.back ? drawn(outline.back) : front,
    ...(outline.side ? { side: drawn(outline.side) } : {}),
  };
  made.set(outline, art);
  return art;
}

/** A path so many tenths of a mm to the side, and so many mm higher up. */
const laid = (d: string, aside: number, mm: number): string =>
  d.replace(/(-?[\d.]+),(-?[\d.]+)/g, (_, x: string, y: string) => `${tidy(Number(x) + aside)},${tidy(Number(y) - mm * 10)}`);
const tidy = (n: number): number => Math.round(n * 10) / 10;
