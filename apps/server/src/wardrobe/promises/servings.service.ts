import { Injectable } from '@nestjs/common';
import {
  type Claimant,
  dueIn,
  type Hindrance,
  type Reach,
  type ServingRun,
  type SpotServed,
  type Standing,
  standingOfFigure,
} from '@outfit/core/wardrobe';
import { Database } from '../../platform/db/index.js';
import { doingOf } from './doing.js';
import { inTurns } from './inTurns.js';
import { PromiseKeeper } from './promiseKeeper.js';
import { PromisesStore } from './promises.store.js';
import { PromisesService } from './promises.service.js';

/** A figure with the lots its pieces are of. */
interface FigureLots {
  readonly figure: string;
  readonly name: string;
  readonly lineUp: string;
  readonly lots: readonly { readonly lot: number; readonly quantity: number }[];
}

/** So many pieces of a part that a figure wants and that are neither at hand for it nor on their way. */
export interface WantedPieces {
  readonly figure: string;
  readonly variant: string;
  readonly quantity: number;
}

/** A figure that so many pieces are promised to. */
export interface WaitingFigure {
  readonly figure: string;
  readonly name: string;
  readonly quantity: number;
}

/** A figure with what serves it. */
export interface FigureServed {
  readonly claimant: Claimant;
  readonly served: readonly SpotServed[];
  readonly standing: Standing | null;
}

/** A run of a part, as something that could be taken. */
interface RunOfPart {
  readonly run: ServingRun;
  readonly variant: string;
  readonly reach: Reach;
  readonly free: number;
  readonly promisedTo: string;
}

/** Which pieces serve whom, told to whoever takes them in hand: the bench, and parcels that are put away. */
@Injectable()
export class ServingsService {
  private readonly store: PromisesStore;

  constructor(
    database: Database,
    private readonly keeper: PromiseKeeper,
    private readonly promises: PromisesService,
  ) {
    this.store = new PromisesStore(database);
  }

  /** A figure with what serves each of its parts, and how it stands; null when it wants nothing. */
  async servingOf(figure: string): Promise<FigureServed | null> {
    return (await this.servingsOf([figure])).get(figure) ?? null;
  }

  /** Some figures with what serves each of their parts; those that want nothing are left out. */
  async servingsOf(figures: readonly string[]): Promise<ReadonlyMap<string, FigureServed>> {
    const { book } = await this.keeper.now();
    const built = this.store.builtInto();
    const servings = new Map<string, FigureServed>();
    for (const figure of figures) {
      const claimant = book.claimant(figure);
      if (!claimant) continue;
      const served = book.servedTo(figure);
      const standing = standingOfFigure(served, claimant.copies, built.get(figure) ?? 0, () => this.keeper.hindranceOf(figure));
      servings.set(figure, { claimant, served, standing: standing?.standing ?? null });
    }
    return servings;
  }

  /** What keeps a figure's chosen look from being built. */
  async hindranceOf(figure: string): Promise<Hindrance | null> {
    await this.keeper.now();
    return this.keeper.hindranceOf(figure);
  }

  /** The figures that are not built, of those that several of are wanted: some of them may be ready before the rest. */
  async several(): Promise<readonly FigureServed[]> {
    const { book } = await this.keeper.now();
    const many = [...book.all()].filter(({ copies, parts }) => copies > 1 && parts.length > 0);
    return inTurns(many, (claimant) => ({ claimant, served: book.servedTo(claimant.id), standing: null }));
  }

  /** The lots that every figure has or gets pieces of, in the order figures are served. */
  async lotsOfFigures(): Promise<readonly FigureLots[]> {
    const { book } = await this.keeper.now();
    return inTurns(this.keeper.line(), (figure) => ({
      ...{ figure, name: book.claimant(figure)?.name ?? '', lineUp: this.keeper.lineUpOf(figure) ?? '' },
      lots: book
        .servedTo(figure)
        .flatMap(({ given }) =>
          given.flatMap(({ claim, run, quantity }) => (claim.figures[0] === figure ? [{ lot: run.lot, quantity }] : [])),
        ),
    }));
  }

  /** What some figures want beside what lies loose, sealed or on its way for them, in the order they are served: whole figures could give it too. */
  async stillWantedBy(figures: readonly string[]): Promise<readonly WantedPieces[]> {
    const { book } = await this.keeper.now();
    const wanted: WantedPieces[] = [];
    const asked = new Set(figures);
    for (const figure of this.keeper.claimants().filter((id) => asked.has(id)))
      for (const variant of new Set(book.claimant(figure)?.parts.map((part) => part.variant))) {
        const { claims, given } = book.of(variant);
        // Figures that share a piece want it once: the first of them that was asked about stands for all.
        const own = claims.filter((claim) => claim.figures.find((id) => asked.has(id)) === figure);
        const has = given.filter(({ claim, run }) => own.includes(claim) && run.reach !== 'donor');
        const quantity = sumOf(own) - sumOf(has);
        if (quantity > 0) wanted.push({ figure, variant, quantity });
      }
    return wanted;
  }

  /** How many pieces for a figure are on their way, by the place that is the parcel. */
  async comingTo(figure: string): Promise<ReadonlyMap<string, number>> {
    const { book } = await this.keeper.now();
    const pieces = new Map<string, number>();
    for (const { given } of book.servedTo(figure))
      for (const { run, quantity } of given) if (run.reach === 'coming') pieces.set(run.place, (pieces.get(run.place) ?? 0) + quantity);
    return pieces;
  }

  /** Figures that lack pieces and are to be there by a day. */
  async wantingByDay(): Promise<readonly { figure: string; name: string; lineUp: string; dueOn: string; toBuy: number }[]> {
    const { figures, names, toBuy } = await this.promises.promises();
    const { book } = await this.keeper.now();
    return figures.flatMap((figure, i) => {
      const dueOn = dueIn(book.claimant(figure)?.order ?? '');
      const lacks = toBuy[i] ?? 0;
      return lacks === 0 || dueOn === null
        ? []
        : [{ figure, name: names[i] ?? '', lineUp: this.keeper.lineUpOf(figure) ?? '', dueOn, toBuy: lacks }];
    });
  }

  /** Whom the pieces of some parts in one place are promised to, by lot. */
  async promisedAt(place: string, variants: readonly string[]): Promise<ReadonlyMap<number, readonly WaitingFigure[]>> {
    const { book } = await this.keeper.now();
    const waiting = new Map<number, WaitingFigure[]>();
    for (const variant of variants)
      for (const { claim, run, quantity } of book.of(variant).given) {
        const [figure] = claim.figures;
        if (run.place !== place || figure === undefined) continue;
        waiting.set(run.lot, [...(waiting.get(run.lot) ?? []), { figure, name: book.claimant(figure)?.name ?? '', quantity }]);
      }
    return waiting;
  }

  /** The runs of some parts, with what nobody is promised of each and whom it is promised to. */
  async runsOf(variants: readonly string[]): Promise<readonly RunOfPart[]> {
    const { book } = await this.keeper.now();
    return variants.flatMap((variant) =>
      book.runsOf(variant).map((run): RunOfPart => {
        const { free, given } = doingOf(book.of(variant), run.id, book);
        return { run, variant, reach: run.reach, free, promisedTo: given.map((row) => row.name).join(', ') };
      }),
    );
  }
}

const sumOf = (rows: readonly { readonly quantity: number }[]): number => rows.reduce((all, row) => all + row.quantity, 0);
