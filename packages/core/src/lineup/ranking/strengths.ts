import { entryAt } from '../../kernel/index.js';
/** What somebody said of two figures side by side: the first is liked better, the second, both alike, or nothing. */
export const OUTCOMES = ['first', 'second', 'tie', 'skip'] as const;
export type Outcome = (typeof OUTCOMES)[number];

export interface PairChoice {
  readonly first: string;
  readonly second: string;
  readonly outcome: Outcome;
}

/** Strengths of figures on a log scale, 0 the middle; a difference of 1 is chosen 73 times in 100 when there are no ties. */
export interface Strengths {
  readonly items: readonly string[];
  readonly theta: Float64Array;
  /** How readily a tie is said (Davidson's ν). */
  readonly tie: number;
  /** Covariance of the strengths, row by row. */
  readonly covariance: Float64Array;
  readonly comparisons: number;
}

/**
 * How far strengths lie apart before anything is known: the standard deviation of the Gaussian prior. At 1.5 two figures picked at random
 * are as likely to be told apart nine times in ten as hardly at all.
 */
const PRIOR_SD = 1.5;
/** The prior of ν: half a tie seen, one expected. Few choices do not make ties impossible. */
const TIE_SHAPE = 0.5;
const TIE_RATE = 1;
const MOST_ROUNDS = 2000;
const SETTLED = 1e-10;

interface Pair {
  readonly a: number;
  readonly b: number;
  wins: number;
  losses: number;
  ties: number;
}

function pairsOf(items: readonly string[], choices: readonly PairChoice[]): readonly Pair[] {
  const at = new Map(items.map((id, i) => [id, i]));
  const pairs = new Map<number, Pair>();
  for (const { first, second, outcome } of choices) {
    const [i, j] = [at.get(first), at.get(second)];
    if (i === undefined || j === undefined || i === j || outcome === 'skip') continue;
    const [a, b] = i < j ? [i, j] : [j, i];
    const pair = pairs.get(a * items.length + b) ?? { a, b, wins: 0, losses: 0, ties: 0 };
    pairs.set(a * items.length + b, pair);
    if (outcome === 'tie') pair.ties += 1;
    else if ((outcome === 'first') === (a === i)) pair.wins += 1;
    else pair.losses += 1;
  }
  return [...pairs.values()];
}

/** Solves s − c·e^θ − θ/σ² = 0, which falls in θ and so has one root, by Newton's steps from where it stands. */
function root(s: number, c: number, from: number, precision: number): number {
  let theta = from;
  for (let step = 0; step < 50; step += 1) {
    const grown = c * Math.exp(theta);
    const next = theta + (s - grown - theta * precision) / (grown + precision);
    if (Math.abs(next - theta) < SETTLED) return next;
    // A step from far out overshoots: it goes at most so far at once.
    theta += Math.max(-2, Math.min(2, next - theta));
  }
  return theta;
}

/**
 * Bradley–Terry strengths of figures by what people chose, ties after Davidson (1970): P(first) : P(second) : P(tie) is
 * γ₁ : γ₂ : ν√(γ₁γ₂), γ = e^θ. Maximised by minorisation and maximisation (Hunter 2004): −ln D is replaced by its tangent, √(γ₁γ₂) by the
 * larger of its means, so that each strength is one root; the Gaussian prior on θ stays as it is, so that a figure never chosen, or
 * always, has a finite strength. Standard errors come from the information at the maximum, ν held.
 *
 * @param priorSd the standard deviation of the prior, in θ; large for next to none
 * For example: a chosen 3 times before b, b once before a, hardly any prior gives θ of a and b differ by ln 3 = 1.0986.
 */
