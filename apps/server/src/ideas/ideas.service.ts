import { Injectable } from '@nestjs/common';
import { creditOf } from '@outfit/core/ideas';
import { readPoll } from '@outfit/formats';
import { randomUUID } from 'node:crypto';
import { CatalogueService } from '../catalogue/index.js';
import { DueDays, FiguresService, FiguresStore } from '../figures/index.js';
import { BinService } from '../platform/bin/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import { type Document, fieldsBetween, type Slice } from '../platform/log/index.js';
import { Problem, refuseStale } from '../platform/http/index.js';
import { type Agreement, type ImportReportDto, orRefuse } from '../platform/importing/index.js';
import { LiveService } from '../platform/live/index.js';
import { WardrobePicturesService } from '../wardrobe/index.js';
import { becomingOf } from './becoming.js';
import type { NewIdeaDto, NewOwedDto } from './ideas.dto.js';
import type { IdeaEntity, OwedEntity } from './ideas.entities.js';
import { IdeasStore } from './ideas.store.js';

const MOST = 5000;
/** As long as names and credits of briefs may be. */
const MOST_NAME = 80;
const MOST_CREDIT = 120;
/** Ideas are one item of the history: they lie on one page. */
const ALL = 'all';

type Kept = 'idea' | 'owed';

/** What a deed changed of ideas and of what is owed. */
interface IdeasState {
  readonly idea?: Readonly<Record<string, Partial<IdeaEntity>>>;
  readonly owed?: Readonly<Record<string, Partial<OwedEntity>>>;
  readonly polls?: Readonly<Record<string, readonly { readonly idea: string; readonly voter: string }[]>>;
}

type Vote = NonNullable<IdeasState['polls']>[string][number];

/** The same as slices of the history. A poll's votes are its one field. */
function slicesOf(before: IdeasState, after: IdeasState): readonly Slice[] {
  const each = <T extends object>(subject: 'idea' | 'owed', was: Readonly<Record<string, T>> = {}, is: Readonly<Record<string, T>> = {}) =>
    Object.entries(is).map(([item, state]): Slice => ({
      subject,
      item,
      before: { ...was[item] } as Document,
      after: { ...state } as Document,
    }));
  const polls = Object.entries(after.polls ?? {}).map(([item, votes]): Slice => ({
    subject: 'poll',
    item,
    before: { votes: before.polls?.[item] ?? [] },
    after: { votes },
  }));
  return [...each('idea', before.idea, after.idea), ...each('owed', before.owed, after.owed), ...polls];
}

const votesOf = (state: Document | null): readonly Vote[] => (state?.['votes'] ?? []) as readonly Vote[];

/** Ideas and what is owed: written down, changed, put away, voted for, made into briefs and line-ups. Every deed can be undone. */
@Injectable()
export class IdeasService {
  constructor(
    private readonly database: Database,
    private readonly store: IdeasStore,
    private readonly figures: FiguresStore,
    private readonly makes: FiguresService,
    private readonly catalogue: CatalogueService,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly clock: Clock,
    pictures: WardrobePicturesService,
    bin: BinService,
    dueDays: DueDays,
  ) {
    dueDays.register(() => this.owedDays());
    for (const table of ['idea', 'owed'] as const)
      history.register(table, {
        restore: (things) => {
          // What was thrown away for good does not come back: `row` says so.
          for (const { item, to } of things) if (to) this.store.restore(table, item, to);
          live.tellAfterwards('figures');
        },
      });
    history.register('poll', {
      restore: (things) => {
        for (const { item, to } of things)
          this.store.replacePoll(
            item,
            votesOf(to).map((vote) => ({ ...vote, poll: item })),
          );
        live.tellAfterwards('figures');
      },
    });
    for (const table of ['idea', 'owed'] as const)
      bin.register(table, {
        list: () => this.binnedOf(table),
        bringBack: (id) => this.putAwayNow(table, id, false),
        throwAway: (id) => this.store.throwAway(table, id),
      });
    pictures.addSubjects('idea', (id) => this.store.row('idea', id).title);
  }

