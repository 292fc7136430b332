import { Injectable } from '@nestjs/common';
import { type Defect, type EntryKind, isAtHand, type Movement, OUTSIDE, readLines } from '@outfit/core/wardrobe';
import { CatalogueService } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database, type Now } from '../../platform/db/index.js';
import { HistoryService } from '../../platform/history/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { WardrobeService } from '../wardrobe.service.js';
import { sentenceFor, storyLine } from './sentences.js';
import type { CountDto, Deed, DeedDto, EntryDto, LinesAnswerDto, LinesDto, StoryLineDto } from './ledger.dto.js';
import { type HeldRow, LedgerRecord, type LotRow, type PlaceRow } from './ledgerRecord.js';

const ALL = 'all';
const KINDS: Readonly<Record<Deed, EntryKind>> = {
  move: 'put away',
  sell: 'sold',
  give: 'given',
  lose: 'lost',
  break: 'broke',
  lend: 'lent',
  return: 'returned',
  defect: 'split',
  condition: 'split',
  confirm: 'corrected',
};

/** A state of the ledger as the history keeps it: an entry that stands, or one that was taken back; places as they are. */
interface LedgerState {
  readonly entry?: number;
  readonly isBack?: boolean;
  readonly places?: readonly PlaceRow[];
}

/** What is done with owned pieces: each deed one entry, saved or refused whole, undone by its opposite. */
@Injectable()
export class LedgerService {
  private readonly record: LedgerRecord;

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

  /** Does one deed on one run or many, as one entry. */
  do(deed: DeedDto): Promise<EntryDto> {
    return this.changing(() => {
      const held = deed.pieces.map((row) => ({ ...this.held(row.id), taken: row.quantity }));
      const twice = new Set(held.map((row) => row.id)).size < held.length;
      if (twice) throw new Problem(422, 'A run is named twice: say once how many of it.');
      for (const { taken, quantity, lot } of held)
        if (taken > quantity) throw new Problem(409, `There are ${quantity} of ${this.nameOf(lot)} there, and ${taken} were asked for.`);
      const movements = held.flatMap((row) => this.movementsFor(deed, row));
      if (movements.length === 0) throw new Problem(409, 'They are there already. Nothing was changed.');
      const pieces = held.reduce((all, row) => all + row.taken, 0);
      const [first] = held;
      const what = held.length === 1 && first ? this.nameOf(first.lot) : null;
      const to = deed.to === undefined ? null : this.place(deed.to).path || 'no place yet';
      return this.enter(KINDS[deed.deed], sentenceFor(deed, pieces, what, to), movements);
    });
  }

  /** Sets the runs of a place to what was counted there; the differences are one entry. */
  count({ place, runs }: CountDto): Promise<EntryDto> {
    return this.changing(() => {
      const at = this.place(place);
      const movements = runs.flatMap(({ id, quantity }): readonly Movement[] => {
        const held = this.held(id);
        if (held.place !== place)
          throw new Problem(409, `${this.nameOf(held.lot)} does not lie in ${at.name}: count that place for itself.`);
        const off = quantity - held.quantity;
        if (off === 0) return [];
        return [{ lot: held.lot, quantity: Math.abs(off), from: off > 0 ? OUTSIDE : place, to: off > 0 ? place : OUTSIDE }];
      });
      const name = at.path || 'no place yet';
      if (movements.length === 0) throw new Problem(409, `Everything in ${name} is as it is written down.`);
      const [more, less] = [movements.filter((row) => row.to === place), movements.filter((row) => row.from === place)].map((rows) =>
        rows.reduce((all, row) => all + row.quantity, 0),
      );
      return this.enter('counted', `Counted ${name}: ${more} more and ${less} fewer than written down`, movements);
    });
  }

  /** Reads lines of a list on paper; takes them into a place when every one of them tells a part. */
  lines({ text, place, take }: LinesDto): Promise<LinesAnswerDto> | LinesAnswerDto {
    const lines = readLines(text, this.catalogue.now());
    if (!take || lines.length === 0 || lines.some((line) => line.variant === null)) return { lines, taken: false };
    return this.changing(() => {
      const { path } = this.place(place);
      const movements = lines.map(({ variant, quantity }): Movement => {
        const lot = this.record.addLot({ variant: variant ?? '', condition: 'used', note: '', addedAt: this.now() });
        return { lot, quantity, from: OUTSIDE, to: place };
      });
      const pieces = lines.reduce((all, line) => all + line.quantity, 0);
      this.enter('counted', `Added ${pieces} pieces to ${path || 'no place yet'}`, movements);
      return { lines, taken: true };
    });
  }

  /** What happened to a run, in sentences, the first first. */
  story(id: number): StoryLineDto[] {
    const { lot } = this.held(id);
    const places = new Map(this.record.places().map((place) => [place.id, place]));
    return this.record.trace(lot).map((row) => ({ at: row.at, sentence: storyLine(row, places) }));
  }

