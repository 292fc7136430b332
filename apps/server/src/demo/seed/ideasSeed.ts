import { dayNumber, isoDay } from '@outfit/core';
import type { DemoIdea, DemoOwed } from '@outfit/demo';
import { randomUUID } from 'node:crypto';
import { Clock } from '../../platform/clock/index.js';
import { IdeasStore } from '../../ideas/index.js';

/** Ideas and promises a workspace opens with. */
export class IdeasSeed {
  constructor(
    private readonly store: IdeasStore,
    private readonly clock: Clock,
  ) {}

  /** Within the unit of work that fills the workspace. */
  open(ideas: readonly DemoIdea[], owed: readonly DemoOwed[], today: string): void {
    const addedAt = this.clock.now().toISOString();
    for (const row of ideas) this.store.insert('idea', { ...row, id: randomUUID(), figure: null, lineUp: null, addedAt, removedAt: null });
    for (const { inDays, ...row } of owed) {
      const dueOn = inDays === null ? null : isoDay(dayNumber(today) + inDays);
      this.store.insert('owed', { ...row, id: randomUUID(), dueOn, doneOn: null, addedAt, removedAt: null });
    }
  }
}
