import { entryAt } from '../../kernel/index.js';
import type { PartPromises } from './book.js';

/** What is told of a part that somebody wants and that is owned, to whoever reckons what a figure can count on. */
export interface PartShares {
  readonly variant: string;
  /** Pieces that serve nobody: lying loose, sealed or on their way and without a flaw; and on donors. */
  readonly free: number;
  readonly freeOnDonors: number;
  readonly rows: readonly ShareRow[];
}

/**
 * What one party wants and gets of a part: a figure, or figures of a group that share the very same pieces. Figures are told by their
 * place in line, the first 0.
 */
export interface ShareRow {
  readonly figures: readonly number[];
  readonly wants: number;
  readonly gets: number;
  /** Of what it gets: off donors, and bound, so that nobody before it takes it. */
  readonly offDonors: number;
  readonly bound: number;
}

/** How many pieces a figure can count on. */
export interface Available {
  readonly owned: number;
  readonly onDonors: number;
}

/** The shares of a part, with figures by their place in line. */
export function sharesOf({ variant, runs, claims, given, free }: PartPromises, lineOf: (figure: string) => number): PartShares {
  const rows = new Map<string, { figures: readonly number[]; wants: number; gets: number; offDonors: number; bound: number }>();
  const rowOf = (figures: readonly string[]) => {
    const key = figures.join(' ');
    const row = rows.get(key) ?? { figures: figures.map(lineOf).sort((a, b) => a - b), wants: 0, gets: 0, offDonors: 0, bound: 0 };
    rows.set(key, row);
    return row;
  };
  for (const claim of claims) rowOf(claim.figures).wants += claim.quantity;
  for (const { claim, run, quantity, isBound } of given) {
    const row = rowOf(claim.figures);
    row.gets += quantity;
    if (run.reach === 'donor') row.offDonors += quantity;
    if (isBound) row.bound += quantity;
  }
  const left = (isDonor: boolean): number =>
    runs.reduce((all, run) => all + ((run.reach === 'donor') === isDonor && !run.isFlawed ? (free.get(run.id) ?? 0) : 0), 0);
  return { variant, free: left(false), freeOnDonors: left(true), rows: [...rows.values()] };
}

/**
 * What a figure can count on of a part: what it gets, what nobody wants, and what those behind it in line would get if it did not want
 * more. One that goes short already gets no more, however much others behind it get: what they have does not do for it.
 *
 * @param line the figure's place in line; one that is not in line stands behind everybody
 */
export function availableTo({ free, freeOnDonors, rows }: Omit<PartShares, 'variant'>, line: number): Available {
  const own = rows.filter((row) => row.figures.includes(line));
  const sum = (some: readonly ShareRow[], of: (row: ShareRow) => number): number => some.reduce((all, row) => all + of(row), 0);
  const ownOffDonors = sum(own, (row) => row.offDonors);
  const ownGets = sum(own, (row) => row.gets);
  if (own.some((row) => row.gets < row.wants)) return { owned: ownGets - ownOffDonors, onDonors: ownOffDonors };
  const behind = rows.filter((row) => entryAt(row.figures, 0) > line && !row.figures.includes(line));
  return {
    owned: free + ownGets - ownOffDonors + sum(behind, (row) => row.gets - row.offDonors - row.bound),
    onDonors: freeOnDonors + ownOffDonors + sum(behind, (row) => row.offDonors),
  };
}

/** Shares of many parts in columns: the i-th row is of the part `of[i]`, for the figures `figuresOf(i)`, in line the first 0. */
export interface ShareColumns {
  readonly free: readonly number[];
  readonly freeOnDonors: readonly number[];
  readonly of: readonly number[];
  readonly wants: readonly number[];
  readonly gets: readonly number[];
  readonly offDonors: readonly number[];
  readonly bound: readonly number[];
  figuresOf(row: number): readonly number[];
}

/**
 * What a figure can count on, of every part at once: the same as `availableTo` part by part, in one pass over the rows.
 *
 * @returns how many pieces of each part, and how many on donors, in the order of the parts
 */
export function availableOfAll(columns: ShareColumns, line: number): { readonly owned: Int32Array; readonly onDonors: Int32Array } {
  const owned = Int32Array.from(columns.free);
  const onDonors = Int32Array.from(columns.freeOnDonors);
  /** Of each part, what the figure gets itself, and whether it goes short. */
  const [own, ownOffDonors] = [new Int32Array(owned.length), new Int32Array(owned.length)];
  const isShort = new Uint8Array(owned.length);
  for (let row = 0; row < columns.of.length; row += 1) {
    const figures = columns.figuresOf(row);
    const part = entryAt(columns.of, row);
    const [gets, off] = [entryAt(columns.gets, row), entryAt(columns.offDonors, row)];
    if (figures.includes(line)) {
      own[part] = entryAt(own, part) + gets - off;
      ownOffDonors[part] = entryAt(ownOffDonors, part) + off;
      if (gets < entryAt(columns.wants, row)) isShort[part] = 1;
    } else if (entryAt(figures, 0) > line) {
      owned[part] = entryAt(owned, part) + gets - off - entryAt(columns.bound, row);
      onDonors[part] = entryAt(onDonors, part) + off;
    }
  }
  for (let part = 0; part < owned.length; part += 1) {
    owned[part] = isShort[part] ? entryAt(own, part) : entryAt(owned, part) + entryAt(own, part);
    onDonors[part] = isShort[part] ? entryAt(ownOffDonors, part) : entryAt(onDonors, part) + entryAt(ownOffDonors, part);
  }
  return { owned, onDonors };
}
