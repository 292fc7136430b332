/** A run of alike pieces as a file states it: so many of a part, in a condition, in a place. */
export interface StatedRun {
  readonly variant: string;
  readonly quantity: number;
  readonly condition: string;
  readonly place: string;
  readonly note: string;
}

/** A run that is written down already. */
export interface KnownRun extends StatedRun {
  readonly id: number;
}

/**
 * What a row of a file means for what is written down: a part that was not owned; the very run that is known; a run beside others of
 * the same part; or another count or note of a known run, which it takes the place of.
 */
export type RowMeaning =
  | { readonly kind: 'new' | 'adds to' }
  | { readonly kind: 'same'; readonly known: KnownRun }
  | { readonly kind: 'replaces'; readonly known: KnownRun };

const lotOf = ({ variant, condition, place }: StatedRun): string => JSON.stringify([variant, condition, place]);
const wholeOf = (run: StatedRun): string => JSON.stringify([run.variant, run.condition, run.place, run.quantity, run.note]);

/**
 * Matches the rows of a file with the runs that are written down, each with one at most, so that nothing is doubled by reading what
 * was written out: the very same first, then those in the same place and condition in their order. Runs no row speaks of stay as
 * they are.
 *
 * For example: a drawer's 3 arms stated as 4 gives replaces; the same 3 stated again gives same.
 */
export function matchRuns(stated: readonly StatedRun[], known: readonly KnownRun[]): readonly RowMeaning[] {
  const left = new Set(known);
  const owned = new Set(known.map((run) => run.variant));
  const take = (by: (run: StatedRun) => string): ((run: StatedRun) => KnownRun | undefined) => {
    const found = new Map<string, KnownRun[]>();
    for (const run of left) found.set(by(run), [...(found.get(by(run)) ?? []), run]);
    return (run) => {
      const match = (found.get(by(run)) ?? []).find((candidate) => left.has(candidate));
      if (match) left.delete(match);
      return match;
    };
  };
  const sameOf = take(wholeOf);
  const same = stated.map((run) => sameOf(run));
  const lotMatch = take(lotOf);
  return stated.map((run, i): RowMeaning => {
    const very = same[i];
    if (very) return { kind: 'same', known: very };
    const other = lotMatch(run);
    if (other) return { kind: 'replaces', known: other };
    return { kind: owned.has(run.variant) ? 'adds to' : 'new' };
  });
}
