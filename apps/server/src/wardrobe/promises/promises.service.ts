import { Injectable } from '@nestjs/common';
import { spotOf } from '@outfit/core';
import { lineUpOfSpares } from '@outfit/core/lineup';
import {
  type Claimant,
  claimsOf,
  type Clash,
  clashOf,
  contendersOf,
  dueIn,
  type PartPromises,
  partyOf,
  type PromiseBook,
  sharesOf,
  type SpotServed,
  standingOfFigure,
} from '@outfit/core/wardrobe';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../../catalogue/index.js';
import { Database } from '../../platform/db/index.js';
import { FiguresStore, type StoredLook } from '../../figures/index.js';
import { PromiseKeeper } from './promiseKeeper.js';
import type { ClashDto, ContenderDto, GivenDto, PromisesDto, RunPromisesDto } from './promises.dto.js';
import { asideOf } from './aside.js';
import { doingOf } from './doing.js';
import { inTurns } from './inTurns.js';
import { PromisesStore } from './promises.store.js';

/** Figures whose looks are gone through at a turn. */
const FIGURES_A_TURN = 150;

/** A look that something is planned for: the chosen one of its figure or another, for so many copies. */
interface PlannedLook {
  readonly look: Pick<StoredLook, 'id' | 'figure' | 'parts'>;
  readonly copies: number;
  /** Looks of one group are never shown together. */
  readonly group: string | null;
}

/** What serves some looks of each part: pieces that are owned, and pieces that come off donors. */
interface ServedTogether {
  readonly owned: ReadonlyMap<string, number>;
  /** Of each part, by the whole figure that gives it. */
  readonly onDonors: ReadonlyMap<string, ReadonlyMap<string, number>>;
}

/** What a run's pieces do, in short. */
interface RunDoing {
  readonly free: number;
  readonly given: readonly GivenDto[];
  /** Is the part wanted more often than there is of it? */
  readonly isShort: boolean;
}

/** Who gets which piece, told to pages, errands and lists alike. */
@Injectable()
export class PromisesService {
  private readonly store: PromisesStore;
  private told: { readonly of: string; readonly promises: PromisesDto } | null = null;

  constructor(
    database: Database,
    private readonly keeper: PromiseKeeper,
    private readonly figures: FiguresStore,
    private readonly catalogue: CatalogueService,
  ) {
    this.store = new PromisesStore(database);
  }

  /** Everything a page needs to say what a figure can count on. The same object while nothing changed. */
  async promises(): Promise<PromisesDto> {
    const { book, revision } = await this.keeper.now();
    const due = this.store.dueDays();
    const of = `${revision} ${[...due].join(' ')}`;
    if (this.told?.of === of) return this.told.promises;
    const figures = this.keeper.claimants();
    const lineOf = new Map(figures.map((id, i) => [id, i]));
    const held = this.store.builtInto();
    const standings = await inTurns(figures, (id) =>
      standingOfFigure(book.servedTo(id), book.claimant(id)?.copies ?? 1, held.get(id) ?? 0, () => this.keeper.hindranceOf(id)),
    );
    const columns = { variants: [] as string[], free: [] as number[], freeOnDonors: [] as number[], owned: [] as number[] };
    const rows = { of: [] as number[], by: [] as number[], wants: [] as number[], gets: [] as number[] };
    const more = { offDonors: [] as number[], bound: [] as number[] };
    const shared: { row: number; figures: readonly number[] }[] = [];
    await inTurns([...book.variants()], (variant) => {
      const part = book.of(variant);
      if (!isWorthTelling(part)) return;
      const { free, freeOnDonors, rows: parties } = sharesOf(part, (id) => lineOf.get(id) ?? figures.length);
      columns.variants.push(variant);
      columns.free.push(free);
      columns.freeOnDonors.push(freeOnDonors);
      columns.owned.push(ownedOf(part));
      for (const row of parties) {
        if (row.figures.length > 1) shared.push({ row: rows.of.length, figures: row.figures });
        rows.of.push(columns.variants.length - 1);
        rows.by.push(row.figures[0] ?? 0);
        rows.wants.push(row.wants);
        rows.gets.push(row.gets);
        more.offDonors.push(row.offDonors);
        more.bound.push(row.bound);
      }
    });
    const promises: PromisesDto = {
      figures,
      names: figures.map((id) => book.claimant(id)?.name ?? ''),
      // Spares are not built.
      standings: standings.map((row, i) => (lineUpOfSpares(figures[i] ?? '') === null ? (row?.standing ?? '') : '')),
      toBuy: standings.map((row) => row?.toBuy ?? 0),
      onTheirWay: standings.map((row) => row?.onTheirWay ?? 0),
      sealed: figures.map((id, i) => ((standings[i]?.onTheirWay ?? 0) > 0 ? sealedIn(book.servedTo(id)) : 0)),
      dueOn: figures.map((id) => dueIn(book.claimant(id)?.order ?? '')),
      waitsUntil: figures.map((id, i) => ((standings[i]?.onTheirWay ?? 0) > 0 ? latestOf(book.servedTo(id), due) : null)),
      ...columns,
      ...rows,
      ...more,
      shared,
    };
    this.told = { of, promises };
    return promises;
  }

