import { Injectable } from '@nestjs/common';
import { type Adjustments, basketFor, type BasketPlan, type BasketProblem, NO_ADJUSTMENTS, offerBehind } from '@outfit/core';
import { readBasketProblem } from '@outfit/formats';
import { randomUUID } from 'node:crypto';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../catalogue/index.js';
import { FiguresService } from '../figures/index.js';
import { MarketService } from '../market/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { Problem } from '../platform/http/index.js';
import { JobsService } from '../platform/jobs/index.js';
import { LiveService } from '../platform/live/index.js';
import { SettingsService } from '../settings/index.js';
import { WardrobeService } from '../wardrobe/index.js';
import { refuseUnsound } from './planning/adjustments.js';
import { CheaperService } from './planning/cheaper.js';
import type { ErrandEntity, StoredLine } from './record/errand.entity.js';
import type { ErrandDto, NewErrandDto } from './errands.dto.js';
import { ErrandsStore } from './record/errands.store.js';
import { ERRAND_JOBS, ownerOf } from './ownJobs.js';
import { errandTitle } from './errandTitle.js';
import { ErrandPlanner } from './planning/planner.js';
import { ErrandViews } from './errandViews.js';
import { shoppingList } from './shoppingList.js';
import { basketRun, type ErrandJobDto, plainInput, type SeriesJobDto, seriesRun } from './solving/index.js';

/** So far back a plan is looked for when the newest errand has none. */
const MOST_LOOKED_BACK = 4;

/** What an errand buys, for which figures, in the terms it was planned in. */
interface Purchase {
  readonly title: string;
  readonly figures: readonly string[];
  readonly problem: BasketProblem;
  readonly plan: BasketPlan;
}

/** Errands: planned for some looks, planned again with what was settled, ticked off while shopping. */
@Injectable()
export class ErrandsService {
  constructor(
    private readonly database: Database,
    private readonly store: ErrandsStore,
    private readonly catalogue: CatalogueService,
    private readonly planner: ErrandPlanner,
    private readonly cheaperLooks: CheaperService,
    private readonly figures: FiguresService,
    private readonly wardrobe: WardrobeService,
    private readonly market: MarketService,
    private readonly jobs: JobsService,
    private readonly views: ErrandViews,
    private readonly live: LiveService,
    private readonly clock: Clock,
    settings: SettingsService,
  ) {
    settings.registerAmounts({ name: 'errands', areKept: () => store.hasAny() });
    for (const kind of Object.values(ERRAND_JOBS)) jobs.register(kind);
  }

  /** Plans what some looks × copies need: builds the basket problem and starts the job that solves it. */
  async create({ scope, lines: wanted, adjustments: asked, ...settings }: NewErrandDto): Promise<ErrandDto> {
    const looks = this.planner.lines(wanted.map(({ look, copies, group }) => ({ figure: '', look, copies, group: group ?? null })));
    const lines: StoredLine[] = looks.map(({ look, copies, group }) => ({ figure: look.figure, look: look.id, copies, group }));
    const title = errandTitle(scope, lines, this.figures);
    const adjustments = this.adjustmentsFor(scope, plain(asked ?? NO_ADJUSTMENTS));
    const input = await this.planner.input(lines, settings, adjustments);
    await nextTurn();
    const problem = basketFor(input);
    await nextTurn();
    const last = this.lastPlanOf(scope);
    // What is still being planned for the same is not wanted any more: it keeps the best it has, and makes way.
    const waiting = this.store.newestOf(scope);
    if (waiting) this.jobs.stop(waiting.job);
    const { errand, job } = await this.database.write(() => {
      const id = randomUUID();
      const row = this.jobs.create(ERRAND_JOBS.errand.kind, ownerOf(id));
      const createdAt = this.clock.now().toISOString();
      const entity = this.store.insert({
        id,
        scope,
        title,
        lines,
        settings,
        adjustments,
        createdAt,
        job: row.id,
        problem,
        ticked: [],
        name: null,
        removedAt: null,
      });
      this.live.tellAfterwards('errands', scope);
      return { errand: entity, job: row };
    });
    this.jobs.run(job, { ...basketRun(problem, last), after: (plan) => this.market.rememberLanded(problem, plan) });
    return this.views.of(errand, this.jobs.toDto(job) as ErrandJobDto);
  }

  /** The newest plan of a figure or line-up, to begin the next one with; null when there is none. */
  private lastPlanOf(scope: string): BasketPlan | null {
    for (const errand of this.store.newestOfScope(scope, MOST_LOOKED_BACK)) {
      const { result } = this.jobs.job(errand.job) as ErrandJobDto;
      if (result && result.status !== 'infeasible') return result;
    }
    return null;
  }

  /** What is settled must be there, and agree with itself. A lock of the last plan whose offer has gone since is let go. */
  private adjustmentsFor(scope: string, asked: Adjustments): Adjustments {
    const last = this.store.newestOf(scope)?.problem;
    const was = new Set(last?.offers.map((offer) => offerBehind(offer.id)));
    const locked = asked.locked.filter(({ offer }) => this.market.hasOffer(offer) || !was.has(offer));
    const adjustments = { ...asked, locked };
    const sellers = this.market.sellerNames();
    const catalogue = this.catalogue.now();
    refuseUnsound(adjustments, { sellers, isVariant: (id) => catalogue.has(id), sellerOf: (offer) => this.market.sellerOf(offer) });
    return adjustments;
  }

