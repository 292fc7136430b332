import { Injectable } from '@nestjs/common';
import { dayNumber, isoDay, offerBehind, shareToCent, variantBehind } from '@outfit/core';
import type { DemoOrder } from '@outfit/demo';
import { afterArrival, afterLettingGo, agreedMinor, openOf, type ParcelState, stateAfter } from '@outfit/core/parcels';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { randomUUID } from 'node:crypto';
import { CatalogueService } from '../catalogue/index.js';
import { ErrandsService } from '../errands/index.js';
import { AdvanceService, CURRENCY, MarketService } from '../market/index.js';
import { Database } from '../platform/db/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { EntriesService } from '../wardrobe/index.js';
import { arrivalMovements } from './arrival.js';
import { happeningOf } from './happening.js';
import { inLines, type NewLine } from './orderLines.js';
import type {
  ClaimDto,
  EndDto,
  NewParcelDto,
  PlaceOrdersDto,
  ParcelChangeDto,
  OrderedParcelDto,
  ReceiveDto,
  SpentDto,
} from './parcels.dto.js';
import { parcelView, spentOn } from './parcelView.js';
import { type Happens, type KeptParcel, type ParcelLineRow, type ParcelRow, ParcelsRecord } from './parcels.record.js';

/** Parcels from an order to a drawer. Their pieces are in the ledger from the moment they are ordered, so that nothing is bought twice. */
@Injectable()
export class ParcelsService {
  private readonly record: ParcelsRecord;

  constructor(
    private readonly entries: EntriesService,
    private readonly errands: ErrandsService,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly live: LiveService,
    private readonly clock: AdvanceService,
    private readonly database: Database,
  ) {
    this.record = new ParcelsRecord((sql) => database.prepare(sql));
    entries.restoreOthers((state) => this.restore(state as KeptParcel));
    clock.addListener((day) => this.goOn(day));
  }

  list(): OrderedParcelDto[] {
    return this.record.all().map((row) => this.dto(row));
  }

  /** Orders what an errand's plan buys: one parcel for each seller, its pieces on their way from now on. */
  order({ errand, sellers }: PlaceOrdersDto): Promise<OrderedParcelDto[]> {
    const { title, problem, plan } = this.errands.bought(errand);
    const wanted = plan.parcels.filter((parcel) => sellers.length === 0 || sellers.includes(parcel.seller));
    if (wanted.length === 0) throw new Problem(422, 'The plan buys nothing from there. Plan the errand again, or choose another seller.');
    const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
    const items = new Map(problem.items.map((item) => [item.id, item]));
    return this.entries.changing<OrderedParcelDto[]>(() => {
      const names = this.market.sellerNames();
      this.database.afterCommit(() => this.clock.priceAnew());
      for (const parcel of wanted) {
        const lines = parcel.lines.flatMap(({ offer: id, quantity }): readonly NewLine[] => {
          const offer = offers.get(id);
          const item = items.get(offer?.item ?? '');
          if (!offer || !item) return [];
          this.market.takeStock(offerBehind(id), quantity);
          const pieces = item.yields.flatMap((row) => Array.from({ length: row.quantity * quantity }, () => variantBehind(row.variant)));
          return inLines(
            pieces,
            shareToCent(
              offer.priceMinor * quantity,
              pieces.map(() => 1),
            ),
            offer.condition,
          );
        });
        const charges = { postageMinor: parcel.postageMinor, feesMinor: parcel.handlingMinor, dutyMinor: parcel.dutyMinor };
        this.begin(
          { seller: parcel.seller, sellerName: names.get(parcel.seller) ?? parcel.seller, errand, ...charges },
          lines,
          `for ${title}`,
        );
      }
      return this.list();
    });
  }

  /** Writes a parcel down by hand; a find that is here already goes straight into a drawer. */
  add({ sellerName, lines, postageMinor, feesMinor, expectedOn, reference, place }: NewParcelDto): Promise<OrderedParcelDto[]> {
    const catalogue = this.catalogue.now();
    const stranger = lines.find((line) => !catalogue.has(line.variant));
    if (stranger) throw notFound('part', stranger.variant);
    return this.entries.changing<OrderedParcelDto[]>(() => {
      const to = place === undefined ? null : this.drawer(place);
      const known = lines.map((line) => ({ ...line, variant: catalogue.resolve(line.variant) }));
      const more = { reference: reference ?? '', expectedOn: expectedOn ?? null, postageMinor, feesMinor, dutyMinor: 0 };
      const id = this.begin({ seller: null, sellerName: sellerName.trim(), errand: null, ...more }, known, 'by hand');
      if (to !== null)
        this.receiveNow(
          id,
          this.record.lines(id).map((line) => ({ id: line.id, came: line.quantity, damaged: 0 })),
          to,
        );
      return this.list();
    });
  }

