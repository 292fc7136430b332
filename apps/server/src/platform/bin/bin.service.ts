import { Injectable } from '@nestjs/common';
import { Database } from '../db/index.js';
import { notFound, Problem } from '../http/index.js';
import type { BinnedDto, BinnedKind } from './bin.dto.js';

/** How things of a kind lie in the bin. What writes runs inside a unit of work. */
export interface Binned {
  list(): readonly Omit<BinnedDto, 'kind' | 'throwable'>[];
  bringBack(id: string): unknown;
  /** Throws it away for good, with all that is in it; left out where that cannot be. */
  throwAway?(id: string): void;
}

/** What was put away, whatever it is: areas say what of theirs lies in the bin, how it comes back and how it goes for good. */
@Injectable()
export class BinService {
  private readonly kinds = new Map<BinnedKind, Binned>();

  constructor(private readonly database: Database) {}

  register(kind: BinnedKind, binned: Binned): void {
    this.kinds.set(kind, binned);
  }

  /** Everything in the bin, what was put there last first. */
  list(): BinnedDto[] {
    return [...this.kinds]
      .flatMap(([kind, binned]) => binned.list().map((row) => ({ ...row, kind, throwable: binned.throwAway !== undefined })))
      .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
  }

  async bringBack(kind: BinnedKind, id: string): Promise<BinnedDto[]> {
    await this.database.write(() => this.of(kind, id).bringBack(id));
    return this.list();
  }

  async throwAway(kind: BinnedKind, id: string): Promise<BinnedDto[]> {
    await this.database.write(() => {
      const { throwAway } = this.of(kind, id);
      if (!throwAway) throw new Problem(409, 'This stays in the bin, so that what was changed can be taken back. Nothing was thrown away.');
      throwAway(id);
    });
    return this.list();
  }

  /** Throws away all that can be. What lies within something that goes has gone with it by then. */
  async empty(): Promise<BinnedDto[]> {
    await this.database.write(() => {
      for (const [, { list, throwAway }] of this.kinds) if (throwAway) for (const { id } of list()) throwAway(id);
    });
    return this.list();
  }

  private of(kind: BinnedKind, id: string): Binned {
    const binned = this.kinds.get(kind);
    if (!binned?.list().some((row) => row.id === id)) throw notFound(`${kind} in the bin`, id);
    return binned;
  }
}
