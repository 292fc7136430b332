import { dayNumber, isoDay } from '@outfit/core';
import type { DemoOrder } from '@outfit/demo';
import { MarketService } from '../../market/index.js';
import { Ledger } from '../../wardrobe/index.js';
import { type Happens, OrdersService, ParcelDeeds } from '../../parcels/index.js';

/** Fills an empty workspace with orders. */
export class OrdersSeed {
  constructor(
    private readonly deeds: ParcelDeeds,
    private readonly orders: OrdersService,
    private readonly market: MarketService,
    private readonly ledger: Ledger,
  ) {}

  /** Fills an empty workspace with orders that were placed some days ago. Within a unit of work. */
  open(orders: readonly DemoOrder[], today: string): void {
    const names = this.market.sellerNames();
    const dayAt = (days: number): string => isoDay(dayNumber(today) + days);
    for (const { seller, daysAgo, expectedInDays, sentDaysAgo, lines, happens, ...charges } of orders) {
      const known = lines.map((line) => ({ ...line, condition: 'used' as const }));
      const sellerName = names.get(seller) ?? seller;
      const [orderedOn, sentOn, expectedOn] = [dayAt(-daysAgo), dayAt(-sentDaysAgo), dayAt(expectedInDays)];
      const order = { seller, sellerName, errand: null, dutyMinor: 0, ...charges };
      const { row } = this.deeds.keptParcel(this.orders.begin(order, known, 'for the lamplighters', `${orderedOn}T18:00:00.000Z`));
      const will: Happens = { sentOn, arrivesOn: dayAt(happens.arrivesInDays), short: [], wrong: happens.wrong };
      this.deeds.store.write({ ...row, state: 'sent', orderedOn, sentOn, expectedOn, happens: will });
      this.ledger.store.writePlace({ ...this.ledger.place(row.place), dueOn: expectedOn });
    }
  }
}