  /** The day every figure that is promised to somebody has to be there by. */
  private *owedDays(): Iterable<readonly [string, string]> {
    for (const { figures, dueOn, doneOn, removedAt } of this.store.owedRows())
      if (dueOn !== null && doneOn === null && removedAt === null) for (const figure of figures) yield [figure, dueOn];
  }

  addIdea(given: NewIdeaDto): Promise<void> {
    return this.database.write(() => {
      this.refuseUnknown(given.parts);
      this.refuseMany('idea');
      const id = randomUUID();
      const at = this.now();
      this.store.insert('idea', { ...given, id, figure: null, lineUp: null, addedAt: at, removedAt: null });
      this.record(`Wrote down “${given.title}”`, { idea: { [id]: { removedAt: at } } }, { idea: { [id]: { removedAt: null } } });
    });
  }

  changeIdea(id: string, given: NewIdeaDto, seen?: number): Promise<void> {
    return this.database.write(() => {
      const before = this.rowOf('idea', id);
      // What was named before and has gone meanwhile is in nobody's way.
      this.refuseUnknown(given.parts.filter((part) => !before.parts.includes(part)));
      refuseStale(`“${before.title}”`, seen, before.version, () => before);
      this.change(
        'idea',
        id,
        before,
        given,
        given.state === before.state ? `Changed “${given.title}”` : `“${given.title}”: ${given.state}`,
      );
    });
  }

  addOwed(given: NewOwedDto): Promise<void> {
    return this.database.write(() => {
      this.refuseStrangers(given.figures);
      this.refuseMany('owed');
      const id = randomUUID();
      const at = this.now();
      this.store.insert('owed', { ...given, id, addedAt: at, removedAt: null });
      this.record(`Promised ${given.who} ${given.what}`, { owed: { [id]: { removedAt: at } } }, { owed: { [id]: { removedAt: null } } });
    });
  }

  changeOwed(id: string, given: NewOwedDto, seen?: number): Promise<void> {
    return this.database.write(() => {
      const before = this.rowOf('owed', id);
      this.refuseStrangers(given.figures.filter((figure) => !before.figures.includes(figure)));
      refuseStale(`What is owed to ${before.who}`, seen, before.version, () => before);
      const isDone = given.doneOn !== null && before.doneOn === null;
      this.change('owed', id, before, given, isDone ? `Gave ${given.who} ${given.what}` : `Changed what is owed to ${given.who}`);
    });
  }

  putAway(table: Kept, id: string, isAway: boolean): Promise<void> {
    return this.database.write(() => this.putAwayNow(table, id, isAway));
  }

  private putAwayNow(table: Kept, id: string, isAway: boolean): void {
    const row = this.store.row(table, id);
    if ((row.removedAt === null) !== isAway) return;
    const name = 'title' in row ? row.title : row.what;
    this.change(table, id, row, { removedAt: isAway ? this.now() : null }, isAway ? `Put away “${name}”` : `Took “${name}” out again`);
  }

  private binnedOf(table: Kept): { readonly id: string; readonly name: string; readonly stoodIn: string; readonly at: string }[] {
    const rows = table === 'idea' ? this.store.ideas() : this.store.owedRows();
    return rows.flatMap((row) => {
      const name = 'title' in row ? row.title : `${row.what}, for ${row.who}`;
      return row.removedAt === null ? [] : [{ id: row.id, name, stoodIn: '', at: row.removedAt }];
    });
  }

