import type { Tables } from '../sqlite/index.js';
import { type Change, type LineOf, type Slice, SUBJECTS } from './change.js';
import { ChangeEntity, ChangeLineEntity, SliceEntity, StandingEntity, UndoneEntity } from './log.entities.js';

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
  /** Does it keep the whole state of what the line is about, so that one can go back to it? */
  readonly isWhole: boolean;
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

/** A look is kept whole, or by the spots of it that changed. */
const PARTS_OF_LOOKS = (['before', 'after'] as const)
  .flatMap((side) => (['$.parts', '$.spots'] as const).map((path) => [side, path] as const))
  .map(
    ([side, path]) =>
      `SELECT json_extract(part.value, '$.variant') AS variant FROM slice, json_each(COALESCE(slice.${side}, '{}'), '${path}') AS part WHERE slice.subject = 'look'`,
  )
  .join(' UNION ALL ');

const changeOf = ({ subject, ...row }: ChangeEntity): Change => ({ line: subject, ...row });

/**
 * The append-only log of everything a person changes, in its tables: deeds, and for each what it changed, slice by slice. A deed
 * stands in the line of the page it was done on and in the lines of what it changed. What stands in a line, and what was taken
 * back there, is kept beside the log, so that nothing is found by reading a line from its beginning. Rows are appended within the
 * caller's unit of work; triggers refuse changing or removing one. It also serves in workers.
 */