export function strengthsOf(items: readonly string[], choices: readonly PairChoice[], priorSd = PRIOR_SD): Strengths {
  const pairs = pairsOf(items, choices);
  const precision = 1 / (priorSd * priorSd);
  const n = items.length;
  const theta = new Float64Array(n);
  const score = new Float64Array(n);
  let ties = 0;
  for (const { a, b, wins, losses, ties: even } of pairs) {
    score[a] = entryAt(score, a) + wins + even / 2;
    score[b] = entryAt(score, b) + losses + even / 2;
    ties += even;
  }
  // Where nobody ever said a tie, none is reckoned with.
  let tie = ties > 0 ? TIE_SHAPE / TIE_RATE : 0;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const load = new Float64Array(n);
    let tieLoad = 0;
    for (const { a, b, wins, losses, ties: even } of pairs) {
      const [ga, gb] = [Math.exp(entryAt(theta, a)), Math.exp(entryAt(theta, b))];
      const mean = Math.sqrt(ga * gb);
      const each = (wins + losses + even) / (ga + gb + tie * mean);
      load[a] = entryAt(load, a) + each * (1 + (tie / 2) * Math.sqrt(gb / ga));
      load[b] = entryAt(load, b) + each * (1 + (tie / 2) * Math.sqrt(ga / gb));
      tieLoad += each * mean;
    }
    let moved = 0;
    for (let i = 0; i < n; i += 1) {
      const next = root(entryAt(score, i), entryAt(load, i), entryAt(theta, i), precision);
      moved = Math.max(moved, Math.abs(next - entryAt(theta, i)));
      theta[i] = next;
    }
    if (ties > 0) {
      const next = (ties + TIE_SHAPE) / (tieLoad + TIE_RATE);
      moved = Math.max(moved, Math.abs(next - tie));
      tie = next;
    }
    if (moved < SETTLED * 10) break;
  }
  const comparisons = pairs.reduce((all, row) => all + row.wins + row.losses + row.ties, 0);
  return { items, theta, tie, covariance: inverse(information(theta, tie, pairs, precision), n), comparisons };
}

/** What one comparison tells of a difference of strengths: the variance of (win + half a tie). */
export function tells(difference: number, tie: number): number {
  const [up, down] = [Math.exp(difference / 2), Math.exp(-difference / 2)];
  const all = up + down + tie;
  const [win, even] = [up / all, tie / all];
  const mean = win + even / 2;
  return win + even / 4 - mean * mean;
}

function information(theta: Float64Array, tie: number, pairs: readonly Pair[], precision: number): Float64Array {
  const n = theta.length;
  const matrix = new Float64Array(n * n);
  for (let i = 0; i < n; i += 1) matrix[i * n + i] = precision;
  for (const { a, b, wins, losses, ties } of pairs) {
    const told = (wins + losses + ties) * tells(entryAt(theta, a) - entryAt(theta, b), tie);
    for (const [row, column, sign] of [
      [a, a, 1],
      [b, b, 1],
      [a, b, -1],
      [b, a, -1],
    ] as const)
      matrix[row * n + column] = entryAt(matrix, row * n + column) + sign * told;
  }
  return matrix;
}

/** The inverse of a symmetric positive definite matrix, by Gauss and Jordan: no pivots are needed where every leading part is positive. */
function inverse(matrix: Float64Array, n: number): Float64Array {
  const left = matrix.slice();
  const right = new Float64Array(n * n);
  for (let i = 0; i < n; i += 1) right[i * n + i] = 1;
  for (let k = 0; k < n; k += 1) {
    const pivot = left[k * n + k] ?? 1;
    for (let j = 0; j < n; j += 1) {
      left[k * n + j] = entryAt(left, k * n + j) / pivot;
      right[k * n + j] = entryAt(right, k * n + j) / pivot;
    }
    for (let i = 0; i < n; i += 1) {
      const factor = entryAt(left, i * n + k);
      if (i === k || factor === 0) continue;
      for (let j = 0; j < n; j += 1) {
        left[i * n + j] = entryAt(left, i * n + j) - factor * entryAt(left, k * n + j);
        right[i * n + j] = entryAt(right, i * n + j) - factor * entryAt(right, k * n + j);
      }
    }
  }
  return right;
}

/** The variance of the difference of two strengths. */
export function differenceVariance({ items, covariance }: Strengths, a: number, b: number): number {
  const n = items.length;
  const at = (i: number, j: number): number => entryAt(covariance, i * n + j);
  return at(a, a) + at(b, b) - 2 * at(a, b);
}

/** The standard error of one strength. */
export const standardError = ({ items, covariance }: Strengths, i: number): number => Math.sqrt(entryAt(covariance, i * items.length + i));
