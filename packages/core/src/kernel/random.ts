/** Numbers in [0, 1) from a seed (mulberry32, Tommy Ettinger). The same seed gives the same numbers everywhere. */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const BASIS = 0x811c9dc5;
const PRIME = 0x01000193;
const BAR = '|'.charCodeAt(0);

/**
 * A stable seed from words (FNV-1a over the words with a bar between), so that each offer has numbers of its own. A large market
 * asks for millions of them: the words are not joined first.
 */
export function seedOf(...words: readonly (string | number)[]): number {
  let hash = BASIS;
  for (let at = 0; at < words.length; at += 1) {
    if (at > 0) hash = Math.imul(hash ^ BAR, PRIME);
    const word = String(words[at]);
    for (let i = 0; i < word.length; i += 1) {
      const code = word.codePointAt(i) ?? 0;
      if (code > 0xffff) i += 1;
      hash = Math.imul(hash ^ code, PRIME);
    }
  }
  return hash >>> 0;
}

/** Fisher and Yates, by numbers that are passed in. */
export function shuffle<T>(all: readonly T[], draw: () => number): readonly T[] {
  const row = [...all];
  for (let i = row.length - 1; i > 0; i -= 1) {
    const j = Math.floor(draw() * (i + 1));
    [row[i], row[j]] = [row[j] as T, row[i] as T];
  }
  return row;
}
