import { Injectable } from '@nestjs/common';
import type { EntryKind, Movement } from '@outfit/core/wardrobe';
import { CatalogueService } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database, type Now } from '../../platform/db/index.js';
import { HistoryService, type Restoring } from '../../platform/history/index.js';
import { patch, type Slice } from '../../platform/log/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { WardrobeService } from '../wardrobe.service.js';
import { entrySlice, madeSlices, touchedOfPlace } from './slices.js';
import type { BalanceEntity, LotEntity } from '../wardrobe.entities.js';
import { LedgerStore, type PlaceRow } from './ledger.store.js';

const ALL = 'all';

/** What a deed changes beside its movements. */
export interface Beside {
  readonly slices?: readonly Slice[];
  /** What else it changes, where that names the entry. */
  readonly slicesWith?: (entry: number) => readonly Slice[];
  readonly broughtMinor?: number | undefined;
  /** What it was done for: a hand, unless something else says. */
  readonly because?: string;
  /** When it was done, where that is not now. */
  readonly at?: string;
}

/** The ledger as deeds are entered in it: each one entry, saved or refused whole, undone by its opposite. */
@Injectable()
export class Ledger {
  readonly store: LedgerStore;
  private readonly fileFollowers: (() => void)[] = [];

  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
    private readonly wardrobe: WardrobeService,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly clock: Clock,
  ) {
    this.store = new LedgerStore(database);
    history.register('entry', {
      restore: this.each(({ item, to }) => this.restoreEntry(Number(item), to?.['stands'] === true)),
      // Whether pieces are where they would have to be is for the ledger to say.
      touched: () => [],
    });
    history.register('place', { restore: this.each((thing) => this.restorePlace(thing)), touched: touchedOfPlace });
    history.register('lot', { restore: this.each(({ item, to }) => this.store.noteLot(Number(item), String(to?.['note'] ?? ''))) });
    history.register('pin', { restore: this.each(({ to }) => to && this.store.restorePin(to)) });
  }

  /** Registers what another area has to do once pieces came out of a file; within a unit of work. */
  afterFile(work: () => void): void {
    this.fileFollowers.push(work);
  }

  /** A file of the ledger was taken in: whoever keeps something beside it makes it good. */
  cameFromFile(): Promise<void> {
    return this.database.write<undefined>(() => {
      for (const follow of this.fileFollowers) follow();
    });
  }

  /** A unit of work that changes what is owned or what is said of it. */
  change<Answer>(work: () => Now<Answer>): Promise<Answer> {
    return this.database.write<Answer>(() => {
      this.store.forgetMadePlaces();
      const answer = work();
      this.noteChange();
      return answer;
    });
  }

  /** Enters a deed and writes it down, within a unit of work. Places that were made for it go with it. */
  enter(
    kind: EntryKind,
    sentence: string,
    movements: readonly Movement[],
    { slices = [], slicesWith, broughtMinor, because = 'hand', at = this.now() }: Beside = {},
  ): { readonly id: number; readonly sentence: string } {
    const id = this.store.enter({ at, kind, sentence, because, broughtMinor: broughtMinor ?? null }, movements);
    this.keep(sentence, [entrySlice(id, true), ...slices, ...(slicesWith?.(id) ?? [])]);
    return { id, sentence };
  }

  /** Takes an entry back as a deed of its own, which can be undone like any other. Refused where a later one stands in the way. */
  takeBack(id: number, label: string, slices: readonly Slice[]): void {
    this.restoreEntry(id, false);
    this.keep(label, [entrySlice(id, false), ...slices]);
  }

  /** Writes down what a deed changed, and which places were made on its way. */
  keep(label: string, slices: readonly Slice[]): void {
    const known = new Set(slices.filter(({ subject }) => subject === 'place').map(({ item }) => item));
    const onTheWay = madeSlices(this.store).filter(({ item }) => !known.has(item));
    this.history.record({ line: 'wardrobe', item: ALL, label, slices: [...onTheWay, ...slices] });
  }

  place(id: string): PlaceRow {
    const place = this.store.place(id);
    if (!place) throw notFound('place', id);
    return place;
  }

  balanceOf(id: number): BalanceEntity {
    const held = this.store.balanceOf(id);
    if (!held || held.quantity <= 0)
      throw new Problem(404, 'These pieces do not lie there any more: they were moved meanwhile, perhaps in another tab. Look again.');
    return held;
  }

  lot(id: number): LotEntity {
    const lot = this.store.lot(id);
    if (!lot) throw notFound('lot', String(id));
    return lot;
  }

  /** What the pieces of a lot are called. */
  nameOf(lot: number): string {
    const catalogue = this.catalogue.now();
    return catalogue.nameOf(catalogue.variant(this.lot(lot).variant));
  }

  now(): string {
    return this.clock.now().toISOString();
  }

  /** Has things of one deed put back one after the other. */
  private each(put: (thing: Restoring) => unknown): (things: readonly Restoring[]) => void {
    return (things) => {
      for (const thing of things) put(thing);
      this.store.settlePlaces(this.now());
      this.noteChange();
    };
  }

  private restoreEntry(id: number, stands: boolean): void {
    const entry = this.store.entry(id);
    if (!entry) throw notFound('entry', String(id));
    this.refusingLess(id, () => this.store.enterAgain(entry, this.now(), !stands));
  }

  /** A place that a deed made on its way goes with it once nothing else lies there; one made for itself says what is in the way. */
  private restorePlace({ item, to, from }: Restoring): void {
    if (to) {
      const standing = this.store.place(item);
      const now = standing ?? this.store.removedPlace(item);
      this.store.restorePlace(now && from ? patch({ ...now }, from, to) : to);
      // One that comes back stands for itself from now on, whatever made it.
      if (!standing || to['isOnTheWay'] === true) this.store.leaveOver(item, false);
    } else if (from?.['isOnTheWay'] === true) this.store.leaveOver(item);
    else {
      const place = this.store.place(item);
      if (place && !this.store.isEmpty(item))
        throw new Problem(409, `Something lies in ${place.name} by now. Take that out first; nothing was changed.`);
      this.store.removePlace(item, this.now());
    }
  }

  /** The database refuses less than none; a person is told which later deed stands in the way. */
  private refusingLess(entry: number, enter: () => void): void {
    try {
      enter();
    } catch (error) {
      if (!(error as { code?: string }).code?.startsWith('SQLITE_CONSTRAINT_CHECK')) throw error;
      const later = this.store.later(entry);
      throw new Problem(
        409,
        later === null
          ? 'Its pieces are not where they would have to be. Nothing was changed.'
          : `“${later}” stands in the way: take that back first.`,
      );
    }
  }

  private noteChange(): void {
    this.wardrobe.noteChange();
    this.live.tellAfterwards('wardrobe');
  }
}
