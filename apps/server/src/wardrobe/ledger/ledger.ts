import { Injectable } from '@nestjs/common';
import type { EntryKind, Movement } from '@outfit/core/wardrobe';
import { CatalogueService } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database, type Now } from '../../platform/db/index.js';
import { HistoryService } from '../../platform/history/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { WardrobeService } from '../wardrobe.service.js';
import { type HeldRow, LedgerRecord, type LotRow, type PinRow, type PlaceRow } from './ledgerRecord.js';

const ALL = 'all';

/** A state of the ledger as the history keeps it: an entry that stands, or one that was taken back; places, pins and due days as they are. */
export interface LedgerState {
  readonly entry?: number;
  readonly isBack?: boolean;
  readonly places?: readonly PlaceRow[];
  readonly pins?: readonly PinRow[];
  readonly pictures?: readonly { readonly id: string; readonly removedAt: string | null }[];
  readonly consumed?: Consumed;
  /** States of things other areas keep beside the ledger, such as parcels. */
  readonly others?: readonly unknown[];
}

/** So much of a consumable that came or was used up, and whether it is on the list. */
export interface Consumed {
  readonly id: string;
  readonly quantity: number;
  readonly isAway?: boolean;
}

/** What a deed changes beside its movements. */
export interface Beside {
  readonly before?: Pick<LedgerState, 'places' | 'pins' | 'others'>;
  readonly after?: Pick<LedgerState, 'places' | 'pins' | 'others'>;
  /** What else stands after it, where that names the entry. */
  readonly afterEntry?: (entry: number) => readonly unknown[];
  readonly broughtMinor?: number | undefined;
  /** What it was done for: a hand, unless something else says. */
  readonly because?: string;
  /** When it was done, where that is not now. */
  readonly at?: string;
}

/** The ledger as deeds are entered in it: each one entry, saved or refused whole, undone by its opposite. */
@Injectable()
export class Ledger {
  readonly record: LedgerRecord;
  private pictureRestorer: (id: string, removedAt: string | null) => void = () => undefined;
  private consumedRestorer: (consumed: Consumed) => void = () => undefined;
  private readonly fileFollowers: (() => void)[] = [];
  private readonly otherRestorers: ((state: unknown) => boolean)[] = [];

  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
    private readonly wardrobe: WardrobeService,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly clock: Clock,
  ) {
    this.record = new LedgerRecord((sql) => database.prepare(sql));
    history.register('wardrobe', (_, to, from) => this.restore((to ?? {}) as LedgerState, (from ?? {}) as LedgerState));
  }

  /** Registers how a photograph is taken away or brought back. */
  restorePictures(restore: (id: string, removedAt: string | null) => void): void {
    this.pictureRestorer = restore;
  }

  /** Registers how what came of a consumable, or was used up, is entered again. */
  restoreConsumables(restore: (consumed: Consumed) => void): void {
    this.consumedRestorer = restore;
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

  /** Registers how what another area keeps beside the ledger is put back: it says whether a state was one of its own. */
  restoreOthers(restore: (state: unknown) => boolean): void {
    this.otherRestorers.push(restore);
  }

  /** A unit of work that changes what is owned or what is said of it. */
  changing<Answer>(work: () => Now<Answer>): Promise<Answer> {
    return this.database.write<Answer>(() => {
      const answer = work();
      this.touched();
      return answer;
    });
  }

  /** Enters a deed and writes it down, within a unit of work. */
  enter(
    kind: EntryKind,
    sentence: string,
    movements: readonly Movement[],
    { before = {}, after = {}, afterEntry, broughtMinor, because = 'hand', at = this.now() }: Beside = {},
  ): { readonly id: number; readonly sentence: string } {
    const id = this.record.enter({ at, kind, sentence, because, broughtMinor: broughtMinor ?? null }, movements);
    this.keep(sentence, { ...before, entry: id, isBack: true }, { ...after, ...(afterEntry ? { others: afterEntry(id) } : {}), entry: id });
    return { id, sentence };
  }

  /** Takes an entry back as a deed of its own, which can be undone like any other. Refused where a later one stands in the way. */
  takeBack(id: number, label: string, before: readonly unknown[], after: readonly unknown[]): void {
    const entry = this.record.entry(id);
    if (!entry) throw notFound('entry', String(id));
    this.refusingLess(id, () => this.record.enterAgain(entry, this.now(), true));
    this.keep(label, { entry: id, others: before }, { entry: id, isBack: true, others: after });
  }

  /** Writes down a change that moves nothing. */
  keep(label: string, before: LedgerState, after: LedgerState): void {
    this.history.record({ subject: 'wardrobe', item: ALL, label: label.slice(0, 200), before, after });
  }

  place(id: string): PlaceRow {
    const place = this.record.place(id);
    if (!place) throw notFound('place', id);
    return place;
  }

  held(id: number): HeldRow {
    const held = this.record.held(id);
    if (!held || held.quantity <= 0) throw notFound('run of pieces', String(id));
    return held;
  }

  lot(id: number): LotRow {
    const lot = this.record.lot(id);
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

  /** Goes from one state to another: an entry is taken back or done again, places and pins are as they were. */
  private restore(to: LedgerState, from: LedgerState): void {
    if (to.entry !== undefined) {
      const entry = this.record.entry(to.entry);
      if (!entry) throw notFound('entry', String(to.entry));
      this.refusingLess(entry.id, () => this.record.enterAgain(entry, this.now(), to.isBack === true));
    }
    const kept = new Set((to.places ?? []).map((place) => place.id));
    for (const { id, name } of from.places ?? []) {
      if (kept.has(id)) continue;
      // A place that a deed made and that only that deed put something into is empty now, and not shown.
      if (to.entry !== undefined) continue;
      if (this.record.isNamedByMovements(id))
        throw new Problem(409, `Pieces lay in ${name} since. Move them and rename the place instead.`);
      this.record.removePlace(id);
    }
    for (const place of to.places ?? []) this.record.writePlace(place);
    for (const pin of to.pins ?? []) this.record.pin(pin);
    for (const { id, removedAt } of to.pictures ?? []) this.pictureRestorer(id, removedAt);
    if (to.consumed) this.consumedRestorer(to.consumed);
    for (const other of to.others ?? []) this.otherRestorers.some((restore) => restore(other));
    this.touched();
  }

  /** The database refuses less than none; a person is told which later deed stands in the way. */
  private refusingLess(entry: number, enter: () => void): void {
    try {
      enter();
    } catch (error) {
      if (!(error as { code?: string }).code?.startsWith('SQLITE_CONSTRAINT_CHECK')) throw error;
      const later = this.record.later(entry);
      throw new Problem(
        409,
        later === null
          ? 'Its pieces are not where they would have to be. Nothing was changed.'
          : `“${later}” stands in the way: take that back first.`,
      );
    }
  }

  private touched(): void {
    this.wardrobe.touched();
    this.live.changed('wardrobe');
  }
}