  /**
   * What serves some looks together, beside all others that stay as they are. Of parts that may stand in for theirs it is what serves nobody.
   *
   * @param standIns parts that none of the looks wears
   */
  async servedWith(planned: readonly PlannedLook[], standIns: Iterable<string> = []): Promise<ServedTogether> {
    const { book } = await this.keeper.now();
    const claimants = this.claimantsFor(planned, book);
    const own = new Set(claimants.map((row) => row.id));
    const owned = new Map<string, number>();
    const onDonors = new Map<string, Map<string, number>>();
    for (const variant of new Set(claimants.flatMap((row) => row.parts.map((part) => part.variant))))
      for (const { claim, run, quantity } of book.ofWith(variant, claimants).given) {
        if (!claim.figures.some((figure) => own.has(figure))) continue;
        if (run.reach !== 'donor') owned.set(variant, (owned.get(variant) ?? 0) + quantity);
        else {
          const given = onDonors.get(variant) ?? new Map<string, number>();
          onDonors.set(variant, given.set(run.place, (given.get(run.place) ?? 0) + quantity));
        }
      }
    const wanted = new Set(claimants.flatMap((row) => row.parts.map((part) => part.variant)));
    for (const variant of standIns) {
      if (wanted.has(variant)) continue;
      const { free } = sharesOf(book.of(variant), () => 0);
      if (free > 0) owned.set(variant, free);
    }
    return { owned, onDonors };
  }

  /** How many pieces of each part all figures together still lack. */
  async lackingOfAll(): Promise<ReadonlyMap<string, number>> {
    const { book } = await this.keeper.now();
    const lacking = new Map<string, number>();
    for (const variant of book.variants()) {
      const { claims, given } = book.of(variant);
      const short = claims.reduce((all, claim) => all + claim.quantity, 0) - given.reduce((all, row) => all + row.quantity, 0);
      if (short > 0) lacking.set(variant, short);
    }
    return lacking;
  }

  /**
   * What the figures of a line-up want in all, with groups sharing and as if they shared nothing, and what all figures together lack. Throws
   * a 404 when there is no such line-up.
   */
  async demandOf(lineUp: string): Promise<Readonly<Record<'together' | 'apart' | 'short', ReadonlyMap<string, number>>>> {
    this.figures.lineUp(lineUp);
    const { book } = await this.keeper.now();
    const members = [...book.all()].filter(({ id }) => this.keeper.lineUpOf(id) === lineUp);
    return {
      together: quantitiesOf(members),
      apart: quantitiesOf(members.map((member) => ({ ...member, group: null }))),
      short: await this.lackingOfAll(),
    };
  }

  /** The parts that are wanted more often than there is of them, the shortest first; and how many there are. */
  async clashes(most: number): Promise<{ readonly all: number; readonly told: readonly ClashDto[] }> {
    const { book } = await this.keeper.now();
    const clashes = await inTurns([...book.variants()], (variant) => knownClash(book.of(variant)));
    const found = clashes.filter((clash) => clash !== null).sort((a, b) => b.short - a.short || (a.variant < b.variant ? -1 : 1));
    return { all: found.length, told: found.slice(0, most).map((clash) => this.clashDto(clash, book)) };
  }

  /** What the pieces of a run are doing, and who else wants the part. */
  async ofRun(variant: string, run: number): Promise<RunPromisesDto> {
    const { book } = await this.keeper.now();
    const part = book.of(variant);
    const clash = knownClash(part);
    return {
      ...doingOf(part, run, book),
      contenders: contendersOf(part).map((row) => this.contenderDto(row, book)),
      clash: clash && this.clashDto(clash, book),
    };
  }

  /** What the pieces of several runs are doing, by run. */
  async ofRuns(runs: readonly { readonly id: number; readonly variant: string }[]): Promise<ReadonlyMap<number, RunDoing>> {
    const { book } = await this.keeper.now();
    return new Map(
      runs.map(({ id, variant }) => {
        const part = book.of(variant);
        return [id, { ...doingOf(part, id, book), isShort: knownClash(part) !== null }];
      }),
    );
  }

