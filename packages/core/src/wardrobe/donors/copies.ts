import { entryAt } from '../../kernel/index.js';
/** Something that is bought as one and yields parts: an official figure, or a product. */
export interface Yielder {
  readonly id: string;
  readonly yields: ReadonlyMap<string, number>;
}

/** So many copies of each yielder, and whether fewer are proven not to do. */
export interface LeastCopies {
  readonly copies: ReadonlyMap<string, number>;
  readonly total: number;
  readonly isProven: boolean;
  /** Parts that no yielder has. */
  readonly without: readonly string[];
}

/** Steps after which the best found so far is taken; how many it takes grows with how alike the yielders are. */
const MOST_STEPS = 60_000;

/**
 * The fewest copies of official figures (or of products) that yield all that is wanted: a set multicover, solved by branch and bound. A
 * part is filled first that fewest yielders have; a yielder that another one has all of is left out; parts that share no yielder are solved apart. The
 * bound takes parts that no yielder has two of together: each needs copies of its own.
 *
 * @param wanted how many of each part
 * For example: a hat and a coat on one figure, a hat alone on another gives one copy of the first.
 */
export function leastCopies(wanted: ReadonlyMap<string, number>, yielders: readonly Yielder[]): LeastCopies {
  const useful = yielders
    .map(({ id, yields }) => ({ id, yields: new Map([...yields].filter(([variant, each]) => each > 0 && wanted.has(variant))) }))
    .filter(({ yields }) => yields.size > 0);
  const had = new Set(useful.flatMap(({ yields }) => [...yields.keys()]));
  const without = [...wanted.keys()].filter((variant) => !had.has(variant));
  const copies = new Map<string, number>();
  let isProven = true;
  for (const component of componentsOf(leaveOutDominated(useful))) {
    const needs = new Map([...wanted].filter(([variant]) => component.some(({ yields }) => yields.has(variant))));
    const search = new CoverSearch(component, needs);
    const best = search.best();
    for (const [id, count] of best) copies.set(id, count);
    isProven &&= search.isProven;
  }
  return { copies, total: [...copies.values()].reduce((all, count) => all + count, 0), isProven, without };
}

/** Without those that another yielder has at least as much of everything of; of equals the first stays. */
const leaveOutDominated = (yielders: readonly Yielder[]): readonly Yielder[] =>
  yielders.filter((own, i) => !yielders.some((other, k) => k !== i && hasAllOf(other, own) && (!hasAllOf(own, other) || k < i)));

const hasAllOf = (other: Yielder, own: Yielder): boolean =>
  other.yields.size >= own.yields.size && [...own.yields].every(([variant, each]) => (other.yields.get(variant) ?? 0) >= each);

/** Groups of yielders that share no part with those of another group. */
function componentsOf(yielders: readonly Yielder[]): readonly (readonly Yielder[])[] {
  const groups: { variants: Set<string>; members: Yielder[] }[] = [];
  for (const yielder of yielders) {
    const touching = groups.filter((group) => [...yielder.yields.keys()].some((variant) => group.variants.has(variant)));
    const merged = { variants: new Set(yielder.yields.keys()), members: [yielder] };
    for (const group of touching) {
      for (const variant of group.variants) merged.variants.add(variant);
      merged.members.unshift(...group.members);
      groups.splice(groups.indexOf(group), 1);
    }
    groups.push(merged);
  }
  return groups.map((group) => group.members);
}

class CoverSearch {
  private steps = 0;
  private bestTotal = Infinity;
  private bestCopies: readonly number[] = [];
  private readonly variants: readonly string[];
  /** How many of each part, by index, each yielder has. */
  private readonly matrix: readonly (readonly number[])[];
  private readonly holders: readonly (readonly number[])[];

  private readonly needs: readonly number[];

  constructor(
    private readonly yielders: readonly Yielder[],
    needs: ReadonlyMap<string, number>,
  ) {
    this.variants = [...needs.keys()];
    this.matrix = yielders.map(({ yields }) => this.variants.map((variant) => yields.get(variant) ?? 0));
    this.holders = this.variants.map((_, v) => yielders.flatMap((_, y) => ((this.matrix[y]?.[v] ?? 0) > 0 ? [y] : [])));
    this.needs = this.variants.map((variant) => needs.get(variant) ?? 0);
  }

  get isProven(): boolean {
    return this.steps < MOST_STEPS;
  }

