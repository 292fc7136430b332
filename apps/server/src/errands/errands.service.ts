import { Injectable } from '@nestjs/common';
import {
  type Adjustments,
  basketFor,
  type BasketPlan,
  type BasketProblem,
  figureCosts,
  lineReasons,
  money,
  NO_ADJUSTMENTS,
  offerBehind,
  ownedOf,
  SHORT_COST_MINOR,
  standingOf,
  stockOf,
  variantBehind,
  type YieldKind,
  reasonWords,
} from '@outfit/core';
import { lineUpOfSpares } from '@outfit/core/lineup';
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
import type { ErrandDto, ErrandOfferDto, NewErrandDto } from './errands.dto.js';
import { ErrandsStore } from './record/errands.store.js';
import { ERRAND_JOBS, ownerOf } from './ownJobs.js';
import { errandTitle } from './errandTitle.js';
import { ErrandPlanner, resaleOf } from './planning/planner.js';
import { shoppingList } from './shoppingList.js';
import { basketRun, type ErrandJobDto, plainInput, type SeriesJobDto, seriesRun } from './solving/index.js';

/** So far back a plan is looked for when the newest errand has none. */
const MOST_LOOKED_BACK = 4;

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
    return this.toDto(errand, this.jobs.toDto(job) as ErrandJobDto);
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
  purchaseOf(id: string): { readonly title: string; readonly problem: BasketProblem; readonly plan: BasketPlan } {
    const errand = this.store.errand(id);
    return { title: errand.name ?? errand.title, problem: errand.problem, plan: this.planOf(errand) };
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
    return this.toDto(errand, this.jobs.job(errand.job) as ErrandJobDto);
  }

  private toDto(errand: ErrandEntity, job: ErrandJobDto): ErrandDto {
    const { id, scope, title, name, removedAt, createdAt, problem, lines, settings, adjustments, ticked } = errand;
    const plan = job.result?.status === 'infeasible' ? null : job.result;
    const isFinal = plan !== null && job.state !== 'running';
    const sellers = this.market.sellerNames();
    const words = {
      sellerName: (seller: string) => sellers.get(seller) ?? seller,
      money: (minor: number) => money(minor, problem.currency),
    };
    const looks = isFinal ? this.looksStill(lines) : null;
    const costs = plan && looks ? figureCosts(looks, problem, plan) : [];
    const result = job.result && current(job.result, problem);
    const names = { currency: problem.currency, seller: words.sellerName, part: (variant: string) => this.partName(variant) };
    return {
      id,
      scope,
      title,
      name,
      removedAt,
      createdAt,
      currency: problem.currency,
      lines: lines.map((line, i) => ({
        ...line,
        wholeFigure: this.planner.wholeFigureOf(line.figure),
        eachMinor: costs[i]?.eachMinor ?? null,
        totalMinor: costs[i]?.totalMinor ?? null,
        dominant: costs[i]?.dominant ?? null,
      })),
      settings,
      adjustments: {
        locked: [...adjustments.locked],
        banned: [...adjustments.banned],
        pinned: [...adjustments.pinned],
        accepted: [...adjustments.accepted],
      },
      needs: needsOf(problem),
      offers: plan ? offersOf(problem, plan) : [],
      reasons: plan && isFinal ? [...lineReasons(problem, plan, words)] : [],
      leftovers: plan && isFinal ? this.leftoversOf(plan) : [],
      ticked,
      standing: plan && looks ? standingOf(looks, problem, plan, ({ look }) => lineUpOfSpares(look.id) === null) : null,
      shapedBy: result?.reasons.map((reason) => reasonWords(reason, names)) ?? [],
      job: { ...job, result },
      copies: this.jobs.newestOf(ERRAND_JOBS.copies.kind, ownerOf(id)) as SeriesJobDto | null,
      cheaper: this.jobs.newestOf(ERRAND_JOBS.cheaper.kind, ownerOf(id)) as SeriesJobDto | null,
    };
  }

  /** What a part of a problem is called: its name there may say where it must come from. */
  private partName(variant: string): string {
    const [catalogue, behind] = [this.catalogue.now(), variantBehind(variant)];
    return catalogue.has(behind) ? catalogue.nameOf(catalogue.variant(behind)) : variant;
  }

  /** The looks of an errand, or null when one of them has gone or changed so that it can no longer be shopped for. */
  private looksStill(lines: readonly StoredLine[]) {
    try {
      return this.planner.lines(lines);
    } catch (error) {
      if (error instanceof Problem) return null;
      throw error;
    }
  }

  private leftoversOf(plan: BasketPlan) {
    if (plan.leftovers.length === 0) return [];
    const { offers } = this.market.viewOf(plan.leftovers.map(({ variant }) => ({ kind: 'variant', id: variantBehind(variant) })));
    const values = new Map(resaleOf(offers.filter((offer) => offer.stock > 0)).map((row) => [row.variant, row.valueMinor]));
    return plan.leftovers.map(({ variant, quantity }) => {
      const behind = variantBehind(variant);
      return { variant: behind, quantity, eachMinor: values.get(behind) ?? null };
    });
  }
}

