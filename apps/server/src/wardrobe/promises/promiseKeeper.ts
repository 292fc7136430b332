import { lineUpOfSpares, sparesId, sparesOf } from '@outfit/core/lineup';
import { hindranceOf, inSight, LEAST_IN_SIGHT, type LookPart, spotOf, Visibility, wornParts } from '@outfit/core';
import { type Hindrance, holesOf, orderOf, type Pin, PromiseBook, reachOf, type ServingRun } from '@outfit/core/wardrobe';
import { Injectable } from '@nestjs/common';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { readTexts } from '@outfit/formats/kept';
import { CatalogueService } from '../../catalogue/index.js';
import { DueDays, earliest, type FigureInLine, FiguresStore, lookOf } from '../../figures/index.js';
import { Database } from '../../platform/db/index.js';
import { PromisesStore, type ServingRow } from './promises.store.js';

/** Done in one go: whoever asks for something else meanwhile waits for so much. */
const FIGURES_A_TURN = 100;
const LOTS_A_TURN = 4000;

/** Sorts after every day there is. */
const BEHIND_FIGURES = '~';

/** A figure as it was when its wants were written into the book. */
interface Noted extends FigureInLine {
  readonly order: string;
  /** The day its line-up, or who was promised it, waits for it. */
  readonly askedFor: string | null;
}

/**
 * The book of promises, kept as the workspace changes. Whenever it is asked for, figures and the ledger are looked through for what changed
 * since: versions of figures and looks, movements after the last, pins and what is kept whole. Only that is read and decided anew.
 */
@Injectable()
export class PromiseKeeper {
  private readonly store: PromisesStore;
  private book = new PromiseBook((figure, spot) => this.isSeen(figure, spot));
  private partsRevision = -1;
  private readonly noted = new Map<string, Noted>();
  /** The spares of line-ups by what they are called, with what they were worked out of. */
  private readonly spares = new Map<string, { readonly of: string; readonly order: string }>();
  private readonly looks = new Map<string, readonly LookPart[]>();
  private readonly seen = new Map<string, ReadonlyMap<string, boolean>>();
  private readonly hindrances = new Map<string, Hindrance | null>();
  private lastMovement = -1;
  private said: ReadonlyMap<string, string> = new Map();
  private working: Promise<unknown> = Promise.resolve();
  private revision = 0;

  constructor(
    database: Database,
    private readonly figures: FiguresStore,
    private readonly catalogue: CatalogueService,
    private readonly dueDays: DueDays,
  ) {
    this.store = new PromisesStore(database);
  }

  /** The book as things stand now, and a number that is another one whenever something in it changed. */
  async now(): Promise<{ readonly book: PromiseBook; readonly revision: number }> {
    const work = this.working.then(() => this.catchUp());
    this.working = work.catch(() => undefined);
    await work;
    return { book: this.book, revision: this.revision };
  }

  /** Where each figure stands in line, the first 0. */
  line(): readonly string[] {
    return [...this.noted.values()].sort((a, b) => (a.order < b.order ? -1 : 1)).map(({ id }) => id);
  }

  /** Everybody who claims pieces: figures as they stand in line, then the spares of line-ups. */
  claimants(): readonly string[] {
    const spares = [...this.spares].sort(([, a], [, b]) => (a.order < b.order ? -1 : 1)).map(([id]) => id);
    return [...this.line(), ...spares];
  }

  /** The line-up of a figure, or of spares. */
  lineUpOf(claimant: string): string | undefined {
    return this.noted.get(claimant)?.lineUp ?? lineUpOfSpares(claimant) ?? undefined;
  }

  /** What keeps the chosen look of a figure from being built; null for whatever is no figure, such as spares. */
  hindranceOf(claimant: string): Hindrance | null {
    const noted = this.noted.get(claimant);
    if (!noted) return null;
    const known = this.hindrances.get(claimant);
    if (known !== undefined) return known;
    const catalogue = this.catalogue.now();
    const { brief } = this.figures.figure(claimant);
    const found = hindranceOf(lookOf(this.figures.look(noted.look)), brief, catalogue, catalogue.systemOf(brief));
    this.hindrances.set(claimant, found);
    return found;
  }

  private async catchUp(): Promise<void> {
    if (this.partsRevision !== this.catalogue.partsRevision) this.beginAnew();
    await this.catchUpWithPieces();
    const figures = await this.catchUpWithFigures();
    this.catchUpWithSpares(figures);
  }

