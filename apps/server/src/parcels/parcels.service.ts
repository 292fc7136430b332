import { convert, definedOf, perMinorOf } from '@outfit/core';
import { Injectable } from '@nestjs/common';
import {
  afterArrival,
  afterLettingGo,
  agreedMinor,
  isLate,
  latestOrderDay,
  openOf,
  type ParcelState,
  stateAfter,
} from '@outfit/core/parcels';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { CatalogueService } from '../catalogue/index.js';
import { PlannedService } from '../errands/index.js';
import { AdvanceService, MarketService } from '../market/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { SettingsService } from '../settings/index.js';
import { Ledger, ServingsService, type WaitingFigure } from '../wardrobe/index.js';
import { OrdersService } from './ordering/orders.service.js';
import { ParcelDeeds } from './parcelDeeds.service.js';
import { parcelSlice } from './parcelSlice.js';
import { arrivalMovements } from './settling/arrival.js';
import type {
  DeadlineDto,
  EndDto,
  NewParcelDto,
  ParcelChangeDto,
  OrderedParcelDto,
  ReceiveDto,
  ServingParcelDto,
  SpentDto,
} from './parcels.dto.js';
import { spentOn } from './parcelView.js';

/** Parcels from an order to a drawer. Their pieces are in the ledger from the moment they are ordered, so that nothing is bought twice. */
@Injectable()
export class ParcelsService {
  constructor(
    private readonly deeds: ParcelDeeds,
    private readonly orders: OrdersService,
    private readonly ledger: Ledger,
    private readonly planned: PlannedService,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly live: LiveService,
    private readonly servings: ServingsService,
    clock: AdvanceService,
    settings: SettingsService,
  ) {
    settings.registerAmounts({ name: 'parcels', areKept: () => deeds.store.all().length > 0 });
    clock.addListener((day) => this.goOn(day));
  }

  list(): OrderedParcelDto[] {
    return this.deeds.list();
  }

  /** Figures that have a day to be there by and lack something, with the last day to order it: the nearest first. */
  async deadlines(): Promise<DeadlineDto[]> {
    const today = this.market.today();
    return (await this.servings.wantingByDay())
      .map(({ figure, name, lineUp, dueOn, toBuy }) => {
        const sellers = this.planned.sellersFor(figure, lineUp);
        const latestOn = latestOrderDay(dueOn, this.market.daysOf(sellers));
        return { figure, name, lineUp, dueOn, toBuy, latestOn, isPast: latestOn < today };
      })
      .sort((a, b) => (a.latestOn < b.latestOn ? -1 : 1));
  }

  /** The parcels that bring what a figure waits for, the soonest first. */
  async parcelsFor(figure: string): Promise<ServingParcelDto[]> {
    const pieces = await this.servings.comingTo(figure);
    const today = this.market.today();
    return this.deeds.store
      .all()
      .filter((row) => pieces.has(row.place))
      .map((row) => ({
        ...{ parcel: row.id, sellerName: row.sellerName, pieces: pieces.get(row.place) ?? 0 },
        ...{ expectedOn: row.expectedOn, isLate: isLate(row, today) },
      }))
      .sort((a, b) => ((a.expectedOn ?? '9') < (b.expectedOn ?? '9') ? -1 : 1));
  }

  /** Writes a parcel down by hand; a find that is here already goes straight into a drawer. */
  add({ sellerName, lines, postageMinor, feesMinor, expectedOn, reference, place }: NewParcelDto): Promise<OrderedParcelDto[]> {
    const catalogue = this.catalogue.now();
    const stranger = lines.find((line) => !catalogue.has(line.variant));
    if (stranger) throw notFound('part', stranger.variant);
    return this.ledger.change<OrderedParcelDto[]>(() => {
      const to = place === undefined ? null : this.deeds.drawer(place);
      const known = lines.map((line) => ({ ...line, variant: catalogue.resolve(line.variant) }));
      const more = { reference: reference ?? '', expectedOn: expectedOn ?? null, postageMinor, feesMinor, dutyMinor: 0 };
      const id = this.orders.begin({ seller: null, sellerName: sellerName.trim(), errand: null, ...more }, known, 'by hand');
      if (to !== null)
        this.receiveNow(
          id,
          this.deeds.store.lines(id).map((line) => ({ id: line.id, came: line.quantity, damaged: 0 })),
          to,
        );
      return this.list();
    });
  }

  /** Notes what the seller said and what was paid, or that it is here. */
  change(id: string, { isHere, ...change }: ParcelChangeDto): Promise<OrderedParcelDto[]> {
    return this.ledger.change<OrderedParcelDto[]>(() => {
      const before = this.deeds.keptParcel(id);
      const { row } = before;
      if ((change.sentOn !== undefined || isHere) && row.state !== 'ordered' && row.state !== 'sent')
        throw new Problem(409, `The parcel from ${row.sellerName} is ${row.state}. Nothing was changed.`);
      const state: ParcelState = isHere ? 'arrived' : change.sentOn ? 'sent' : row.state;
      const paid =
        change.paidInMinor === undefined
          ? {}
          : {
              paidMinor:
                change.paidInMinor === null ? null : convert(change.paidInMinor, perMinorOf(row.rate, row.sellerCurrency, row.currency)),
            };
      const next = {
        ...row,
        ...definedOf(change),
        ...paid,
        state,
        arrivedOn: isHere ? this.market.today() : row.arrivedOn,
        version: row.version + 1,
      };
      this.deeds.write(next);
      this.deeds.keep(isHere ? `The parcel from ${row.sellerName} is here` : `Noted about the parcel from ${row.sellerName}`, before);
      return this.list();
    });
  }

