import type { Ledger } from '../../wardrobe/index.js';

/** One piece in the hand: so many of a run are told apart by their number. */
export interface Unit {
  readonly piece: string;
  readonly variant: string;
  readonly lot: number;
  readonly place: string;
}

/** Pieces told apart one by one, each handed out once. */
export class Pool {
  private readonly units = new Map<string, Unit>();
  private readonly taken = new Map<string, number>();
  private readonly handedOut = new Set<string>();

  constructor(
    private readonly ledger: Ledger,
    private readonly resolve: (variant: string) => string,
  ) {}

  unit(piece: string): Unit | undefined {
    return this.units.get(piece);
  }

  allUnits(): readonly Unit[] {
    return [...this.units.values()];
  }

  /** All pieces of a run. */
  unitsOf(run: number): readonly Unit[] {
    const { lot, place, quantity } = this.ledger.balanceOf(run);
    const variant = this.resolve(this.ledger.lot(lot).variant);
    return Array.from({ length: quantity }, (_, k) => {
      const piece = `${run}#${k}`;
      const unit = this.units.get(piece) ?? { piece, variant, lot, place };
      this.units.set(piece, unit);
      return unit;
    });
  }

  /** A piece of a run under a name that is none of those: what was fetched from the run before had them. */
  another(run: number, taken: ReadonlySet<string>): Unit {
    const known = this.unitsOf(run).find(({ piece }) => !taken.has(piece));
    if (known) return known;
    const { lot, place } = this.ledger.balanceOf(run);
    let k = 0;
    while (taken.has(`${run}#${k}`)) k += 1;
    const unit = { piece: `${run}#${k}`, variant: this.resolve(this.ledger.lot(lot).variant), lot, place };
    this.units.set(unit.piece, unit);
    return unit;
  }

  unitsAt(place: string): readonly Unit[] {
    return this.ledger.store.heldIn(place).flatMap((row) => this.unitsOf(row.id));
  }

  /** One more piece of a part in a place; null when all of them are handed out. */
  takeAt(place: string, variant: string): Unit | null {
    const unit = this.unitsAt(place).find((own) => own.variant === variant && !this.handedOut.has(own.piece));
    if (unit) this.handedOut.add(unit.piece);
    return unit ?? null;
  }

  /** One more piece of runs that give so many to a spot; null when they gave all. */
  take(given: readonly { readonly run: number; readonly quantity: number; readonly spot: string }[]): Unit | null {
    for (const { run, quantity, spot } of given) {
      const key = `${run} ${spot}`;
      const used = this.taken.get(key) ?? 0;
      if (used >= quantity) continue;
      const unit = this.unitsOf(run).find(({ piece }) => !this.handedOut.has(piece));
      if (!unit) continue;
      this.handedOut.add(unit.piece);
      this.taken.set(key, used + 1);
      return unit;
    }
    return null;
  }
}
