import { Injectable } from '@nestjs/common';
import { readTexts } from '@outfit/formats/kept';
import { completeBrief } from '@outfit/core';
import { completePlan, type LineUpKind, renamedPlan, startingPlan } from '@outfit/core/lineup';
import { randomUUID } from 'node:crypto';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { HistoryService, type Restorer } from '../../platform/history/index.js';
import type { Document } from '../../platform/log/index.js';
import { Problem, refuseStale } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { FiguresStore, FigureViews, type LineUpEntity, type LineUpDto, type LineUpNamesDto, lookOf } from '../record/index.js';
import { ReferencesStore } from '../references/index.js';
import { type Arrangement, slicesOf, type Stance } from './arrangement.js';
import type { ArrangingPage } from './arranging.dto.js';
import { LineUpDeeds } from './lineUpDeeds.service.js';

const MOST_LINE_UPS = 1000;
const MOST_NAME = 80;
/** The workroom is one item of the history: line-ups are arranged beside each other. */
const ALL = 'all';

const copyName = (name: string): string => `Copy of ${name}`.slice(0, MOST_NAME);

/** What a new line-up begins with; nothing but its name where nothing is said. */
interface LineUpBeginning {
  readonly copyOf?: string | undefined;
  readonly kind?: LineUpKind | undefined;
  readonly notes?: string;
  readonly isBriefsAlone?: boolean | undefined;
}

/** How figures are copied. `isWhole`: with all of their line-up, so that a faction stays what it was. */
interface Copying {
  readonly nameOf: (name: string) => string;
  readonly isBriefsAlone: boolean;
  readonly isWhole: boolean;
}

/** Line-ups, and who stands in which: made, named, copied, moved, ordered, binned. Every deed can be undone. */
@Injectable()
export class ArrangingService {
  constructor(
    private readonly database: Database,
    private readonly store: FiguresStore,
    private readonly references: ReferencesStore,
    private readonly views: FigureViews,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly clock: Clock,
    private readonly deeds: LineUpDeeds,
  ) {
    const each = (put: (item: string, to: Document) => void): Restorer => ({
      restore: (things) => {
        for (const { item, to } of things) if (to) put(item, to);
        live.tellAfterwards('figures');
      },
    });
    history.register(
      'line-up',
      each((id, to) => store.restoreLineUp(id, to)),
    );
    history.register(
      'stance',
      each((id, to) => deeds.putFigure(id, to as Stance)),
    );
    history.register(
      'order of figures',
      each((id, to) => this.placeFigures(id, [...readTexts(to['order'])])),
    );
    history.register(
      'order of line-ups',
      each((_, to) => this.placeLineUps([...readTexts(to['order'])])),
    );
  }