/**
 * A plan as plans are now: one made before shortage was told apart gets what it leaves unfilled reckoned, and one whose reasons were
 * sentences is told without them until it is planned again.
 */
function current(plan: BasketPlan, { needs }: ErrandEntity['problem']): BasketPlan {
  const reasons = plan.reasons.filter((reason) => typeof reason === 'object');
  if ((plan as Partial<BasketPlan>).shortageMinor !== undefined) return { ...plan, reasons };
  const costs = new Map(needs.map((need) => [need.id, need.shortCostMinor ?? SHORT_COST_MINOR]));
  const shortageMinor = plan.short.reduce((all, { need, quantity }) => all + quantity * (costs.get(need) ?? 0), 0);
  return { ...plan, reasons, shortageMinor, leastShortageMinor: null };
}

const plain = ({ locked, banned, pinned, accepted }: Adjustments): Adjustments => ({
  locked: locked.map(({ offer, quantity }) => ({ offer: offerBehind(offer), quantity })),
  banned: [...banned],
  pinned: pinned.map(({ variant, seller }) => ({ variant, seller })),
  accepted: accepted.map(({ variant, substitute }) => ({ variant, substitute })),
});

/** Wanted parts with what is owned of them, the parts of one variant added up again. */
function needsOf({ needs, owned }: ErrandEntity['problem']) {
  const wanted = stockOf(needs.map((need) => ({ variant: variantBehind(need.id), quantity: need.quantity })));
  const has = ownedOf(wanted, stockOf(owned.map((row) => ({ variant: variantBehind(row.variant), quantity: row.quantity }))));
  return [...wanted].map(([variant, quantity]) => ({ variant, quantity, owned: has.get(variant) ?? 0 }));
}

const WHOLE = /^(figure|bundle|source) (.+)$/;

/** The offers a plan buys from, as the market knows them. */
function offersOf(problem: ErrandEntity['problem'], plan: BasketPlan): ErrandOfferDto[] {
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
  const wanted = new Set(plan.fills.map((fill) => fill.variant));
  return plan.parcels.flatMap((parcel) =>
    parcel.lines.flatMap(({ offer: id }) => {
      const offer = offers.get(id);
      if (!offer) return [];
      const [, kind = 'variant', item = variantBehind(offer.item)] = WHOLE.exec(variantBehind(offer.item)) ?? [];
      const yields = (items.get(offer.item)?.yields ?? [])
        .filter((row) => wanted.has(row.variant))
        .map((row) => variantBehind(row.variant));
      const { seller, priceMinor, stock, condition } = offer;
      return [{ id, seller, kind: kind as YieldKind, item, priceMinor, stock, condition, yields }];
    }),
  );
}