  /** Notes what the seller said and what was paid, or that it is here. */
  change(id: string, { isHere, ...change }: ParcelChangeDto): Promise<OrderedParcelDto[]> {
    return this.entries.changing<OrderedParcelDto[]>(() => {
      const before = this.kept(id);
      const { row } = before;
      if ((change.sentOn !== undefined || isHere) && row.state !== 'ordered' && row.state !== 'sent')
        throw new Problem(409, `The parcel from ${row.sellerName} is ${row.state}. Nothing was changed.`);
      const state: ParcelState = isHere ? 'arrived' : change.sentOn ? 'sent' : row.state;
      const next = { ...row, ...stated(change), state, arrivedOn: isHere ? this.market.today() : row.arrivedOn, version: row.version + 1 };
      this.record.write(next);
      this.keep(isHere ? `The parcel from ${row.sellerName} is here` : `Noted about the parcel from ${row.sellerName}`, before);
      return this.list();
    });
  }

  /** Puts away what came: as ordered, damaged, or something else instead. What did not come stays expected. */
  receive(id: string, { lines, place }: ReceiveDto): Promise<OrderedParcelDto[]> {
    return this.entries.changing<OrderedParcelDto[]>(() => {
      this.receiveNow(id, lines, this.drawer(place));
      return this.list();
    });
  }

  /** Settles what did not come as ordered: asked for again, paid back, kept as it is, or to be bought again. */
  claim(id: string, { line: lineId, quantity, outcome, sumMinor, expectedOn }: ClaimDto): Promise<OrderedParcelDto[]> {
    return this.entries.changing<OrderedParcelDto[]>(() => {
      const before = this.kept(id);
      const { row, lines } = before;
      const line = this.lineOf(before, lineId);
      const name = this.entries.nameOf(line.lot);
      const refundedMinor = row.refundedMinor + sumMinor;
      if (refundedMinor > (row.paidMinor ?? agreedMinor(lines, row))) throw new Problem(422, 'More would come back than was paid.');
      const letsGo = outcome === 'money back' || outcome === 'buy again';
      if (letsGo && quantity > openOf(line)) throw new Problem(409, `${openOf(line)} of ${name} are still expected, not ${quantity}.`);
      if (letsGo) this.record.writeLine(afterLettingGo(line, quantity));
      const state = letsGo ? stateAfter(row.state, this.record.lines(id)) : row.state;
      this.record.write({
        ...row,
        state,
        refundedMinor,
        expectedOn: outcome === 'ask again' ? (expectedOn ?? row.expectedOn) : row.expectedOn,
        version: row.version + 1,
      });
      const sentence = `${quantity} × ${name} from ${row.sellerName}: ${outcome}`;
      const movements: readonly Movement[] = letsGo ? [{ lot: line.lot, quantity, from: row.place, to: OUTSIDE }] : [];
      this.enterOrKeep(sentence, movements, before);
      return this.list();
    });
  }

  /** A parcel that is cancelled or lost gives back what it held: it is to buy again. */
  end(id: string, { as, refundedMinor }: EndDto): Promise<OrderedParcelDto[]> {
    return this.entries.changing<OrderedParcelDto[]>(() => {
      const before = this.kept(id);
      const { row, lines } = before;
      if (row.state === 'settled' || row.state === 'cancelled' || row.state === 'lost')
        throw new Problem(409, `The parcel from ${row.sellerName} is ${row.state} already.`);
      const refunded = row.refundedMinor + refundedMinor;
      if (refunded > (row.paidMinor ?? agreedMinor(lines, row))) throw new Problem(422, 'More would come back than was paid.');
      const movements = lines.flatMap((line): readonly Movement[] => {
        const open = openOf(line);
        if (open === 0) return [];
        this.record.writeLine(afterLettingGo(line, open));
        return [{ lot: line.lot, quantity: open, from: row.place, to: OUTSIDE }];
      });
      const state = lines.some((line) => line.came > 0) ? 'settled' : as;
      this.record.write({ ...row, state, refundedMinor: refunded, version: row.version + 1 });
      this.enterOrKeep(`The parcel from ${row.sellerName} is ${as}`, movements, before);
      return this.list();
    });
  }

