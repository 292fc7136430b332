import { Injectable } from '@nestjs/common';
import type { LookPart } from '@outfit/core';
import { type EntryKind, type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { randomUUID } from 'node:crypto';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { type Document, patch } from '../platform/log/index.js';
import { Ledger, WardrobePicturesService, ServingsService } from '../wardrobe/index.js';
import type { BeginDto, BenchSessionDto, EndSessionDto, SessionNoteDto } from './bench.dto.js';
import type { BenchPlan, PlannedStep, SessionEntity, TickEntity } from './bench.entities.js';
import { BenchStore } from './bench.store.js';
import { type BenchPlaces, backwards, movementsOf, piecesNow } from './movements.js';
import { BenchPlanner } from './planning/planner.service.js';
import { documentOf, type KeptSession, sessionSlice } from './sessionSlice.js';
import { BenchViews } from './views.service.js';

const ENTRY_KINDS: Readonly<Record<PlannedStep['kind'], EntryKind>> = {
  fetch: 'put away',
  'take apart': 'taken off',
  'put back': 'built on',
  'put away': 'put away',
  alter: 'altered',
  build: 'built on',
  look: 'corrected',
};

/** Sessions at the bench: begun, ticked step by step, taken back, ended. A tick and what it moves are one entry, on disk before it is answered. */
@Injectable()
export class BenchService {
  readonly store: BenchStore;

  constructor(
    database: Database,
    private readonly ledger: Ledger,
    private readonly planner: BenchPlanner,
    private readonly views: BenchViews,
    private readonly servings: ServingsService,
    private readonly live: LiveService,
    pictures: WardrobePicturesService,
    history: HistoryService,
  ) {
    this.store = new BenchStore(database);
    pictures.addSubjects('bench', (id) => this.keptSession(id).session.title);
    history.register('session', {
      restore: (things) => {
        for (const { item, to, from } of things) if (to && from) this.put(item, patch(documentOf(this.sessionOrBinned(item)), from, to));
      },
    });
  }

  session(id: string): BenchSessionDto {
    return this.views.session(id);
  }

  /** What was built in sessions that have ended: the parts of the first copy. */
  builtBefore(): readonly { readonly id: string; readonly endedAt: string | null; readonly parts: readonly LookPart[] }[] {
    return this.store.endedSessions().map(({ id, endedAt }) => {
      const [copy] = this.planOf(id).copies;
      return { id, endedAt, parts: copy?.pieces ?? [] };
    });
  }

  /** Begins a session for some figures, each as many times as can be unless it says how many. */
  async begin({ figures }: BeginDto): Promise<BenchSessionDto> {
    if (new Set(figures.map(({ figure }) => figure)).size < figures.length)
      throw new Problem(422, 'A figure is named twice: say once how many of it are built.');
    for (const { figure } of figures) {
      this.refuseTwice(figure);
      await this.refuseHindered(figure);
    }
    const { figures: own, plan } = await this.planner.plan(figures.map(({ figure, copies }) => ({ figure, copies: copies ?? null })));
    return this.ledger.change<BenchSessionDto>(() => {
      for (const { figure } of figures) this.refuseTwice(figure);
      const [first, ...others] = own;
      const many = own.reduce((all, row) => all + row.copies, 0);
      const title = `${first?.name ?? ''}${others.length > 0 ? ` and ${others.length} more` : many > 1 ? `, ${many} of them` : ''}`;
      const row: SessionEntity = {
        ...{ id: randomUUID(), ordinal: this.store.nextOrdinal(), title, state: 'open', plan, remark: '' },
        // Most often it is the same person again.
        who: this.store.lastWho(),
        ...{ begunAt: this.ledger.now(), endedAt: null, removedAt: null, version: 1 },
      };
      this.store.write(row);
      for (const { figure, look, copies } of own) this.store.addFigure({ session: row.id, figure, look, copies });
      const gone: KeptSession = { session: { ...row, removedAt: row.begunAt }, ticks: [], troubles: [] };
      this.ledger.keep(`Began at the bench: ${title}`, [sessionSlice(gone, { ...gone, session: row })]);
      this.live.tellAfterwards('bench');
      return this.views.session(row.id);
    });
  }

  /** Ticks the next step: what it moves is moved. */
  tick(id: string, stepId: number): Promise<BenchSessionDto> {
    return this.ledger.change<BenchSessionDto>(() => {
      const before = this.open(id);
      const plan = this.planOf(id);
      const step = stepOf(plan, stepId);
      const done = new Set(before.ticks.map((tick) => tick.step));
      // A tick that was sent twice is one tick.
      if (done.has(stepId)) return this.views.session(id);
      const first = plan.steps.find((own) => !done.has(own.id));
      if (first && first.id !== stepId) throw new Problem(409, `“${first.title}” comes first.`);
      const places = this.placesOf(plan);
      const lots: Record<string, number> = {};
      const movements =
        step.alteration === null
          ? movementsOf(step, plan, before.ticks, places)
          : this.alterationMovements(step, plan, before.ticks, places, lots);
      this.refuseMissing(movements);
      const at = this.ledger.now();
      const isLast = plan.steps.every((own) => own.id === stepId || done.has(own.id));
      const keptAfter = (entry: number | null): KeptSession => ({
        session: { ...before.session, version: before.session.version + 1, ...(isLast ? { state: 'built', endedAt: at } : {}) },
        ticks: [...before.ticks, { session: id, step: stepId, entry, lots, at }],
        troubles: before.troubles,
      });
      const sentence = `At the bench, ${before.session.title}: ${step.title}`.slice(0, 300);
      if (movements.length === 0) {
        this.ledger.keep(sentence, [sessionSlice(before, keptAfter(null))]);
        this.restore(keptAfter(null));
      } else {
        const { id: entry } = this.ledger.enter(ENTRY_KINDS[step.kind], sentence, movements, {
          ...{ slicesWith: (own) => [sessionSlice(before, keptAfter(own))], because: `bench ${id}` },
        });
        this.restore(keptAfter(entry));
      }
      return this.views.session(id);
    });
  }

  /** Takes back the last step that was ticked. */
  untick(id: string, stepId: number): Promise<BenchSessionDto> {
    return this.ledger.change<BenchSessionDto>(() => {
      const before = this.keptSession(id);
      if (before.session.state !== 'open' && before.session.state !== 'built')
        throw new Problem(409, 'This session has ended. Nothing was changed.');
      this.takeBack(before, stepId);
      return this.views.session(id);
    });
  }

  /** Ends a session before everything is done: all of it put back as it was, or left as it lies. */
  end(id: string, { as }: EndSessionDto): Promise<BenchSessionDto> {
    return this.ledger.change<BenchSessionDto>(() => {
      this.open(id);
      if (as === 'put back') {
        for (let kept = this.keptSession(id); kept.ticks.length > 0; kept = this.keptSession(id))
          this.takeBack(kept, this.indexOfLast(kept));
      }
      const before = this.keptSession(id);
      const plan = this.planOf(id);
      const stranded = as === 'left' ? this.strandedOf(plan, before.ticks) : [];
      const session = { ...before.session, state: as, endedAt: this.ledger.now(), version: before.session.version + 1 };
      const after: KeptSession = { ...before, session };
      const label = as === 'left' ? `Left the bench as it lies: ${session.title}` : `Put everything back: ${session.title}`;
      if (stranded.length > 0)
        this.ledger.enter('built on', label, stranded, {
          ...{ slices: [sessionSlice(before, after)], because: `bench ${id}` },
        });
      else this.ledger.keep(label, [sessionSlice(before, after)]);
      this.restore(after);
      return this.views.session(id);
    });
  }

  /** Keeps who was at it, and what is remarked of it. */
  note(id: string, { remark, who }: SessionNoteDto): Promise<BenchSessionDto> {
    return this.ledger.change<BenchSessionDto>(() => {
      const before = this.keptSession(id);
      const { session } = before;
      const noted = { remark: remark ?? session.remark, who: who?.trim() ?? session.who };
      const after: KeptSession = { ...before, session: { ...session, ...noted, version: session.version + 1 } };
      this.ledger.keep(`Noted at the bench: ${before.session.title}`, [sessionSlice(before, after)]);
      this.restore(after);
      return this.views.session(id);
    });
  }

  planOf(id: string): BenchPlan {
    const row = this.store.session(id);
    if (!row) throw notFound('session at the bench', id);
    return row.plan;
  }

  /** A session that something may still be done in. */
  open(id: string): KeptSession {
    const kept = this.keptSession(id);
    if (kept.session.state !== 'open') throw new Problem(409, 'This session has ended. Begin another one for the figure.');
    return kept;
  }

  keptSession(id: string): KeptSession {
    const kept = this.sessionOrBinned(id);
    if (kept.session.removedAt !== null) throw notFound('session at the bench', id);
    return kept;
  }

  /** One that was taken back too. */
  private sessionOrBinned(id: string): KeptSession {
    const row = this.store.session(id);
    if (!row) throw notFound('session at the bench', id);
    const { plan: _, ...session } = row;
    return { session, ticks: this.store.ticks(id), troubles: this.store.troubles(id).map((row) => row.id) };
  }

  /** Writes a session as it is from now on, or was. */
  restore(kept: KeptSession): void {
    this.put(kept.session.id, documentOf(kept));
  }

  /** The same of a session as the history tells it. */
  private put(id: string, document: Document): void {
    this.store.restore(id, document, this.ledger.now());
    this.live.tellAfterwards('bench');
  }

  placesOf(plan: BenchPlan): BenchPlaces {
    const nameOf = new Map(plan.copies.map((copy) => [copy.figure, copy.name]));
    const place = (kind: 'figure' | 'bench') => (figure: string) =>
      this.ledger.store.placeOfFigure(kind, figure, nameOf.get(figure) ?? 'a figure');
    return { tray: place('bench'), figure: place('figure') };
  }

  /** Pieces that are not where they would have to be: somebody moved them meanwhile. */
  refuseMissing(movements: readonly Movement[]): void {
    for (const { lot, from, quantity } of movements) {
      if (from === OUTSIDE || this.ledger.store.quantityAt(lot, from) >= quantity) continue;
      const place = this.ledger.place(from);
      throw new Problem(
        409,
        `${this.ledger.nameOf(lot)} is not in ${place.path || 'no place yet'} any more. Say that it is not there, or put it back.`,
      );
    }
  }

  private takeBack(before: KeptSession, stepId: number): void {
    const tick = before.ticks.find((own) => own.step === stepId);
    if (!tick) throw new Problem(409, 'That step is not done: there is nothing to take back.');
    if (this.indexOfLast(before) !== stepId) throw new Problem(409, 'Take back the steps after it first.');
    const after: KeptSession = {
      session: { ...before.session, state: 'open', endedAt: null, version: before.session.version + 1 },
      ticks: before.ticks.filter((own) => own !== tick),
      troubles: before.troubles,
    };
    const plan = this.planOf(before.session.id);
    const step = stepOf(plan, stepId);
    const label = `Taken back at the bench: ${step.title}`.slice(0, 200);
    const hasGone = step.pieces.some((piece) => plan.gone.includes(piece)) || step.moves.some(({ piece }) => plan.gone.includes(piece));
    const back = hasGone ? backwards(step, plan, before.ticks, after.ticks, this.placesOf(plan)) : [];
    // What broke since cannot go back where it was: the rest does, as a deed of its own.
    if (hasGone && back.length > 0)
      this.ledger.enter('put away', label, back, {
        slices: [sessionSlice(before, after)],
        because: `bench ${before.session.id}`,
      });
    else if (tick.entry === null || hasGone) this.ledger.keep(label, [sessionSlice(before, after)]);
    else this.ledger.takeBack(tick.entry, label, [sessionSlice(before, after)]);
    this.restore(after);
  }

  private indexOfLast({ session, ticks }: KeptSession): number {
    const done = new Set(ticks.map((tick) => tick.step));
    return this.planOf(session.id).steps.findLast((step) => done.has(step.id))?.id ?? -1;
  }

  /** What makes way and was not put back yet goes back to its figure in the books: there it lies in the same bag. */
  private strandedOf(plan: BenchPlan, ticks: readonly TickEntity[]): readonly Movement[] {
    const places = this.placesOf(plan);
    const open = new Set(plan.steps.map((step) => step.id).filter((step) => !ticks.some((tick) => tick.step === step)));
    const now = piecesNow(plan, ticks, places);
    const back = plan.steps
      .filter((step) => open.has(step.id))
      .flatMap((step) => step.moves.filter((move) => move.to.kind === 'body' || move.to.kind === 'away'));
    const aside = back.filter(({ piece }) => now.get(piece)?.place === 'bench');
    return movementsOf({ ...EMPTY_STEP, moves: aside }, plan, ticks, places);
  }

  /** The pieces of a step that alters become other lots where they lie. */
  private alterationMovements(
    step: PlannedStep,
    plan: BenchPlan,
    ticks: readonly TickEntity[],
    places: BenchPlaces,
    lots: Record<string, number>,
  ): readonly Movement[] {
    const now = piecesNow(plan, ticks, places);
    const byLot = new Map<string, { lot: number; place: string; pieces: string[] }>();
    for (const piece of step.pieces) {
      const own = now.get(piece);
      if (!own || plan.gone.includes(piece)) continue;
      const key = `${own.lot} ${own.place}`;
      const group = byLot.get(key) ?? { ...own, pieces: [] };
      byLot.set(key, group);
      group.pieces.push(piece);
    }
    return [...byLot.values()].flatMap(({ lot: id, place, pieces }): readonly Movement[] => {
      const { id: _, ...lot } = this.ledger.lot(id);
      const alterations = step.alteration === null ? lot.alterations : [...lot.alterations, step.alteration];
      const next = this.ledger.store.addLot({ ...lot, alterations, splitFrom: id, addedAt: this.ledger.now() });
      for (const piece of pieces) lots[piece] = next;
      return [
        { lot: id, quantity: pieces.length, from: place, to: OUTSIDE },
        { lot: next, quantity: pieces.length, from: OUTSIDE, to: place },
      ];
    });
  }

  /** What lacks a head, or what a mark blocks, is not begun: nobody could finish it. */
  private async refuseHindered(figure: string): Promise<void> {
    const hindrance = await this.servings.hindranceOf(figure);
    if (hindrance === null) return;
    const sentence =
      hindrance === 'unfinished'
        ? 'This figure is not whole yet: parts are missing. Finish it in Fitting, then build it.'
        : 'A mark says that this figure cannot be built so. Look at it in Fitting, then build it.';
    throw new Problem(422, sentence, [{ path: '/figures', sentence }]);
  }

  private refuseTwice(figure: string): void {
    const session = this.store.openWith(figure);
    if (session === null) return;
    throw new Problem(
      409,
      `${this.store.session(session)?.title ?? 'It'} is on the bench already. Go on there, or end that session first.`,
    );
  }
}

const EMPTY_STEP: PlannedStep = {
  ...{ id: -1, kind: 'put back', pieces: [], moves: [], title: '', sentence: '', hint: null, cautions: [], alteration: null, figure: null },
};

function stepOf(plan: BenchPlan, id: number): PlannedStep {
  const step = plan.steps.find((own) => own.id === id);
  if (!step) throw notFound('step', String(id));
  return step;
}
