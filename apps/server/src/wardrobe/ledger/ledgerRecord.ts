import { type EntryKind, type Movement, opposite, OUTSIDE } from '@outfit/core/wardrobe';
import { PlacesRecord } from './placesRecord.js';

export { NO_PLACE, type PlaceRow } from './placesRecord.js';

/** A run of alike pieces as it came in. It never changes: what happens to some of it makes another lot. */
export interface LotRow {
  readonly id: number;
  readonly variant: string;
  readonly condition: string;
  /** JSON of `Defect[]`. */
  readonly defects: string;
  /** JSON of `Alteration[]`. */
  readonly alterations: string;
  readonly source: string | null;
  readonly certainty: string;
  readonly paidMinor: number | null;
  /** Whose it is; empty for one's own. */
  readonly owner: string;
  /** The day it has to go back to whom it was borrowed from. */
  readonly dueOn: string | null;
  readonly note: string;
  readonly splitFrom: number | null;
  readonly addedAt: string;
}

export type NewLot = Pick<LotRow, 'variant' | 'condition' | 'note' | 'addedAt'> & Partial<Omit<LotRow, 'id'>>;

export interface EntryRow {
  readonly id: number;
  readonly at: string;
  readonly kind: EntryKind;
  readonly sentence: string;
  readonly because: string;
  readonly undoes: number | null;
  /** What it brought in all, in minor units; null for what brings nothing. */
  readonly broughtMinor: number | null;
}

export type NewEntry = Pick<EntryRow, 'at' | 'kind' | 'sentence' | 'because'> & Partial<Omit<EntryRow, 'id'>>;

/** So many pieces of a lot in a place, with all that lists tell of them. */
export interface HeldRow {
  readonly id: number;
  readonly lot: number;
  readonly place: string;
  readonly quantity: number;
}

/** Pieces of a lot that are kept for a figure. */
export interface PinRow {
  readonly lot: number;
  readonly figure: string;
  readonly quantity: number;
}

/** A movement of a lot with the entry it belongs to, for its story. */
export interface TracedRow extends EntryRow {
  readonly lot: number;
  readonly quantity: number;
  readonly origin: string;
  readonly target: string;
}

