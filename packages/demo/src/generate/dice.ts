import { seededRandom, seedOf } from '@outfit/core';

/** Choices that depend on nothing but their words: the same world every time, and a new row changes no other. */
export function dice(...words: readonly (string | number)[]) {
  const next = seededRandom(seedOf('pegwell', ...words));
  return {
    below: (n: number): number => Math.floor(next() * n),
    chance: (share: number): boolean => next() < share,
    pick<T>(from: readonly T[]): T {
      const chosen = from[Math.floor(next() * from.length)];
      if (chosen === undefined) throw new RangeError('There is nothing to pick from');
      return chosen;
    },
    /** Some of a list, in its own order. */
    some<T>(from: readonly T[], count: number): readonly T[] {
      const keyed = from.map((item, i) => ({ item, i, key: next() }));
      const kept = [...keyed].sort((a, b) => a.key - b.key).slice(0, count);
      return kept.sort((a, b) => a.i - b.i).map(({ item }) => item);
    },
  };
}
