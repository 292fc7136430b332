import { type CatalogueData, dayNumber, isoDay } from '@outfit/core';
import { type EntryKind, type Movement, OUTSIDE, piecesThere } from '@outfit/core/wardrobe';
import type { DemoDeed, DemoRun } from '@outfit/demo';
import { CatalogueService } from '../../catalogue/index.js';
import { Ledger, type LotEntity } from '../../wardrobe/index.js';

/** What a deed enters, once it is known on which day. */
interface Opening {
  readonly kind: EntryKind;
  readonly movements: readonly Movement[];
  readonly broughtMinor?: number;
}

/** Fills an empty wardrobe with a history: deeds on days gone by, as if they had been done one after the other. */
export class WardrobeSeed {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly ledger: Ledger,
  ) {}

  /** Plays deeds within a unit of work; `today` is the day they count back from. Throws RangeError where one takes what is not there. */
  play(deeds: readonly DemoDeed[], today: string): void {
    const { data } = this.catalogue.now();
    for (const deed of deeds) {
      const dayAt = (days: number): string => isoDay(dayNumber(today) + days);
      const at = `${dayAt(-deed.daysAgo)}T18:00:00.000Z`;
      const { kind, movements, broughtMinor } = this.entryFor(deed, data, at, dayAt);
      this.ledger.store.enter({ at, kind, sentence: deed.sentence, because: 'hand', broughtMinor: broughtMinor ?? null }, movements);
    }
  }

  private entryFor(deed: DemoDeed, data: CatalogueData, at: string, dayAt: (days: number) => string): Opening {
    const { store } = this.ledger;
    switch (deed.kind) {
      case 'came':
        return {
          kind: 'bought',
          movements: deed.pieces.map(({ place, quantity, dueInDays, ...piece }) => ({
            lot: store.addLot({ ...piece, dueOn: dueInDays === undefined ? null : dayAt(dueInDays), addedAt: at }),
            quantity,
            from: OUTSIDE,
            to: store.placeAt(place),
          })),
        };
      case 'whole figures':
        return {
          kind: 'opened',
          movements: deed.donors.flatMap(({ officialFigure, place, keepWhole, missing }) => {
            const figure = figureOf(officialFigure, data);
            const parent = store.placeAt(place);
            const path = `${place} › ${figure.name}`;
            const to = store.addPlace({ kind: 'donor', name: figure.name, parent, path, official: figure.id, keepWhole });
            return [...piecesThere(figure, missing)].map(([variant, quantity]) => this.arrival(variant, quantity, figure.id, to, at));
          }),
        };
      case 'sealed': {
        const figure = figureOf(deed.figure, data);
        const to = store.addPlace({
          ...{ kind: 'sealed' as const, name: deed.name, parent: store.placeAt(deed.place), path: `${deed.place} › ${deed.name}` },
          product: figure.id,
        });
        const unsure = { certainty: 'think so' as const };
        return {
          kind: 'received',
          movements: [...piecesThere(figure, [])].map(([variant, quantity]) => this.arrival(variant, quantity, figure.id, to, at, unsure)),
        };
      }
      case 'moved':
        return { kind: 'put away', movements: [this.takeFrom(deed.run, store.placeAt(deed.to))] };
      case 'lent': {
        const { person, dueInDays } = deed;
        const to = store.addPlace({ kind: 'lent', name: person, parent: null, path: `Lent to ${person}`, dueOn: dayAt(dueInDays) });
        return { kind: 'lent', movements: [this.takeFrom(deed.run, to)] };
      }
      case 'sold':
        return { kind: 'sold', movements: [this.takeFrom(deed.run, OUTSIDE)], broughtMinor: deed.broughtMinor };
      case 'marked':
        return { kind: 'split', movements: this.changeRun(deed.run, at, { defects: [deed.defect] }) };
      case 'altered':
        return { kind: 'altered', movements: this.changeRun(deed.run, at, { alterations: [deed.alteration] }) };
    }
  }

  private arrival(variant: string, quantity: number, source: string, to: string, at: string, more: Partial<LotEntity> = {}): Movement {
    const lot = this.ledger.store.addLot({ variant, condition: 'used', note: '', source, addedAt: at, ...more });
    return { lot, quantity, from: OUTSIDE, to };
  }

  private takeFrom({ variant, place, quantity }: DemoRun, to: string): Movement {
    const from = this.ledger.store.placeAt(place);
    const run = this.ledger.store.heldIn(from).find((row) => row.quantity >= quantity && this.ledger.lot(row.lot).variant === variant);
    if (!run) throw new RangeError(`there are no ${quantity} of ${variant} in ${place}`);
    return { lot: run.lot, quantity, from, to };
  }

  /** Pieces that became another lot where they lie. */
  private changeRun(run: DemoRun, at: string, change: Partial<LotEntity>): readonly Movement[] {
    const gone = this.takeFrom(run, OUTSIDE);
    const { id, ...lot } = this.ledger.lot(gone.lot);
    const next = this.ledger.store.addLot({ ...lot, ...change, splitFrom: id, addedAt: at });
    return [gone, { lot: next, quantity: run.quantity, from: OUTSIDE, to: gone.from }];
  }
}

function figureOf(id: string, data: CatalogueData) {
  const figure = data.officialFigures.find((row) => row.id === id);
  if (!figure) throw new RangeError(`${id} is no official figure`);
  return figure;
}