  /** Parts may be known by other numbers or be worn otherwise: everything is read again. */
  private beginAnew(): void {
    this.partsRevision = this.catalogue.partsRevision;
    this.book = new PromiseBook((figure, spot) => this.isSeen(figure, spot));
    this.noted.clear();
    this.hindrances.clear();
    this.spares.clear();
    this.lastMovement = -1;
    this.said = new Map();
    this.revision += 1;
  }

  private async catchUpWithFigures(): Promise<readonly FigureInLine[]> {
    const rows = this.figures.inLine();
    const standing = new Set(rows.map((row) => row.id));
    for (const id of this.noted.keys()) if (!standing.has(id)) this.forget(id);
    const askedFor = this.dueDays.now();
    const changed = rows.filter((row) => !isSame(this.noted.get(row.id), row, askedFor(row.id, row.lineUp)));
    for (let from = 0; from < changed.length; from += FIGURES_A_TURN) {
      if (from > 0) await nextTurn();
      this.note(changed.slice(from, from + FIGURES_A_TURN), askedFor);
    }
    return rows;
  }

  /** Parts wanted beside the looks claim pieces like figures do, behind all of them. */
  private catchUpWithSpares(figures: readonly FigureInLine[]): void {
    const lineUps = new Map(this.figures.withSpares().map((row) => [sparesId(row.id), row]));
    for (const id of this.spares.keys())
      if (!lineUps.has(id)) {
        this.spares.delete(id);
        this.book.remove(id);
        this.revision += 1;
      }
    const members = new Map<string, string>();
    if (lineUps.size > 0)
      for (const { lineUp, id, version } of figures) members.set(lineUp, `${members.get(lineUp) ?? ''} ${id} ${version}`);
    for (const [id, lineUp] of lineUps) {
      const of = `${lineUp.version}${members.get(lineUp.id) ?? ''}`;
      if (this.spares.get(id)?.of !== of) this.noteSpares(id, lineUp, of);
    }
  }

  private noteSpares(id: string, lineUp: ReturnType<FiguresStore['withSpares']>[number], of: string): void {
    const catalogue = this.catalogue.now();
    const members = this.figures.figuresOf(lineUp.id).map(({ role, faction, brief }) => ({ role, faction, copies: brief.copies }));
    const order = `${BEHIND_FIGURES} ${String(lineUp.place).padStart(6, '0')} ${id}`;
    this.spares.set(id, { of, order });
    this.book.set({
      ...{ id, name: `Spares of ${lineUp.name}`, order, copies: 1, group: null, newOnly: false },
      parts: [...sparesOf(lineUp, members)].flatMap(([variant, count]) =>
        Array.from({ length: count }, (_, i) => ({ spot: `${variant} ${i}`, variant: catalogue.resolve(variant) })),
      ),
    });
    this.revision += 1;
  }

  private note(rows: readonly FigureInLine[], askedFor: ReturnType<DueDays['now']>): void {
    const catalogue = this.catalogue.now();
    const wants = new Map(this.figures.wantsOf(rows.map((row) => row.id)).map((row) => [row.id, row]));
    for (const row of rows) {
      const want = wants.get(row.id);
      // It may have gone while others were noted.
      if (!want) continue;
      const asked = askedFor(row.id, row.lineUp);
      const order = orderOf(earliest(want.dueOn, asked), row.lineUpPlace, row.place, row.id);
      this.noted.set(row.id, { ...row, order, askedFor: asked });
      this.looks.set(row.id, want.parts);
      this.seen.delete(row.id);
      this.hindrances.delete(row.id);
      this.book.set({
        id: row.id,
        name: want.name,
        order,
        copies: want.copies,
        group: want.neverWith === '' ? null : want.neverWith,
        newOnly: want.newOnly,
        parts: want.parts.map((part) => ({ spot: spotOf(part), variant: catalogue.resolve(part.variant) })),
      });
      this.revision += 1;
    }
  }

  private forget(id: string): void {
    this.book.remove(id);
    this.noted.delete(id);
    this.looks.delete(id);
    this.seen.delete(id);
    this.hindrances.delete(id);
    this.revision += 1;
  }

  private async catchUpWithPieces(): Promise<void> {
    const last = this.store.lastMovement();
    if (this.lastMovement < 0) {
      await this.readAllRuns();
      this.said = this.saidNow();
      for (const variant of new Set(this.store.pins().map((pin) => pin.variant))) this.readParts([variant]);
    } else {
      const changed = new Set(last > this.lastMovement ? this.store.movedSince(this.lastMovement) : []);
      const said = this.saidNow();
      for (const [key, variants] of [...said, ...this.said])
        if (said.has(key) !== this.said.has(key)) for (const variant of readTexts(JSON.parse(variants))) changed.add(variant);
      this.said = said;
      if (changed.size > 0) this.readParts([...changed]);
    }
    this.lastMovement = last;
  }

