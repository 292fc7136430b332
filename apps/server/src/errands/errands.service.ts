import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { basketFor, demand, NO_RULES, type BasketPlan, type Catalogue, type Rules } from '@outfit/core';
import { readBasketProblem } from '@outfit/formats';
import { randomUUID } from 'node:crypto';
import { DataSource } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { notFound, Problem } from '../common/problem.js';
import { LooksService } from '../figures/index.js';
import { basketRun, JobsService, toDto, type JobDto } from '../jobs/index.js';
import { CURRENCY, MarketService } from '../market/index.js';
import { WardrobeService } from '../wardrobe/index.js';
import { ErrandEntity } from './errand.entity.js';
import type { ErrandDto, ErrandRulesDto, NewErrandDto } from './errands.dto.js';
import { shoppingList } from './shoppingList.js';

const EFFORT = { gap: 0.005, seconds: 30 };

@Injectable()
export class ErrandsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly looks: LooksService,
    private readonly wardrobe: WardrobeService,
    private readonly market: MarketService,
    private readonly jobs: JobsService,
    private readonly clock: Clock,
  ) {}

  /** Plans what a look × copies needs: builds the basket problem and starts the job that solves it. */
  async create({ look: lookId, copies, ...wanted }: NewErrandDto): Promise<ErrandDto> {
    const catalogue = await this.catalogue.catalogue();
    const look = await this.looks.look(lookId);
    if (look.parts.length === 0) throw new Problem(422, 'This look has no parts yet. Put some on in Fitting first.');
    refuseImagined(
      look.parts.map((part) => part.variant),
      catalogue,
    );
    const [owned, { sellers, offers }] = await Promise.all([this.wardrobe.owned(), this.market.forBasket()]);
    const problem = basketFor({
      currency: CURRENCY,
      demand: demand(look, copies),
      owned,
      offers,
      sellers,
      figures: catalogue.data.officialFigures,
      massG: (id) => catalogue.mouldOf(catalogue.variant(id)).geometry.massG,
      rules: rulesFrom(wanted),
      effort: EFFORT,
    });
    const { errand, job } = await this.database.transaction(async (manager) => {
      const row = await this.jobs.create(manager, 'errand');
      const entity = {
        id: randomUUID(),
        figure: look.figure,
        look: look.id,
        copies,
        createdAt: this.clock.now().toISOString(),
        job: row.id,
        problem,
      };
      await manager.insert(ErrandEntity, entity);
      return { errand: entity, job: row };
    });
    this.jobs.run(job, basketRun(problem));
    return this.toDto(errand, toDto(job));
  }

  async errand(id: string): Promise<ErrandDto> {
    const errand = await this.require(id);
    return this.toDto(errand, await this.jobs.job(errand.job));
  }

  /** The newest errand of a figure, or none. */
  async latest(figure: string): Promise<ErrandDto[]> {
    const errands = await this.database.manager.find(ErrandEntity, { where: { figure }, order: { createdAt: 'DESC' }, take: 1 });
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

  private toDto({ id, figure, look, copies, createdAt, problem }: ErrandEntity, job: JobDto): ErrandDto {
    const owned = new Map(problem.owned.map((row) => [row.variant, row.quantity]));
    return {
      id,
      figure,
      look,
      copies,
      createdAt,
      currency: problem.currency,
      needs: problem.needs.map((need) => {
        const variant = need.options[0]?.variant ?? need.id;
        return { variant, quantity: need.quantity, owned: Math.min(need.quantity, owned.get(variant) ?? 0) };
      }),
      offers: problem.offers.map(({ multiple: _, ...offer }) => offer),
      job,
    };
  }
}

/** An imagined part can be planned on paper, not bought. */
function refuseImagined(variants: readonly string[], catalogue: Catalogue): void {
  const imagined = [...new Set(variants)].map((id) => catalogue.variant(id)).filter((variant) => variant.made === undefined);
  if (imagined.length === 0) return;
  const faults = imagined.map((variant) => ({ path: '/look', sentence: `${catalogue.nameOf(variant)} has never been made.` }));
  throw new Problem(422, `${faults[0]?.sentence ?? ''} Put on a made part in Fitting, then plan the errand.`, faults);
}

function rulesFrom(wanted: ErrandRulesDto): Rules {
  return {
    ...NO_RULES,
    maxParcels: wanted.maxParcels ?? null,
    budgetMinor: wanted.budgetMinor ?? null,
    withinDays: wanted.withinDays ?? null,
    condition: wanted.condition ?? 'used',
    allowThirdParty: wanted.allowThirdParty ?? false,
  };
}
