import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Subject, type Observable } from 'rxjs';
import { Database } from '../db/index.js';
import { currentTab } from './tab.js';

export type LiveArea = 'figures' | 'catalogue' | 'wardrobe' | 'market' | 'watches' | 'errands' | 'notices';

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

  constructor(private readonly database: Database) {}

  /** Within a unit of work: tells when it is done, and nothing when it is undone. */
  changed(area: LiveArea, item: string | null = null): void {
    const by = currentTab();
    this.database.afterCommit(() => this.told.next({ area, item, by }));
  }

  /** After work that a worker did on a connection of its own. */
  changedElsewhere(area: LiveArea): void {
    this.told.next({ area, item: null, by: null });
  }

  watch(): Observable<Told> {
    return this.told.asObservable();
  }

  onApplicationShutdown(): void {
    this.told.complete();
  }
}
