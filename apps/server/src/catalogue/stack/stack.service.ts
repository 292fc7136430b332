import { Injectable } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { FileStore, Rasters } from '../../platform/files/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { StackedPhotographEntity } from '../catalogue.entities.js';
import type { StackedPhotographDto } from './stack.dto.js';

const LONGEST_SIDE = 1600;
const MOST_STACKED = 500;

/** Photographs of parts on a stack, to be worked through one by one. They are drawn anew at once: nothing hidden is kept, no place either. */
@Injectable()
export class StackService {
  constructor(
    private readonly database: Database,
    private readonly files: FileStore,
    private readonly rasters: Rasters,
    private readonly clock: Clock,
  ) {}

  /** What waits, in the order it came. */
  list(): StackedPhotographDto[] {
    const rows = this.database.table(StackedPhotographEntity).select('ORDER BY addedAt, rowid');
    return rows.map(({ id, file, name, width, height }) => ({ id, file, name, width, height }));
  }

  async add(name: string, body: unknown): Promise<StackedPhotographDto[]> {
    this.refuseMore();
    const { data, width, height } = await this.rasters.redraw(body, LONGEST_SIDE);
    // The file is on the disk before any row names it.
    const file = await this.files.put(data);
    return this.database.write<StackedPhotographDto[]>(() => {
      this.refuseMore();
      this.database
        .table(StackedPhotographEntity)
        .insert({ id: randomUUID(), file, name, width, height, addedAt: this.clock.now().toISOString() });
      return this.list();
    });
  }

  /** Takes a photograph off the stack: it has been made a part of, or is not wanted. */
  takeOff(id: string): Promise<StackedPhotographDto[]> {
    return this.database.write<StackedPhotographDto[]>(() => {
      if (this.database.table(StackedPhotographEntity).delete({ id }) === 0) throw notFound('photograph on the stack', id);
      return this.list();
    });
  }

  private refuseMore(): void {
    if (this.database.table(StackedPhotographEntity).count() >= MOST_STACKED)
      throw new Problem(409, `${MOST_STACKED} photographs wait already. Work through some first.`);
  }
}
