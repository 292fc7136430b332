import { Injectable } from '@nestjs/common';
import { type Alteration, type LookPart, money, placeOf, spotOf, type System } from '@outfit/core';
import {
  type BenchBody,
  type BenchCopy,
  type BenchPiece,
  type BenchStep,
  type BenchWork,
  type BenchWorth,
  benchSteps,
  bodiesOf,
  type Outline,
} from '@outfit/core/bench';
import { whereItGoes } from '@outfit/core/wardrobe';
import { CatalogueService } from '../../catalogue/index.js';
import { FiguresStore } from '../../figures/index.js';
import { LowestService, MarketService } from '../../market/index.js';
import { Problem } from '../../platform/http/index.js';
import { Ledger, type FigureServed, NO_PLACE, ServingsService } from '../../wardrobe/index.js';
import type { BenchPlan, PlannedPiece } from '../bench.entities.js';
import { Pool, type Unit } from './pool.js';

/** A figure to be built: its look, and of how many copies. */
export interface Wanted {
  readonly figure: string;
  readonly look: string;
  readonly name: string;
  readonly copies: number;
}

/** Works out sessions at the bench from what is promised to figures and where it lies. */
@Injectable()
export class BenchPlanner {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly figures: FiguresStore,
    private readonly servings: ServingsService,
    private readonly ledger: Ledger,
    private readonly lowest: LowestService,
    private readonly market: MarketService,
  ) {}

  /** How many more of a figure could be built with what is at hand. */
  canBuild({ claimant, served }: FigureServed): number {
    const atHand = served.map((spot) => sum(spot.given.filter(({ run }) => isAtHand(run.reach)).map((row) => row.quantity)));
    const built = this.bodiesOf(claimant.id, claimant.copies).filter((body) => body.length === claimant.parts.length).length;
    return Math.max(0, Math.min(claimant.copies, ...atHand) - built);
  }

  /** The plan for some figures, each with the look it shows. Refuses, with what lacks, where pieces are not at hand. */
  async plan(
    wanted: readonly { readonly figure: string; readonly copies: number | null }[],
  ): Promise<{ readonly figures: readonly Wanted[]; readonly plan: BenchPlan }> {
    const pool = new Pool(this.ledger, (variant) => this.catalogue.now().resolve(variant));
    const figures: Wanted[] = [];
    const copies: BenchCopy[] = [];
    const bodies = new Map<string, BenchBody>();
    for (const { figure, copies: asked } of wanted) {
      const served = await this.servings.servingOf(figure);
      const entity = this.figures.figure(figure);
      if (!served || served.served.length === 0)
        throw new Problem(409, `${entity.brief.name} has no parts yet: there is nothing to build.`);
      const look = this.figures.look(entity.chosenLook);
      const own = this.copiesOf(served, look.parts, asked, pool, bodies);
      figures.push({ figure, look: look.id, name: served.claimant.name, copies: own.length });
      copies.push(...own);
    }
    for (const body of this.bodiesWith(copies, bodies, pool)) bodies.set(body.id, body);
    const work: BenchWork = { copies: onBodies(copies, [...bodies.values()]), bodies: [...bodies.values()] };
    const system = this.catalogue.now().systemOf(this.figures.figure(wanted[0]?.figure ?? '').brief);
    const steps = benchSteps(work, this.catalogue.now(), await this.worth(system));
    return { figures, plan: this.complete(work, steps, pool) };
  }

  /** The plan for one figure whose pieces are known lots, each lying in one place. */
  planOfLots(figure: string, name: string, parts: readonly LookPart[], lots: readonly number[]): BenchPlan {
    const catalogue = this.catalogue.now();
    const pool = new Pool(this.ledger, (variant) => catalogue.resolve(variant));
    const runs = lots.flatMap((lot) => this.ledger.store.heldOf(lot));
    const pieces = parts.map((part): BenchPiece => {
      const variant = catalogue.resolve(part.variant);
      const fitting = runs.filter((run) => catalogue.resolve(this.ledger.lot(run.lot).variant) === variant);
      const unit = pool.take(fitting.map((run) => ({ run: run.id, quantity: run.quantity, spot: '' })));
      if (!unit) throw new RangeError(`${name} has no ${variant}`);
      return { ...this.benchPiece(unit, { ...part, alterations: part.alterations ?? [] }), from: this.sourceAt(unit.place, figure) };
    });
    const work: BenchWork = { copies: [{ id: `${figure}~0`, figure, name, pieces }], bodies: [] };
    return this.complete(work, benchSteps(work, catalogue, { priceMinor: () => null, dearFromMinor: Infinity, money: String }), pool);
  }

  /** What parts cost and from when on they are dear, for cautions. */
  async worth(system: System): Promise<BenchWorth> {
    const [prices, currency] = [await this.lowest.landedMinor(), this.market.currency()];
    return {
      priceMinor: (variant) => prices.get(variant) ?? null,
      dearFromMinor: system.riskFromMinor,
      money: (minor) => money(minor, currency),
    };
  }

  /** The system a figure of a session is of, whose measures say what is dear. */
  systemOf(figure: string): System {
    return this.catalogue.now().systemOf(this.figures.figure(figure).brief);
  }

  /** Another piece as part of a copy that is being built, with the body it is on, where it is on one. */
  piece(
    run: number,
    instead: Pick<BenchPiece, 'position' | 'place' | 'turned' | 'alterations'>,
    figure: string,
    taken: ReadonlySet<string>,
  ) {
    const pool = new Pool(this.ledger, (variant) => this.catalogue.now().resolve(variant));
    const unit = pool.another(run, taken);
    const place = this.ledger.place(unit.place);
    if (place.kind === 'donor' || place.kind === 'figure') {
      const body = this.bodiesAt(unit.place, pool).find((own) => own.parts.some((part) => part.piece === unit.piece));
      if (body)
        return {
          piece: { ...this.benchPiece(unit, instead), from: { kind: 'body' as const, body: body.id } },
          body,
          units: pool.allUnits(),
        };
    }
    const from = this.sourceAt(unit.place, figure);
    return { piece: { ...this.benchPiece(unit, instead), from }, body: null, units: pool.allUnits() };
  }

  /** Where a piece that is not wanted any more belongs: with others like it, else no place yet. */
  whereAway(variant: string): string {
    const catalogue = this.catalogue.now();
    const { family } = catalogue.mouldOf(catalogue.variant(variant));
    const alike = catalogue.data.moulds.filter((mould) => mould.family === family).flatMap((mould) => catalogue.variantsOf(mould.number));
    const runs = this.ledger.store.looseOf(alike.flatMap((row) => catalogue.namesOf(row.id)));
    return (
      whereItGoes(
        variant,
        runs.map((run) => ({ ...run, variant: catalogue.resolve(run.variant) })),
        catalogue,
      )[0]?.place ?? NO_PLACE
    );
  }

  /** What stands built of a figure, copy by copy: the pieces by their part. */
  private bodiesOf(figure: string, copies: number): readonly (readonly unknown[])[] {
    const place = this.ledger.store.builtPlaceOf(figure);
    if (place === null) return [];
    const pool = new Pool(this.ledger, (variant) => this.catalogue.now().resolve(variant));
    return bodiesOf(pool.unitsAt(place), this.outlinesOf(figure), copies, this.catalogue.now());
  }

  private copiesOf(
    { claimant, served }: FigureServed,
    parts: readonly LookPart[],
    asked: number | null,
    pool: Pool,
    bodies: Map<string, BenchBody>,
  ): readonly BenchCopy[] {
    const catalogue = this.catalogue.now();
    const partAt = new Map(parts.map((part) => [spotOf(part), part]));
    const own = this.ledger.store.builtPlaceOf(claimant.id);
    const standing = own === null ? [] : bodiesOf(pool.unitsAt(own), this.outlinesOf(claimant.id), claimant.copies, catalogue);
    const most = asked ?? claimant.copies;
    const whole = wholePlacesOf(served);
    const copies: BenchCopy[] = [];
    const lacking = new Set<string>();
    for (let k = 0; k < claimant.copies && copies.length < most; k += 1) {
      const id = `${claimant.id}~${k}`;
      const body = standing[k] ?? [];
      // What stands for a copy as it is gives it every piece: of two alike, none comes from the other.
      const stands = k < standing.length ? undefined : whole[k - standing.length];
      const left = [...body];
      const pieces: BenchPiece[] = [];
      let short = 0;
      for (const { spot, variant, given } of served) {
        const part = partAt.get(spot);
        if (!part) continue;
        const kept = left.findIndex((row) => row.variant === variant && row.position === part.position);
        const found = kept >= 0 ? kept : left.findIndex((row) => row.variant === variant);
        const [there] = found >= 0 ? left.splice(found, 1) : [];
        const from: BenchPiece['from'] = { kind: 'body', body: id };
        const unit = there
          ? pool.unit(there.piece)
          : stands !== undefined
            ? pool.takeAt(stands, variant)
            : pool.take(
                given
                  .filter(({ run }) => isAtHand(run.reach) && run.reach !== 'whole' && run.place !== own)
                  .map(({ run, quantity }) => ({ run: run.id, quantity, spot: `${claimant.id} ${spot}` })),
              );
        if (!unit) {
          short += 1;
          lacking.add(catalogue.nameOf(catalogue.variant(variant)));
          continue;
        }
        pieces.push({
          ...this.benchPiece(unit, { ...part, alterations: part.alterations ?? [] }),
          from: there ? from : this.sourceAt(unit.place, claimant.id),
        });
      }
      if (short > 0) break;
      if (body.length > 0 && left.length === 0 && pieces.every((piece) => piece.from.kind === 'body' && piece.from.body === id)) continue;
      if (body.length > 0) bodies.set(id, { id, name: claimant.name, path: '', parts: body, becomes: id });
      copies.push({ id, figure: claimant.id, name: claimant.name, pieces });
    }
    if (copies.length === 0 || (asked !== null && copies.length < asked))
      throw new Problem(409, this.whyNot(claimant.name, copies.length, [...lacking]));
    return copies;
  }

  private whyNot(name: string, can: number, lacking: readonly string[]): string {
    if (lacking.length === 0) return `${name} stands built already.`;
    const what = lacking.slice(0, 3).join(', ');
    return can === 0
      ? `${name} cannot be built yet: ${what} ${lacking.length === 1 ? 'is' : 'are'} not at hand.`
      : `Only ${can} of ${name} can be built: then ${what} runs out.`;
  }

  /** The whole figures and figures built otherwise that pieces are taken from. */
  private bodiesWith(copies: readonly BenchCopy[], known: ReadonlyMap<string, BenchBody>, pool: Pool): readonly BenchBody[] {
    const places = new Set<string>();
    for (const copy of copies)
      for (const { from, piece } of copy.pieces)
        if (from.kind === 'body' && !known.has(from.body)) places.add(pool.unit(piece)?.place ?? '');
    const bodies = [...places].flatMap((place) => this.bodiesAt(place, pool));
    const wanted = new Set(copies.flatMap((copy) => copy.pieces.map(({ piece }) => piece)));
    return bodies.filter((body) => body.parts.some(({ piece }) => wanted.has(piece)));
  }

  private bodiesAt(id: string, pool: Pool): readonly BenchBody[] {
    const place = this.ledger.place(id);
    const within = place.parent === null ? '' : this.ledger.place(place.parent).path;
    const catalogue = this.catalogue.now();
    const official = catalogue.data.officialFigures.find((row) => row.id === place.official);
    const outlines = place.figure === null ? (official ? [official.parts] : []) : this.outlinesOf(place.figure);
    const most = place.kind === 'donor' ? 1 : 1000;
    const copies = bodiesOf(pool.unitsAt(id), outlines, most, catalogue);
    return copies.map((parts, k) => ({
      id: copies.length === 1 ? id : `${id}~${k}`,
      name: place.name,
      path: within || 'its place',
      parts,
      becomes: null,
    }));
  }

  /** What a figure's pieces may stand as: the look it shows first, then its others. */
  private outlinesOf(figure: string): readonly Outline[] {
    const { chosenLook } = this.figures.figure(figure);
    const catalogue = this.catalogue.now();
    const looks = this.figures.looksOf([figure]);
    return [...looks.filter((look) => look.id === chosenLook), ...looks.filter((look) => look.id !== chosenLook)].map(({ parts }) =>
      parts.map((part) => ({ position: part.position, place: placeOf(part), variant: catalogue.resolve(part.variant) })),
    );
  }

  private benchPiece(
    unit: Unit,
    { position, place, turned, alterations }: Pick<BenchPiece, 'position' | 'place' | 'turned' | 'alterations'>,
  ) {
    const done = this.ledger.lot(unit.lot).alterations;
    const isDone = (own: Alteration): boolean => done.some((row) => row.kind === own.kind && row.what === own.what);
    return { piece: unit.piece, variant: unit.variant, position, place, turned, alterations: alterations.filter((own) => !isDone(own)) };
  }

  private sourceAt(id: string, figure: string): BenchPiece['from'] {
    const { kind, path, figure: of } = this.ledger.place(id);
    if (kind === 'bench' && of === figure) return { kind: 'tray' };
    if (kind === 'donor' || kind === 'figure') return { kind: 'body', body: id };
    return { kind: 'place', id, path: path === '' ? 'where it lies, no place yet' : path };
  }

  private complete(work: BenchWork, steps: readonly BenchStep[], pool: Pool): BenchPlan {
    const away = new Map<string, string>();
    const variantOf = new Map(pool.allUnits().map((unit) => [unit.piece, unit.variant]));
    for (const { moves } of steps)
      for (const { piece, to } of moves) if (to.kind === 'away') away.set(piece, this.whereAway(variantOf.get(piece) ?? ''));
    return {
      ...work,
      steps: steps.map((step, id) => ({ ...step, id })),
      pieces: Object.fromEntries(pool.allUnits().map(({ piece, lot, place }): readonly [string, PlannedPiece] => [piece, { lot, place }])),
      away: Object.fromEntries(away),
      gone: [],
    };
  }
}

/** Pieces on bodies with the very body each is on: a place may hold several alike. */
function onBodies(copies: readonly BenchCopy[], bodies: readonly BenchBody[]): readonly BenchCopy[] {
  const bodyOf = new Map(bodies.flatMap((body) => body.parts.map(({ piece }) => [piece, body.id] as const)));
  return copies.map((copy) => ({
    ...copy,
    pieces: copy.pieces.map((piece) => {
      const body = bodyOf.get(piece.piece);
      return piece.from.kind === 'body' && body !== undefined ? { ...piece, from: { kind: 'body' as const, body } } : piece;
    }),
  }));
}

/** The whole figures that stand for copies as they are. */
const wholePlacesOf = (served: FigureServed['served']): readonly string[] =>
  [...new Set(served.flatMap(({ given }) => given.flatMap(({ run }) => (run.reach === 'whole' ? [run.place] : []))))].sort();

const isAtHand = (reach: string): boolean => reach === 'loose' || reach === 'donor' || reach === 'whole' || reach === 'built';
const sum = (numbers: readonly number[]): number => numbers.reduce((all, one) => all + one, 0);
