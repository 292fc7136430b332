import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { piecesOf } from '@outfit/core';
import { givesOf, type PromiseBook, unpack, type Yielder } from '@outfit/core/wardrobe';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { workerBeside, WorkerPool } from '../../platform/jobs/index.js';
import { DonorsService } from '../donors/index.js';
import { pieceDto } from '../pieceView.js';
import { PromisesService } from '../promises/index.js';
import type { PieceDto } from '../wardrobe.dto.js';
import type { CopiesAnswer, CopiesTask } from './copies.worker.js';
import type { CopiesOfDto, LeastCopiesDto, LoanDto, SortOutDto } from './sorting.dto.js';
import type { RunEntity } from '../wardrobe.entities.js';
import { SortingStore } from './sorting.store.js';

/** Bags one cannot look into: so many are told. */
const MOST_BLIND = 4;

const WORKER = workerBeside(import.meta.url, 'copies.worker');
/** As many of each are told at once; how many there are in all stands beside them. */
const MOST_TOLD = 100;

/** What in the wardrobe waits for a decision, and how few copies would serve a line-up. */
@Injectable()
export class SortingService implements OnApplicationShutdown {
  private readonly store: SortingStore;
  private readonly pool = new WorkerPool<CopiesTask, CopiesAnswer>({ idleMs: 30_000, mostWaiting: 20 });

  constructor(
    database: Database,
    private readonly catalogue: CatalogueService,
    private readonly promises: PromisesService,
    private readonly donors: DonorsService,
    private readonly clock: Clock,
  ) {
    this.store = new SortingStore(database);
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }

  /** How many runs are only thought to be there. */
  toConfirm(): number {
    return this.store.unsureCount();
  }

  async sortOut(): Promise<SortOutDto> {
    const clashes = await this.promises.clashes(MOST_TOLD);
    const orphans = await this.orphans();
    await nextTurn();
    const told = (rows: readonly RunEntity[]): PieceDto[] => rows.map((row) => pieceDto(row, this.catalogue.now()));
    // Each looks through all lots: others are answered between.
    const unsure = { unsure: told(this.store.unsure(MOST_TOLD)), unsureCount: this.store.unsureCount() };
    await nextTurn();
    const lent = this.loans(this.store.lentRuns().map((run) => ({ run, person: run.placeName, dueOn: run.placeDueOn })));
    await nextTurn();
    return {
      clashes: clashes.told,
      clashCount: clashes.all,
      orphans: told(this.store.runs(orphans.slice(0, MOST_TOLD))),
      orphanCount: orphans.length,
      ...unsure,
      lent,
      borrowed: this.loans(this.store.borrowedRuns().map((run) => ({ run, person: run.owner, dueOn: run.dueOn }))),
    };
  }

  /** The fewest official figures, and products, that serve all looks of a line-up at once. */
  async leastCopies(lineUp: string): Promise<LeastCopiesDto> {
    const { data } = this.catalogue.now();
    const { together, apart, short } = await this.promises.demandOf(lineUp);
    const figures = data.officialFigures.map((figure): Yielder => ({ id: figure.id, yields: piecesOf(figure) }));
    const partsOf = new Map(figures.map(({ id, yields }) => [id, yields]));
    const gives = data.sources.map(({ id }) => {
      const inside = unpack(id, data);
      return { id, isBlind: inside.asks.length > 0, ...givesOf(inside, (figure) => partsOf.get(figure) ?? new Map<string, number>()) };
    });
    const products = gives.map(({ id, surely }): Yielder => ({ id, yields: surely }));
    const answer = await this.pool.run(WORKER, { together, apart, short, figures, products });
    const owned = new Map<string, number>();
    for (const { officialFigure, keepWhole } of await this.donors.list())
      if (!keepWhole) owned.set(officialFigure, (owned.get(officialFigure) ?? 0) + 1);
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
      blind: gives
        .filter(({ isBlind }) => isBlind)
        .map(({ id, surely, onAverage }) => ({
          id,
          name: nameOf.get(id) ?? id,
          surely: sumOf(surely, together),
          onAverage: sumOf(onAverage, together),
        }))
        .filter(({ surely, onAverage }) => onAverage > surely)
        .sort((a, b) => b.onAverage - a.onAverage)
        .slice(0, MOST_BLIND),
      isProven: answer.figures.isProven && answer.products.isProven,
      apart: answer.apart,
      without: answer.figures.without,
      further: answer.further.map(({ id, serves }) => ({ id, name: nameOf.get(id) ?? id, serves })),
    };
  }

  /** Runs that serve nobody, of parts that no look wants and no whole figure misses. */
  private async orphans(): Promise<readonly number[]> {
    const { book, isWanted } = await this.promises.bookOfWants();
    const missed = new Set((await this.donors.list()).flatMap((donor) => donor.holes.map((hole) => hole.variant)));
    return [...book.variants()]
      .filter((variant) => !isWanted(variant) && !missed.has(variant))
      .flatMap((variant) => looseRuns(book, variant));
  }

  private loans(rows: readonly Lent[]): LoanDto[] {
    const today = this.clock.today();
    const loans = new Map<string, { person: string; dueOn: string | null; isLate: boolean; pieces: PieceDto[] }>();
    for (const { run, person, dueOn } of rows) {
      const key = JSON.stringify([person, dueOn]);
      const loan = loans.get(key) ?? { person, dueOn, isLate: dueOn !== null && dueOn < today, pieces: [] };
      loans.set(key, loan);
      loan.pieces.push(pieceDto(run, this.catalogue.now()));
    }
    return [...loans.values()];
  }
}

/** A run that goes back to somebody, or comes back from them. */
interface Lent {
  readonly run: RunEntity;
  readonly person: string;
  readonly dueOn: string | null;
}

const looseRuns = (book: PromiseBook, variant: string): readonly number[] =>
  book.runsOf(variant).flatMap((run) => (run.reach === 'loose' ? [run.id] : []));

/** How many pieces of what is wanted there are, never more of a part than are wanted. */
const sumOf = (gives: ReadonlyMap<string, number>, wanted: ReadonlyMap<string, number>): number =>
  [...gives].reduce((all, [variant, quantity]) => all + Math.min(quantity, wanted.get(variant) ?? 0), 0);
