import type { PartPromises } from './book.js';

/** How one figure comes off where a part is wanted by several. */
export interface Contender {
  readonly figure: string;
  readonly wants: number;
  readonly gets: number;
  /** Why it is served before others: it is built in, it was pinned, an owned whole figure is it as it stands, or it stands before them in line. */
  readonly because: 'built' | 'pinned' | 'whole' | 'in line';
}

/** A part that is owned, wanted by two parties or more, and short. */
export interface Clash {
  readonly variant: string;
  readonly owned: number;
  readonly wanted: number;
  readonly short: number;
  /** In the order they are served. */
  readonly contenders: readonly Contender[];
}

/** How figures come off at a part, in the order they are served; figures of a group each with what the group gets. */
export function contendersOf({ claims, given }: PartPromises): readonly Contender[] {
  const by = new Map<string, { wants: number; gets: number; because: Contender['because']; order: string }>();
  for (const claim of claims)
    for (const figure of claim.figures) {
      const known = by.get(figure) ?? { wants: 0, gets: 0, because: 'in line', order: claim.order };
      known.wants += claim.quantity;
      by.set(figure, known);
    }
  for (const { claim, run, quantity, isBound } of given)
    for (const figure of claim.figures) {
      const known = by.get(figure);
      if (!known) continue;
      known.gets += quantity;
      if (run.reach === 'built') known.because = 'built';
      else if (isBound && known.because === 'in line') known.because = run.reach === 'whole' ? 'whole' : 'pinned';
    }
  const rank = { built: 0, pinned: 1, whole: 2, 'in line': 2 } as const;
  return [...by]
    .sort(([, a], [, b]) => rank[a.because] - rank[b.because] || (a.order < b.order ? -1 : a.order > b.order ? 1 : 0))
    .map(([figure, { wants, gets, because }]) => ({ figure, wants, gets, because }));
}

/** The clash about a part; null when nobody goes short of what is owned, or only one party wants it. */
export function clashOf(promises: PartPromises): Clash | null {
  const { variant, runs, claims, given } = promises;
  const parties = new Set(claims.map((claim) => claim.figures.join(' ')));
  const owned = runs.reduce((all, run) => all + run.quantity, 0);
  if (owned === 0 || parties.size < 2) return null;
  const wanted = claims.reduce((all, claim) => all + claim.quantity, 0);
  const short = wanted - given.reduce((all, row) => all + row.quantity, 0);
  if (short <= 0 || given.length === 0) return null;
  return { variant, owned, wanted, short, contenders: contendersOf(promises) };
}
