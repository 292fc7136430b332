import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import {
  basketFor,
  figureCosts,
  lineReasons,
  mostCopies,
  NO_ADJUSTMENTS,
  offerBehind,
  variantBehind,
  type Adjustments,
  type BasketPlan,
  type YieldKind,
} from '@outfit/core';
import { readBasketProblem } from '@outfit/formats';
import { randomUUID } from 'node:crypto';
import { DataSource } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { notFound, Problem } from '../common/problem.js';
import { FiguresService } from '../figures/index.js';
import { basketRun, JobsService, plainInput, seriesRun, toDto, type JobDto } from '../jobs/index.js';
import { MarketService } from '../market/index.js';
import { WardrobeService } from '../wardrobe/index.js';
import { CheaperService } from './cheaper.js';
import { ErrandEntity, type StoredLine } from './errand.entity.js';
import type { ErrandDto, ErrandOfferDto, NewErrandDto, SubstituteDto } from './errands.dto.js';
import { ErrandPlanner, landedOf, resaleOf } from './planner.js';
import { shoppingList } from './shoppingList.js';

const MOST_SUBSTITUTES = 12;

@Injectable()
export class ErrandsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly planner: ErrandPlanner,
    private readonly cheaperLooks: CheaperService,
    private readonly figures: FiguresService,
    private readonly wardrobe: WardrobeService,
    private readonly market: MarketService,
    private readonly jobs: JobsService,
    private readonly clock: Clock,
  ) {}

  /** Plans what some looks × copies need: builds the basket problem and starts the job that solves it. */
  async create({ scope, lines: wanted, adjustments: adjusted, ...settings }: NewErrandDto): Promise<ErrandDto> {
    const adjustments: Adjustments = adjusted ?? NO_ADJUSTMENTS;
    const looks = await this.planner.lines(
      wanted.map((line) => ({ figure: '', look: line.look, copies: line.copies, group: line.group ?? null })),
    );
    const lines: StoredLine[] = looks.map(({ look, copies, group }) => ({ figure: look.figure, look: look.id, copies, group }));
    const problem = basketFor(await this.planner.input(lines, settings, adjustments));
    const title = await this.titleOf(scope, lines);
    const { errand, job } = await this.database.transaction(async (manager) => {
      const row = await this.jobs.create(manager, 'errand');
      const entity: ErrandEntity = {
        id: randomUUID(),
        scope,
        title,
        lines,
        settings,
        adjustments: plain(adjustments),
        createdAt: this.clock.now().toISOString(),
        job: row.id,
        problem,
        ticked: [],
      };
      await manager.insert(ErrandEntity, entity);
      return { errand: entity, job: row };
    });
    this.jobs.run(job, { ...basketRun(problem), after: (plan) => this.market.rememberLanded(plan) });
    return this.toDto(errand, toDto(job));
  }

  private async titleOf(scope: string, lines: readonly StoredLine[]): Promise<string> {
    const lineUps = await this.figures.lineUps();
    const lineUp = lineUps.find((row) => row.id === scope);
    if (lineUp) return lineUp.name;
    const figure = lineUps.flatMap((row) => row.figures).find((row) => row.id === scope);
    if (!figure) throw notFound('figure or line-up', scope);
    const look = figure.looks.find((row) => row.id === lines[0]?.look);
    return lines.length === 1 && look ? `${figure.brief.name}, ${look.name}` : figure.brief.name;
  }

  async errand(id: string): Promise<ErrandDto> {
    const errand = await this.require(id);
    return this.toDto(errand, await this.jobs.job(errand.job));
  }

  /** The newest errand of a figure or line-up, or none. */
  async latest(scope: string): Promise<ErrandDto[]> {
    const errands = await this.database.manager.find(ErrandEntity, { where: { scope }, order: { createdAt: 'DESC' }, take: 1 });
    return Promise.all(errands.map(async (errand) => this.toDto(errand, await this.jobs.job(errand.job))));
  }

  async shoppingList(id: string): Promise<string> {
    const errand = await this.require(id);
    const sellers = new Map((await this.market.sellers()).map((seller) => [seller.id, seller.name]));
    return shoppingList(
      errand.problem,
      await this.planOf(errand),
      await this.catalogue.catalogue(),
      (seller) => sellers.get(seller) ?? seller,
    );
  }

  async plan(id: string): Promise<BasketPlan> {
    return this.planOf(await this.require(id));
  }

  /** Ticks off what is in the basket by now; the list says all that is. */
  async tick(id: string, offers: readonly string[]): Promise<ErrandDto> {
    const errand = await this.require(id);
    const known = new Set((await this.planOf(errand)).parcels.flatMap((parcel) => parcel.lines.map((line) => line.offer)));
    const stranger = offers.find((offer) => !known.has(offer));
    if (stranger !== undefined)
      throw new Problem(422, `The plan does not buy ${stranger}.`, [{ path: '/offers', sentence: 'Not in the plan.' }]);
    await this.database.manager.update(ErrandEntity, { id }, { ticked: [...offers] });
    return this.errand(id);
  }

  /** Starts working out what 1 to `most` copies cost. */
  async copies(id: string, most: number): Promise<JobDto> {
    const errand = await this.require(id);
    const input = await this.planner.input(
      errand.lines.map((line) => ({ ...line, copies: 1 })),
      errand.settings,
      errand.adjustments,
    );
    const limit = mostCopies(input);
    const job = await this.database.transaction((manager) => this.jobs.create(manager, 'copies'));
    this.jobs.run(job, seriesRun({ kind: 'copies', input: plainInput(input), most, runsOutAfter: Number.isFinite(limit) ? limit : null }));
    return toDto(job);
  }

  /** Starts looking for the cheapest version of an errand's one look that keeps a likeness. */
  async cheaper(id: string, floor: number): Promise<JobDto> {
    const errand = await this.require(id);
    const [line, ...more] = errand.lines;
    if (!line || more.length > 0)
      throw new Problem(422, 'A cheaper version is looked for one look at a time. Plan an errand for that look alone.');
    const { problems, judge } = await this.cheaperLooks.prepare({ ...line, copies: 1 }, errand.settings, errand.adjustments, floor);
    const job = await this.database.transaction((manager) => this.jobs.create(manager, 'cheaper'));
    this.jobs.run(job, seriesRun({ kind: 'cheaper', problems }, judge));
    return toDto(job);
  }

  /** What could stand in for a part: the same mould in other colours, and what the looks would take; least loss for its saving first. */
  async substitutes(id: string, variant: string): Promise<SubstituteDto[]> {
    const errand = await this.require(id);
    const catalogue = await this.catalogue.catalogue();
    if (!catalogue.has(variant)) throw notFound('variant', variant);
    const looks = (await this.planner.lines(errand.lines))
      .map((line) => line.look)
      .filter((look) => look.parts.some((part) => part.variant === variant));
    const landed = landedOf((await this.market.view({ kind: 'variant' })).offers.filter((offer) => offer.stock > 0));
    const owned = new Map((await this.wardrobe.owned()).map((row) => [row.variant, row.quantity]));
    const model = catalogue.variant(variant);
    const alike = catalogue.variantsOf(model.mould).filter((row) => row.made && row.id !== variant && row.print === model.print);
    const acceptable = looks.flatMap((look) => {
      const positions = look.parts.filter((part) => part.variant === variant).map((part) => part.position);
      return (look.acceptable ?? []).filter((row) => positions.includes(row.position)).map((row) => row.variant);
    });
    const ids = [...new Set([...acceptable, ...alike.map((row) => row.id)])].filter(
      (row) => row !== variant && (landed.has(row) || owned.has(row)),
    );
    const losses = await Promise.all(looks.map((look) => this.planner.lostIn(look)));
    return ids
      .map((substitute): SubstituteDto => ({
        variant: substitute,
        lost: Math.round(Math.max(0, ...losses.map((lost) => lost(variant, substitute))) * 10) / 10,
        landedMinor: landed.get(substitute) ?? null,
        owned: owned.get(substitute) ?? 0,
        accepted:
          acceptable.includes(substitute) ||
          errand.adjustments.accepted.some((row) => row.variant === variant && row.substitute === substitute),
      }))
      .sort((a, b) => a.lost - b.lost || (a.landedMinor ?? 0) - (b.landedMinor ?? 0) || a.variant.localeCompare(b.variant))
      .slice(0, MOST_SUBSTITUTES);
  }

  /** Takes a bare problem (docs/formats/basket-problem.schema.json) and starts solving it. */
  async solve(json: unknown): Promise<JobDto> {
    const reading = readBasketProblem(json);
    if ('faults' in reading) {
      const [first] = reading.faults;
      throw new Problem(422, first ? `${first.path}: ${first.sentence}` : 'This is not a basket problem.', reading.faults);
    }
    const job = await this.database.transaction((manager) => this.jobs.create(manager, 'errand'));
    this.jobs.run(job, basketRun(reading.problem));
    return toDto(job);
  }

  private async planOf(errand: ErrandEntity): Promise<BasketPlan> {
    const { result } = await this.jobs.job(errand.job);
    if (!result) throw new Problem(409, 'This errand has no plan yet. Wait for it, or plan it again.');
    return result;
  }

  private async require(id: string): Promise<ErrandEntity> {
    const errand = await this.database.manager.findOneBy(ErrandEntity, { id });
    if (!errand) throw notFound('errand', id);
    return errand;
  }

  private async toDto(errand: ErrandEntity, job: JobDto): Promise<ErrandDto> {
    const { id, scope, title, createdAt, problem, lines, settings, adjustments, ticked } = errand;
    const plan = job.result?.status === 'infeasible' ? null : job.result;
    const isFinal = plan !== null && job.state !== 'running';
    const sellers = new Map((await this.market.sellers()).map((seller) => [seller.id, seller.name]));
    const money = (minor: number): string =>
      new Intl.NumberFormat('en-GB', { style: 'currency', currency: problem.currency }).format(minor / 100);
    const looks = isFinal ? await this.looksStill(lines) : null;
    const costs = plan && looks ? figureCosts(looks, problem, plan) : [];
    return {
      id,
      scope,
      title,
      createdAt,
      currency: problem.currency,
      lines: lines.map((line, i) => ({ ...line, eachMinor: costs[i]?.eachMinor ?? null, dominant: costs[i]?.dominant ?? null })),
      settings,
      adjustments: {
        locked: [...adjustments.locked],
        banned: [...adjustments.banned],
        pinned: [...adjustments.pinned],
        accepted: [...adjustments.accepted],
      },
      needs: needsOf(problem),
      offers: plan ? offersOf(problem, plan) : [],
      reasons: plan && isFinal ? [...lineReasons(problem, plan, { sellerName: (seller) => sellers.get(seller) ?? seller, money })] : [],
      leftovers: plan && isFinal ? await this.leftoversOf(plan) : [],
      ticked,
      job,
    };
  }

  /** The looks of an errand, or null when one of them has gone or changed so that it can no longer be shopped for. */
  private async looksStill(lines: readonly StoredLine[]) {
    try {
      return await this.planner.lines(lines);
    } catch (error) {
      if (error instanceof Problem) return null;
      throw error;
    }
  }

  private async leftoversOf(plan: BasketPlan) {
    if (plan.leftovers.length === 0) return [];
    const { offers } = await this.market.view({ kind: 'variant' });
    const values = new Map(resaleOf(offers.filter((offer) => offer.stock > 0)).map((row) => [row.variant, row.valueMinor]));
    return plan.leftovers.map(({ variant, quantity }) => {
      const behind = variantBehind(variant);
      return { variant: behind, quantity, eachMinor: values.get(behind) ?? null };
    });
  }
}

const plain = ({ locked, banned, pinned, accepted }: Adjustments): Adjustments => ({
  locked: locked.map(({ offer, quantity }) => ({ offer: offerBehind(offer), quantity })),
  banned: [...banned],
  pinned: pinned.map(({ variant, seller }) => ({ variant, seller })),
  accepted: accepted.map(({ variant, substitute }) => ({ variant, substitute })),
});

/** Wanted parts with what is owned of them, the parts of one variant added up again. */
function needsOf({ needs, owned }: ErrandEntity['problem']) {
  const wanted = new Map<string, number>();
  for (const need of needs) wanted.set(variantBehind(need.id), (wanted.get(variantBehind(need.id)) ?? 0) + need.quantity);
  const has = new Map<string, number>();
  for (const row of owned) has.set(variantBehind(row.variant), (has.get(variantBehind(row.variant)) ?? 0) + row.quantity);
  return [...wanted].map(([variant, quantity]) => ({ variant, quantity, owned: Math.min(quantity, has.get(variant) ?? 0) }));
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
