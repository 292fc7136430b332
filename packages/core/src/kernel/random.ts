/** Numbers in [0, 1) from a seed (mulberry32, Tommy Ettinger). The same seed gives the same numbers everywhere. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A stable seed from words (FNV-1a), so that each offer has numbers of its own. */
export function seedOf(...words: readonly (string | number)[]): number {
  let hash = 0x811c9dc5;
  for (const char of words.join('|')) hash = Math.imul(hash ^ (char.codePointAt(0) ?? 0), 0x01000193);
  return hash >>> 0;
}
