/** Edit distance with unit costs (Levenshtein 1966), given up above `most`. */
function distance(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const substituted = (row[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1);
      next.push(Math.min(substituted, (row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1));
    }
    row = next;
  }
  return row[b.length] ?? 0;
}

const MOST_SLIPS = 3;

/** The known name that a mistyped one is within three slips of, or null. Ignores case; first in order on a tie. */
export function nearestName(typed: string, names: Iterable<string>): string | null {
  let best: { name: string; slips: number } | null = null;
  for (const name of names) {
    const slips = distance(typed.toLowerCase(), name.toLowerCase(), MOST_SLIPS);
    if (slips <= MOST_SLIPS && (!best || slips < best.slips)) best = { name, slips };
  }
  return best?.name ?? null;
}
