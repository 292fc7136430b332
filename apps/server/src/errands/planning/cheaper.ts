import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { type Adjustments, basketFor, type BasketProblem, likenessWith, type Substitute } from '@outfit/core';
import { CatalogueService } from '../../catalogue/index.js';
import { FiguresService } from '../../figures/index.js';
import { LowestService } from '../../market/index.js';
import { Database } from '../../platform/db/index.js';
import { workerBeside, WorkerPool } from '../../platform/jobs/index.js';
import type { StoredLine } from '../record/errand.entity.js';
import type { ErrandSettingsDto } from '../errands.dto.js';
import { ErrandPlanner } from './planner.js';
import type { Alternative, AlternativesTask, SeriesPoint } from '../solving/index.js';

const WORKER = workerBeside(import.meta.url, '../solving/alternatives.worker');

/** What a point of likeness is held to be worth, from nothing to much, in minor units: each gives one basket. */
const POINT_PRICES = [2, 5, 10, 20, 40, 80, 160, 400];

/**
 * The cheapest version of a look that still looks right: every part may give way to one that costs less and loses little.
 * Baskets are solved for rising prices of a point of likeness; the looks that come of them are judged whole.
 */
@Injectable()
export class CheaperService implements OnApplicationShutdown {
  private readonly pool = new WorkerPool<AlternativesTask, ReadonlyMap<string, readonly Alternative[]>>({ idleMs: 10_000 });

  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
    private readonly figures: FiguresService,
    private readonly lowest: LowestService,
    private readonly planner: ErrandPlanner,
  ) {}

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }

  async prepare(
    line: StoredLine,
    settings: ErrandSettingsDto,
    adjustments: Adjustments,
    floor: number,
  ): Promise<{ readonly problems: readonly BasketProblem[]; readonly judge: (points: readonly SeriesPoint[]) => readonly SeriesPoint[] }> {
    const [only] = this.planner.lines([line]);
    if (!only) throw new RangeError('one line gives one look');
    const { look } = only;
    const { brief } = this.figures.figure(line.figure);
    const alternatives = await this.pool.run(WORKER, {
      databaseFile: this.database.file,
      look,
      brief,
      floor,
      owned: this.planner.ownedVariants(),
      landedMinor: await this.lowest.landedMinor(),
    });
    const input = await this.planner.input(
      [line],
      settings,
      adjustments,
      [...alternatives.values()].flatMap((rows) => rows.map((row) => row.variant)),
    );
    const problems = POINT_PRICES.map((pointMinor) =>
      basketFor({
        ...input,
        substitutes: (variant): readonly Substitute[] =>
          (alternatives.get(variant) ?? []).map((row) => ({ variant: row.variant, penaltyMinor: Math.round(row.lost * pointMinor) })),
      }),
    );
    const judge = (points: readonly SeriesPoint[]): readonly SeriesPoint[] =>
      points.map((point) => {
        const left = point.swaps.map((swap) => ({ ...swap }));
        const parts = look.parts.map((part) => {
          const swap = left.find((row) => row.variant === part.variant && row.quantity > 0);
          if (!swap) return part;
          swap.quantity -= 1;
          return { ...part, variant: swap.substitute };
        });
        return { ...point, likeness: likenessWith({ ...look, parts }, brief, this.catalogue.now(), this.catalogue.now().systemOf(brief)) };
      });
    return { problems, judge };
  }
}
