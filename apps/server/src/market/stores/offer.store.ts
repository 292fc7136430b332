import type { Market } from '@outfit/market';
import type { Tables } from '../../platform/sqlite/index.js';
import { OfferEntity } from '../market.entities.js';

type Simulated = ReturnType<Market['offersOn']>[number];

/** A simulated offer as the table has it. */
export const asStored = ({ id, seller, item, priceMinor, stock, multiple, condition, seenOn }: Simulated): OfferEntity => ({
  id,
  seller,
  kind: item.kind,
  item: item.id,
  priceMinor,
  stock,
  multiple,
  condition,
  seenOn,
  origin: 'simulated',
});

/** The simulated offers in their table. */
export class OfferStore {
  constructor(private readonly tables: Tables) {}

  /** The simulated offers of an item. */
  simulatedOf({ kind, id }: Simulated['item']): readonly StandingOffer[] {
    return this.tables.table(OfferEntity).select(`WHERE kind = ? AND item = ? AND origin = 'simulated'`, kind, id);
  }

  /** The imported offers of an item. */
  importedOf({ kind, id }: Simulated['item']): readonly OfferEntity[] {
    return this.tables.table(OfferEntity).select(`WHERE kind = ? AND item = ? AND origin = 'imported'`, kind, id);
  }

  /** Every item that is offered, and whether by files. */
  items(): readonly (Simulated['item'] & { readonly isImported: boolean })[] {
    const rows = this.tables.prepare<Simulated['item'] & { imported: number }>(
      `SELECT kind, item AS id, MAX(origin = 'imported') AS imported FROM offer GROUP BY kind, item`,
    );
    return rows.all().map(({ kind, id, imported }) => ({ kind, id, isImported: imported > 0 }));
  }

  /** For a market that is gone through item by item. */
  changes(): OfferChanges {
    return new OfferChanges(this.tables);
  }

  /**
   * What a day's offers change against those that stand: worked out while nothing is locked. The answer writes it, and only it;
   * within the caller's transaction. Imported offers stay.
   */
  changesTo(offers: readonly OfferEntity[]): () => void {
    const changes = new OfferChanges(this.tables);
    changes.add(offers, this.tables.table(OfferEntity).find({ where: { origin: 'simulated' } }));
    return () => changes.write();
  }
}

type StandingOffer = Pick<OfferEntity, 'id' | 'priceMinor' | 'stock' | 'seenOn'>;

/** What a day changes in the table of offers. In columns: of a large market half a million lines change from day to day. */
export class OfferChanges {
  private readonly gone: string[] = [];
  private readonly fresh: OfferEntity[] = [];
  private readonly changed = { ids: [] as string[], pricesMinor: [] as number[], stocks: [] as number[], seenOn: [] as string[] };

  constructor(private readonly tables: Tables) {}

  /** @param offers of the day; @param standing those that stand in the table for the same items, simulated ones only */
  add(offers: readonly OfferEntity[], standing: readonly StandingOffer[]): void {
    const { ids, pricesMinor, stocks, seenOn } = this.changed;
    const fresh = new Map(offers.map((offer) => [offer.id, offer]));
    for (const stood of standing) {
      const offer = fresh.get(stood.id);
      fresh.delete(stood.id);
      if (!offer) this.gone.push(stood.id);
      else if (offer.priceMinor !== stood.priceMinor || offer.stock !== stood.stock || offer.seenOn !== stood.seenOn) {
        ids.push(offer.id);
        pricesMinor.push(offer.priceMinor);
        stocks.push(offer.stock);
        seenOn.push(offer.seenOn);
      }
    }
    for (const offer of fresh.values()) this.fresh.push(offer);
  }

  /** Within the caller's transaction. */
  write(): void {
    const table = this.tables.table(OfferEntity);
    table.delete({ id: this.gone });
    table.updateAll(this.changedRows());
    table.insertAll(this.fresh);
  }

  private *changedRows(): Iterable<StandingOffer> {
    const { ids, pricesMinor, stocks, seenOn } = this.changed;
    for (const [i, id] of ids.entries()) yield { id, priceMinor: pricesMinor[i] ?? 0, stock: stocks[i] ?? 0, seenOn: seenOn[i] ?? '' };
  }
}
