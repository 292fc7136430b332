import { Injectable, type OnApplicationBootstrap } from '@nestjs/common';
import { Clock } from '../clock/index.js';
import { Database } from '../db/index.js';
import { notFound, Problem } from '../http/index.js';
import {
  type Change,
  ChangeLog,
  type Document,
  type Labels,
  type Line,
  type LineOf,
  meet,
  type Slice,
  type Subject,
  SUBJECTS,
  touchedFields,
} from '../log/index.js';
import { type ChangeDto, FIRST_LISTED, type NextStepsDto } from './history.dto.js';

const MOST_LABEL = 200;
/** What a deed of a file says it is about begins so. */
const FILE = 'import ';

/** What was done on the page of an item, for the log. */
export interface Deed extends LineOf {
  /** As the screen names it. */
  readonly label: string;
  readonly about?: string;
  /** What it changed, in the order it did; none where there is no way back. */
  readonly slices: readonly Slice[];
}

/** One thing that is put back, or done again. */
export interface Restoring {
  readonly item: string;
  /** The state it is put into; null where it is not to be there. */
  readonly to: Document | null;
  /** The state the deed it is about had left it in, or found it in. */
  readonly from: Document | null;
}

/** How things of a subject are put back. */
export interface Restorer {
  /**
   * Puts things of one deed into their states, all of them at once. Runs inside the unit of work; a refusal undoes it all. Only
   * what differs between `from` and `to` is put back: what was changed since and is none of it stays.
   */
  restore(things: readonly Restoring[]): void;
  /** What a slice touched of its item; the fields that differ, where nothing is said. */
  touched?(slice: Slice): readonly string[] | 'all';
}

/** Turns what a file brought, in a worker of the area; the sentence of what is in the way, or null. */
export type TurnFile = (change: number, kind: 'undo' | 'redo', at: string) => Promise<string | null>;

/**
 * Undo, redo, taking back one deed by itself, names for a state and *when did I decide that*: the same for everything a person
 * changes. Areas record their deeds in slices and register how each kind of slice is put back.
 */
@Injectable()
export class HistoryService implements OnApplicationBootstrap {
  private readonly restorers = new Map<Subject, Restorer>();
  private readonly files = new Map<Line, TurnFile>();
  private readonly log: ChangeLog;

  constructor(
    private readonly database: Database,
    private readonly clock: Clock,
  ) {
    this.log = new ChangeLog(this.database);
  }

  /** A kind of slice that nobody can put back is found when Outfit starts, and not when somebody undoes. */
  onApplicationBootstrap(): void {
    const forgotten = (Object.keys(SUBJECTS) as Subject[]).filter((subject) => !this.restorers.has(subject));
    if (forgotten.length > 0) throw new Error(`nobody registered how these are put back: ${forgotten.join(', ')}`);
  }

  /** Says how things of a subject are put back. */
  register(subject: Subject, restorer: Restorer): void {
    if (this.restorers.has(subject)) throw new Error(`two say how a ${subject} is put back`);
    this.restorers.set(subject, restorer);
  }

  /** Says how what a file brought to a line goes back and comes again: it may be many thousand rows, and holds nobody up. */
  registerFiles(line: Line, turn: TurnFile): void {
    this.files.set(line, turn);
  }

  /** Writes a deed down, within the unit of work that does it. Its number. */
  record({ about, label, ...deed }: Deed): number {
    this.database.assertWriting();
    return this.log.edit({ ...deed, label: label.slice(0, MOST_LABEL), about: about ?? null, at: this.now() });
  }

  /** Names a state as it stands, to come back to; within a unit of work. */
  snapshot(of: LineOf, label: string, subject: Subject, state: Document): void {
    this.database.assertWriting();
    const slices = [{ subject, item: of.item, before: state, after: state }];
    this.log.snapshot({ ...of, label, about: null, slices, at: this.now() });
  }

  /** The same as a unit of work of its own; what a file brought is turned in a worker. */
  async stepNow(of: LineOf, kind: 'undo' | 'redo'): Promise<string> {
    const target = this.log.endsOf(of)[kind];
    return (await this.turnFile(target, kind)) ?? this.database.write<string>(() => this.step(of, kind));
  }

  /** Takes one deed back by itself, as a unit of work of its own. */
  async takeBackNow(of: LineOf, id: number): Promise<string> {
    const { kind } = this.past(of, id);
    const isFile = kind === 'edit' && this.log.stands(id);
    return ((isFile && (await this.turnFile(id, 'undo'))) || null) ?? this.database.write<string>(() => this.takeBack(of, id));
  }

