import { entryAt } from './entryAt.js';
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
      const substituted = entryAt(row, j - 1) + (a[i - 1] === b[j - 1] ? 0 : 1);
      const swapped = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1] ? entryAt(before, j - 2) + 1 : Infinity;
      next.push(Math.min(substituted, swapped, entryAt(row, j) + 1, entryAt(next, j - 1) + 1));
    }
    if (Math.min(...next) > most) return most + 1;
    before = row;
    row = next;
  }
  return entryAt(row, b.length);
}

const MOST_SLIPS = 3;

/** Which letters and digits a name has, a bit for each kind. A slip changes two bits at the most. */
function signature(name: string): number {
  let bits = 0;
  for (let i = 0; i < name.length; i += 1) bits |= 1 << (name.charCodeAt(i) & 31);
  return bits;
}

function bitCount(bits: number): number {
  let left = bits - ((bits >>> 1) & 0x55555555);
  left = (left & 0x33333333) + ((left >>> 2) & 0x33333333);
  return (((left + (left >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/**
 * Knows the names there are, and which of them a mistyped one was meant to be. The names are looked through when the first is
 * asked for; each then has its letters at hand, so that of tens of thousands only the few that may be near are compared in full.
 * Answers a few dozen times and no more: a file with more wrong names than that has another trouble than slips.
 */
export class NearestNames {
  private known: readonly { readonly name: string; readonly plain: string; readonly bits: number }[] | null = null;
  private asked = 0;

  /**
   * @param names gives the names; asked once
   * @param most how often a nearest name is looked for
   */
  constructor(
    private readonly names: () => Iterable<string>,
    private readonly most = 40,
  ) {}

  /**
   * The name within three slips, or null. Ignores case; the fewest slips first, then the order of the names.
   *
   * @example new NearestNames(() => ['raven', 'slate']).to('ravne') // 'raven'
   */
  to(typed: string): string | null {
    if (this.asked >= this.most) return null;
    this.asked += 1;
    this.known ??= [...this.names()].map((name) => ({ name, plain: name.toLowerCase(), bits: signature(name.toLowerCase()) }));
    const plain = typed.toLowerCase();
    const bits = signature(plain);
    let best: string | null = null;
    let fewest = MOST_SLIPS + 1;
    for (const row of this.known) {
      if (Math.abs(row.plain.length - plain.length) >= fewest || bitCount(row.bits ^ bits) > 2 * (fewest - 1)) continue;
      const slips = editDistance(plain, row.plain, fewest - 1);
      if (slips < fewest) {
        fewest = slips;
        best = row.name;
      }
    }
    return best;
  }
}