  best(): ReadonlyMap<string, number> {
    const none = this.yielders.map(() => 0);
    this.greedy([...this.needs], [...none]);
    this.search(
      [...this.needs],
      [...none],
      0,
      this.yielders.map(() => true),
    );
    return new Map(this.bestCopies.flatMap((count, y) => (count > 0 ? [[this.yielders[y]?.id ?? '', count] as const] : [])));
  }

  private keep(copies: readonly number[]): void {
    const total = copies.reduce((all, count) => all + count, 0);
    if (total >= this.bestTotal) return;
    this.bestTotal = total;
    this.bestCopies = [...copies];
  }

  /** The one that fills most, again and again: a first answer to beat. */
  private greedy(left: number[], copies: number[]): void {
    while (left.some((need) => need > 0)) {
      const gains = this.matrix.map((row) => row.reduce((all, each, v) => all + Math.min(each, entryAt(left, v)), 0));
      const y = gains.indexOf(Math.max(...gains));
      copies[y] = entryAt(copies, y) + 1;
      this.matrix[y]?.forEach((each, v) => (left[v] = Math.max(0, entryAt(left, v) - each)));
    }
    this.keep(copies);
  }

  /** Fills the part with the fewest choices, choice by choice; a choice that was tried is not tried again beside those after it. */
  private search(left: readonly number[], copies: number[], total: number, allowed: readonly boolean[]): void {
    this.steps += 1;
    if (this.steps >= MOST_STEPS) return;
    const bound = this.bound(left, allowed);
    if (total + bound >= this.bestTotal) return;
    const part = this.tightest(left, allowed);
    if (part === null) return this.keep(copies);
    const choices = (this.holders[part] ?? []).filter((y) => allowed[y]).sort((a, b) => this.gain(b, left) - this.gain(a, left));
    const open = [...allowed];
    for (const y of choices) {
      copies[y] = entryAt(copies, y) + 1;
      const next = left.map((need, v) => Math.max(0, need - (this.matrix[y]?.[v] ?? 0)));
      this.search(next, copies, total + 1, open);
      copies[y] = entryAt(copies, y) - 1;
      open[y] = false;
    }
  }

  private gain(y: number, left: readonly number[]): number {
    return (this.matrix[y] ?? []).reduce((all, each, v) => all + Math.min(each, entryAt(left, v)), 0);
  }

  private tightest(left: readonly number[], allowed: readonly boolean[]): number | null {
    let [tightest, fewest] = [null as number | null, Infinity];
    left.forEach((need, v) => {
      if (need === 0) return;
      const count = (this.holders[v] ?? []).filter((y) => allowed[y]).length;
      if (count < fewest) [tightest, fewest] = [v, count];
    });
    return tightest;
  }

  /** Copies that are needed at least: of parts no two of which one yielder has, each its own; infinite when a part cannot be had. */
  private bound(left: readonly number[], allowed: readonly boolean[]): number {
    const parts = left
      .map((need, v) => {
        const able = (this.holders[v] ?? []).filter((y) => allowed[y]);
        const most = Math.max(0, ...able.map((y) => this.matrix[y]?.[v] ?? 0));
        return { able, copies: need === 0 ? 0 : most === 0 ? Infinity : Math.ceil(need / most) };
      })
      .filter(({ copies }) => copies > 0)
      .sort((a, b) => b.copies - a.copies || a.able.length - b.able.length);
    const taken = new Set<number>();
    let all = 0;
    for (const { able, copies } of parts) {
      if (able.some((y) => taken.has(y))) continue;
      all += copies;
      for (const y of able) taken.add(y);
    }
    return all;
  }
}

/** What one further copy of a yielder would serve of what is short. */
export interface FurtherCopy {
  readonly id: string;
  readonly serves: number;
}

/** Which single further copy serves most pieces of what is short, the best first; those that serve nothing are left out. */
export const furtherCopies = (short: ReadonlyMap<string, number>, yielders: readonly Yielder[]): readonly FurtherCopy[] =>
  yielders
    .map(({ id, yields }) => ({
      id,
      serves: [...yields].reduce((all, [variant, each]) => all + Math.min(each, short.get(variant) ?? 0), 0),
    }))
    .filter(({ serves }) => serves > 0)
    .sort((a, b) => b.serves - a.serves || (a.id < b.id ? -1 : 1));