  /** Takes back the last edit that stands, or brings back the last one taken back, within a unit of work. Returns its label. */
  step(of: LineOf, kind: 'undo' | 'redo'): string {
    this.database.assertWriting();
    const target = this.log.endsOf(of)[kind];
    const edit = target === null ? null : this.log.change(target);
    if (!edit) throw new Problem(409, kind === 'undo' ? 'There is nothing to undo.' : 'There is nothing to redo.');
    this.turn(edit, kind);
    return edit.label;
  }

  /** Takes back one deed of a line by itself, wherever in it that stands; within a unit of work. Returns its label. */
  takeBack(of: LineOf, id: number): string {
    this.database.assertWriting();
    const edit = this.past(of, id);
    if (edit.kind !== 'edit') throw new Problem(409, `“${edit.label}” changed nothing by itself. There is nothing to take back.`);
    if (!this.log.stands(id)) throw new Problem(409, `“${edit.label}” does not stand any more. There is nothing to take back.`);
    this.turn(edit, 'undo');
    return edit.label;
  }

  /** A change of a line by its number. */
  past(of: LineOf, id: number): Change {
    const change = this.log.change(id);
    if (!change || !this.log.isIn(id, of)) throw notFound('change', String(id));
    return change;
  }

  /** The state a change left a thing in; null where it was none of what it changed. An undo left it as the edit had found it. */
  stateAfter({ id, kind, refersTo }: Change, subject: Subject): Document | null {
    const slice = this.log.slicesOf(refersTo ?? id).find((own) => own.subject === subject);
    return (kind === 'undo' ? slice?.before : slice?.after) ?? null;
  }

  /** The last changes of a line, at most so many. */
  list(of: LineOf, most = FIRST_LISTED): ChangeDto[] {
    return this.log.list(of, most).map((row) => ({ ...row }));
  }

  next(of: LineOf): NextStepsDto {
    const { undo, redo } = this.labels(of.line, [of.item]).get(of.item) ?? { undo: null, redo: null };
    return { undo, redo };
  }

  /** What Undo and Redo would say, for many items of a line at once. */
  labels(line: Line, items: readonly string[]): ReadonlyMap<string, Labels> {
    return this.log.labelsOf(line, items);
  }

  /** Does the history of looks name a variant, so that undo could bring it back? */
  isPartOfALook(variant: string): boolean {
    return this.log.isPartOfALook(variant);
  }

  /** Turns a deed that is a file's; null for any other. */
  private async turnFile(id: number | null, kind: 'undo' | 'redo'): Promise<string | null> {
    const edit = id === null ? null : this.log.change(id);
    const turn = edit?.about?.startsWith(FILE) ? this.files.get(edit.line) : undefined;
    if (!edit || !turn) return null;
    const refused = await turn(edit.id, kind, this.now());
    if (refused !== null) throw new Problem(409, refused);
    return edit.label;
  }

  private turn(edit: Change, kind: 'undo' | 'redo'): void {
    const slices = this.log.slicesOf(edit.id);
    this.refuseLater(edit, slices);
    const inOrder = kind === 'undo' ? [...slices].reverse() : slices;
    for (const group of together(inOrder))
      this.restorerOf(group.subject).restore(
        group.slices.map(({ item, before, after }) =>
          kind === 'undo' ? { item, to: before, from: after } : { item, to: after, from: before },
        ),
      );
    if (kind === 'undo') this.log.undone(edit, this.now());
    else this.log.redone(edit, this.now());
  }

  /** A later deed that touched the same would be undone with it: it is named, and goes first. */
  private refuseLater({ id }: Change, slices: readonly Slice[]): void {
    for (const slice of slices) {
      const touched = this.touchedBy(slice);
      if (touched.length === 0) continue;
      const later = this.log.laterThan(id, slice).find((other) => meet(touched, this.touchedBy(other)));
      if (later)
        throw new Problem(409, `“${later.label}” was done since, and changed the same. Take that back first; nothing was changed.`);
    }
  }

  private touchedBy(slice: Slice): readonly string[] | 'all' {
    return this.restorerOf(slice.subject).touched?.(slice) ?? touchedFields(slice);
  }

  private restorerOf(subject: Subject): Restorer {
    const restorer = this.restorers.get(subject);
    if (!restorer) throw new Error(`nobody knows how to put back a ${subject}`);
    return restorer;
  }

  private now(): string {
    return this.clock.now().toISOString();
  }
}

/** Slices that follow each other and are of one subject are put back together. */
function together(slices: readonly Slice[]): readonly { readonly subject: Subject; readonly slices: readonly Slice[] }[] {
  const groups: { subject: Subject; slices: Slice[] }[] = [];
  for (const slice of slices) {
    const last = groups.at(-1);
    if (last?.subject === slice.subject) last.slices.push(slice);
    else groups.push({ subject: slice.subject, slices: [slice] });
  }
  return groups;
}
