/**
 * The entry of a list at an index that is known to be in it: where a default would let a wrong index pass for nothing. Throws RangeError
 * for one that is not.
 *
 * @example entryAt([4, 0, 7], 2) // 7
 */
export function entryAt<T>(list: ArrayLike<T>, index: number): T {
  const entry = list[index];
  if (entry === undefined) throw new RangeError(`there is no entry ${index} in a list of ${list.length}`);
  return entry;
}
