import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Explosion, piecesOf } from '@outfit/core';
import type { PromiseBook, Yielder } from '@outfit/core/wardrobe';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { workerBeside, WorkerPool } from '../../platform/jobs/index.js';
import { DonorsService } from '../donors/index.js';
import { pieceDto } from '../pieceView.js';
import { PromisesService } from '../promises/index.js';
import type { PieceDto } from '../wardrobe.dto.js';
import type { PieceEntity } from '../wardrobe.entities.js';
import type { CopiesAnswer, CopiesTask } from './copies.worker.js';
import type { CopiesOfDto, LeastCopiesDto, LoanDto, SortOutDto } from './sorting.dto.js';
import { type DueRow, SortingRecord } from './sortingRecord.js';

const WORKER = workerBeside(import.meta.url, 'copies.worker');
/** As many of each are told at once; how many there are in all stands beside them. */
const MOST_TOLD = 100;

/** What in the wardrobe waits for a decision, and how few copies would serve a line-up. */
@Injectable()
export class SortingService implements OnApplicationShutdown {
  private readonly record: SortingRecord;
  private readonly pool = new WorkerPool<CopiesTask, CopiesAnswer>({ idleMs: 30_000, mostWaiting: 20 });

  constructor(
    database: Database,
    private readonly catalogue: CatalogueService,
    private readonly promises: PromisesService,
    private readonly donors: DonorsService,
    private readonly clock: Clock,
  ) {
    this.record = new SortingRecord((sql) => database.prepare(sql));
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }

  /** How many runs are only thought to be there. */
  toConfirm(): number {
    return this.record.unsureCount();
  }

  async sortOut(): Promise<SortOutDto> {
    const clashes = await this.promises.clashes(MOST_TOLD);
    const orphans = await this.orphans();
    await nextTurn();
    const told = (rows: readonly PieceEntity[]): PieceDto[] => rows.map((row) => pieceDto(row, this.catalogue.now()));
    // Each looks through all lots: others are answered between.
    const unsure = { unsure: told(this.record.unsure(MOST_TOLD)), unsureCount: this.record.unsureCount() };
    await nextTurn();
    const lent = this.loans(this.record.lent());
    await nextTurn();
    return {
      clashes: clashes.told,
      clashCount: clashes.all,
      orphans: told(this.record.runs(orphans.slice(0, MOST_TOLD))),
      orphanCount: orphans.length,
      ...unsure,
      lent,
      borrowed: this.loans(this.record.borrowed()),
    };
  }

  /** The fewest official figures, and products, that serve all looks of a line-up at once. */
  async leastCopies(lineUp: string): Promise<LeastCopiesDto> {
    const { data } = this.catalogue.now();
    const { together, apart, short } = await this.promises.demandOf(lineUp);
    const explosion = new Explosion(data);
    const figures = data.officialFigures.map((figure): Yielder => ({ id: figure.id, yields: piecesOf(figure) }));
    const products = data.sources.map((source): Yielder => ({
      id: source.id,
      yields: new Map(explosion.of(source).map((row) => [row.variant, row.quantity])),
    }));
    const answer = await this.pool.run(WORKER, { together, apart, short, figures, products });
    const owned = new Map<string, number>();
    for (const { officialFigure } of await this.donors.list()) owned.set(officialFigure, (owned.get(officialFigure) ?? 0) + 1);
    const nameOf = new Map([...data.officialFigures, ...data.sources].map(({ id, name }) => [id, name]));
    const copiesOf = (copies: ReadonlyMap<string, number>): CopiesOfDto[] =>
      [...copies]
        .map(([id, count]) => ({ id, name: nameOf.get(id) ?? id, copies: count, owned: Math.min(count, owned.get(id) ?? 0) }))
        .sort((a, b) => b.copies - a.copies || (a.name < b.name ? -1 : 1));
    return {
      figures: copiesOf(answer.figures.copies),
      figureTotal: answer.figures.total,
      products: copiesOf(answer.products.copies),
      productTotal: answer.products.total,
      isProven: answer.figures.isProven && answer.products.isProven,
      apart: answer.apart,
      without: answer.figures.without,
      further: answer.further.map(({ id, serves }) => ({ id, name: nameOf.get(id) ?? id, serves })),
    };
  }

  /** Runs that serve nobody, of parts that no look wants and no whole figure misses. */
  private async orphans(): Promise<readonly number[]> {
    const { book, isWanted } = await this.promises.unwanted();
    const missed = new Set((await this.donors.list()).flatMap((donor) => donor.holes.map((hole) => hole.variant)));
    return [...book.variants()]
      .filter((variant) => !isWanted(variant) && !missed.has(variant))
      .flatMap((variant) => looseRuns(book, variant));
  }

  private loans(rows: readonly DueRow[]): LoanDto[] {
    const today = this.clock.today();
    const loans = new Map<string, { person: string; dueOn: string | null; isLate: boolean; pieces: PieceDto[] }>();
    for (const { person, placeDueOn, ...row } of rows) {
      const key = JSON.stringify([person, placeDueOn]);
      const loan = loans.get(key) ?? { person, dueOn: placeDueOn, isLate: placeDueOn !== null && placeDueOn < today, pieces: [] };
      loans.set(key, loan);
      loan.pieces.push(pieceDto(row, this.catalogue.now()));
    }
    return [...loans.values()];
  }
}

const looseRuns = (book: PromiseBook, variant: string): readonly number[] =>
  book.runsOf(variant).flatMap((run) => (run.reach === 'loose' ? [run.id] : []));
