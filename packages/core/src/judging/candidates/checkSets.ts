import { CHECK_IDS, type CheckId } from '../marks.js';

const BITS = 32;
/** Words a set of checks takes in a column; as many as there are checks for. */
export const CHECK_WORDS = Math.ceil(CHECK_IDS.length / BITS);

/** A set of checks, or a column of such sets one after the other: a bit for each place in `CHECK_IDS`. */
export type CheckSets = Uint32Array;

/** So many empty sets. */
export const emptySets = (length: number, words = CHECK_WORDS): CheckSets => new Uint32Array(length * words);

/** Puts a check into a set. */
export function addCheck(set: CheckSets, bit: number): void {
  const word = Math.floor(bit / BITS);
  set[word] = (set[word] ?? 0) | (1 << (bit % BITS));
}

/** Puts all checks of a set into the set at a place of a column. */
export function addChecks(sets: CheckSets, place: number, added: CheckSets): void {
  for (let word = 0; word < added.length; word += 1) {
    const at = place * added.length + word;
    sets[at] = (sets[at] ?? 0) | (added[word] ?? 0);
  }
}

/** The places in `CHECK_IDS` that are in the set at a place of a column, in their order. */
export function bitsAt(sets: CheckSets, place: number, words = CHECK_WORDS): readonly number[] {
  const bits: number[] = [];
  for (let word = 0; word < words; word += 1)
    for (let bit = 0; bit < BITS; bit += 1) if (((sets[place * words + word] ?? 0) & (1 << bit)) !== 0) bits.push(word * BITS + bit);
  return bits;
}

/** The checks in the set at a place of a column, in the order of `CHECK_IDS`. */
export const checksAt = (sets: CheckSets, place: number): readonly CheckId[] => bitsAt(sets, place).flatMap((bit) => CHECK_IDS[bit] ?? []);
