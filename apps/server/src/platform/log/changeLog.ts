import type { ChangeKind } from '@outfit/core';
import type { Prepare } from '../sqlite/index.js';
import type { Change, Subject } from './change.js';

/** The edits that Undo and Redo would be about; null when there is nothing. */
export interface Ends {
  readonly undo: number | null;
  readonly redo: number | null;
}

export interface Labels {
  readonly undo: string | null;
  readonly redo: string | null;
}

export type ListedChange = Pick<Change, 'id' | 'at' | 'kind' | 'label' | 'about'>;

type NewRow = Omit<Change, 'id'>;
type StoredChange = Omit<Change, 'before' | 'after'> & { readonly before: string | null; readonly after: string | null };

const documentOf = (text: string | null): unknown => (text === null ? null : (JSON.parse(text) as unknown));
const textOf = (document: unknown): string | null => (document === null || document === undefined ? null : JSON.stringify(document));

/**
 * The append-only log of everything a person changes, in its table. Every row keeps what Undo and Redo are about once it
 * stands, so nothing is found by reading a line from its beginning. Rows are appended within the caller's unit of work;
 * triggers refuse changing or removing one.
 */
export class ChangeLog {
  constructor(private readonly prepare: Prepare) {}

  /** Adds an edit. Whatever had been undone before can no longer be redone. */
  edit(row: Omit<NewRow, 'kind' | 'refersTo'>): number {
    // What cannot be gone back from is passed over: Undo still means the edit before it.
    const isFinal = row.before === null && row.after === null;
    return this.append({ ...row, kind: 'edit', refersTo: null }, (id) =>
      isFinal ? this.endsOf(row.subject, row.item) : { undo: id, redo: null },
    );
  }

  /** Names a state as it stands. */
  snapshot(row: Omit<NewRow, 'kind' | 'refersTo'>): number {
    return this.append({ ...row, kind: 'snapshot', refersTo: null }, () => this.endsOf(row.subject, row.item));
  }

  /** Notes that an edit was taken back: Undo then means the edit before it. */
  undone(edit: Change, at: string): number {
    return this.append(this.turned(edit, 'undo', at), () => ({ undo: this.endsOf(edit.subject, edit.item, edit.id).undo, redo: edit.id }));
  }

  /** Notes that an edit was done again: Redo then means what it meant before the edit was last taken back. */
  redone(edit: Change, at: string): number {
    return this.append(this.turned(edit, 'redo', at), () => {
      const undone = this.prepare(`SELECT MAX(id) FROM change WHERE refersTo = ? AND kind = 'undo'`).pluck().get(edit.id) as number | null;
      return { undo: edit.id, redo: undone === null ? null : this.endsOf(edit.subject, edit.item, undone).redo };
    });
  }

  change(id: number): Change | null {
    const row = this.prepare('SELECT id, at, subject, item, kind, label, about, refersTo, before, after FROM change WHERE id = ?').get(
      id,
    ) as StoredChange | undefined;
    return row ? { ...row, before: documentOf(row.before), after: documentOf(row.after) } : null;
  }

  /** What Undo and Redo are about after the last row of an item, or after the last one before `before`. */
  endsOf(subject: Subject, item: string, before = Number.MAX_SAFE_INTEGER): Ends {
    const row = this.prepare('SELECT undo, redo FROM change WHERE subject = ? AND item = ? AND id < ? ORDER BY id DESC LIMIT 1').get(
      subject,
      item,
      before,
    ) as Ends | undefined;
    return row ?? { undo: null, redo: null };
  }

  /** The last row of an item; 0 when nothing was ever done to it. */
  lastOf(subject: Subject, item: string): number {
    return (
      (this.prepare('SELECT MAX(id) AS last FROM change WHERE subject = ? AND item = ?').pluck().get(subject, item) as number | null) ?? 0
    );
  }

  /** What Undo and Redo would say, for many items at once. */
  labelsOf(subject: Subject, items: readonly string[]): ReadonlyMap<string, Labels> {
    const rows = this.prepare(
      `SELECT asked.value AS item, (SELECT label FROM change WHERE id = last.undo) AS undo, (SELECT label FROM change WHERE id = last.redo) AS redo
         FROM json_each(?) AS asked
         JOIN change AS last ON last.id = (SELECT MAX(id) FROM change WHERE subject = ? AND item = asked.value)`,
    ).all(JSON.stringify(items), subject) as (Labels & { readonly item: string })[];
    return new Map(rows.map(({ item, undo, redo }) => [item, { undo, redo }]));
  }

  /** The rows of an item, the newest first. */
  list(subject: Subject, item: string, most: number): readonly ListedChange[] {
    return this.prepare('SELECT id, at, kind, label, about FROM change WHERE subject = ? AND item = ? ORDER BY id DESC LIMIT ?').all(
      subject,
      item,
      most,
    ) as ListedChange[];
  }

  /** Is a text named anywhere in the states of a subject's rows? `path` is where in a state its names are, as JSON path. */
  isNamedIn(subject: Subject, path: string, key: string, name: string): boolean {
    return (
      this.prepare(
        `SELECT EXISTS (SELECT 1 FROM change, json_each(COALESCE(change.before, '{}'), ?) AS part WHERE change.subject = ? AND json_extract(part.value, ?) = ?)
             OR EXISTS (SELECT 1 FROM change, json_each(COALESCE(change.after, '{}'), ?) AS part WHERE change.subject = ? AND json_extract(part.value, ?) = ?)`,
      )
        .pluck()
        .get(path, subject, key, name, path, subject, key, name) === 1
    );
  }

  private turned(edit: Change, kind: Extract<ChangeKind, 'undo' | 'redo'>, at: string): NewRow {
    const [before, after] = kind === 'undo' ? [edit.after, edit.before] : [edit.before, edit.after];
    return { at, subject: edit.subject, item: edit.item, kind, label: edit.label, about: edit.about, refersTo: edit.id, before, after };
  }

  private append(row: NewRow, endsOf: (id: number) => Ends): number {
    const id = 1 + ((this.prepare(`SELECT seq FROM sqlite_sequence WHERE name = 'change'`).pluck().get() as number | undefined) ?? 0);
    const { undo, redo } = endsOf(id);
    const { at, subject, item, kind, label, about, refersTo, before, after } = row;
    this.prepare(
      `INSERT INTO change (id, at, subject, item, kind, label, about, refersTo, undo, redo, before, after) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    ).run(id, at, subject, item, kind, label, about, refersTo, undo, redo, textOf(before), textOf(after));
    return id;
  }
}