  errand(id: string): ErrandDto {
    return this.view(this.store.errand(id));
  }

  /**
   * The newest errand of a figure or line-up, or none. While it has no plan yet, the newest that has one comes after it: what it says
   * still stands until the new one is there.
   */
  latest(scope: string): ErrandDto[] {
    const [newest, ...before] = this.store.newestOfScope(scope, MOST_LOOKED_BACK).map((errand) => this.view(errand));
    if (!newest) return [];
    const last = newest.job.result ? undefined : before.find((errand) => errand.job.result);
    return last ? [newest, last] : [newest];
  }

  shoppingList(id: string): string {
    const errand = this.store.errand(id);
    const sellers = this.market.sellerNames();
    return shoppingList(errand.problem, this.planOf(errand), this.catalogue.now(), (seller) => sellers.get(seller) ?? seller);
  }

  plan(id: string): BasketPlan {
    return this.planOf(this.store.errand(id));
  }

  /** What an errand buys and where, in the terms it was planned in. */
  purchaseOf(id: string): Purchase {
    const errand = this.store.errand(id);
    const figures = [...new Set(errand.lines.map((line) => line.figure))];
    return { title: errand.name ?? errand.title, figures, problem: errand.problem, plan: this.planOf(errand) };
  }

  /** Ticks off what is in the basket by now; the list says all that is. */
  tick(id: string, offers: readonly string[]): Promise<ErrandDto> {
    return this.database.write<ErrandDto>(() => {
      const errand = this.store.errand(id);
      const known = new Set(this.planOf(errand).parcels.flatMap((parcel) => parcel.lines.map((line) => line.offer)));
      const stranger = offers.find((offer) => !known.has(offer));
      if (stranger !== undefined) {
        const sentence = 'The plan does not buy one of these offers. Load the list again and tick it off there.';
        throw new Problem(422, sentence, [{ path: '/offers', sentence }]);
      }
      this.store.tick(id, offers);
      this.live.tellAfterwards('errands', errand.scope);
      return this.errand(id);
    });
  }

  /** Starts working out what 1 to `most` copies cost. */
  async copies(id: string, most: number): Promise<SeriesJobDto> {
    const errand = this.store.errand(id);
    const lines = errand.lines.map((line) => ({ ...line, copies: 1 }));
    const input = await this.planner.input(lines, errand.settings, errand.adjustments);
    const job = await this.database.write(() => this.jobs.create(ERRAND_JOBS.copies.kind, ownerOf(id)));
    this.jobs.run(job, seriesRun({ kind: 'copies', input: plainInput(input), most }));
    return this.jobs.toDto(job) as SeriesJobDto;
  }

  /** Starts looking for the cheapest version of an errand's one look that keeps a likeness. */
  async cheaper(id: string, floor: number): Promise<SeriesJobDto> {
    const errand = this.store.errand(id);
    const [line, ...more] = errand.lines;
    if (!line || more.length > 0)
      throw new Problem(422, 'A cheaper version is looked for one look at a time. Plan an errand for that look alone.');
    const { problems, judge } = await this.cheaperLooks.prepare({ ...line, copies: 1 }, errand.settings, errand.adjustments, floor);
    const job = await this.database.write(() => this.jobs.create(ERRAND_JOBS.cheaper.kind, ownerOf(id)));
    this.jobs.run(job, seriesRun({ kind: 'cheaper', problems }, judge));
    return this.jobs.toDto(job) as SeriesJobDto;
  }

  /** Takes a bare problem (docs/formats/basket-problem.schema.json) and starts solving it. Nothing owns it: it is kept for a day. */
  async solve(json: unknown): Promise<ErrandJobDto> {
    const reading = readBasketProblem(json);
    if ('faults' in reading) {
      const [first] = reading.faults;
      throw new Problem(422, first?.sentence ?? 'This is not a basket problem.', reading.faults);
    }
    const job = await this.database.write(() => this.jobs.create(ERRAND_JOBS.errand.kind, null));
    this.jobs.run(job, basketRun(reading.problem));
    return this.jobs.toDto(job) as ErrandJobDto;
  }

  private planOf(errand: ErrandEntity): BasketPlan {
    const { result } = this.jobs.job(errand.job) as ErrandJobDto;
    if (!result) throw new Problem(409, 'This errand has no plan yet. Wait for it, or plan it again.');
    return result;
  }

  private view(errand: ErrandEntity): ErrandDto {
    return this.views.of(errand);
  }
}

const plain = ({ locked, banned, pinned, accepted }: Adjustments): Adjustments => ({
  locked: locked.map(({ offer, quantity }) => ({ offer: offerBehind(offer), quantity })),
  banned: [...banned],
  pinned: pinned.map(({ variant, seller }) => ({ variant, seller })),
  accepted: accepted.map(({ variant, substitute }) => ({ variant, substitute })),
});
