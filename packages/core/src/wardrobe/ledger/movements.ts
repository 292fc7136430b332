/** The place from which everything comes and to which it goes for good: sellers, the bin of broken things, whoever it was given to. */
export const OUTSIDE = 'outside';
/** Where pieces lie that were taken off and not yet put anywhere. */
export const BENCH = 'bench';

/** What a person did with pieces: one deed is one entry. */
export const ENTRY_KINDS = [
  'counted',
  'bought',
  'received',
  'opened',
  'taken off',
  'built on',
  'put away',
  'altered',
  'split',
  'broke',
  'lent',
  'returned',
  'sold',
  'given',
  'lost',
  'corrected',
] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** So many pieces of a lot going from one place to another. */
export interface Movement {
  readonly lot: number;
  readonly quantity: number;
  readonly from: string;
  readonly to: string;
}

/** One deed: its movements are saved or refused as a whole. */
export interface Entry {
  readonly id: number;
  readonly kind: EntryKind;
  readonly movements: readonly Movement[];
  /** The entry it takes back. */
  readonly undoes: number | null;
}

/** Why an entry is not taken: a place would hold less than none of a lot. */
export class LedgerRefused extends Error {
  constructor(
    readonly lot: number,
    readonly place: string,
    readonly holds: number,
    readonly wanted: number,
  ) {
    super(`${place} holds ${holds} of lot ${lot}, and ${wanted} were to leave`);
  }
}

/** The movements that put everything back where it was: each the other way round, the last first. */
export const opposite = (movements: readonly Movement[]): readonly Movement[] =>
  [...movements].reverse().map(({ from, to, ...rest }) => ({ ...rest, from: to, to: from }));

/** The pieces of a lot at a place are movements in less movements out. Every place but *outside* holds none or more of every lot. */
export class Balances {
  private readonly held: Map<number, Map<string, number>>;

  private constructor(held: Map<number, Map<string, number>>) {
    this.held = held;
  }

  static readonly EMPTY = new Balances(new Map());

  /** Rebuilds what every place holds from all movements, in their order. Throws LedgerRefused where one leaves less than none. */
  static of(entries: Iterable<Pick<Entry, 'movements'>>): Balances {
    const balances = new Balances(new Map());
    for (const { movements } of entries) balances.move(movements);
    return balances;
  }

  at(lot: number, place: string): number {
    return this.held.get(lot)?.get(place) ?? 0;
  }

  /** Every lot at every place that holds any, *outside* left out. */
  *rows(): Iterable<{ readonly lot: number; readonly place: string; readonly quantity: number }> {
    for (const [lot, places] of this.held)
      for (const [place, quantity] of places) if (quantity > 0 && place !== OUTSIDE) yield { lot, place, quantity };
  }

  /** A lot's pieces over all places, *outside* too: always none. */
  sumOf(lot: number): number {
    return [...(this.held.get(lot)?.values() ?? [])].reduce((all, quantity) => all + quantity, 0);
  }

  /** What is held after an entry; what was held before stays as it is. Throws LedgerRefused, and then nothing of it is done. */
  after({ movements }: Pick<Entry, 'movements'>): Balances {
    const next = new Balances(new Map([...this.held].map(([lot, places]) => [lot, new Map(places)])));
    next.move(movements);
    return next;
  }

  private move(movements: readonly Movement[]): void {
    for (const { lot, quantity, from, to } of movements) {
      if (!(Number.isInteger(quantity) && quantity > 0) || from === to)
        throw new RangeError(`lot ${lot}: ${quantity} from ${from} to ${to}`);
      const places = this.held.get(lot) ?? new Map<string, number>();
      this.held.set(lot, places);
      const held = places.get(from) ?? 0;
      if (from !== OUTSIDE && held < quantity) throw new LedgerRefused(lot, from, held, quantity);
      places.set(from, held - quantity);
      places.set(to, (places.get(to) ?? 0) + quantity);
    }
  }
}

/**
 * The first later entry that stands in the way of taking one back: one that took pieces away from where they would have to be. Null when
 * nothing does. Entries that were taken back themselves, and those that took them back, stand in nobody's way.
 *
 * @param later what was entered after it, in its order
 */
export function standsInTheWay(entry: Entry, later: readonly Entry[], now: Balances): Entry | null {
  try {
    now.after({ movements: opposite(entry.movements) });
    return null;
  } catch (error) {
    if (!(error instanceof LedgerRefused)) throw error;
    const gone = new Set(later.flatMap(({ id, undoes }) => (undoes === null ? [] : [id, undoes])));
    const took = (candidate: Entry): boolean =>
      candidate.movements.some((movement) => movement.lot === error.lot && movement.from === error.place);
    return later.find((candidate) => !gone.has(candidate.id) && took(candidate)) ?? later.find(took) ?? null;
  }
}
