import type { Catalogue } from '../catalogue/index.js';

/** A place pieces like one in the hand lie in: the very part, the same mould, or the same family; and how many lie there. */
export interface LikeThere {
  readonly place: string;
  readonly why: 'part' | 'mould' | 'family';
  readonly pieces: number;
}

const NEARNESS = { part: 0, mould: 1, family: 2 } as const;

/**
 * Where a piece belongs that somebody has in the hand: with others of the very part, else of its mould, else of its family; of several
 * places the one with most of them first.
 *
 * @param runs what lies where, of whichever parts
 * For example: a knot in silver, with two knots in chestnut in the tin and a cap in the drawer gives the tin, by its mould.
 */
export function whereItGoes(
  variant: string,
  runs: readonly { readonly variant: string; readonly place: string; readonly quantity: number }[],
  catalogue: Catalogue,
): readonly LikeThere[] {
  const own = catalogue.variant(variant);
  const { family } = catalogue.mouldOf(own);
  const found = new Map<string, LikeThere>();
  for (const run of runs) {
    const other = catalogue.variant(run.variant);
    const why =
      other.id === own.id ? 'part' : other.mould === own.mould ? 'mould' : catalogue.mouldOf(other).family === family ? 'family' : null;
    if (why === null) continue;
    const key = `${why} ${run.place}`;
    found.set(key, { place: run.place, why, pieces: run.quantity + (found.get(key)?.pieces ?? 0) });
  }
  const ranked = [...found.values()].sort(
    (a, b) => NEARNESS[a.why] - NEARNESS[b.why] || b.pieces - a.pieces || (a.place < b.place ? -1 : 1),
  );
  return ranked.filter((row, i) => ranked.findIndex((other) => other.place === row.place) === i);
}