  private saidNow(): ReadonlyMap<string, string> {
    return new Map(this.store.keptWants().map(({ key, variants }) => [key, variants]));
  }

  private async readAllRuns(): Promise<void> {
    const all = new Map<string, ServingRow[]>();
    const last = this.store.lastLot();
    for (let lot = 0; lot < last; lot += LOTS_A_TURN) {
      for (const row of this.store.runsOfLots(lot, LOTS_A_TURN)) this.collect(all, row);
      await nextTurn();
    }
    const donors = [...all.values()].flatMap((rows) => rows.filter((row) => row.kind === 'donor'));
    const holes = this.holesOfDonors(donors);
    await nextTurn();
    let set = 0;
    for (const [variant, rows] of all) {
      this.book.setRuns(variant, servingRuns(rows, holes));
      set += rows.length;
      if (set < LOTS_A_TURN) continue;
      set = 0;
      await nextTurn();
    }
    this.revision += 1;
  }

  /** Reads the runs and pins of some parts, under whichever number a piece was written down. */
  private readParts(variants: readonly string[]): void {
    const catalogue = this.catalogue.now();
    const kept = [...new Set(variants.map((variant) => catalogue.resolve(variant)))];
    const rows = this.store.runsOf(kept.flatMap((variant) => catalogue.namesOf(variant)));
    const all = new Map<string, ServingRow[]>();
    for (const row of rows) this.collect(all, row);
    const holes = this.holesOfDonors(rows);
    const pins = new Map<string, Pin[]>();
    for (const { variant, ...pin } of this.store.pins()) {
      const own = catalogue.resolve(variant);
      pins.set(own, [...(pins.get(own) ?? []), pin]);
    }
    for (const variant of kept) {
      this.book.setRuns(variant, servingRuns(all.get(variant) ?? [], holes));
      this.book.setPins(variant, pins.get(variant) ?? []);
    }
    this.revision += 1;
  }

  private collect(all: Map<string, ServingRow[]>, row: ServingRow): void {
    const variant = this.catalogue.now().resolve(row.variant);
    const rows = all.get(variant);
    if (rows) rows.push(row);
    else all.set(variant, [row]);
  }

  /** How many official parts each donor among some runs lacks. */
  private holesOfDonors(rows: readonly ServingRow[]): ReadonlyMap<string, number> {
    const donors = new Map(rows.filter((row) => row.kind === 'donor').map((row) => [row.place, row.official]));
    if (donors.size === 0) return new Map();
    const catalogue = this.catalogue.now();
    const figures = new Map(catalogue.data.officialFigures.map((figure) => [figure.id, figure]));
    const on = new Map<string, { variant: string; quantity: number }[]>();
    for (const { place, variant, quantity } of this.store.onDonors([...donors.keys()]))
      on.set(place, [...(on.get(place) ?? []), { variant: catalogue.resolve(variant), quantity }]);
    return new Map(
      [...donors].map(([place, official]) => {
        const figure = figures.get(official ?? '');
        return [place, figure ? holesOf(figure, on.get(place) ?? []).length : 0];
      }),
    );
  }

  private isSeen(figure: string, spot: string): boolean {
    let seen = this.seen.get(figure);
    if (!seen) {
      const worn = wornParts({ parts: this.looks.get(figure) ?? [], overrules: [] }, this.catalogue.now());
      const visibility = new Visibility(worn);
      seen = new Map(worn.map((item) => [spotOf(item.part), inSight(item, visibility) >= LEAST_IN_SIGHT]));
      this.seen.set(figure, seen);
    }
    return seen.get(spot) ?? true;
  }
}

const isSame = (noted: Noted | undefined, row: FigureInLine, askedFor: string | null): boolean =>
  noted !== undefined &&
  noted.askedFor === askedFor &&
  noted.version === row.version &&
  noted.look === row.look &&
  noted.lookVersion === row.lookVersion &&
  noted.place === row.place &&
  noted.lineUp === row.lineUp &&
  noted.lineUpPlace === row.lineUpPlace;

const servingRuns = (rows: readonly ServingRow[], holes: ReadonlyMap<string, number>): readonly ServingRun[] =>
  rows.flatMap(({ id, lot, place, quantity, kind, keepWhole, figure, condition, isFlawed }) => {
    const reach = reachOf({ kind, keepWhole: keepWhole === 1 });
    if (reach === null) return [];
    return [{ id, lot, place, quantity, reach, figure, condition, isFlawed: isFlawed === 1, holes: holes.get(place) ?? 0 }];
  });