  /** What was spent by month and seller, and what the plans had reckoned. */
  spent(): SpentDto {
    return spentOn(this.record.all().map((row) => ({ row, lines: this.record.lines(row.id) })));
  }

  /** Fills an empty workspace with orders that were placed some days ago. Within a unit of work. */
  open(orders: readonly DemoOrder[], today: string): void {
    const names = this.market.sellerNames();
    const dayAt = (days: number): string => isoDay(dayNumber(today) + days);
    for (const { seller, daysAgo, expectedInDays, sentDaysAgo, lines, happens, ...charges } of orders) {
      const known = lines.map((line) => ({ ...line, condition: 'used' as const }));
      const sellerName = names.get(seller) ?? seller;
      const [orderedOn, sentOn, expectedOn] = [dayAt(-daysAgo), dayAt(-sentDaysAgo), dayAt(expectedInDays)];
      const order = { seller, sellerName, errand: null, dutyMinor: 0, ...charges };
      const { row } = this.kept(this.begin(order, known, 'for the lamplighters', `${orderedOn}T18:00:00.000Z`));
      const will: Happens = { sentOn, arrivesOn: dayAt(happens.arrivesInDays), short: [], wrong: happens.wrong };
      this.record.write({ ...row, state: 'sent', orderedOn, sentOn, expectedOn, happens: JSON.stringify(will) });
      this.entries.record.writePlace({ ...this.entries.place(row.place), dueOn: expectedOn });
    }
  }

  /** Begins a parcel within a unit of work: its pieces come into the ledger, on their way. Returns its id. */
  private begin(
    order: Pick<ParcelRow, 'seller' | 'sellerName' | 'errand' | 'postageMinor' | 'feesMinor' | 'dutyMinor'> & Partial<ParcelRow>,
    lines: readonly NewLine[],
    why: string,
    at = this.entries.now(),
  ): string {
    const today = this.market.today();
    const [id, ordinal] = [randomUUID(), this.record.nextOrdinal()];
    const happens = order.seller === null ? null : this.happens(order.seller, ordinal, lines, today);
    const expectedOn = order.expectedOn ?? (order.seller === null ? null : this.market.expectedFrom(order.seller, today));
    const place = this.entries.record.addPlace({
      ...{
        kind: 'parcel' as const,
        name: `Parcel from ${order.sellerName}`,
        parent: null,
        path: `Parcel from ${order.sellerName}`,
        dueOn: expectedOn,
      },
    });
    const goods = lines.reduce((all, line) => all + line.priceMinor * line.quantity, 0);
    const row: ParcelRow = {
      ...{ id, ordinal, reference: '', state: 'ordered', orderedOn: today, sentOn: null, arrivedOn: null, tracking: '', note: '' },
      ...{ currency: CURRENCY, paidMinor: null, refundedMinor: 0, removedAt: null, version: 1 },
      ...order,
      ...{ place, expectedOn, happens: happens && JSON.stringify(happens) },
      plannedMinor: goods + order.postageMinor + order.feesMinor + order.dutyMinor,
    };
    this.record.write(row);
    const movements = lines.map((line): Movement => {
      const lot = this.entries.record.addLot({
        ...{ variant: line.variant, condition: line.condition, note: '', addedAt: at },
        ...{ source: order.sellerName, paidMinor: line.priceMinor },
      });
      this.record.addLine({ ...line, parcel: id, lot });
      return { lot, quantity: line.quantity, from: OUTSIDE, to: place };
    });
    const after = this.kept(id);
    const gone: KeptParcel = { row: { ...row, removedAt: this.entries.now() }, lines: after.lines };
    this.entries.enter('bought', `Ordered from ${order.sellerName}, ${why}`, movements, {
      ...{ before: { others: [gone] }, after: { others: [after] }, because: `parcel ${id}`, at },
    });
    return id;
  }

  private happens(seller: string, ordinal: number, lines: readonly NewLine[], today: string): Happens | null {
    const ways = this.market.waysOf(seller);
    return ways && happeningOf(ways.seed, ordinal, ways, lines, today, this.catalogue.now());
  }

