import { entryAt } from '../../kernel/index.js';
import { differenceVariance, type PairChoice, standardError, type Strengths, strengthsOf, tells } from './strengths.js';

/** A figure in the ranking. `sure`: how likely it really stands before the next one, 0.5 to 1; null for the last. */
export interface Ranked {
  readonly id: string;
  readonly strength: number;
  readonly error: number;
  readonly sure: number | null;
}

export interface Ranking {
  readonly ranked: readonly Ranked[];
  readonly comparisons: number;
  /** The pair whose comparison would tell most; null with fewer than two figures. */
  readonly next: readonly [string, string] | null;
  /** How sure the order is, in words. */
  readonly words: string;
}

/**
 * The order people chose, how sure it is, and the pair to ask about next: the one that shrinks the uncertainty of all strengths most. One
 * comparison adds v·ddᵀ to the information, so it multiplies its determinant by 1 + v·dᵀΣd (the D-optimal choice); a pair that was shown
 * last is not shown again at once.
 */
export function rankingOf(items: readonly string[], choices: readonly PairChoice[]): Ranking {
  const strengths = strengthsOf(items, choices);
  const order = [...items.keys()].sort((a, b) => entryAt(strengths.theta, b) - entryAt(strengths.theta, a) || a - b);
  const ranked = order.map((i, place): Ranked => {
    const after = order[place + 1];
    return {
      id: items[i] ?? '',
      strength: entryAt(strengths.theta, i),
      error: standardError(strengths, i),
      sure: after === undefined ? null : sureOf(strengths, i, after),
    };
  });
  return { ranked, comparisons: strengths.comparisons, next: nextPair(strengths, choices), words: wordsOf(ranked, strengths.comparisons) };
}

/** How likely a really is stronger than b: the normal distribution at their difference in its standard errors. */
function sureOf(strengths: Strengths, a: number, b: number): number {
  const difference = entryAt(strengths.theta, a) - entryAt(strengths.theta, b);
  return normal(difference / Math.sqrt(differenceVariance(strengths, a, b)));
}

/** The standard normal distribution (Abramowitz and Stegun 26.2.17), to seven digits. */
export function normal(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}

function nextPair(strengths: Strengths, choices: readonly PairChoice[]): readonly [string, string] | null {
  const { items, theta, tie } = strengths;
  const last = choices.at(-1);
  const skipped = new Set(
    choices.filter(({ outcome }) => outcome === 'skip').map(({ first, second }) => [first, second].sort().join('\n')),
  );
  let best: { readonly a: number; readonly b: number; readonly told: number } | null = null;
  for (let a = 0; a < items.length; a += 1)
    for (let b = a + 1; b < items.length; b += 1) {
      const pair = [items[a] ?? '', items[b] ?? ''];
      const isLast = last !== undefined && pair.includes(last.first) && pair.includes(last.second);
      const told =
        tells(entryAt(theta, a) - entryAt(theta, b), tie) *
        differenceVariance(strengths, a, b) *
        (isLast || skipped.has(pair.sort().join('\n')) ? PUT_OFF : 1);
      if (!best || told > best.told + 1e-12) best = { a, b, told };
    }
  return best ? [items[best.a] ?? '', items[best.b] ?? ''] : null;
}
/** A pair just shown, or skipped, comes again only when nothing else tells anything. */
const PUT_OFF = 1e-3;

const SURE = 0.9;

function wordsOf(ranked: readonly Ranked[], comparisons: number): string {
  if (ranked.length < 2) return 'There is nothing to compare.';
  if (comparisons === 0) return 'Nobody has chosen yet: this is the opening order.';
  const steps = ranked.flatMap(({ sure }) => (sure === null ? [] : [sure]));
  const settled = steps.findIndex((sure) => sure < SURE);
  if (settled < 0) return 'The order is sure.';
  if (settled > 0)
    return settled === 1
      ? 'The first place is sure; the rest may still change.'
      : `The first ${settled} places are sure; the rest may still change.`;
  const sure = steps.filter((step) => step >= SURE).length;
  return sure === 0 ? 'The order may still change everywhere.' : `${sure} of ${steps.length} steps are sure; the first place is not.`;
}