  /** Makes a brief or a line-up of an idea, which carries its credit on. The parts it thinks of are the first look. */
  promote(id: string, lineUp: string | undefined): Promise<void> {
    return this.database.write(() => {
      const idea = this.rowOf('idea', id);
      const { figure, lineUp: made, isBinned } = becomingOf(idea, this.figures);
      if (isBinned) throw new Problem(409, `What was made of “${idea.title}” lies in the bin. Take it out there, or throw it away first.`);
      if (figure !== null || made !== null) throw new Problem(409, `“${idea.title}” was made into something already.`);
      const becomes = this.makes.promoteNow({
        name: idea.title.slice(0, MOST_NAME),
        story: idea.words,
        credit: creditOf(idea).slice(0, MOST_CREDIT),
        parts: idea.parts,
        lineUp: lineUp ?? null,
        isLineUp: idea.kind === 'line-up',
      });
      this.change(
        'idea',
        id,
        idea,
        { ...becomes, state: 'planned' },
        `Made “${idea.title}” a ${becomes.figure === null ? 'line-up' : 'figure'}`,
      );
    });
  }

  /** A poll: looked at, or taken in as far as the person agreed. The same poll again replaces its votes. */
  takePoll(poll: string, bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    const read = orRefuse(() => readPoll(bytes));
    const ids = new Map(
      this.store.ideas().flatMap(({ id, title, removedAt }) => (removedAt === null ? [[title.trim().toLowerCase(), id] as const] : [])),
    );
    const problems = [
      ...read.choices
        .filter((choice) => !ids.has(choice.toLowerCase()))
        .map((choice) => ({ line: 1, column: choice, value: choice, reason: 'No idea is called that. Its votes are left out.' })),
      ...read.problems,
    ];
    const votes = read.ballots.flatMap(({ voter, chosen }) =>
      chosen.flatMap((choice) => {
        const idea = ids.get(choice.toLowerCase());
        return idea === undefined ? [] : [{ idea, voter, poll }];
      }),
    );
    const isTaken = read.ballots.length > 0 && (agree === 'sound' || (agree === 'all' && read.problems.length === 0));
    return this.database.write<ImportReportDto>(() => {
      if (isTaken) {
        const before = this.store.votesOf(poll).map(({ idea, voter }) => ({ idea, voter }));
        this.store.replacePoll(poll, votes);
        const after = votes.map(({ idea, voter }) => ({ idea, voter }));
        this.record(`Brought in the poll “${poll}”`, { polls: { [poll]: before } }, { polls: { [poll]: after } });
      }
      const soundCount = read.ballots.length;
      return {
        rowCount: read.rowCount,
        soundCount,
        importedCount: isTaken ? soundCount : 0,
        problems: problems.sort((a, b) => a.line - b.line),
      };
    });
  }

  private change<T extends Kept>(table: T, id: string, before: object, given: object, label: string): void {
    const keys = fieldsBetween({ ...before }, { ...before, ...given });
    if (keys.length === 0) return;
    const picked = (row: object): Document => Object.fromEntries(Object.entries(row).filter(([key]) => keys.includes(key)));
    this.store.restore(table, id, picked(given));
    this.record(label, { [table]: { [id]: picked(before) } }, { [table]: { [id]: picked(given) } });
  }

  private rowOf<T extends Kept>(table: T, id: string) {
    const row = this.store.row(table, id);
    if (row.removedAt !== null) throw new Problem(409, 'It was put away. Take it out again first.');
    return row;
  }

  private record(label: string, before: IdeasState, after: IdeasState): void {
    this.history.record({ line: 'ideas', item: ALL, label, slices: slicesOf(before, after) });
    this.live.tellAfterwards('figures');
  }

  private refuseUnknown(parts: readonly string[]): void {
    const stranger = parts.find((part) => !this.catalogue.now().has(part));
    if (stranger !== undefined) throw new Problem(422, `There is no part “${stranger}” in the catalogue.`);
  }

  private refuseStrangers(figures: readonly string[]): void {
    for (const figure of figures) this.figures.figure(figure);
  }

  private refuseMany(table: Kept): void {
    const count = table === 'idea' ? this.store.ideas().length : this.store.owedRows().length;
    if (count >= MOST) throw new Problem(409, `There are ${MOST} already. Throw some away first.`);
  }

  private now(): string {
    return this.clock.now().toISOString();
  }
}