  /** Parts nobody wants: neither a look, chosen or not, nor a claim. */
  async bookOfWants(): Promise<{ readonly book: PromiseBook; isWanted(variant: string): boolean }> {
    const { book } = await this.keeper.now();
    const worn = new Set<string>();
    for (let last: string | null = ''; last !== null;) {
      const more = this.figures.wornAfter(last, FIGURES_A_TURN);
      for (const variant of more.variants) worn.add(variant);
      ({ last } = more);
      await nextTurn();
    }
    return { book, isWanted: (variant) => worn.has(variant) || book.of(variant).claims.length > 0 };
  }

  private claimantsFor(planned: readonly PlannedLook[], book: PromiseBook): readonly Claimant[] {
    const named = new Set<string>();
    return planned.map(({ look, copies, group }) => {
      const known = book.claimant(look.figure);
      const id = named.has(look.figure) ? `${look.figure} as ${look.id}` : look.figure;
      named.add(look.figure);
      return {
        id,
        name: known?.name ?? '',
        order: known?.order ?? '~',
        copies,
        group: group === null ? (known?.group ?? null) : `errand ${group}`,
        newOnly: known?.newOnly ?? false,
        parts: look.parts.map((part) => ({ spot: spotOf(part), variant: part.variant })),
      };
    });
  }

  private clashDto(clash: Clash, book: PromiseBook): ClashDto {
    const aside = asideOf(book.of(clash.variant), this.store.asideOf(this.catalogue.now().namesOf(clash.variant)));
    const lent = aside.reduce((all, row) => all + (row.why === 'lent' ? row.quantity : 0), 0);
    return {
      ...clash,
      owned: clash.owned + lent,
      aside,
      contenders: clash.contenders.map((row) => this.contenderDto(row, book)),
      runs: book.runsOf(clash.variant).flatMap((run) => (run.reach === 'built' ? [] : [run.id])),
    };
  }

  private contenderDto(row: Omit<ContenderDto, 'name' | 'lineUp' | 'dueOn'>, book: PromiseBook): ContenderDto {
    return {
      ...row,
      name: book.claimant(row.figure)?.name ?? '',
      lineUp: this.keeper.lineUpOf(row.figure) ?? '',
      dueOn: dueIn(book.claimant(row.figure)?.order ?? ''),
    };
  }
}

/** Pieces that serve a figure and are in boxes or bags that are sealed. */
const sealedIn = (served: readonly SpotServed[]): number =>
  served.reduce((all, { given }) => all + given.reduce((sum, { run, quantity }) => sum + (run.reach === 'sealed' ? quantity : 0), 0), 0);

/** The last day on which something that serves a figure should be here; null when nobody said one. */
const latestOf = (served: readonly SpotServed[], due: ReadonlyMap<string, string>): string | null =>
  served
    .flatMap(({ given }) => given.flatMap(({ run }) => (run.reach === 'coming' ? (due.get(run.place) ?? []) : [])))
    .sort()
    .at(-1) ?? null;

/** How many of each part some figures want, groups sharing. */
function quantitiesOf(members: readonly Claimant[]): ReadonlyMap<string, number> {
  const parties = new Map<string, Claimant[]>();
  for (const member of members) parties.set(partyOf(member), [...(parties.get(partyOf(member)) ?? []), member]);
  const wanted = new Map<string, number>();
  for (const party of parties.values())
    for (const { variant, quantity } of claimsOf(party, () => true)) wanted.set(variant, (wanted.get(variant) ?? 0) + quantity);
  return wanted;
}

/** Pieces of a part that could serve, wherever they are. */
const ownedOf = ({ runs }: PartPromises): number => runs.reduce((all, run) => all + run.quantity, 0);

/** A part that nobody wants and that has nothing peculiar about it counts as many as the stock says. */
const isWorthTelling = ({ runs, claims, free }: PartPromises): boolean =>
  runs.length > 0 && (claims.length > 0 || runs.some((run) => run.isFlawed || run.reach === 'built' || free.get(run.id) !== run.quantity));

const clashes = new WeakMap<PartPromises, Clash | null>();

/** The clash about a part, worked out once for a state of it: every run of it asks. */
function knownClash(part: PartPromises): Clash | null {
  let clash = clashes.get(part);
  if (clash === undefined) clashes.set(part, (clash = clashOf(part)));
  return clash;
}
