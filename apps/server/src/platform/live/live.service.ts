import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Subject, type Observable } from 'rxjs';
import { Database } from '../db/index.js';
import { currentTab } from './tab.js';

export type LiveArea = 'figures' | 'catalogue' | 'wardrobe' | 'market' | 'watches' | 'errands' | 'notices' | 'parcels' | 'bench';

/** Something was changed: where, which item of it (null for more than one), by which tab (null when none said). */
export interface Told {
  readonly area: LiveArea;
  readonly item: string | null;
  readonly by: string | null;
}

/** Tells the open tabs what has been changed, once it is on the disk, so that they can refresh what they show. */
@Injectable()
export class LiveService implements OnApplicationShutdown {
  private readonly told = new Subject<Told>();
  private readonly revisions = new Map<LiveArea, number>();

  constructor(private readonly database: Database) {}

  /** Within a unit of work: tells when it is done, and nothing when it is undone. */
  tellAfterwards(area: LiveArea, item: string | null = null): void {
    const by = currentTab();
    this.database.afterCommit(() => this.tell({ area, item, by }));
  }

  /** After work that a worker did on a connection of its own. */
  changedElsewhere(area: LiveArea): void {
    this.tell({ area, item: null, by: null });
  }

  /** Grows with every change of an area that is on the disk, for those who keep something made from it. */
  revisionOf(area: LiveArea): number {
    return this.revisions.get(area) ?? 0;
  }

  private tell(told: Told): void {
    this.revisions.set(told.area, this.revisionOf(told.area) + 1);
    this.told.next(told);
  }

  watch(): Observable<Told> {
    return this.told.asObservable();
  }

  onApplicationShutdown(): void {
    this.told.complete();
  }
}
