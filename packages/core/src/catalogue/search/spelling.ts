import { editDistance } from '../../kernel/index.js';

/**
 * The words of a text, lower case, without accents; whatever is neither letter nor digit parts them.
 *
 * @example wordsOf('Peaked cap, N° 3 (bébé)') // ['peaked', 'cap', 'n', '3', 'bebe']
 */
export const wordsOf = (text: string): readonly string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu) ?? [];

/** The slips forgiven in a word: more in longer words, none in the shortest. */
const forgiven = (word: string): number => (word.length <= 2 ? 0 : word.length <= 5 ? 1 : word.length <= 9 ? 2 : 3);

/** Knows every word that can be found, and what a mistyped one was meant to be. */
export class Vocabulary {
  private readonly counts = new Map<string, number>();
  private sorted: readonly string[] | null = null;

  add(text: string): void {
    for (const word of wordsOf(text)) this.counts.set(word, (this.counts.get(word) ?? 0) + 1);
    this.sorted = null;
  }

  /** Is there a word that begins like this? A plural finds its singular. */
  finds(typed: string): boolean {
    return this.beginsWith(typed) || (typed.length > 3 && typed.endsWith('s') && this.beginsWith(typed.slice(0, -1)));
  }

  private beginsWith(start: string): boolean {
    const words = (this.sorted ??= [...this.counts.keys()].sort());
    let [low, high] = [0, words.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((words[middle] ?? '') < start) low = middle + 1;
      else high = middle;
    }
    return words[low]?.startsWith(start) ?? false;
  }

  /** The known word a mistyped one is nearest to, the commoner on a tie; null when none is near enough. */
  meant(typed: string): string | null {
    const most = forgiven(typed);
    let best: { word: string; slips: number; count: number } | null = null;
    for (const [word, count] of this.counts) {
      if (word.length < 3 || Math.abs(word.length - typed.length) > most) continue;
      const slips = editDistance(typed, word, best ? Math.min(most, best.slips) : most);
      if (slips <= most && (!best || slips < best.slips || (slips === best.slips && count > best.count))) best = { word, slips, count };
    }
    return best?.word ?? null;
  }
}

/** What a query asks for: its words, and those that were corrected. */
export interface ReadQuery {
  readonly words: readonly string[];
  readonly corrected: readonly { readonly typed: string; readonly meant: string }[];
}

const MOST_WORDS = 12;

/**
 * Reads a query against the words that exist: at most twelve words, mistyped ones replaced by the nearest known and told in
 * `corrected`. Words nobody knows and nobody is near stay as they are and find nothing.
 */
export function readQuery(text: string, vocabulary: Vocabulary): ReadQuery {
  const corrected: { typed: string; meant: string }[] = [];
  const words = wordsOf(text)
    .slice(0, MOST_WORDS)
    .map((typed) => {
      const meant = vocabulary.finds(typed) ? null : vocabulary.meant(typed);
      if (meant !== null) corrected.push({ typed, meant });
      return meant ?? typed;
    });
  return { words, corrected };
}
