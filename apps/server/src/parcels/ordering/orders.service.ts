import { Injectable } from '@nestjs/common';
import { list, offerBehind, shareToCent, UNSOLD_MINOR, variantBehind } from '@outfit/core';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { randomUUID } from 'node:crypto';
import { CatalogueService } from '../../catalogue/index.js';
import { ErrandsService } from '../../errands/index.js';
import { AdvanceService, LowestService, MarketService } from '../../market/index.js';
import { Database } from '../../platform/db/index.js';
import { Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { Ledger, ServingsService } from '../../wardrobe/index.js';
import { happeningOf } from './happening.js';
import { inLines, type NewLine } from './orderLines.js';
import { ParcelDeeds } from '../parcelDeeds.service.js';
import { parcelSlice } from '../parcelSlice.js';
import type { OrderedParcelDto, PlaceOrdersDto } from '../parcels.dto.js';
import type { Happens, ParcelEntity } from '../parcels.entities.js';
import type { KeptParcel } from '../parcels.store.js';

/** How a parcel begins: out of an errand's plan, by hand, or out of a file. Its pieces are in the ledger from then on. */
@Injectable()
export class OrdersService {
  constructor(
    private readonly deeds: ParcelDeeds,
    private readonly ledger: Ledger,
    private readonly errands: ErrandsService,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly live: LiveService,
    private readonly clock: AdvanceService,
    private readonly database: Database,
    private readonly servings: ServingsService,
    private readonly lowest: LowestService,
  ) {
    ledger.afterFile(() => this.adopt());
  }

  /** Orders what an errand's plan buys: one parcel for each seller, its pieces on their way from now on. */
  async order({ errand, sellers }: PlaceOrdersDto): Promise<OrderedParcelDto[]> {
    const { title, figures, problem, plan } = this.errands.purchaseOf(errand);
    const wanted = plan.parcels.filter((parcel) => sellers.length === 0 || sellers.includes(parcel.seller));
    if (wanted.length === 0) throw new Problem(422, 'The plan buys nothing from there. Plan the errand again, or choose another seller.');
    const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
    const items = new Map(problem.items.map((item) => [item.id, item]));
    const landed = await this.lowest.landedMinor();
    const wanting = (await this.servings.stillWantedBy(figures)).map((row) => ({ ...row }));
    return this.ledger.change<OrderedParcelDto[]>(() => {
      const names = this.market.sellerNames();
      this.refuseAgain(errand, new Set(wanted.map(({ seller }) => seller)), title);
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
              pieces.map((variant) => landed.get(variant) ?? UNSOLD_MINOR),
            ),
            offer.condition,
          );
        });
        const charges = { postageMinor: parcel.postageMinor, feesMinor: parcel.handlingMinor, dutyMinor: parcel.dutyMinor };
        const id = this.begin(
          { seller: parcel.seller, sellerName: names.get(parcel.seller) ?? parcel.seller, errand, ...charges },
          lines,
          `for ${title}`,
        );
        this.keepFor(wanting, id);
      }
      return this.deeds.list();
    });
  }

  /** What was ordered for a figure is kept for it until it is put away; `wanting` loses what it gets. */
  private keepFor(wanting: readonly { readonly figure: string; readonly variant: string; quantity: number }[], parcel: string): void {
    for (const line of this.deeds.store.lines(parcel)) {
      let left = line.quantity;
      for (const row of wanting) {
        const quantity = row.variant === line.variant ? Math.min(left, row.quantity) : 0;
        if (quantity === 0) continue;
        this.ledger.store.pin({ lot: line.lot, figure: row.figure, quantity, isOrdered: true });
        row.quantity -= quantity;
        left -= quantity;
      }
    }
  }

  /** An errand is ordered from each of its sellers once: a second press, or a second tab, means the same orders. */
  private refuseAgain(errand: string, sellers: ReadonlySet<string>, title: string): void {
    const again = this.deeds.store.all().filter((row) => row.errand === errand && row.seller !== null && sellers.has(row.seller));
    if (again.length > 0)
      throw new Problem(
        409,
        `The errand for ${title} is ordered already at ${list([...new Set(again.map((row) => row.sellerName))])}: it stands under Parcels. Nothing was ordered. To buy as much again, plan the errand anew.`,
      );
  }

  /** Begins a parcel within a unit of work: its pieces come into the ledger, on their way. Returns its id. */
  begin(
    order: Pick<ParcelEntity, 'seller' | 'sellerName' | 'errand' | 'postageMinor' | 'feesMinor' | 'dutyMinor'> & Partial<ParcelEntity>,
    lines: readonly NewLine[],
    why: string,
    at = this.ledger.now(),
  ): string {
    const today = this.market.today();
    const [id, ordinal] = [randomUUID(), this.deeds.store.nextOrdinal()];
    const asks = this.market.currencyOf(order.seller, today);
    const happens = order.seller === null ? null : this.happens(order.seller, ordinal, lines, today);
    const expectedOn = order.expectedOn ?? (order.seller === null ? null : this.market.expectedFrom(order.seller, today));
    const place = this.ledger.store.addPlace({
      ...{
        kind: 'parcel' as const,
        name: `Parcel from ${order.sellerName}`,
        parent: null,
        path: `Parcel from ${order.sellerName}`,
        dueOn: expectedOn,
      },
    });
    const goods = lines.reduce((all, line) => all + line.priceMinor * line.quantity, 0);
    const row: ParcelEntity = {
      ...{ id, ordinal, reference: '', state: 'ordered', orderedOn: today, sentOn: null, arrivedOn: null, tracking: '', note: '' },
      ...{ currency: this.market.currency(), paidMinor: null, refundedMinor: 0, removedAt: null, version: 1 },
      ...{ sellerCurrency: asks.currency, rate: asks.perUnit, paidInMinor: null },
      ...order,
      ...{ place, expectedOn, happens },
      plannedMinor: goods + order.postageMinor + order.feesMinor + order.dutyMinor,
    };
    this.deeds.store.write(row);
    const movements = lines.map((line): Movement => {
      const lot = this.ledger.store.addLot({
        ...{ variant: line.variant, condition: line.condition, note: '', addedAt: at },
        ...{ source: order.sellerName, paidMinor: line.priceMinor },
      });
      this.deeds.store.addLine({ ...line, parcel: id, lot });
      return { lot, quantity: line.quantity, from: OUTSIDE, to: place };
    });
    const after = this.deeds.keptParcel(id);
    const gone: KeptParcel = { row: { ...row, removedAt: this.ledger.now() }, lines: after.lines };
    this.ledger.enter('bought', `Ordered from ${order.sellerName}, ${why}`, movements, {
      ...{ slices: [parcelSlice(gone, after)], because: `parcel ${id}`, at },
    });
    return id;
  }

  private happens(seller: string, ordinal: number, lines: readonly NewLine[], today: string): Happens | null {
    const ways = this.market.waysOf(seller);
    return ways && happeningOf(ways.seed, ordinal, ways, lines, today, this.catalogue.now());
  }

  /** Parcels that a file of the ledger tells only as places become parcels again, so that what is on its way can be received. */
  private adopt(): void {
    const known = new Set(this.deeds.store.places());
    for (const place of this.ledger.store.places()) {
      const held = place.kind === 'parcel' && !known.has(place.id) ? this.ledger.store.heldIn(place.id) : [];
      if (held.length === 0) continue;
      const id = randomUUID();
      const lines = held.map(({ lot: id, quantity }) => ({ lot: this.ledger.lot(id), quantity }));
      const goods = lines.reduce((all, { lot, quantity }) => all + (lot.paidMinor ?? 0) * quantity, 0);
      const [today, currency] = [this.market.today(), this.market.currency()];
      this.deeds.store.write({
        ...{
          id,
          ordinal: this.deeds.store.nextOrdinal(),
          seller: null,
          sellerName: place.name.replace(/^Parcel from /, ''),
          errand: null,
        },
        ...{ reference: '', state: 'ordered', orderedOn: today, sentOn: null, expectedOn: place.dueOn, arrivedOn: null, tracking: '' },
        ...{ note: 'Read from a file of the ledger', currency, postageMinor: 0, feesMinor: 0, dutyMinor: 0, paidMinor: null },
        ...{ refundedMinor: 0, plannedMinor: goods, place: place.id, happens: null, removedAt: null, version: 1 },
        ...{ sellerCurrency: currency, rate: 1, paidInMinor: null },
      });
      for (const { lot, quantity } of lines)
        this.deeds.store.addLine({
          ...{ parcel: id, lot: lot.id, variant: lot.variant, condition: lot.condition as NewLine['condition'] },
          ...{ quantity, priceMinor: lot.paidMinor ?? 0 },
        });
    }
    this.live.tellAfterwards('parcels');
  }
}
