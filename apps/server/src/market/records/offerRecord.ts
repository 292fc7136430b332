import type { Market } from '@outfit/market';
import type { Prepare } from '../../platform/sqlite/index.js';
import type { OfferEntity } from '../market.entities.js';

type Simulated = ReturnType<Market['offersOn']>[number];
type Stored = readonly [id: string, priceMinor: number, stock: number, seenOn: string];

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
export class OfferRecord {
  constructor(private readonly prepare: Prepare) {}

  /**
   * What a day's offers change against those that stand: worked out while nothing is locked. The answer writes it, and only it;
   * within the caller's transaction. Imported offers stay.
   */
  changesTo(offers: readonly OfferEntity[]): () => void {
    const fresh = new Map(offers.map((offer) => [offer.id, offer]));
    const gone: string[] = [];
    const changed: OfferEntity[] = [];
    const stored = this.prepare(`SELECT id, priceMinor, stock, seenOn FROM offer WHERE origin = 'simulated'`).raw().iterate();
    for (const [id, priceMinor, stock, seenOn] of stored as IterableIterator<Stored>) {
      const offer = fresh.get(id);
      fresh.delete(id);
      if (!offer) gone.push(id);
      else if (offer.priceMinor !== priceMinor || offer.stock !== stock || offer.seenOn !== seenOn) changed.push(offer);
    }
    return () => {
      const take = this.prepare('DELETE FROM offer WHERE id = ?');
      for (const id of gone) take.run(id);
      const change = this.prepare('UPDATE offer SET priceMinor = ?, stock = ?, seenOn = ? WHERE id = ?');
      for (const { id, priceMinor, stock, seenOn } of changed) change.run(priceMinor, stock, seenOn, id);
      const add = this.prepare(
        `INSERT INTO offer (id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin)
           VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, 'simulated')`,
      );
      for (const { id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn } of fresh.values())
        add.run(id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn);
    };
  }
}