  /** A new line-up, empty or with copies of another's figures. */
  create(name: string, beginning: LineUpBeginning = {}): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => this.views.lineUp(this.createNow(name, beginning)));
  }

  /** The same within a unit of work that is under way; the id of the new line-up. */
  createNow(name: string, { copyOf, kind, notes = '', isBriefsAlone = false }: LineUpBeginning): string {
    const places = this.store.lineUps().length;
    if (places >= MOST_LINE_UPS) throw new Problem(409, `There are ${MOST_LINE_UPS} line-ups already. Put one in the bin first.`);
    const model = copyOf === undefined ? null : this.store.lineUp(copyOf);
    const id = randomUUID();
    this.store.insertLineUp({ id, name, place: places, plan: model?.plan ?? { ...startingPlan(kind), notes } });
    if (model) this.copyModel(model, id, isBriefsAlone);
    const label = model ? `Copied “${model.name}”` : `Began “${name}”`;
    this.recordInWorkroom(label, { lineUps: { [id]: { removedAt: this.now() } } }, { lineUps: { [id]: { removedAt: null } } });
    return id;
  }

  rename(id: string, name: string, page: ArrangingPage = 'line-up'): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const before = this.store.lineUp(id).name;
      if (before === name) return this.views.lineUp(id);
      this.store.updateLineUp(id, { name });
      const [label, was, is] = [`Renamed “${before}”`, { lineUps: { [id]: { name: before } } }, { lineUps: { [id]: { name } } }];
      if (page === 'workroom') this.recordInWorkroom(label, was, is);
      else this.record(id, label, was, is);
      return this.views.lineUp(id);
    });
  }

  /** Puts a line-up with all its figures in the bin, or takes it out again. */
  bin(id: string, isAway: boolean): Promise<LineUpNamesDto[]> {
    return this.database.write<LineUpNamesDto[]>(() => {
      this.binNow(id, isAway);
      return this.views.names();
    });
  }

  /** The same within a unit of work that is under way. */
  binNow(id: string, isAway: boolean): void {
    const { name, removedAt: was } = this.store.lineUp(id, 'in the bin too');
    if ((was === null) !== isAway) return;
    const removedAt = isAway ? this.now() : null;
    this.store.updateLineUp(id, { removedAt });
    const label = isAway ? `Put “${name}” in the bin` : `Took “${name}” out of the bin`;
    this.recordInWorkroom(label, { lineUps: { [id]: { removedAt: was } } }, { lineUps: { [id]: { removedAt } } });
  }

  orderLineUps(order: readonly string[]): Promise<LineUpNamesDto[]> {
    return this.database.write<LineUpNamesDto[]>(() => {
      const before = this.store.lineUps().map((row) => row.id);
      refuseOther(before, order, 'The line-ups have changed meanwhile. Nothing was moved; look again and retry.');
      if (before.join() !== order.join()) {
        this.placeLineUps(order);
        this.recordInWorkroom('Changed the order of line-ups', { lineUpOrder: before }, { lineUpOrder: order });
      }
      return this.views.names();
    });
  }

  reorder(lineUp: string, order: readonly string[], seen?: number): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const row = this.store.lineUp(lineUp);
      refuseStale(`The order of ${row.name}`, seen, row.version, () => this.views.lineUp(lineUp));
      const before = this.store.figuresOf(lineUp).map((figure) => figure.id);
      refuseOther(before, order, 'The line-up has changed meanwhile. Nothing was moved; look again and retry.');
      if (before.join() !== order.join()) {
        this.placeFigures(lineUp, order);
        this.record(lineUp, 'Changed the order', { order: before }, { order });
      }
      return this.views.lineUp(lineUp);
    });
  }

  /** Figures of one line-up go to another, to its end. The first line-up's Undo brings them back to where they stood. */
  move(figures: readonly string[], to: string): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const target = this.store.lineUp(to);
      const { from, rows } = this.ofOneLineUp(figures);
      if (from === to) throw new Problem(409, `They stand in “${target.name}” already. Nothing was moved.`);
      const first = this.store.figuresOf(to).length;
      const was = Object.fromEntries(rows.map((row) => [row.id, { lineUp: from, place: row.place }]));
      const is = Object.fromEntries(rows.map((row, i) => [row.id, { lineUp: to, place: first + i }]));
      this.deeds.put({ figures: is });
      const label = `Moved ${namesOf(rows)} to “${target.name}”`;
      this.record(from, label, { figures: was }, { figures: is });
      return this.views.lineUp(from);
    });
  }

  /** Copies of figures, briefs, looks and pictures with them: behind the others of a line-up. */
  copy(figures: readonly string[], to: string, isBriefsAlone = false): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      this.store.lineUp(to);
      const { from, rows } = this.ofOneLineUp(figures);
      const copies = this.copyAll(rows, to, { nameOf: from === to ? copyName : (name) => name, isBriefsAlone, isWhole: false });
      const at = this.now();
      const state = (removedAt: string | null): Arrangement => ({ figures: Object.fromEntries(copies.map((id) => [id, { removedAt }])) });
      this.record(to, `Copied ${namesOf(rows)}`, state(at), state(null));
      return this.views.lineUp(to);
    });
  }

  /** Puts figures of one line-up in the bin, or takes them out again. */
  binFigures(figures: readonly string[], isAway: boolean): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => this.views.lineUp(this.binFiguresNow(figures, isAway)));
  }

  /** The same within a unit of work that is under way; the line-up they stand in. */
  binFiguresNow(figures: readonly string[], isAway: boolean): string {
    const { from, rows } = this.ofOneLineUp(figures, 'in the bin too');
    const changing = rows.filter((row) => (row.removedAt === null) === isAway);
    if (changing.length === 0) return from;
    const removedAt = isAway ? this.now() : null;
    for (const { id } of changing) this.store.updateFigure(id, { removedAt });
    const label = isAway ? `Put ${namesOf(changing)} in the bin` : `Took ${namesOf(changing)} out of the bin`;
    this.record(
      from,
      label,
      { figures: Object.fromEntries(changing.map((row) => [row.id, { removedAt: row.removedAt }])) },
      { figures: Object.fromEntries(changing.map((row) => [row.id, { removedAt }])) },
    );
    return from;
  }

  /** A figure that has just been added, for the history of its line-up. Within the unit of work that adds it. */
  recordAdded(lineUp: string, figure: string, name: string): void {
    const state = (removedAt: string | null): Arrangement => ({ figures: { [figure]: { removedAt } } });
    this.record(lineUp, `Added ${name}`, state(this.now()), state(null));
  }

  /** Only those that go into the bin or come out of it may lie there. */
  private ofOneLineUp(figures: readonly string[], where: 'standing' | 'in the bin too' = 'standing') {
    const rows = figures.map((id) => this.store.figure(id, where)).sort((a, b) => a.place - b.place);
    const [from, ...others] = new Set(rows.map((row) => row.lineUp));
    if (from === undefined) throw new Problem(422, 'Choose at least one figure.');
    if (others.length > 0) throw new Problem(422, 'These figures stand in several line-ups. Choose those of one at a time.');
    return { from, rows };
  }

  /** Copies a whole line-up: what it keeps of its figures means the copies then. */
  private copyModel(model: LineUpEntity, to: string, isBriefsAlone: boolean): void {
    const rows = this.store.figuresOf(model.id);
    const copies = this.copyAll(rows, to, { nameOf: (name) => name, isBriefsAlone, isWhole: true });
    const copyOf = new Map(rows.map(({ id }, i) => [id, copies[i] ?? '']));
    const named = (id: string): string => copyOf.get(id) ?? '';
    if (model.plan) this.store.updateLineUp(to, { plan: renamedPlan(completePlan(model.plan), named) });
  }

  private copyAll(rows: ReturnType<FiguresStore['figuresOf']>, to: string, { nameOf, isBriefsAlone, isWhole }: Copying): string[] {
    const first = this.store.figuresOf(to).length;
    const copyOf = new Map(rows.map((row) => [row.id, randomUUID()]));
    return rows.map((row, i) => {
      const id = copyOf.get(row.id) ?? randomUUID();
      const looks = this.store.looksOf([row.id]).map((look) => ({ look, id: randomUUID() }));
      const chosenLook = looks.find(({ look }) => look.id === row.chosenLook)?.id ?? looks[0]?.id ?? '';
      const brief = { ...completeBrief(row.brief), name: nameOf(row.brief.name) };
      const { role, faction, free } = row;
      // A faction is of its own line-up.
      const isAtHome = row.lineUp === to || isWhole;
      // A variation stays one of the recipe that is copied with it.
      const recipe = copyOf.get(row.recipe) ?? '';
      const own = { role, free, recipe, faction: isAtHome ? faction : '' };
      this.store.insertFigure({ id, lineUp: to, place: first + i, ...own, brief, chosenLook });
      if (isBriefsAlone) this.store.insertLook({ id: chosenLook, figure: id, place: 0, name: 'First look' }, { parts: [], overrules: [] });
      else
        for (const [place, { look, id: lookId }] of looks.entries())
          this.store.insertLook({ id: lookId, figure: id, place, name: look.name }, lookOf(look));
      for (const { version: _, ...picture } of this.references.of(row.id))
        this.references.insert({ ...picture, id: randomUUID(), figure: id });
      return id;
    });
  }

  /** Puts the figures of a line-up in an order; those that joined since it was made come last. */
  private placeFigures(lineUp: string, order: readonly string[]): void {
    const now = this.store.figuresOf(lineUp).map((figure) => figure.id);
    for (const [place, id] of inOrder(now, order).entries()) this.store.updateFigure(id, { place });
    this.store.updateLineUp(lineUp, {});
    this.live.tellAfterwards('figures');
  }

  private placeLineUps(order: readonly string[]): void {
    const now = this.store.lineUps().map((row) => row.id);
    for (const [place, id] of inOrder(now, order).entries()) this.store.updateLineUp(id, { place });
  }

  private record(lineUp: string, label: string, before: Arrangement, after: Arrangement): void {
    this.history.record({ line: 'line-up', item: lineUp, label, slices: slicesOf(before, after, lineUp) });
    this.live.tellAfterwards('figures');
  }

  private recordInWorkroom(label: string, before: Arrangement, after: Arrangement): void {
    this.history.record({ line: 'workroom', item: ALL, label, slices: slicesOf(before, after, null) });
    this.live.tellAfterwards('figures');
  }

  private now(): string {
    return this.clock.now().toISOString();
  }
}

/** "Ibbe Lantry", "Ibbe Lantry and 3 more". */
function namesOf(rows: readonly { readonly brief: { readonly name: string } }[]): string {
  const [first, ...more] = rows;
  return more.length === 0 ? (first?.brief.name ?? '') : `${first?.brief.name ?? ''} and ${more.length} more`;
}

const inOrder = (now: readonly string[], order: readonly string[]): readonly string[] => [
  ...order.filter((id) => now.includes(id)),
  ...now.filter((id) => !order.includes(id)),
];

function refuseOther(before: readonly string[], order: readonly string[], sentence: string): void {
  const isSame = before.length === order.length && new Set(order).size === order.length && before.every((id) => order.includes(id));
  if (!isSame) throw new Problem(409, sentence);
}
