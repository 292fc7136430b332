import { Injectable } from '@nestjs/common';
import { spotOf } from '@outfit/core';
import type { Standing } from '@outfit/core/wardrobe';
import { FiguresStore } from '../figures/index.js';
import { Database } from '../platform/db/index.js';
import { notFound } from '../platform/http/index.js';
import { PromisesService, ServingsService } from '../wardrobe/index.js';
import type { BenchOverviewDto, BenchSessionDto, ReadyFigureDto, SessionFigureDto, SessionSummaryDto } from './bench.dto.js';
import type { BenchPlan, SessionEntity, TickEntity } from './bench.entities.js';
import { BenchStore } from './bench.store.js';
import { BenchPlanner } from './planning/planner.service.js';

const MOST_SESSIONS = 200;
/** Between two ticks, so much is work; what is more was a pause. */
const LONGEST_STEP_MINUTES = 10;

/** Sessions as they are told, and what could go to the bench. */
@Injectable()
export class BenchViews {
  private readonly store: BenchStore;

  constructor(
    database: Database,
    private readonly figures: FiguresStore,
    private readonly promises: PromisesService,
    private readonly servings: ServingsService,
    private readonly planner: BenchPlanner,
  ) {
    this.store = new BenchStore(database);
  }

  async overview(): Promise<BenchOverviewDto> {
    return { sessions: this.store.sessions(MOST_SESSIONS).map((row) => this.summary(row)), ready: await this.ready() };
  }

  /** The sessions that somebody is at. */
  open(): SessionSummaryDto[] {
    return this.store.openSessions().map((row) => this.summary(row));
  }

  /** The sessions a figure was at, the newest first. */
  ofFigure(figure: string): BenchSessionDto[] {
    this.figures.figure(figure, 'in the bin too');
    return this.store.sessionsOf(figure).map((row) => this.session(row.id));
  }

  session(id: string): BenchSessionDto {
    const row = this.store.session(id);
    if (!row || row.removedAt !== null) throw notFound('session at the bench', id);
    const { plan } = row;
    const ticks = this.store.ticks(id);
    const doneAt = new Map(ticks.map((tick) => [tick.step, tick.at]));
    const figures = this.figuresOf(row);
    const { ordinal: _, removedAt: __, plan: ___, ...told } = row;
    return {
      ...told,
      minutes: minutesOf(row, ticks),
      figures,
      changed: row.state === 'open' ? figures.filter((own) => this.isChanged(own, plan)).map((own) => own.figure) : [],
      copies: plan.copies.map(({ id: copy, figure, name, pieces }) => ({
        id: copy,
        figure,
        name,
        pieces: pieces.map(({ from: ____, ...piece }) => piece),
      })),
      bodies: plan.bodies,
      steps: plan.steps.map(({ alteration: _____, ...step }) => ({
        ...step,
        doneAt: doneAt.get(step.id) ?? null,
      })),
      troubles: this.store.troubles(id).map(({ what, variant, outcome, at }) => ({ what, variant, outcome, at })),
    };
  }

  private summary(row: SessionEntity): SessionSummaryDto {
    const { id, title, state, begunAt, endedAt } = row;
    const { steps } = row.plan;
    return { id, title, state, begunAt, endedAt, figures: this.figuresOf(row), steps: steps.length, done: this.store.ticks(id).length };
  }

  /** In the order they are built. */
  private figuresOf({ id, plan }: SessionEntity): readonly SessionFigureDto[] {
    const order = plan.copies.map((copy) => copy.figure);
    const rows = this.store.figures(id).sort((a, b) => order.indexOf(a.figure) - order.indexOf(b.figure));
    return rows.map(({ figure, look, copies }) => {
      const { brief, lineUp } = this.figures.figure(figure, 'in the bin too');
      return { figure, look, copies, name: brief.name, lineUp };
    });
  }

  /** Does a figure show other parts than its session builds? */
  private isChanged({ figure }: SessionFigureDto, plan: BenchPlan): boolean {
    const { chosenLook } = this.figures.figure(figure, 'in the bin too');
    const copy = plan.copies.find((own) => own.figure === figure);
    const worn = (parts: readonly { readonly variant: string; readonly position: string }[]): string =>
      parts
        .map((part) => `${part.position} ${part.variant}`)
        .sort()
        .join();
    // What was taken instead of something stands for what was planned there: the look is not another one for it.
    const planned = new Map((copy?.pieces ?? []).map((piece) => [spotOf(piece), piece]));
    for (const { copy: of, piece } of [...(plan.dropped ?? [])].reverse()) if (of === copy?.id) planned.set(spotOf(piece), piece);
    return worn(this.figures.look(chosenLook).parts) !== worn([...planned.values()]);
  }

  /** What could go to the bench: figures that are ready, to be changed, or of which some copies are. */
  private async ready(): Promise<readonly ReadyFigureDto[]> {
    const { figures, names, standings } = await this.promises.promises();
    const several = new Map((await this.servings.several()).map((row) => [row.claimant.id, row]));
    const ready: ReadyFigureDto[] = [];
    for (const [i, figure] of figures.entries()) {
      const standing = standings[i];
      if (standing === undefined || standing === '' || standing === 'built' || this.store.openWith(figure) !== null) continue;
      const many = several.get(figure);
      const canBuild = many ? this.planner.canBuild(many) : await this.canBuildOne(figure, standing);
      if (canBuild === 0 || (await this.servings.hindranceOf(figure)) !== null) continue;
      const { lineUp } = this.figures.figure(figure, 'in the bin too');
      ready.push({ figure, name: names[i] ?? '', lineUp, standing, copies: many?.claimant.copies ?? 1, canBuild });
    }
    return ready;
  }

  /** A figure that is wanted once: one, when it is ready; one that is to be changed, when all of it is at hand. */
  private async canBuildOne(figure: string, standing: Standing): Promise<0 | 1> {
    if (standing !== 'to be changed') return standing === 'ready to build' ? 1 : 0;
    const serving = await this.servings.servingOf(figure);
    const isHere = (reach: string): boolean => reach !== 'coming' && reach !== 'sealed';
    return serving?.served.every((spot) => spot.lacks === 0 && spot.given.every(({ run }) => isHere(run.reach))) ? 1 : 0;
  }
}

/** How long somebody was at it: the time between ticks, each no longer than a step takes at most. */
function minutesOf({ begunAt }: SessionEntity, ticks: readonly TickEntity[]): number {
  const times = [begunAt, ...ticks.map((tick) => tick.at)].map((at) => Date.parse(at)).sort((a, b) => a - b);
  return Math.round(
    times.reduce((all, time, i) => all + Math.min(LONGEST_STEP_MINUTES, Math.max(0, time - (times[i - 1] ?? time)) / 60_000), 0),
  );
}
