import { definedOf } from '@outfit/core';
import { type Movement, opposite, OUTSIDE, type Pin } from '@outfit/core/wardrobe';
import { BalanceEntity, EntryEntity, LotEntity, MovementEntity, PinEntity } from '../wardrobe.entities.js';
import { PlacesStore } from './places.store.js';

export { NO_PLACE, type PlaceRow } from './places.store.js';

/** What a lot does not say, it is not. */
export type NewLot = Pick<LotEntity, 'variant' | 'condition' | 'note' | 'addedAt'> & Partial<Omit<LotEntity, 'id'>>;
const PLAIN_LOT = {
  defects: [],
  alterations: [],
  source: null,
  certainty: 'sure',
  paidMinor: null,
  owner: '',
  dueOn: null,
  splitFrom: null,
} as const;

export type NewEntry = Pick<EntryEntity, 'at' | 'kind' | 'sentence' | 'because'> & Partial<Omit<EntryEntity, 'id'>>;

/** A movement of a lot with the entry it belongs to, for its story. */
export interface TracedEntry extends EntryEntity {
  readonly lot: number;
  readonly quantity: number;
  readonly origin: string;
  readonly target: string;
}

/** Places, lots, entries and movements in their tables. Units of work are the caller's; it also serves in workers. */
export class LedgerStore extends PlacesStore {
  addLot(lot: NewLot): number {
    return this.tables.table(LotEntity).insert({ ...PLAIN_LOT, ...definedOf(lot) });
  }

  /** Writes a lot under its own number, as a file tells it; one that is there stays as it is. */
  writeLot(lot: LotEntity): void {
    this.tables.table(LotEntity).insertMissing([lot]);
  }

  /** Enters a deed under its own number, as a file tells it. */
  enterAs(id: number, entry: Omit<EntryEntity, 'id'>, movements: readonly Movement[]): void {
    this.tables.table(EntryEntity).insert({ id, ...entry });
    this.move(id, movements);
  }

  lot(id: number): LotEntity | null {
    return this.tables.table(LotEntity).first({ id });
  }

  /** Changes what is written about a lot; what it is and where it was stay. */
  noteLot(id: number, note: string): void {
    this.tables.table(LotEntity).update({ id }, { note });
  }

  /** Enters a deed. The database refuses it where a place would hold less than none. */
  enter(entry: NewEntry, movements: readonly Movement[]): number {
    const id = this.tables.table(EntryEntity).insert({ undoes: null, broughtMinor: null, ...definedOf(entry) });
    this.move(id, movements);
    return id;
  }

  private move(entry: number, movements: readonly Movement[]): void {
    this.tables
      .table(MovementEntity)
      .insertAll(movements.map(({ lot, quantity, from, to }) => ({ entry, lot, quantity, origin: from, target: to })));
  }

  entry(id: number): EntryEntity | null {
    return this.tables.table(EntryEntity).first({ id });
  }

  movementsOf(entry: number): Movement[] {
    const rows = this.tables.table(MovementEntity).find({ where: { entry }, order: { id: 'ASC' } });
    return rows.map(({ lot, quantity, origin, target }) => ({ lot, quantity, from: origin, to: target }));
  }

