import { quote } from '../../kernel/index.js';
import { type Outcome, OUTCOMES, type PairChoice } from './strengths.js';

/** A choice of somebody as a row of a file tells it, or why it tells none. */
export type ChoiceRow =
  { readonly choice: PairChoice & { readonly who: string } } | { readonly field: 'first' | 'second' | 'chosen'; readonly reason: string };

const WORDS: Readonly<Record<string, Outcome>> = {
  a: 'first',
  b: 'second',
  first: 'first',
  second: 'second',
  tie: 'tie',
  same: 'tie',
  skip: 'skip',
  '': 'skip',
};

/**
 * Reads who, first, second and chosen: figures by name or id; chosen is the name of one of them, `tie` or `skip`.
 */
export function readChoice(
  row: { readonly who: string; readonly first: string; readonly second: string; readonly chosen: string },
  idOf: (figure: string) => string | null,
): ChoiceRow {
  const [first, second] = [idOf(row.first), idOf(row.second)];
  if (first === null) return { field: 'first', reason: `Nobody here is called ${quote(row.first)}.` };
  if (second === null) return { field: 'second', reason: `Nobody here is called ${quote(row.second)}.` };
  if (first === second) return { field: 'second', reason: 'A figure is not compared with itself.' };
  const said = row.chosen.trim();
  const chosen = idOf(said);
  const outcome = chosen === first ? 'first' : chosen === second ? 'second' : WORDS[said.toLowerCase()];
  if (!outcome || !OUTCOMES.includes(outcome)) return { field: 'chosen', reason: `${quote(said)} is neither of the two, nor tie or skip.` };
  return { choice: { who: row.who.trim(), first, second, outcome } };
}
