import type { Look } from './look.js';

/** How many of each variant `copies` of a look need: its multiset of parts, multiplied. */
export function demand(look: Look, copies: number): ReadonlyMap<string, number> {
  const wanted = new Map<string, number>();
  for (const { variant } of look.parts) wanted.set(variant, (wanted.get(variant) ?? 0) + copies);
  return wanted;
}

/** How often each thing occurs. */
export function countOf<T>(things: Iterable<T>): ReadonlyMap<T, number> {
  const counted = new Map<T, number>();
  for (const thing of things) counted.set(thing, (counted.get(thing) ?? 0) + 1);
  return counted;
}