  /** Puts away what came: as ordered, damaged, or something else instead. What did not come stays expected. */
  async receive(id: string, { lines, place, toTrays = false }: ReceiveDto): Promise<OrderedParcelDto[]> {
    const { row, lines: known } = this.deeds.keptParcel(id);
    const catalogue = this.catalogue.now();
    const variants = [...new Set(known.map((line) => catalogue.resolve(line.variant)))];
    const waiting = toTrays ? await this.servings.promisedAt(row.place, variants) : new Map<number, readonly WaitingFigure[]>();
    return this.ledger.change<OrderedParcelDto[]>(() => {
      this.receiveNow(id, lines, this.deeds.drawer(place), waiting);
      return this.list();
    });
  }

  /** A parcel that is cancelled or lost gives back what it held: it is to buy again. */
  end(id: string, { as, refundedMinor }: EndDto): Promise<OrderedParcelDto[]> {
    return this.ledger.change<OrderedParcelDto[]>(() => {
      const before = this.deeds.keptParcel(id);
      const { row, lines } = before;
      if (row.state === 'settled' || row.state === 'cancelled' || row.state === 'lost')
        throw new Problem(409, `The parcel from ${row.sellerName} is ${row.state} already.`);
      const refunded = row.refundedMinor + refundedMinor;
      if (refunded > (row.paidMinor ?? agreedMinor(lines, row))) throw new Problem(422, 'More would come back than was paid.');
      const movements = lines.flatMap((line): readonly Movement[] => {
        const open = openOf(line);
        if (open === 0) return [];
        this.deeds.store.writeLine(afterLettingGo(line, open));
        return [{ lot: line.lot, quantity: open, from: row.place, to: OUTSIDE }];
      });
      const state = lines.some((line) => line.came > 0) ? 'settled' : as;
      this.deeds.write({ ...row, state, refundedMinor: refunded, version: row.version + 1 });
      this.deeds.enterOrKeep(`The parcel from ${row.sellerName} is ${as}`, movements, before);
      return this.list();
    });
  }

  /** What was spent by month and seller, and what the plans had reckoned. */
  spentByMonth(): SpentDto {
    return spentOn(
      this.deeds.store.all().map((row) => ({ row, lines: this.deeds.store.lines(row.id) })),
      this.market.currency(),
    );
  }

  private receiveNow(
    id: string,
    came: ReceiveDto['lines'],
    to: string,
    waiting: ReadonlyMap<number, readonly WaitingFigure[]> = new Map(),
  ): void {
    const before = this.deeds.keptParcel(id);
    const { row } = before;
    if (row.state === 'cancelled' || row.state === 'lost') throw new Problem(409, `The parcel from ${row.sellerName} is ${row.state}.`);
    const movements = came.flatMap((arrival) => {
      const line = this.deeds.lineOf(before, arrival.id);
      const name = this.ledger.nameOf(line.lot);
      if (arrival.came > openOf(line)) throw new Problem(409, `${openOf(line)} of ${name} are expected, not ${arrival.came}.`);
      if (arrival.damaged > arrival.came) throw new Problem(422, `More of ${name} would be damaged than came.`);
      this.deeds.store.writeLine(afterArrival(line, arrival));
      const instead = arrival.instead && { ...arrival.instead, variant: this.deeds.currentId(arrival.instead.variant) };
      return arrivalMovements(this.ledger, row, line, { ...arrival, ...(instead ? { instead } : {}) }, to, waiting.get(line.lot) ?? []);
    });
    if (movements.length === 0) throw new Problem(422, 'Say what came.');
    const state = stateAfter('arrived', this.deeds.store.lines(id));
    this.deeds.write({ ...row, state, arrivedOn: row.arrivedOn ?? this.market.today(), version: row.version + 1 });
    this.ledger.enter('received', `Put away what came from ${row.sellerName}`, movements, {
      ...{ slices: [parcelSlice(before, this.deeds.keptParcel(id))], because: `parcel ${id}` },
    });
  }

  /** What a simulated day does to parcels; told in sentences. Within the market's unit of work. */
  private goOn(day: string): readonly string[] {
    return this.deeds.store.underWay().flatMap((row) => {
      if (row.happens === null) return [];
      const { sentOn, arrivesOn } = row.happens;
      const isHere = arrivesOn !== null && arrivesOn <= day;
      if (!isHere && (row.state === 'sent' || sentOn > day)) return [];
      this.deeds.write({
        ...row,
        state: isHere ? 'arrived' : 'sent',
        sentOn,
        arrivedOn: isHere ? day : null,
        version: row.version + 1,
      });
      this.live.tellAfterwards('parcels');
      return [isHere ? `The parcel from ${row.sellerName} is here.` : `${row.sellerName} has sent your parcel.`];
    });
  }
}
