import type { Pick } from './pick';

const plain = (text: string): string => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();

/** The options that say all of the words, in any order and letter case; those whose name begins with them stand first. */
export function optionsWith<P extends Pick>(options: readonly P[], words: string): readonly P[] {
  const wanted = plain(words).split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return options;
  const found = options.filter((option) => {
    const said = plain(`${option.text} ${option.more ?? ''}`);
    return wanted.every((word) => said.includes(word));
  });
  const first = wanted[0] ?? '';
  const begins = (option: P): boolean => plain(option.text).startsWith(first);
  return [...found.filter(begins), ...found.filter((option) => !begins(option))];
}
