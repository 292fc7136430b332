import { editDistance } from '../../kernel/index.js';
import { LITTLE_WORDS, meaningsOf } from './everyday.js';

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

/** The slips forgiven in a word: one, and none in the shortest. Two slips away stands another word, not this one mistyped. */
const forgiven = (word: string): number => (word.length <= 2 ? 0 : 1);

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
      if (word.length < 3 || Math.abs(word.length - typed.length) > most || !mayBeNear(typed, word, most)) continue;
      const slips = editDistance(typed, word, best ? Math.min(most, best.slips) : most);
      if (slips <= most && (!best || slips < best.slips || (slips === best.slips && count > best.count))) best = { word, slips, count };
    }
    return best?.word ?? null;
  }
}

/**
 * Can one word be so few slips from another? Most cannot, which shows at their ends: a slip changes two letters at most, those that
 * change places. Never false of one that is.
 */
function mayBeNear(a: string, b: string, slips: number): boolean {
  const shorter = Math.min(a.length, b.length);
  let [before, behind] = [0, 0];
  while (before < shorter && a.charCodeAt(before) === b.charCodeAt(before)) before += 1;
  while (behind < shorter - before && a.charCodeAt(a.length - 1 - behind) === b.charCodeAt(b.length - 1 - behind)) behind += 1;
  return slips > 1 || before + behind >= Math.max(a.length, b.length) - 2;
}

/** What a query asks for: its words as they are looked for, and what became of those that nothing is called. */
export interface ReadQuery {
  readonly words: readonly string[];
  readonly corrected: readonly { readonly typed: string; readonly meant: string }[];
  /** Words nothing is called, nor anything near them. */
  readonly unknown: readonly string[];
}

const MOST_WORDS = 12;

/**
 * Reads a query against the words that exist: at most twelve words, little ones left out beside others. A word that nothing is called
 * is read by its everyday meaning, else as the nearest known word one slip away; both are told in `corrected`.
 *
 * @param isExact looks for the very words that were typed
 */
export function readQuery(text: string, vocabulary: Vocabulary, isExact = false): ReadQuery {
  const corrected: { typed: string; meant: string }[] = [];
  const unknown: string[] = [];
  const typedWords = wordsOf(text).slice(0, MOST_WORDS);
  const telling = typedWords.filter((word) => !LITTLE_WORDS.has(word));
  const words = (telling.length > 0 ? telling : typedWords).map((typed) => {
    if (vocabulary.finds(typed)) return typed;
    const meant = isExact ? null : (meaningsOf(typed).find((word) => vocabulary.finds(word)) ?? vocabulary.meant(typed));
    if (meant === null) unknown.push(typed);
    else corrected.push({ typed, meant });
    return meant ?? typed;
  });
  return { words, corrected, unknown };
}
