import { Injectable } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { Database } from '../../platform/db/index.js';
import { HistoryService } from '../../platform/history/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import type { Slice } from '../../platform/log/index.js';
import { Ledger } from '../ledger/index.js';
import type { ConsumableDto, NewConsumableDto, UsedDto } from './consumables.dto.js';
import type { ConsumableEntity } from '../wardrobe.entities.js';
import { ConsumablesStore } from './consumables.store.js';

/** What is used up by alterations and built accessories, and when it runs low. */
@Injectable()
export class ConsumablesService {
  private readonly store: ConsumablesStore;

  constructor(
    database: Database,
    private readonly ledger: Ledger,
    history: HistoryService,
    live: LiveService,
  ) {
    this.store = new ConsumablesStore(database);
    history.register('consumable', {
      restore: (things) => {
        for (const { item, to, from } of things) this.restore(item, to as Consumed | null, from as Consumed | null);
        live.tellAfterwards('wardrobe');
      },
      // What came and what was used adds up, in whatever order.
      touched: ({ before, after }) => (before?.['isAway'] === after?.['isAway'] ? [] : ['isAway']),
    });
  }

  list(): ConsumableDto[] {
    return this.store.all().map((row) => ({ ...row, isLow: row.left <= row.lowAt }));
  }

  add({ name, unit, quantity, lowAt, note }: NewConsumableDto): Promise<ConsumableDto[]> {
    return this.ledger.change<ConsumableDto[]>(() => {
      const twin = this.store.all().find((row) => row.name.toLowerCase() === name.trim().toLowerCase());
      if (twin) throw new Problem(409, `There is “${twin.name}” already: say how much more of it came.`);
      const id = randomUUID();
      this.store.add({ id, name: name.trim(), unit, lowAt, note: note ?? '' });
      if (quantity > 0) this.store.move(id, this.ledger.now(), quantity, 'bought');
      this.ledger.keep(`Added ${name.trim()}`, [consumedSlice(id, { quantity: 0, isAway: true }, { quantity: 0, isAway: false })]);
      return this.list();
    });
  }

  /** So much came, or, below nothing, was used up. */
  use(id: string, { quantity }: UsedDto): Promise<ConsumableDto[]> {
    return this.ledger.change<ConsumableDto[]>(() => {
      const row = this.consumable(id);
      const left = this.store.leftOf(id);
      if (quantity === 0) throw new Problem(422, 'Say how much of it came or was used.');
      if (left + quantity < 0) throw new Problem(409, `There are ${left} ${row.unit} of ${row.name}, and ${-quantity} were to be used.`);
      this.store.move(id, this.ledger.now(), quantity, quantity > 0 ? 'bought' : 'used');
      const label = quantity > 0 ? `${quantity} ${row.unit} of ${row.name} came` : `Used ${-quantity} ${row.unit} of ${row.name}`;
      this.ledger.keep(label, [consumedSlice(id, { quantity: 0 }, { quantity })]);
      return this.list();
    });
  }

  remove(id: string): Promise<ConsumableDto[]> {
    return this.ledger.change<ConsumableDto[]>(() => {
      const row = this.consumable(id);
      this.store.setRemoved(id, this.ledger.now());
      this.ledger.keep(`Took ${row.name} off the list`, [consumedSlice(id, { quantity: 0, isAway: false }, { quantity: 0, isAway: true })]);
      return this.list();
    });
  }

  /** So much more or less of it as lies between two states; what was used since stays used. */
  private restore(id: string, to: Consumed | null, from: Consumed | null): void {
    const quantity = (to?.quantity ?? 0) - (from?.quantity ?? 0);
    const left = this.store.leftOf(id);
    if (left + quantity < 0)
      throw new Problem(
        409,
        `Only ${left} are left of ${this.store.consumable(id)?.name ?? 'it'}, and ${-quantity} would go. Nothing was changed.`,
      );
    if (quantity !== 0) this.store.move(id, this.ledger.now(), quantity, 'undo');
    if (to?.isAway !== undefined) this.store.setRemoved(id, to.isAway ? this.ledger.now() : null);
  }

  private consumable(id: string): ConsumableEntity {
    const row = this.store.consumable(id);
    if (!row) throw notFound('consumable', id);
    return row;
  }
}

/** So much of a consumable that came or was used up by a deed, and whether it is on the list. */
interface Consumed {
  readonly quantity: number;
  readonly isAway?: boolean;
}

const consumedSlice = (id: string, before: Consumed, after: Consumed): Slice => ({
  subject: 'consumable',
  item: id,
  before: { ...before },
  after: { ...after },
});
