/** Millimetres as people read them: one decimal. */
export const mm = (value: number): string => value.toFixed(1);

/** "a", "a and b", "a, b and c". */
export function list(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** "1 part", "3 parts", "13,091 parts". */
export const count = (n: number, one: string, many = `${one}s`): string =>
  `${n < 1000 ? n : n.toLocaleString('en-GB')} ${n === 1 ? one : many}`;
