import type { Prepare } from '../sqlite/index.js';
import { type Change, type Document, type LineOf, type Slice, type Subject, SUBJECTS } from './change.js';

/** The edits that Undo and Redo would be about; null when there is nothing. */
export interface Ends {
  readonly undo: number | null;
  readonly redo: number | null;
}

export interface Labels {
  readonly undo: string | null;
  readonly redo: string | null;
}

export type ListedChange = Pick<Change, 'id' | 'at' | 'kind' | 'label' | 'about'> & {
  /** Is it an edit that stands, and could be taken back? */
  readonly stands: boolean;
};

/** A deed as it is written down: where it was done, and what it changed. */
export interface NewDeed extends LineOf {
  readonly at: string;
  readonly label: string;
  readonly about: string | null;
  /** In the order they were done in. None for what cannot be gone back from. */
  readonly slices: readonly Slice[];
}

/** A slice of a later deed that stands. */
export interface LaterSlice extends Slice {
  readonly change: number;
  readonly label: string;
}

interface StoredSlice {
  readonly change: number;
  readonly label: string;
  readonly subject: Subject;
  readonly item: string;
  readonly before: string | null;
  readonly after: string | null;
}

const COLUMNS = 'id, at, subject AS line, item, kind, label, about, refersTo';

/** A look is kept whole, or by the spots of it that changed. */
const PARTS_OF_LOOKS = (['before', 'after'] as const)
  .flatMap((side) => (['$.parts', '$.spots'] as const).map((path) => [side, path] as const))
  .map(
    ([side, path]) =>
      `SELECT json_extract(part.value, '$.variant') AS variant FROM slice, json_each(COALESCE(slice.${side}, '{}'), '${path}') AS part WHERE slice.subject = 'look'`,
  )
  .join(' UNION ALL ');

const documentOf = (text: string | null): Document | null => (text === null ? null : (JSON.parse(text) as Document));
const textOf = (document: Document | null): string | null => (document === null ? null : JSON.stringify(document));
const sliceOf = <T extends StoredSlice>({ before, after, ...row }: T) => ({ ...row, before: documentOf(before), after: documentOf(after) });

/**
 * The append-only log of everything a person changes, in its tables: deeds, and for each what it changed, slice by slice. A deed
 * stands in the line of the page it was done on and in the lines of what it changed. What stands in a line, and what was taken
 * back there, is kept beside the log, so that nothing is found by reading a line from its beginning. Rows are appended within the
 * caller's unit of work; triggers refuse changing or removing one. It also serves in workers.
 */
export class ChangeLog {
  constructor(private readonly prepare: Prepare) {}

  /** Adds an edit. Whatever had been taken back before in its lines can no longer be done again. */
  edit({ slices, ...row }: NewDeed): number {
    const lines = linesOf(row, slices);
    const id = this.append({ ...row, kind: 'edit', refersTo: null }, lines);
    this.cut(id, slices);
    // What cannot be gone back from is passed over: Undo still means the edit before it.
    if (slices.length === 0) return id;
    for (const line of lines) this.forgetUndone(line);
    this.stand(id, lines);
    return id;
  }

  /** Names a state as it stands, to come back to. */
  snapshot({ slices, ...row }: NewDeed): number {
    const id = this.append({ ...row, kind: 'snapshot', refersTo: null }, linesOf(row, slices));
    this.cut(id, slices);
    return id;
  }

  /** Notes that an edit was taken back. */
  undone(edit: Change, at: string): number {
    const lines = this.linesOf(edit.id);
    const id = this.append({ ...edit, kind: 'undo', refersTo: edit.id, at }, lines);
    this.prepare('DELETE FROM standing WHERE change = ?').run(edit.id);
    const keep = this.prepare('INSERT INTO undone (subject, item, turn, change) VALUES (?, ?, ?, ?)');
    for (const { line, item } of lines) keep.run(line, item, id, edit.id);
    return id;
  }

  /** Notes that an edit was done again. */
  redone(edit: Change, at: string): number {
    const lines = this.linesOf(edit.id);
    const id = this.append({ ...edit, kind: 'redo', refersTo: edit.id, at }, lines);
    this.prepare('DELETE FROM undone WHERE change = ?').run(edit.id);
    this.stand(edit.id, lines);
    return id;
  }

  change(id: number): Change | null {
    return (this.prepare(`SELECT ${COLUMNS} FROM change WHERE id = ?`).get(id) as Change | undefined) ?? null;
  }

  /** Does a change stand in a line? */
  isIn(id: number, { line, item }: LineOf): boolean {
    return this.prepare('SELECT 1 FROM change_line WHERE subject = ? AND item = ? AND change = ?').get(line, item, id) !== undefined;
  }

  /** Does an edit stand? */
  stands(id: number): boolean {
    return this.prepare('SELECT 1 FROM standing WHERE change = ? LIMIT 1').get(id) !== undefined;
  }

  /** What an edit changed, in the order it was done in. */
  slicesOf(change: number): readonly Slice[] {
    const rows = this.prepare('SELECT subject, item, before, after FROM slice WHERE change = ? ORDER BY id').all(change) as StoredSlice[];
    return rows.map(sliceOf);
  }

  /** What later deeds that stand changed of one thing, the first first. */
  laterThan(change: number, { subject, item }: Pick<Slice, 'subject' | 'item'>): readonly LaterSlice[] {
    const rows = this.prepare(
      `SELECT slice.change, change.label, slice.subject, slice.item, slice.before, slice.after FROM slice JOIN change ON change.id = slice.change
        WHERE slice.subject = ? AND slice.item = ? AND slice.change > ? AND EXISTS (SELECT 1 FROM standing WHERE standing.change = slice.change)
        ORDER BY slice.change`,
    ).all(subject, item, change) as StoredSlice[];
    return rows.map(sliceOf);
  }

