/** How often each thing occurs. */
export function countOf<T>(things: Iterable<T>): ReadonlyMap<T, number> {
  const counted = new Map<T, number>();
  for (const thing of things) counted.set(thing, (counted.get(thing) ?? 0) + 1);
  return counted;
}
