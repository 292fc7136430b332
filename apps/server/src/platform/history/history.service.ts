import { Injectable } from '@nestjs/common';
import { Clock } from '../clock/index.js';
import { Database } from '../db/index.js';
import { notFound, Problem } from '../http/index.js';
import { type Change, ChangeLog, type Labels, type Subject } from '../log/index.js';
import type { ChangeDto, NextStepsDto } from './history.dto.js';

const MOST_LISTED = 500;

/** What was done to an item, for the log. */
export type Deed = Pick<Change, 'subject' | 'item' | 'label' | 'before' | 'after'> & { readonly about?: string };

/** How a subject is put back into a state it was in. Runs inside the unit of work; a refusal undoes it all. */
export type Restore = (item: string, to: unknown, from: unknown) => void;

/**
 * Undo, redo, names for a state and *when did I decide that*: the same for everything a person changes. Areas record their
 * deeds and say how a state is put back.
 */
@Injectable()
export class HistoryService {
  private readonly restorers = new Map<Subject, Restore>();
  private readonly log: ChangeLog;

  constructor(
    private readonly database: Database,
    private readonly clock: Clock,
  ) {
    this.log = new ChangeLog((sql) => this.database.prepare(sql));
  }

  /** Says how items of a subject are put back. */
  register(subject: Subject, restore: Restore): void {
    this.restorers.set(subject, restore);
  }

  /** Writes a deed down, within the unit of work that does it. */
  record({ about, ...deed }: Deed): void {
    this.database.assertWriting();
    this.log.edit({ ...deed, about: about ?? null, at: this.now() });
  }

  /** Names a state as it stands, to come back to; within a unit of work. */
  snapshot(subject: Subject, item: string, label: string, state: unknown): void {
    this.database.assertWriting();
    this.log.snapshot({ subject, item, label, about: null, before: state, after: state, at: this.now() });
  }

  /** Takes back the last edit that stands, or brings back the last one taken back, within a unit of work. Returns its label. */
  step(subject: Subject, item: string, kind: 'undo' | 'redo'): string {
    this.database.assertWriting();
    const target = this.log.endsOf(subject, item)[kind];
    const edit = target === null ? null : this.log.change(target);
    if (!edit) throw new Problem(409, kind === 'undo' ? 'There is nothing to undo.' : 'There is nothing to redo.');
    const restore = this.restorers.get(subject);
    if (!restore) throw new Error(`nobody knows how to put back a ${subject}`);
    if (kind === 'undo') {
      restore(item, edit.before, edit.after);
      this.log.undone(edit, this.now());
    } else {
      restore(item, edit.after, edit.before);
      this.log.redone(edit, this.now());
    }
    return edit.label;
  }

  /** A change of an item by its number. */
  past(subject: Subject, item: string, id: number): Change {
    const change = this.log.change(id);
    if (change?.subject !== subject || change.item !== item) throw notFound('change', String(id));
    return change;
  }

  list(subject: Subject, item: string): ChangeDto[] {
    return this.log.list(subject, item, MOST_LISTED).map((row) => ({ ...row }));
  }

  next(subject: Subject, item: string): NextStepsDto {
    const { undo, redo } = this.labels(subject, [item]).get(item) ?? { undo: null, redo: null };
    return { undo, redo };
  }

  /** What Undo and Redo would say, for many items at once. */
  labels(subject: Subject, items: readonly string[]): ReadonlyMap<string, Labels> {
    return this.log.labelsOf(subject, items);
  }

  /** Does the history of looks name a variant, so that undo could bring it back? */
  isPartOfALook(variant: string): boolean {
    return this.log.isNamedIn('look', '$.parts', '$.variant', variant);
  }

  private now(): string {
    return this.clock.now().toISOString();
  }
}
