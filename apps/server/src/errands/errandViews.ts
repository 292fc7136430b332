import { Injectable } from '@nestjs/common';
import {
  type BasketPlan,
  type BasketProblem,
  donatedBy,
  figureCosts,
  fillersOf,
  fillerWords,
  lineReasons,
  money,
  ownedOf,
  reasonWords,
  SHORT_COST_MINOR,
  standingOf,
  stockOf,
  variantBehind,
  wholesOf,
  type YieldKind,
} from '@outfit/core';
import { lineUpOfSpares } from '@outfit/core/lineup';
import { CatalogueService } from '../catalogue/index.js';
import { MarketService } from '../market/index.js';
import { Problem } from '../platform/http/index.js';
import { JobsService } from '../platform/jobs/index.js';
import type { ErrandDto, ErrandOfferDto } from './errands.dto.js';
import { ERRAND_JOBS, ownerOf } from './ownJobs.js';
import { ErrandPlanner, isFigure, resaleOf } from './planning/planner.js';
import type { ErrandEntity, StoredLine } from './record/errand.entity.js';
import type { ErrandJobDto, SeriesJobDto } from './solving/index.js';

/** An errand as a page shows it: its plan with what is to be said of it. */
@Injectable()
export class ErrandViews {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly planner: ErrandPlanner,
    private readonly market: MarketService,
    private readonly jobs: JobsService,
  ) {}

  of(errand: ErrandEntity, job = this.jobs.job(errand.job) as ErrandJobDto): ErrandDto {
    const { id, scope, title, name, removedAt, createdAt, problem, lines, settings, adjustments, ticked } = errand;
    const result = job.result && current(job.result, problem);
    const plan = result?.status === 'infeasible' ? null : result;
    const isFinal = plan !== null && job.state !== 'running';
    const sellers = this.market.sellerNames();
    const words = {
      sellerName: (seller: string) => sellers.get(seller) ?? seller,
      donorName: (donor: string) => this.planner.wholeFigureOf(donor) ?? 'a whole figure',
      money: (minor: number) => money(minor, problem.currency),
    };
    const looks = isFinal ? this.looksStill(lines) : null;
    const costs = plan && looks ? figureCosts(looks, problem, plan) : [];
    const standing = plan && looks ? this.standingOf(looks, problem, plan) : null;
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
        stand: standing && lineUpOfSpares(line.look) === null ? (standing.looks.find((row) => row.look === line.look)?.copies ?? 0) : null,
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
      fillers:
        plan && isFinal
          ? fillersOf(problem, plan).map(({ offer, quantity, cause }) => ({ offer, quantity, sentence: fillerWords(cause, words.money) }))
          : [],
      donated: plan ? donatedBy(problem, plan).map((row) => ({ ...row, name: words.donorName(row.donor) })) : [],
      leftovers: plan && isFinal ? this.leftoversOf(plan) : [],
      ticked,
      standing,
      shapedBy: result?.reasons.map((reason) => reasonWords(reason, names)) ?? [],
      job: { ...job, result },
      copies: this.jobs.newestOf(ERRAND_JOBS.copies.kind, ownerOf(id)) as SeriesJobDto | null,
      cheaper: this.jobs.newestOf(ERRAND_JOBS.cheaper.kind, ownerOf(id)) as SeriesJobDto | null,
    };
  }

  /** How many figures can stand. A problem made before it said what its needs are for is told of its looks as they are now. */
  private standingOf(looks: ReturnType<ErrandPlanner['lines']>, problem: BasketProblem, plan: BasketPlan) {
    if (problem.wholes.length > 0) return standingOf(problem, plan);
    return standingOf({ ...problem, wholes: wholesOf(looks, isFigure) }, { short: plan.short });
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
 * A plan as plans are now. One made before shortage was told apart gets what it leaves unfilled reckoned, one whose reasons were sentences is
 * told without them until it is planned again, and what a plan was compared with is told in money that would be paid.
 */
function current(plan: BasketPlan, { needs }: ErrandEntity['problem']): BasketPlan {
  const reasons = plan.reasons.filter((reason) => typeof reason === 'object');
  const was = plan as Partial<BasketPlan>;
  if (was.standing !== undefined) return { ...plan, reasons };
  const costs = new Map(needs.map((need) => [need.id, need.shortCostMinor ?? SHORT_COST_MINOR]));
  const shortageMinor = was.shortageMinor ?? plan.short.reduce((all, { need, quantity }) => all + quantity * (costs.get(need) ?? 0), 0);
  const besideMinor = plan.costMinor - plan.paidMinor;
  const curve = plan.compared.curve.map((point) => ({ ...point, costMinor: point.costMinor - besideMinor, besideMinor: 0 }));
  return {
    ...plan,
    reasons,
    shortageMinor,
    leastShortageMinor: was.leastShortageMinor ?? null,
    standing: [],
    standingWorth: 0,
    mostStandingWorth: null,
    compared: { cheapestEachMinor: null, cheapestEachLacks: null, fewestParcelsMinor: curve[0]?.costMinor ?? null, curve },
  };
}

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
