import { Injectable } from '@nestjs/common';
import { type EntryKind, isAtHand, type Movement, OUTSIDE, readLines } from '@outfit/core/wardrobe';
import { CatalogueService } from '../../catalogue/index.js';
import { Problem } from '../../platform/http/index.js';
import type { Slice } from '../../platform/log/index.js';
import { DEED_KINDS, isChanging } from './deeds.js';
import { Ledger } from './ledger.js';
import type { CountDto, DeedDto, EntryDto, LinesAnswerDto, LinesDto, PiecePinDto, StoryLineDto } from './ledger.dto.js';
import type { BalanceEntity } from '../wardrobe.entities.js';
import type { PlaceRow } from './ledger.store.js';
import { lotAfter } from './lotChanges.js';
import { placeSlice } from './slices.js';
import { sentenceFor, storyLine } from './sentences.js';

/** What is done with owned pieces by hand. */
@Injectable()
export class PieceDeeds {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly ledger: Ledger,
  ) {}

  /** Does one deed on one run or many, as one entry. */
  do(deed: DeedDto): Promise<EntryDto> {
    return this.ledger.change(() => {
      const held = deed.pieces.map((row) => ({ ...this.ledger.balanceOf(row.id), taken: row.quantity }));
      const twice = new Set(held.map((row) => row.id)).size < held.length;
      if (twice) throw new Problem(422, 'A run is named twice: say once how many of it.');
      for (const { taken, quantity, lot } of held)
        if (taken > quantity)
          throw new Problem(409, `There are ${quantity} of ${this.ledger.nameOf(lot)} there, and ${taken} were asked for.`);
      const loan = deed.deed === 'lend' ? this.loan(deed) : null;
      const movements = held.flatMap((row) => this.movementsFor(deed, row, loan?.to ?? null));
      if (movements.length === 0) throw new Problem(409, 'They are there already. Nothing was changed.');
      const whole = this.wholeFigure(held);
      const pieces = whole === null ? held.reduce((all, row) => all + row.taken, 0) : 1;
      const [first] = held;
      const what = whole ?? (held.length === 1 && first ? this.ledger.nameOf(first.lot) : null);
      const to = deed.to === undefined ? null : this.ledger.place(deed.to).path || 'no place yet';
      return this.ledger.enter(this.kindOf(deed, held), sentenceFor(deed, pieces, what, to), movements, {
        slices: loan?.slices ?? [],
        broughtMinor: deed.broughtMinor,
      });
    });
  }

  /** Sets the runs of a place to what was counted there; the differences are one entry. */
  count({ place, runs }: CountDto): Promise<EntryDto> {
    return this.ledger.change(() => {
      const at = this.ledger.place(place);
      const movements = runs.flatMap(({ id, quantity, seen = null }): readonly Movement[] => {
        const held = this.ledger.balanceOf(id);
        if (held.place !== place)
          throw new Problem(409, `${this.ledger.nameOf(held.lot)} does not lie in ${at.name}: count that place for itself.`);
        if (seen !== null && seen !== held.quantity)
          throw new Problem(
            409,
            `Since you began to count, ${this.ledger.nameOf(held.lot)} has become ${held.quantity} in place of ${seen}. Count it once more.`,
          );
        const off = quantity - held.quantity;
        if (off === 0) return [];
        return [{ lot: held.lot, quantity: Math.abs(off), from: off > 0 ? OUTSIDE : place, to: off > 0 ? place : OUTSIDE }];
      });
      const name = at.path || 'no place yet';
      if (movements.length === 0) throw new Problem(409, `Everything in ${name} is as it is written down.`);
      const [more, less] = [movements.filter((row) => row.to === place), movements.filter((row) => row.from === place)].map((rows) =>
        rows.reduce((all, row) => all + row.quantity, 0),
      );
      return this.ledger.enter('counted', `Counted ${name}: ${more} more and ${less} fewer than written down`, movements);
    });
  }

  /** Reads lines of a list on paper; takes them into a place when every one of them tells a part. */
  lines({ text, place, take }: LinesDto): Promise<LinesAnswerDto> | LinesAnswerDto {
    const lines = readLines(text, this.catalogue.now());
    if (!take || lines.length === 0 || lines.some((line) => line.variant === null)) return { lines, taken: false };
    return this.ledger.change(() => {
      const { path } = this.ledger.place(place);
      const movements = lines.map(({ variant, quantity }): Movement => {
        const lot = this.ledger.store.addLot({ variant: variant ?? '', condition: 'used', note: '', addedAt: this.ledger.now() });
        return { lot, quantity, from: OUTSIDE, to: place };
      });
      const pieces = lines.reduce((all, line) => all + line.quantity, 0);
      this.ledger.enter('counted', `Added ${pieces} pieces to ${path || 'no place yet'}`, movements);
      return { lines, taken: true };
    });
  }

  /** Keeps pieces of a run for a figure, whoever else would get them; none lets go of them. */
  pin({ id, figure, quantity }: PiecePinDto, figureName: string): Promise<EntryDto> {
    return this.ledger.change(() => {
      const held = this.ledger.balanceOf(id);
      if (quantity > held.quantity)
        throw new Problem(409, `There are ${held.quantity} of ${this.ledger.nameOf(held.lot)} there, and ${quantity} were asked for.`);
      const before = this.ledger.store.pins().find((pin) => pin.lot === held.lot && pin.figure === figure);
      const pin = { lot: held.lot, figure, quantity };
      const name = this.ledger.nameOf(held.lot);
      const sentence = quantity === 0 ? `${name} is kept for ${figureName} no longer` : `${quantity} × ${name} kept for ${figureName}`;
      this.ledger.store.pin(pin);
      const was = { ...pin, quantity: before?.quantity ?? 0, isOrdered: before?.isOrdered ?? false };
      this.ledger.keep(sentence, [{ subject: 'pin', item: `${held.lot} ${figure}`, before: was, after: { ...pin, isOrdered: false } }]);
      return { id: 0, sentence };
    });
  }

  /** The part a run is of, by the number it is known by now. */
  variantOf(id: number): string {
    return this.catalogue.now().resolve(this.ledger.lot(this.ledger.balanceOf(id).lot).variant);
  }

  /** What happened to a run, in sentences, the first first. */
  story(id: number): StoryLineDto[] {
    const { lot } = this.ledger.balanceOf(id);
    const places = new Map(this.ledger.store.everyPlace().map((place) => [place.id, place]));
    return this.ledger.store.trace(lot).map((row) => ({ at: row.at, sentence: storyLine(row, places), broughtMinor: row.broughtMinor }));
  }

  /** The whole figure that some pieces are, by name; null where they are only some of one, or loose. */
  private wholeFigure(held: readonly (BalanceEntity & { readonly taken: number })[]): string | null {
    const [first] = held;
    const place = first && this.ledger.place(first.place);
    if (place?.kind !== 'donor' || held.some((row) => row.place !== place.id || row.taken !== row.quantity)) return null;
    return this.ledger.store.heldIn(place.id).length === held.length ? `the ${place.name}` : null;
  }

  /** Pieces that leave a donor or a built figure were taken off it; those that go onto one are put on. */
  private kindOf({ deed, to }: DeedDto, held: readonly BalanceEntity[]): EntryKind {
    if (deed !== 'move') return DEED_KINDS[deed].entry;
    const isBody = (place: PlaceRow): boolean => place.kind === 'donor' || place.kind === 'figure';
    if (to !== undefined && isBody(this.ledger.place(to))) return 'built on';
    return held.some((row) => isBody(this.ledger.place(row.place))) ? 'taken off' : 'put away';
  }

  /** The movements one deed makes of some pieces of a run. What changes what they are makes another lot of them. */
  private movementsFor(
    deed: DeedDto,
    { lot, place, taken, quantity }: BalanceEntity & { readonly taken: number },
    lentTo: string | null,
  ): readonly Movement[] {
    const go = (to: string): readonly Movement[] => (to === place ? [] : [{ lot, quantity: taken, from: place, to }]);
    if (isChanging(deed.deed)) {
      if (deed.deed === 'split' && taken === quantity)
        throw new Problem(
          409,
          `That is all of ${this.ledger.nameOf(lot)} there: say how many of the ${quantity} become a run of their own.`,
        );
      const next = this.ledger.store.addLot(lotAfter(deed.deed, deed, this.ledger.lot(lot), this.ledger.now()));
      return [
        { lot, quantity: taken, from: place, to: OUTSIDE },
        { lot: next, quantity: taken, from: OUTSIDE, to: place },
      ];
    }
    switch (DEED_KINDS[deed.deed].does) {
      case 'go': {
        if (deed.to === undefined) throw new Problem(422, 'Say where they go.');
        const to = this.ledger.place(deed.to);
        if (!isAtHand(to.kind) && to.kind !== 'sealed' && to.kind !== 'donor')
          throw new Problem(422, `Pieces are not put into “${to.name}” like that: lend, give or sell them.`);
        if (to.id === place) throw new Problem(409, `${this.ledger.nameOf(lot)} lies in ${to.path || 'no place yet'} already.`);
        return go(to.id);
      }
      case 'lend':
        return go(lentTo ?? '');
      case 'leave': {
        if (deed.deed === 'hand back' && this.ledger.lot(lot).owner === '')
          throw new Problem(409, `${this.ledger.nameOf(lot)} is yours: there is nobody to hand it back to.`);
        return go(OUTSIDE);
      }
      case 'change':
        throw new RangeError(`${deed.deed} changes no lot`);
    }
  }

  /** The place of what one person has on loan, due on the day that was agreed last; and how it was before. */
  private loan({ person, dueOn }: DeedDto): { readonly to: string; readonly slices: readonly Slice[] } {
    if (person === undefined) throw new Problem(422, 'Say who borrows them.');
    const name = person.trim();
    const { store } = this.ledger;
    const known = store.places().find((place) => place.kind === 'lent' && place.name.toLowerCase() === name.toLowerCase());
    if (!known)
      return { to: store.addPlace({ kind: 'lent', name, parent: null, path: `Lent to ${name}`, dueOn: dueOn ?? null }), slices: [] };
    const next = { ...known, dueOn: dueOn ?? known.dueOn };
    store.writePlace(next);
    return { to: known.id, slices: [placeSlice(known, next)] };
  }
}
