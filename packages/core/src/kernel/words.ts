/** Millimetres as people read them: one decimal. */
export const mm = (value: number): string => value.toFixed(1);

/** "a", "a and b", "a, b and c". */
export function list(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** A whole number as people read it: "13,091". */
export const whole = (n: number): string => (Math.abs(n) < 1000 ? String(n) : n.toLocaleString('en-GB'));

/** "1 part", "3 parts", "13,091 parts". */
export const count = (n: number, one: string, many = `${one}s`): string => `${whole(n)} ${n === 1 ? one : many}`;
