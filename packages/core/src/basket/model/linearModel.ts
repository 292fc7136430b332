import { entryAt } from '../../kernel/index.js';
import type { Highs, ModelData } from 'highs';

/** A handle to one column of the model. */
export type Column = number;
export type Entry = readonly [column: Column, coefficient: number];

/** A mixed-integer linear model under construction: minimise cost · x, row by row. */
export class LinearModel {
  private readonly costs: number[] = [];
  private readonly lowers: number[] = [];
  private readonly uppers: number[] = [];
  private readonly whole: boolean[] = [];
  private readonly rows: { readonly lower: number; readonly upper: number; readonly entries: readonly Entry[] }[] = [];

  /** Adds a whole-number column between `lower` and `upper`. */
  integer(cost: number, lower: number, upper: number): Column {
    return this.column(cost, lower, upper, true);
  }

  continuous(cost: number, lower: number, upper: number): Column {
    return this.column(cost, lower, upper, false);
  }

  /** Adds a column that must be whole, or need not. */
  column(cost: number, lower: number, upper: number, whole: boolean): Column {
    this.costs.push(cost);
    this.lowers.push(lower);
    this.uppers.push(upper);
    this.whole.push(whole);
    return this.costs.length - 1;
  }

  /** Adds to what one unit of a column costs. */
  addCost(column: Column, cost: number): void {
    this.costs[column] = entryAt(this.costs, column) + cost;
  }

  /** Lets columns cost nothing. */
  forgetCosts(columns: readonly Column[]): void {
    for (const column of columns) this.costs[column] = 0;
  }

  /** Σ entries ≤ upper. */
  atMost(entries: readonly Entry[], upper: number): void {
    this.rows.push({ lower: -Infinity, upper, entries });
  }

  /** Σ entries ≥ lower. */
  atLeast(entries: readonly Entry[], lower: number): void {
    this.rows.push({ lower, upper: Infinity, entries });
  }

  equal(entries: readonly Entry[], value: number): void {
    this.rows.push({ lower: value, upper: value, entries });
  }

  get columnCount(): number {
    return this.costs.length;
  }

  /** The model as `highs` takes it: a row-wise sparse matrix. */
  toHighs(highs: Pick<Highs, 'constants'>): ModelData {
    const starts: number[] = [0];
    const indices: number[] = [];
    const values: number[] = [];
    for (const row of this.rows) {
      for (const [column, coefficient] of row.entries) {
        if (coefficient === 0) continue;
        indices.push(column);
        values.push(coefficient);
      }
      starts.push(indices.length);
    }
    const { integer, continuous } = highs.constants.variableType;
    return {
      numCols: this.costs.length,
      numRows: this.rows.length,
      sense: highs.constants.objectiveSense.minimize,
      colCost: this.costs,
      colLower: this.lowers,
      colUpper: this.uppers,
      rowLower: this.rows.map((row) => row.lower),
      rowUpper: this.rows.map((row) => row.upper),
      matrix: { format: 'csr', numRows: this.rows.length, numCols: this.costs.length, starts, indices, values },
      integrality: this.whole.map((isWhole) => (isWhole ? integer : continuous)),
    };
  }
}
