import { Injectable } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { Database } from '../../platform/db/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { Ledger } from '../ledger/index.js';
import type { ConsumableDto, NewConsumableDto, UsedDto } from './consumables.dto.js';
import { type ConsumableRow, ConsumablesRecord } from './consumablesRecord.js';

/** What is used up by alterations and built accessories, and when it runs low. */
@Injectable()
export class ConsumablesService {
  private readonly record: ConsumablesRecord;

  constructor(
    database: Database,
    private readonly ledger: Ledger,
  ) {
    this.record = new ConsumablesRecord((sql) => database.prepare(sql));
    ledger.restoreConsumables(({ id, quantity, isAway }) => {
      if (quantity !== 0) this.record.move(id, ledger.now(), quantity, 'undo');
      if (isAway !== undefined) this.record.setRemoved(id, isAway ? ledger.now() : null);
    });
  }

  list(): ConsumableDto[] {
    return this.record.all().map((row) => ({ ...row, isLow: row.left <= row.lowAt }));
  }

  add({ name, unit, quantity, lowAt, note }: NewConsumableDto): Promise<ConsumableDto[]> {
    return this.ledger.changing<ConsumableDto[]>(() => {
      const twin = this.record.all().find((row) => row.name.toLowerCase() === name.trim().toLowerCase());
      if (twin) throw new Problem(409, `There is “${twin.name}” already: say how much more of it came.`);
      const id = randomUUID();
      this.record.add({ id, name: name.trim(), unit, lowAt, note: note ?? '' });
      if (quantity > 0) this.record.move(id, this.ledger.now(), quantity, 'bought');
      this.ledger.keep(
        `Added ${name.trim()}`,
        { consumed: { id, quantity: 0, isAway: true } },
        { consumed: { id, quantity: 0, isAway: false } },
      );
      return this.list();
    });
  }

  /** So much came, or, below nothing, was used up. */
  use(id: string, { quantity }: UsedDto): Promise<ConsumableDto[]> {
    return this.ledger.changing<ConsumableDto[]>(() => {
      const row = this.known(id);
      const left = this.record.left(id);
      if (quantity === 0) throw new Problem(422, 'Say how much of it came or was used.');
      if (left + quantity < 0) throw new Problem(409, `There are ${left} ${row.unit} of ${row.name}, and ${-quantity} were to be used.`);
      this.record.move(id, this.ledger.now(), quantity, quantity > 0 ? 'bought' : 'used');
      const label = quantity > 0 ? `${quantity} ${row.unit} of ${row.name} came` : `Used ${-quantity} ${row.unit} of ${row.name}`;
      this.ledger.keep(label, { consumed: { id, quantity: -quantity } }, { consumed: { id, quantity } });
      return this.list();
    });
  }

  remove(id: string): Promise<ConsumableDto[]> {
    return this.ledger.changing<ConsumableDto[]>(() => {
      const row = this.known(id);
      this.record.setRemoved(id, this.ledger.now());
      this.ledger.keep(
        `Took ${row.name} off the list`,
        { consumed: { id, quantity: 0, isAway: false } },
        { consumed: { id, quantity: 0, isAway: true } },
      );
      return this.list();
    });
  }

  private known(id: string): ConsumableRow {
    const row = this.record.consumable(id);
    if (!row) throw notFound('consumable', id);
    return row;
  }
}