/** Places, lots, entries and movements in their tables. Units of work are the caller's; it also serves in workers. */
export class LedgerRecord extends PlacesRecord {
  addLot({
    variant,
    condition,
    defects = '[]',
    alterations = '[]',
    source = null,
    certainty = 'sure',
    paidMinor = null,
    owner = '',
    dueOn = null,
    note,
    splitFrom = null,
    addedAt,
  }: NewLot): number {
    return Number(
      this.prepare(
        `INSERT INTO lot (variant, condition, defects, alterations, source, certainty, paidMinor, owner, dueOn, note, splitFrom, addedAt)
           VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
      ).run(variant, condition, defects, alterations, source, certainty, paidMinor, owner, dueOn, note, splitFrom, addedAt).lastInsertRowid,
    );
  }

  /** Writes a lot under its own number, as a file tells it; one that is there stays as it is. */
  writeLot(lot: LotRow): void {
    this.prepare(
      `INSERT OR IGNORE INTO lot (id, variant, condition, defects, alterations, source, certainty, paidMinor, owner, dueOn, note, splitFrom, addedAt)
         VALUES (:id, :variant, :condition, :defects, :alterations, :source, :certainty, :paidMinor, :owner, :dueOn, :note, :splitFrom, :addedAt)`,
    ).run(lot);
  }

  /** Enters a deed under its own number, as a file tells it. */
  enterAs(id: number, entry: Omit<EntryRow, 'id'>, movements: readonly Movement[]): void {
    this.prepare(
      `INSERT INTO entry (id, at, kind, sentence, because, undoes, broughtMinor) VALUES (:id, :at, :kind, :sentence, :because, :undoes, :broughtMinor)`,
    ).run({ id, ...entry });
    this.move(id, movements);
  }

  lot(id: number): LotRow | null {
    return (this.prepare('SELECT * FROM lot WHERE id = ?').get(id) as LotRow | undefined) ?? null;
  }

  /** Changes what is written about a lot; what it is and where it was stay. */
  noteLot(id: number, note: string): void {
    this.prepare('UPDATE lot SET note = ? WHERE id = ?').run(note, id);
  }

  /** Enters a deed. The database refuses it where a place would hold less than none. */
  enter({ at, kind, sentence, because, undoes = null, broughtMinor = null }: NewEntry, movements: readonly Movement[]): number {
    const id = Number(
      this.prepare('INSERT INTO entry (at, kind, sentence, because, undoes, broughtMinor) VALUES (?, ?, ?, ?, ?, ?)').run(
        at,
        kind,
        sentence,
        because,
        undoes,
        broughtMinor,
      ).lastInsertRowid,
    );
    this.move(id, movements);
    return id;
  }

  private move(entry: number, movements: readonly Movement[]): void {
    const move = this.prepare('INSERT INTO movement (entry, lot, quantity, origin, target) VALUES (?, ?, ?, ?, ?)');
    for (const { lot, quantity, from, to } of movements) move.run(entry, lot, quantity, from, to);
  }

  entry(id: number): EntryRow | null {
    return (
      (this.prepare('SELECT id, at, kind, sentence, because, undoes, broughtMinor FROM entry WHERE id = ?').get(id) as
        EntryRow | undefined) ?? null
    );
  }

  movementsOf(entry: number): Movement[] {
    return this.prepare('SELECT lot, quantity, origin AS "from", target AS "to" FROM movement WHERE entry = ? ORDER BY id').all(
      entry,
    ) as Movement[];
  }

  /** Takes an entry back by its opposite, or does it again. Returns the new entry. */
  enterAgain(entry: EntryRow, at: string, isBack: boolean): number {
    const movements = this.movementsOf(entry.id);
    const sentence = `${isBack ? 'Taken back' : 'Done again'}: ${entry.sentence}`.slice(0, 300);
    return this.enter(
      { at, kind: isBack ? 'corrected' : entry.kind, sentence, because: isBack ? 'undo' : 'redo', undoes: isBack ? entry.id : null },
      isBack ? opposite(movements) : movements,
    );
  }

  /** The sentence of the first later entry that took pieces of an entry's lots from where they would have to be; null when none did. */
  later(entry: number): string | null {
    return (
      (this.prepare(
        `SELECT entry.sentence FROM movement AS mine
           JOIN movement AS theirs ON theirs.lot = mine.lot AND theirs.origin = mine.target AND theirs.entry > mine.entry
           JOIN entry ON entry.id = theirs.entry
         WHERE mine.entry = ? AND mine.target <> '${OUTSIDE}' AND entry.undoes IS NULL
           AND NOT EXISTS (SELECT 1 FROM entry AS back WHERE back.undoes = entry.id)
         ORDER BY theirs.id LIMIT 1`,
      )
        .pluck()
        .get(entry) as string | undefined) ?? null
    );
  }

  /** The runs that lie in a place itself. */
  heldIn(place: string): HeldRow[] {
    return this.prepare('SELECT id, lot, place, quantity FROM balance WHERE place = ? AND quantity > 0 ORDER BY id').all(
      place,
    ) as HeldRow[];
  }

  /** How many pieces of a lot lie in a place itself. */
  quantityAt(lot: number, place: string): number {
    return (this.prepare('SELECT quantity FROM balance WHERE lot = ? AND place = ?').pluck().get(lot, place) as number | undefined) ?? 0;
  }

  /** Where pieces of some parts lie loose in places that were made, and how many. */
  looseOf(variants: readonly string[]): { readonly variant: string; readonly place: string; readonly quantity: number }[] {
    return this.prepare(
      `SELECT lot.variant, balance.place, balance.quantity FROM lot JOIN balance ON balance.lot = lot.id JOIN place ON place.id = balance.place
        WHERE lot.variant IN (SELECT value FROM json_each(?)) AND place.kind = 'made' AND balance.quantity > 0`,
    ).all(JSON.stringify(variants)) as { variant: string; place: string; quantity: number }[];
  }

  /** How many pieces of a lot came in, wherever they are by now. */
  cameOf(lot: number): number {
    return this.prepare(`SELECT COALESCE(SUM(quantity), 0) FROM movement WHERE lot = ? AND origin = '${OUTSIDE}'`)
      .pluck()
      .get(lot) as number;
  }

  /** Where the pieces of a lot are. */
  heldOf(lot: number): HeldRow[] {
    return this.prepare('SELECT id, lot, place, quantity FROM balance WHERE lot = ? AND quantity > 0 ORDER BY id').all(lot) as HeldRow[];
  }

  /** Pins a lot's pieces to a figure; none takes the pin away. */
  pin({ lot, figure, quantity }: PinRow): void {
    if (quantity === 0) this.prepare('DELETE FROM pin WHERE lot = ? AND figure = ?').run(lot, figure);
    else
      this.prepare(
        'INSERT INTO pin (lot, figure, quantity) VALUES (?, ?, ?) ON CONFLICT (lot, figure) DO UPDATE SET quantity = excluded.quantity',
      ).run(lot, figure, quantity);
  }

  pins(): PinRow[] {
    return this.prepare('SELECT lot, figure, quantity FROM pin ORDER BY lot, figure').all() as PinRow[];
  }

  held(id: number): HeldRow | null {
    return (this.prepare('SELECT id, lot, place, quantity FROM balance WHERE id = ?').get(id) as HeldRow | undefined) ?? null;
  }

  /** How many pieces lie in each place itself. */
  counts(): ReadonlyMap<string, number> {
    const rows = this.prepare('SELECT place, SUM(quantity) AS pieces FROM balance WHERE quantity > 0 GROUP BY place').all();
    return new Map((rows as { place: string; pieces: number }[]).map(({ place, pieces }) => [place, pieces]));
  }

  /** What happened to a lot and to those it was split from, the first first. */
  trace(lot: number): TracedRow[] {
    return this.prepare(
      `WITH RECURSIVE line(id) AS (SELECT ? UNION SELECT lot.splitFrom FROM lot JOIN line ON lot.id = line.id WHERE lot.splitFrom IS NOT NULL)
       SELECT entry.id, entry.at, entry.kind, entry.sentence, entry.because, entry.undoes, entry.broughtMinor, movement.lot, movement.quantity, movement.origin, movement.target
         FROM movement JOIN entry ON entry.id = movement.entry WHERE movement.lot IN (SELECT id FROM line) ORDER BY movement.id LIMIT 500`,
    ).all(lot) as TracedRow[];
  }

  /** Lots whose kept balances are not what their movements say: none, in a ledger that is whole. */
  faults(): number {
    return this.prepare(
      `SELECT COUNT(*) FROM (
         SELECT lot, place, SUM(quantity) AS said FROM (
           SELECT lot, target AS place, quantity FROM movement UNION ALL SELECT lot, origin, -quantity FROM movement
         ) GROUP BY lot, place
       ) AS told LEFT JOIN balance ON balance.lot = told.lot AND balance.place = told.place WHERE COALESCE(balance.quantity, 0) <> told.said`,
    )
      .pluck()
      .get() as number;
  }

  /** Writes the kept balances anew from the movements; runs keep their numbers. */
  rebuild(): void {
    this.prepare('UPDATE balance SET quantity = 0').run();
    this.prepare(
      `INSERT INTO balance (lot, place, quantity) SELECT lot, place, SUM(quantity) FROM (
         SELECT lot, target AS place, quantity FROM movement UNION ALL SELECT lot, origin, -quantity FROM movement
       ) WHERE TRUE GROUP BY lot, place ON CONFLICT (lot, place) DO UPDATE SET quantity = excluded.quantity`,
    ).run();
  }
}
