/**
 * Rows of options, of which at most one is taken per row: options of row `r` are those from `rowFrom[r]` to before `rowFrom[r + 1]`.
 */
export interface Choices {
  readonly rowFrom: Int32Array;
}

/** Cells a capacity is cut into where weights have no common measure. */
const CELLS = 1000;

/** What options weigh in cells of a capacity: never more than they do. */
export interface Cells {
  readonly capacity: number;
  readonly weights: Int32Array;
}

/** A capacity and weights, both whole numbers, in their common measure where it is coarse enough, else rounded down to cells of the capacity. */
export function cellsOf(capacity: number, weights: Float64Array): Cells {
  let measure = capacity;
  for (let i = 0; i < weights.length && measure * CELLS >= capacity; i += 1) measure = commonMeasure(measure, weights[i] ?? 0);
  const cell = measure * CELLS >= capacity && measure > 0 ? measure : Math.max(1, capacity / CELLS);
  return { capacity: Math.floor(capacity / cell), weights: Int32Array.from(weights, (weight) => Math.floor(weight / cell)) };
}

/**
 * The multiple-choice knapsack by dynamic programming (Kellerer, Pferschy and Pisinger, *Knapsack Problems*, 2004, chapter 11): the most
 * that can be gained within a capacity, one option of each row at most. Options that gain nothing are not taken.
 *
 * @param taken receives 1 for each option that is taken, else 0
 * For example: two rows of one option, gains [6] and [5], weights [6] and [5], capacity 10: 6.
 */
export function fillChoices({ rowFrom }: Choices, { capacity, weights }: Cells, gains: Float64Array, taken: Float64Array): number {
  const rows = rowFrom.length - 1;
  const width = capacity + 1;
  let best = room(0, width).fill(0);
  let next = room(1, width);
  const chosen = marks(rows * width).fill(0, 0, rows * width);
  for (let row = 0; row < rows; row += 1) {
    const from = rowFrom[row] ?? 0;
    const to = rowFrom[row + 1] ?? 0;
    let isOpen = false;
    for (let option = from; option < to; option += 1) {
      taken[option] = 0;
      const gain = gains[option] ?? 0;
      const weight = weights[option] ?? 0;
      if (gain <= 0 || weight > capacity) continue;
      if (!isOpen) next.set(best);
      isOpen = true;
      const mark = option - from + 1;
      const base = row * width;
      for (let filled = weight; filled < width; filled += 1) {
        const reached = (best[filled - weight] ?? 0) + gain;
        if (reached <= (next[filled] ?? 0)) continue;
        next[filled] = reached;
        chosen[base + filled] = mark;
      }
    }
    if (isOpen) [best, next] = [next, best];
  }
  const most = best[capacity] ?? 0;
  let left = capacity;
  for (let row = rows - 1; row >= 0; row -= 1) {
    const mark = chosen[row * width + left] ?? 0;
    if (mark === 0) continue;
    const option = (rowFrom[row] ?? 0) + mark - 1;
    taken[option] = 1;
    left -= weights[option] ?? 0;
  }
  return most;
}

function commonMeasure(a: number, b: number): number {
  while (b > 0) [a, b] = [b, a % b];
  return a;
}

// Thousands of knapsacks are filled a second: their tables are kept between them.
let rooms: [Float64Array, Float64Array] = [new Float64Array(0), new Float64Array(0)];
let marked = new Uint16Array(0);

function room(which: 0 | 1, width: number): Float64Array {
  if (rooms[0].length < width) rooms = [new Float64Array(width), new Float64Array(width)];
  return rooms[which].subarray(0, width);
}

function marks(size: number): Uint16Array {
  if (marked.length < size) marked = new Uint16Array(size);
  return marked;
}