  /** Enters a deed and writes it down, within a unit of work. */
  private enter(kind: EntryKind, sentence: string, movements: readonly Movement[]): EntryDto {
    const id = this.record.enter({ at: this.now(), kind, sentence, because: 'hand', undoes: null }, movements);
    this.keep(sentence, { entry: id, isBack: true }, { entry: id });
    return { id, sentence };
  }

  private keep(label: string, before: LedgerState, after: LedgerState): void {
    this.history.record({ subject: 'wardrobe', item: ALL, label: label.slice(0, 200), before, after });
  }

  /** The movements one deed makes of some pieces of a run. What changes what they are makes another lot of them. */
  private movementsFor(deed: DeedDto, { lot, place, taken }: HeldRow & { readonly taken: number }): readonly Movement[] {
    const go = (to: string): readonly Movement[] => (to === place ? [] : [{ lot, quantity: taken, from: place, to }]);
    switch (deed.deed) {
      case 'move':
      case 'return': {
        if (deed.to === undefined) throw new Problem(422, 'Say where they go.');
        const to = this.place(deed.to);
        if (!isAtHand(to.kind) && to.kind !== 'sealed')
          throw new Problem(422, `Pieces are not put into “${to.name}” like that: lend, give or sell them.`);
        if (to.id === place) throw new Problem(409, `${this.nameOf(lot)} lies in ${to.path || 'no place yet'} already.`);
        return go(to.id);
      }
      case 'lend':
        return go(this.lentTo(deed));
      case 'sell':
      case 'give':
      case 'lose':
      case 'break':
        return go(OUTSIDE);
      case 'defect':
      case 'condition':
      case 'confirm': {
        const next = this.record.addLot(this.otherwise(deed, this.lot(lot)));
        return [
          { lot, quantity: taken, from: place, to: OUTSIDE },
          { lot: next, quantity: taken, from: OUTSIDE, to: place },
        ];
      }
    }
  }

  /** A lot as it is after something happened to some of it. */
  private otherwise({ deed, defect, condition, note }: DeedDto, { id, ...lot }: LotRow): Omit<LotRow, 'id'> {
    const after = { ...lot, splitFrom: id, addedAt: this.now() };
    if (deed === 'condition') {
      if (condition === undefined) throw new Problem(422, 'Say in what condition they are.');
      return { ...after, condition };
    }
    if (deed === 'confirm') return { ...after, certainty: 'sure' };
    if (defect === undefined) throw new Problem(422, 'Say what is wrong with them.');
    const defects = JSON.parse(lot.defects) as Defect[];
    return { ...after, defects: JSON.stringify([...defects, { kind: defect, note: note ?? '' }]) };
  }

  /** The place of what one person has on loan; due on the later of what was agreed. */
  private lentTo({ person, dueOn }: DeedDto): string {
    if (person === undefined) throw new Problem(422, 'Say who borrows them.');
    const known = this.record.places().find((place) => place.kind === 'lent' && place.name.toLowerCase() === person.trim().toLowerCase());
    const id = known?.id ?? this.record.freePlaceId();
    this.record.writePlace({
      id,
      kind: 'lent',
      name: person.trim(),
      parent: null,
      path: `Lent to ${person.trim()}`,
      note: '',
      dueOn: dueOn ?? known?.dueOn ?? null,
    });
    return id;
  }

  /** Goes from one state to another: an entry is taken back or done again, places are as they were. */
  private restore(to: LedgerState, from: LedgerState): void {
    if (to.entry !== undefined) {
      const entry = this.record.entry(to.entry);
      if (!entry) throw notFound('entry', String(to.entry));
      this.refusingLess(entry.id, () => this.record.enterAgain(entry, this.now(), to.isBack === true));
    }
    const kept = new Set((to.places ?? []).map((place) => place.id));
    for (const { id, name } of from.places ?? []) {
      if (kept.has(id)) continue;
      if (this.record.isNamedByMovements(id))
        throw new Problem(409, `Pieces lay in ${name} since. Move them and rename the place instead.`);
      this.record.removePlace(id);
    }
    for (const place of to.places ?? []) this.record.writePlace(place);
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

  private changing<Answer>(work: () => Now<Answer>): Promise<Answer> {
    return this.database.write<Answer>(() => {
      const answer = work();
      this.touched();
      return answer;
    });
  }

  private touched(): void {
    this.wardrobe.touched();
    this.live.changed('wardrobe');
  }

  private place(id: string): PlaceRow {
    const place = this.record.place(id);
    if (!place) throw notFound('place', id);
    return place;
  }

  private held(id: number): HeldRow {
    const held = this.record.held(id);
    if (!held || held.quantity <= 0) throw notFound('run of pieces', String(id));
    return held;
  }

  private lot(id: number): LotRow {
    const lot = this.record.lot(id);
    if (!lot) throw notFound('lot', String(id));
    return lot;
  }

  private nameOf(lot: number): string {
    const catalogue = this.catalogue.now();
    return catalogue.nameOf(catalogue.variant(this.lot(lot).variant));
  }

  private now(): string {
    return this.clock.now().toISOString();
  }
}
