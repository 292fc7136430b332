/**
 * Edit distance with unit costs, two neighbouring letters swapped counting as one slip (Damerau 1964, restricted form);
 * given up above `most`.
 */
export function editDistance(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const substituted = (row[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1);
      const swapped = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1] ? (before[j - 2] ?? 0) + 1 : Infinity;
      next.push(Math.min(substituted, swapped, (row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1));
    }
    if (Math.min(...next) > most) return most + 1;
    before = row;
    row = next;
  }
  return row[b.length] ?? 0;
}

const MOST_SLIPS = 3;

/** The known name that a mistyped one is within three slips of, or null. Ignores case; first in order on a tie. */
export function nearestName(typed: string, names: Iterable<string>): string | null {
  let best: { name: string; slips: number } | null = null;
  for (const name of names) {
    const slips = editDistance(typed.toLowerCase(), name.toLowerCase(), MOST_SLIPS);
    if (slips <= MOST_SLIPS && (!best || slips < best.slips)) best = { name, slips };
  }
  return best?.name ?? null;
}