  /** Takes an entry back by its opposite, or does it again. Returns the new entry. */
  enterAgain(entry: EntryEntity, at: string, isBack: boolean): number {
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
      this.tables
        .prepare<string>(
          `SELECT entry.sentence FROM movement AS mine
           JOIN movement AS theirs ON theirs.lot = mine.lot AND theirs.origin = mine.target AND theirs.entry > mine.entry
           JOIN entry ON entry.id = theirs.entry
         WHERE mine.entry = ? AND mine.target <> '${OUTSIDE}' AND entry.undoes IS NULL
           AND NOT EXISTS (SELECT 1 FROM entry AS back WHERE back.undoes = entry.id)
         ORDER BY theirs.id LIMIT 1`,
        )
        .pluck()
        .get(entry) ?? null
    );
  }

  /** The runs that lie in a place itself. */
  heldIn(place: string): BalanceEntity[] {
    return this.tables.table(BalanceEntity).select('WHERE place = ? AND quantity > 0 ORDER BY id', place);
  }

  /** How many pieces of a lot lie in a place itself. */
  quantityAt(lot: number, place: string): number {
    return this.tables.table(BalanceEntity).first({ lot, place })?.quantity ?? 0;
  }

  /** Where pieces of some parts lie loose in places that were made, and how many. */
  looseOf(variants: readonly string[]): { readonly variant: string; readonly place: string; readonly quantity: number }[] {
    return this.tables
      .prepare<{ variant: string; place: string; quantity: number }>(
        `SELECT lot.variant, balance.place, balance.quantity FROM lot JOIN balance ON balance.lot = lot.id JOIN place ON place.id = balance.place
          WHERE lot.variant IN (SELECT value FROM json_each(?)) AND place.kind = 'made' AND balance.quantity > 0`,
      )
      .all(JSON.stringify(variants));
  }

  /** How many pieces of a lot came in, wherever they are by now. */
  cameOf(lot: number): number {
    const came = this.tables.prepare<number>(`SELECT COALESCE(SUM(quantity), 0) FROM movement WHERE lot = ? AND origin = '${OUTSIDE}'`);
    return came.pluck().get(lot) ?? 0;
  }

  /** Where the pieces of a lot are. */
  heldOf(lot: number): BalanceEntity[] {
    return this.tables.table(BalanceEntity).select('WHERE lot = ? AND quantity > 0 ORDER BY id', lot);
  }

  /** Pins a lot's pieces to a figure; none takes the pin away. */
  pin({ lot, figure, quantity, isOrdered = false }: Pin): void {
    if (quantity === 0) this.tables.table(PinEntity).delete({ lot, figure });
    else this.tables.table(PinEntity).upsert({ lot, figure, quantity, isOrdered });
  }

  /** Pins as the history tells it; how many there are is always told. */
  restorePin(document: Readonly<Record<string, unknown>>): void {
    const { lot, figure, quantity, isOrdered = false } = this.tables.table(PinEntity).rowOf(document);
    if (lot !== undefined && figure !== undefined && quantity !== undefined) this.pin({ lot, figure, quantity, isOrdered });
  }

  pins(): PinEntity[] {
    return this.tables.table(PinEntity).find({ order: { lot: 'ASC', figure: 'ASC' } });
  }

  balanceOf(id: number): BalanceEntity | null {
    return this.tables.table(BalanceEntity).first({ id });
  }

  /** How many pieces lie in each place itself. */
  counts(): ReadonlyMap<string, number> {
    const rows = this.tables.prepare<{ place: string; pieces: number }>(
      'SELECT place, SUM(quantity) AS pieces FROM balance WHERE quantity > 0 GROUP BY place',
    );
    return new Map(rows.all().map(({ place, pieces }) => [place, pieces]));
  }

  /** What happened to a lot and to those it was split from, the first first. */
  trace(lot: number): TracedEntry[] {
    return this.tables
      .prepare<TracedEntry>(
        `WITH RECURSIVE line(id) AS (SELECT ? UNION SELECT lot.splitFrom FROM lot JOIN line ON lot.id = line.id WHERE lot.splitFrom IS NOT NULL)
       SELECT entry.id, entry.at, entry.kind, entry.sentence, entry.because, entry.undoes, entry.broughtMinor, movement.lot, movement.quantity, movement.origin, movement.target
         FROM movement JOIN entry ON entry.id = movement.entry WHERE movement.lot IN (SELECT id FROM line) ORDER BY movement.id LIMIT 500`,
      )
      .all(lot);
  }

  /** Lots whose kept balances are not what their movements say: none, in a ledger that is whole. */
  faults(): number {
    return (
      this.tables
        .prepare<number>(
          `SELECT COUNT(*) FROM (
         SELECT lot, place, SUM(quantity) AS said FROM (
           SELECT lot, target AS place, quantity FROM movement UNION ALL SELECT lot, origin, -quantity FROM movement
         ) GROUP BY lot, place
       ) AS told LEFT JOIN balance ON balance.lot = told.lot AND balance.place = told.place WHERE COALESCE(balance.quantity, 0) <> told.said`,
        )
        .pluck()
        .get() ?? 0
    );
  }

  /** Writes the kept balances anew from the movements; runs keep their numbers. */
  rebuild(): void {
    this.tables.prepare('UPDATE balance SET quantity = 0').run();
    this.tables
      .prepare(
        `INSERT INTO balance (lot, place, quantity) SELECT lot, place, SUM(quantity) FROM (
         SELECT lot, target AS place, quantity FROM movement UNION ALL SELECT lot, origin, -quantity FROM movement
       ) WHERE TRUE GROUP BY lot, place ON CONFLICT (lot, place) DO UPDATE SET quantity = excluded.quantity`,
      )
      .run();
  }
}