  private receiveNow(id: string, came: ReceiveDto['lines'], to: string): void {
    const before = this.kept(id);
    const { row } = before;
    if (row.state === 'cancelled' || row.state === 'lost') throw new Problem(409, `The parcel from ${row.sellerName} is ${row.state}.`);
    const movements = came.flatMap((arrival) => {
      const line = this.lineOf(before, arrival.id);
      const name = this.entries.nameOf(line.lot);
      if (arrival.came > openOf(line)) throw new Problem(409, `${openOf(line)} of ${name} are expected, not ${arrival.came}.`);
      if (arrival.damaged > arrival.came) throw new Problem(422, `More of ${name} would be damaged than came.`);
      this.record.writeLine(afterArrival(line, arrival));
      const instead = arrival.instead && { ...arrival.instead, variant: this.known(arrival.instead.variant) };
      return arrivalMovements(this.entries, row, line, { ...arrival, ...(instead ? { instead } : {}) }, to);
    });
    if (movements.length === 0) throw new Problem(422, 'Say what came.');
    const state = stateAfter('arrived', this.record.lines(id));
    this.record.write({ ...row, state, arrivedOn: row.arrivedOn ?? this.market.today(), version: row.version + 1 });
    this.entries.enter('received', `Put away what came from ${row.sellerName}`, movements, {
      ...{ before: { others: [before] }, after: { others: [this.kept(id)] }, because: `parcel ${id}` },
    });
  }

  /** What a simulated day does to parcels; told in sentences. Within the market's unit of work. */
  private goOn(day: string): readonly string[] {
    return this.record.underWay().flatMap((row) => {
      const { sentOn, arrivesOn } = JSON.parse(row.happens ?? '{}') as Happens;
      const isHere = arrivesOn !== null && arrivesOn <= day;
      if (!isHere && (row.state === 'sent' || sentOn > day)) return [];
      this.record.write({ ...row, state: isHere ? 'arrived' : 'sent', sentOn, arrivedOn: isHere ? day : null, version: row.version + 1 });
      this.live.changed('parcels');
      return [isHere ? `The parcel from ${row.sellerName} is here.` : `${row.sellerName} has sent your parcel.`];
    });
  }

  private enterOrKeep(sentence: string, movements: readonly Movement[], before: KeptParcel): void {
    if (movements.length === 0) return this.keep(sentence, before);
    this.entries.enter('corrected', sentence, movements, {
      ...{ before: { others: [before] }, after: { others: [this.kept(before.row.id)] }, because: `parcel ${before.row.id}` },
    });
    this.live.changed('parcels');
  }

  private keep(label: string, before: KeptParcel): void {
    this.entries.keep(label, { others: [before] }, { others: [this.kept(before.row.id)] });
    this.live.changed('parcels');
  }

  private restore({ row, lines }: KeptParcel): void {
    this.record.write({ ...row, version: (this.record.parcel(row.id)?.version ?? 0) + 1 });
    for (const line of lines) this.record.writeLine(line);
    this.live.changed('parcels');
  }

  private kept(id: string): KeptParcel {
    const row = this.record.parcel(id);
    if (!row || row.removedAt !== null) throw notFound('parcel', id);
    return { row, lines: this.record.lines(id) };
  }

  private lineOf({ lines, row }: KeptParcel, id: number): ParcelLineRow {
    const line = lines.find((own) => own.id === id);
    if (!line) throw new Problem(422, `There is no such line in the parcel from ${row.sellerName}.`);
    return line;
  }

  private drawer(id: string): string {
    const place = this.entries.place(id);
    if (place.kind !== 'made' && place.kind !== 'bench')
      throw new Problem(422, `Nothing is put away in “${place.name}”: choose a place you made.`);
    return place.id;
  }

  private known(variant: string): string {
    const catalogue = this.catalogue.now();
    if (!catalogue.has(variant)) throw notFound('part', variant);
    return catalogue.resolve(variant);
  }

  private dto(row: ParcelRow): OrderedParcelDto {
    return parcelView(row, this.record.lines(row.id), this.market.today(), this.catalogue.now());
  }
}

const stated = (change: Omit<ParcelChangeDto, 'isHere'>): Partial<ParcelRow> =>
  Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));
