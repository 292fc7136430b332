import { basketFor, type BasketProblem } from '@outfit/core';
import { Injectable } from '@nestjs/common';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { isDeepStrictEqual } from 'node:util';
import { FiguresStore } from '../figures/index.js';
import { MarketService } from '../market/index.js';
import { Problem } from '../platform/http/index.js';
import { JobsService } from '../platform/jobs/index.js';
import { LiveService } from '../platform/live/index.js';
import type { StandingPlanDto } from './errands.dto.js';
import { ErrandPlanner } from './planning/planner.js';
import type { ErrandEntity } from './record/errand.entity.js';
import { ErrandsStore } from './record/errands.store.js';
import type { ErrandJobDto } from './solving/index.js';

/** What is asked for and what there is to be had: the market is looked through anew only when one of these changed. */
const MARKET = ['market', 'catalogue'] as const;

/**
 * Plans that still stand: the newest of their figure or line-up, filling all that is wanted, and made from exactly what would be planned from
 * now. What they say of pieces and money is what pages tell in place of an estimate.
 */
@Injectable()
export class StandingPlans {
  private readonly known = new Map<string, { readonly of: string; readonly stands: boolean }>();

  constructor(
    private readonly store: ErrandsStore,
    private readonly figures: FiguresStore,
    private readonly planner: ErrandPlanner,
    private readonly jobs: JobsService,
    private readonly market: MarketService,
    private readonly live: LiveService,
  ) {}

  /** Those of a line-up and of each of its figures. Throws a 404 when there is no such line-up. */
  async of(lineUp: string): Promise<StandingPlanDto[]> {
    this.figures.lineUp(lineUp);
    const plans: StandingPlanDto[] = [];
    for (const scope of [lineUp, ...this.figures.figuresOf(lineUp).map(({ id }) => id)]) {
      const errand = this.store.newestOf(scope);
      if (!errand) continue;
      const { state, result } = this.jobs.job(errand.job) as ErrandJobDto;
      if (!result || result.status === 'infeasible' || state === 'running' || result.short.length > 0) continue;
      await nextTurn();
      if (!(await this.stands(errand))) continue;
      const toBuy = result.fills.reduce((all, fill) => all + (fill.from === 'bought' ? fill.quantity : 0), 0);
      const versions = new Map(this.figures.looksOf(errand.lines.map(({ figure }) => figure)).map(({ id, version }) => [id, version]));
      const lines = errand.lines.map(({ look, copies, group }) => ({ look, copies, group, version: versions.get(look) ?? null }));
      plans.push({ scope, errand: errand.id, lines, toBuy, paidMinor: result.paidMinor });
    }
    return plans;
  }

  /** Would the very same be planned from now? A look in the bin, or one that is empty by now, cannot be planned any more. */
  private async stands(errand: ErrandEntity): Promise<boolean> {
    const { id, lines, settings, adjustments, problem } = errand;
    try {
      const market = MARKET.map((area) => this.live.revisionOf(area));
      const of = JSON.stringify([this.market.today(), market, await this.planner.stateOf(lines, settings, adjustments)]);
      const known = this.known.get(id);
      if (known?.of === of) return known.stands;
      const now = basketFor(await this.planner.input(lines, settings, adjustments));
      const stands = isDeepStrictEqual(asKept(now), asKept(problem));
      this.known.set(id, { of, stands });
      return stands;
    } catch (error) {
      if (error instanceof Problem) return false;
      throw error;
    }
  }
}

/**
 * A problem as it comes back from the database. What taking a part off a whole figure costs is left out: it is a landed price, and every plan
 * that is made says anew what is landed, its own parts first of all.
 */
const asKept = ({ owned, ...problem }: BasketProblem): unknown =>
  JSON.parse(JSON.stringify({ ...problem, owned: owned.map(({ variant, quantity }) => ({ variant, quantity })) }));
