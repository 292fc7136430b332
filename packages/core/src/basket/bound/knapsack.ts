/** Cells a capacity is cut into where weights have no common measure. */
const CELLS = 1000;

/** So many of one thing, each with the same weight and gain. */
interface Pile {
  readonly which: number;
  readonly count: number;
  readonly cells: number;
  readonly gain: number;
}

/**
 * A bounded knapsack in whole units by dynamic programming (Martello and Toth, *Knapsack Problems*, 1990): the most that can be gained
 * within a capacity. Weights are counted in a common measure where they have one, else rounded down to cells of the capacity, so that the
 * answer is never below the true one. Units of things that gain nothing stay 0.
 *
 * @param weights in whole millionths of a gram
 * @param taken receives the units of each thing
 * @example gains [6, 5, 5], weights [6, 5, 5], one of each, capacity 10: 10, from the last two
 */
export function fillKnapsack(
  capacity: number,
  weights: Float64Array,
  gains: (thing: number) => number,
  most: Float64Array,
  taken: Float64Array,
): number {
  const cell = cellOf(capacity, weights, most);
  const size = Math.floor(capacity / cell);
  let gain = 0;
  const piles: Pile[] = [];
  for (let i = 0; i < weights.length; i += 1) {
    taken[i] = 0;
    const each = gains(i);
    const cells = Math.floor((weights[i] ?? 0) / cell);
    let left = each > 0 ? (most[i] ?? 0) : 0;
    if (left > 0 && cells === 0) {
      taken[i] = left;
      gain += each * left;
      left = 0;
    }
    left = Math.min(left, cells > 0 ? Math.floor(size / cells) : 0);
    // Piles of 1, 2, 4 …: every number of units is a sum of some.
    for (let count = 1; left > 0; count *= 2) {
      const some = Math.min(count, left);
      piles.push({ which: i, count: some, cells: cells * some, gain: each * some });
      left -= some;
    }
  }
  const best = new Float64Array(size + 1);
  const chosen = piles.map((pile) => {
    const row = new Uint8Array(size + 1);
    for (let room = size; room >= pile.cells; room -= 1) {
      const filled = (best[room - pile.cells] ?? 0) + pile.gain;
      if (filled > (best[room] ?? 0)) {
        best[room] = filled;
        row[room] = 1;
      }
    }
    return row;
  });
  let room = size;
  for (let p = piles.length - 1; p >= 0; p -= 1) {
    const pile = piles[p];
    if (!pile || chosen[p]?.[room] !== 1) continue;
    taken[pile.which] = (taken[pile.which] ?? 0) + pile.count;
    room -= pile.cells;
  }
  return gain + (best[size] ?? 0);
}

/** The common measure of a capacity and all weights, where it cuts the capacity into few enough cells. */
function cellOf(capacity: number, weights: Float64Array, most: Float64Array): number {
  let measure = capacity;
  for (let i = 0; i < weights.length && measure * CELLS >= capacity; i += 1)
    if ((most[i] ?? 0) > 0) measure = commonMeasure(measure, weights[i] ?? 0);
  return measure * CELLS >= capacity ? measure : capacity / CELLS;
}

function commonMeasure(a: number, b: number): number {
  while (b > 0) [a, b] = [b, a % b];
  return a;
}