export class ChangeLog {
  constructor(private readonly tables: Tables) {}

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
    this.tables.table(StandingEntity).delete({ change: edit.id });
    this.tables.table(UndoneEntity).insertAll(lines.map(({ line, item }) => ({ subject: line, item, turn: id, change: edit.id })));
    return id;
  }

  /** Notes that an edit was done again. */
  redone(edit: Change, at: string): number {
    const lines = this.linesOf(edit.id);
    const id = this.append({ ...edit, kind: 'redo', refersTo: edit.id, at }, lines);
    this.tables.table(UndoneEntity).delete({ change: edit.id });
    this.stand(edit.id, lines);
    return id;
  }

  change(id: number): Change | null {
    const row = this.tables.table(ChangeEntity).first({ id });
    return row && changeOf(row);
  }

  /** Does a change stand in a line? */
  isIn(id: number, { line, item }: LineOf): boolean {
    return this.tables.table(ChangeLineEntity).has({ subject: line, item, change: id });
  }

  /** Does an edit stand? */
  stands(id: number): boolean {
    return this.tables.table(StandingEntity).has({ change: id });
  }

  /** What an edit changed, in the order it was done in. */
  slicesOf(change: number): readonly Slice[] {
    const rows = this.tables.table(SliceEntity).find({ where: { change }, order: { id: 'ASC' } });
    return rows.map(({ subject, item, before, after }) => ({ subject, item, before, after }));
  }

  /** What later deeds that stand changed of one thing, the first first. */
  laterThan(change: number, { subject, item }: Pick<Slice, 'subject' | 'item'>): readonly LaterSlice[] {
    const rows = this.tables
      .table(SliceEntity)
      .select(
        `WHERE subject = ? AND item = ? AND change > ? AND EXISTS (SELECT 1 FROM standing WHERE standing.change = slice.change) ORDER BY change`,
        subject,
        item,
        change,
      );
    return rows.map(({ id: _, ...slice }) => ({ ...slice, label: this.change(slice.change)?.label ?? '' }));
  }

  /** The first later deed that stands and touched any of the things an edit changed; null where none did. */
  laterLabelOf(change: number): string | null {
    const label = this.tables
      .prepare<string>(
        `SELECT (SELECT label FROM change WHERE id = later.change) FROM slice AS mine
         JOIN slice AS later ON later.subject = mine.subject AND later.item = mine.item AND later.change > mine.change
        WHERE mine.change = ? AND mine.subject NOT IN ('entry', 'place') AND EXISTS (SELECT 1 FROM standing WHERE standing.change = later.change)
        ORDER BY later.change LIMIT 1`,
      )
      .pluck()
      .get(change);
    return label ?? null;
  }

  /** What Undo and Redo are about in a line. */
  endsOf({ line, item }: LineOf): Ends {
    const where = { subject: line, item };
    const [undo] = this.tables.table(StandingEntity).find({ where, order: { change: 'DESC' }, take: 1 });
    const [redo] = this.tables.table(UndoneEntity).find({ where, order: { turn: 'DESC' }, take: 1 });
    return { undo: undo?.change ?? null, redo: redo?.change ?? null };
  }

  /** The last row of a line; 0 when nothing was ever done there. */
  lastOf({ line, item }: LineOf): number {
    const [last] = this.tables.table(ChangeLineEntity).find({ where: { subject: line, item }, order: { change: 'DESC' }, take: 1 });
    return last?.change ?? 0;
  }

  /** What Undo and Redo would say, for many items of a line at once. */
  labelsOf(line: LineOf['line'], items: readonly string[]): ReadonlyMap<string, Labels> {
    const rows = this.tables
      .prepare<Labels & { item: string }>(
        `SELECT asked.value AS item,
         (SELECT label FROM change WHERE id = (SELECT MAX(change) FROM standing WHERE subject = @line AND item = asked.value)) AS undo,
         (SELECT label FROM change WHERE id = (SELECT change FROM undone WHERE subject = @line AND item = asked.value ORDER BY turn DESC LIMIT 1)) AS redo
         FROM json_each(@items) AS asked`,
      )
      .all({ line, items: JSON.stringify(items) });
    return new Map(rows.map(({ item, undo, redo }) => [item, { undo, redo }]));
  }

  /** The rows of a line, the newest first. */
  list({ line, item }: LineOf, most: number): readonly ListedChange[] {
    const rows = this.tables
      .prepare<Omit<ListedChange, 'stands' | 'isWhole'> & { stands: number; isWhole: number }>(
        `SELECT change.id, at, kind, label, about, EXISTS (SELECT 1 FROM standing WHERE standing.change = change.id) AS stands,
           EXISTS (SELECT 1 FROM slice WHERE slice.change = COALESCE(change.refersTo, change.id) AND slice.subject = change_line.subject
             AND slice.item = change_line.item AND json_type(COALESCE(slice.after, slice.before), '$.spots') IS NULL) AS isWhole
         FROM change_line JOIN change ON change.id = change_line.change WHERE change_line.subject = ? AND change_line.item = ?
         ORDER BY change_line.change DESC LIMIT ?`,
      )
      .all(line, item, most);
    return rows.map(({ stands, isWhole, ...row }) => ({ ...row, stands: stands === 1, isWhole: isWhole === 1 }));
  }

  /** Is a part named anywhere in what the log keeps of looks? */
  isPartOfALook(variant: string): boolean {
    return this.tables.prepare<number>(`SELECT EXISTS (SELECT 1 FROM (${PARTS_OF_LOOKS}) WHERE variant = ?)`).pluck().get(variant) === 1;
  }

  /** The parts that the log keeps of looks, so that undo could bring them back. */
  partsOfLooks(): readonly string[] {
    return this.tables.prepare<string>(`SELECT DISTINCT variant FROM (${PARTS_OF_LOOKS}) WHERE variant IS NOT NULL`).pluck().all();
  }

  private linesOf(change: number): readonly LineOf[] {
    const rows = this.tables.table(ChangeLineEntity).find({ where: { change } });
    return rows.map(({ subject, item }) => ({ line: subject, item }));
  }

  private stand(change: number, lines: readonly LineOf[]): void {
    this.tables.table(StandingEntity).insertAll(lines.map(({ line, item }) => ({ subject: line, item, change })));
  }

  /** An edit that can no longer be done again in one line cannot be in its others. */
  private forgetUndone({ line, item }: LineOf): void {
    const table = this.tables.table(UndoneEntity);
    const gone = table.find({ where: { subject: line, item } });
    if (gone.length > 0) table.delete({ change: gone.map(({ change }) => change) });
  }

  private cut(change: number, slices: readonly Slice[]): void {
    this.tables.table(SliceEntity).insertAll(slices.map(({ subject, item, before, after }) => ({ change, subject, item, before, after })));
  }

  private append({ line, ...row }: Omit<Change, 'id'>, lines: readonly LineOf[]): number {
    const { at, item, kind, label, about, refersTo } = row;
    const id = this.tables.table(ChangeEntity).insert({ at, subject: line, item, kind, label, about, refersTo });
    this.tables.table(ChangeLineEntity).insertAll(lines.map((own) => ({ subject: own.line, item: own.item, change: id })));
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