  /** The first later deed that stands and touched any of the things an edit changed; null where none did. */
  laterLabelOf(change: number): string | null {
    const label = this.prepare(
      `SELECT (SELECT label FROM change WHERE id = later.change) FROM slice AS mine
         JOIN slice AS later ON later.subject = mine.subject AND later.item = mine.item AND later.change > mine.change
        WHERE mine.change = ? AND mine.subject NOT IN ('entry', 'place') AND EXISTS (SELECT 1 FROM standing WHERE standing.change = later.change)
        ORDER BY later.change LIMIT 1`,
    )
      .pluck()
      .get(change) as string | undefined;
    return label ?? null;
  }

  /** What Undo and Redo are about in a line. */
  endsOf({ line, item }: LineOf): Ends {
    const undo = this.prepare('SELECT MAX(change) FROM standing WHERE subject = ? AND item = ?').pluck().get(line, item) as number | null;
    const redo = this.prepare('SELECT change FROM undone WHERE subject = ? AND item = ? ORDER BY turn DESC LIMIT 1')
      .pluck()
      .get(line, item) as number | undefined;
    return { undo, redo: redo ?? null };
  }

  /** The last row of a line; 0 when nothing was ever done there. */
  lastOf({ line, item }: LineOf): number {
    const last = this.prepare('SELECT MAX(change) FROM change_line WHERE subject = ? AND item = ?').pluck().get(line, item) as
      number | null;
    return last ?? 0;
  }

  /** What Undo and Redo would say, for many items of a line at once. */
  labelsOf(line: LineOf['line'], items: readonly string[]): ReadonlyMap<string, Labels> {
    const rows = this.prepare(
      `SELECT asked.value AS item,
         (SELECT label FROM change WHERE id = (SELECT MAX(change) FROM standing WHERE subject = @line AND item = asked.value)) AS undo,
         (SELECT label FROM change WHERE id = (SELECT change FROM undone WHERE subject = @line AND item = asked.value ORDER BY turn DESC LIMIT 1)) AS redo
         FROM json_each(@items) AS asked`,
    ).all({ line, items: JSON.stringify(items) }) as (Labels & { readonly item: string })[];
    return new Map(rows.map(({ item, undo, redo }) => [item, { undo, redo }]));
  }

  /** The rows of a line, the newest first. */
  list({ line, item }: LineOf, most: number): readonly ListedChange[] {
    const rows = this.prepare(
      `SELECT change.id, at, kind, label, about, EXISTS (SELECT 1 FROM standing WHERE standing.change = change.id) AS stands
         FROM change_line JOIN change ON change.id = change_line.change WHERE change_line.subject = ? AND change_line.item = ?
         ORDER BY change_line.change DESC LIMIT ?`,
    ).all(line, item, most) as (Omit<ListedChange, 'stands'> & { readonly stands: number })[];
    return rows.map(({ stands, ...row }) => ({ ...row, stands: stands === 1 }));
  }

  /** Is a part named anywhere in what the log keeps of looks? */
  isPartOfALook(variant: string): boolean {
    return this.prepare(`SELECT EXISTS (SELECT 1 FROM (${PARTS_OF_LOOKS}) WHERE variant = ?)`).pluck().get(variant) === 1;
  }

  /** The parts that the log keeps of looks, so that undo could bring them back. */
  partsOfLooks(): readonly string[] {
    return this.prepare(`SELECT DISTINCT variant FROM (${PARTS_OF_LOOKS}) WHERE variant IS NOT NULL`).pluck().all() as string[];
  }

  private linesOf(change: number): readonly LineOf[] {
    return this.prepare('SELECT subject AS line, item FROM change_line WHERE change = ?').all(change) as LineOf[];
  }

  private stand(change: number, lines: readonly LineOf[]): void {
    const keep = this.prepare('INSERT INTO standing (subject, item, change) VALUES (?, ?, ?)');
    for (const { line, item } of lines) keep.run(line, item, change);
  }

  /** An edit that can no longer be done again in one line cannot be in its others. */
  private forgetUndone({ line, item }: LineOf): void {
    this.prepare('DELETE FROM undone WHERE change IN (SELECT change FROM undone WHERE subject = ? AND item = ?)').run(line, item);
  }

  private cut(change: number, slices: readonly Slice[]): void {
    const cut = this.prepare('INSERT INTO slice (change, subject, item, before, after) VALUES (?, ?, ?, ?, ?)');
    for (const { subject, item, before, after } of slices) cut.run(change, subject, item, textOf(before), textOf(after));
  }

  private append({ at, line, item, kind, label, about, refersTo }: Omit<Change, 'id'>, lines: readonly LineOf[]): number {
    const { lastInsertRowid } = this.prepare(
      'INSERT INTO change (at, subject, item, kind, label, about, refersTo) VALUES (?, ?, ?, ?, ?, ?, ?)',
    ).run(at, line, item, kind, label, about, refersTo);
    const id = Number(lastInsertRowid);
    const stand = this.prepare('INSERT INTO change_line (subject, item, change) VALUES (?, ?, ?)');
    for (const own of lines) stand.run(own.line, own.item, id);
    return id;
  }
}

/** The lines a deed stands in: that of the page it was done on, and those of what it changed. */
function linesOf({ line, item }: LineOf, slices: readonly Slice[]): readonly LineOf[] {
  const lines = new Map([[`${line} ${item}`, { line, item }]]);
  for (const slice of slices) {
    const own = SUBJECTS[slice.subject];
    if (own !== null) lines.set(`${own} ${slice.item}`, { line: own, item: slice.item });
  }
  return [...lines.values()];
}
