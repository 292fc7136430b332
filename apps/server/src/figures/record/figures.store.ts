import { Injectable } from '@nestjs/common';
import type { Spare } from '@outfit/core/lineup';
import type { Look, LookPart } from '@outfit/core';
import { Database } from '../../platform/db/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import type { EntityTable } from '../../platform/sqlite/index.js';
import { FigureEntity, LineUpEntity, lookColumns, LookEntity, lookOf, NoticeEntity, ReferencePictureEntity } from './figures.entities.js';

export interface FigureName {
  readonly id: string;
  readonly lineUp: string;
  readonly role: string;
  readonly name: string;
  readonly copies: number;
}

/** How a figure stands in its line-up. */
type Enrolment = 'faction' | 'free' | 'recipe';

/** Something in the bin. */
interface InTheBin {
  readonly id: string;
  readonly name: string;
  readonly stoodIn: string;
  readonly at: string;
}

/** Where something is that was made once. */
export type Whereabouts = 'standing' | 'in the bin' | 'gone';

/** May what is asked for lie in the bin? */
type Where = 'standing' | 'in the bin too';

/** Figures that are not in the bin, neither by themselves nor with their line-up. */
const STANDING = 'figure JOIN line_up ON line_up.id = figure.lineUp AND line_up.removedAt IS NULL AND figure.removedAt IS NULL';

/** Where a figure stands and what state it is in: whatever changes of what it wants, one of these does. */
export interface FigureInLine {
  readonly id: string;
  readonly version: number;
  readonly place: number;
  readonly lineUp: string;
  readonly lineUpPlace: number;
  readonly look: string;
  readonly lookVersion: number;
}

/** What a figure wants of the wardrobe: the parts of the look it shows, and what its brief says of pieces. */
interface FigureWants {
  readonly id: string;
  readonly name: string;
  readonly copies: number;
  readonly dueOn: string | null;
  readonly neverWith: string;
  readonly newOnly: boolean;
  readonly parts: readonly LookPart[];
}

/** A line-up that wants parts beside the looks of its figures. */
interface LineUpWithSpares {
  readonly id: string;
  readonly name: string;
  readonly place: number;
  readonly version: number;
  readonly spares: readonly Spare[];
}

/** Line-ups, figures and looks in their tables. Every change of a row makes its version one more. */
@Injectable()
export class FiguresStore {
  constructor(private readonly database: Database) {}

  /** The line-ups that stand, in their order. */
  lineUps(): LineUpEntity[] {
    return this.lineUpTable.find({ where: { removedAt: null }, order: { place: 'ASC', id: 'ASC' } });
  }

  /** A line-up that stands, or one that may lie in the bin. */
  lineUp(id: string, where: Where = 'standing'): LineUpEntity {
    const row = this.lineUpTable.first({ id }) ?? refuse('line-up', id);
    if (where === 'standing' && row.removedAt !== null) throw inTheBin(row.name);
    return row;
  }

  /** Every figure that stands by its name, in the order they stand in. */
  names(): FigureName[] {
    return this.database
      .prepare<FigureName>(
        `SELECT figure.id, lineUp, role, json_extract(brief, '$.name') AS name,
           COALESCE(json_extract(brief, '$.copies'), 1) AS copies FROM ${STANDING} ORDER BY figure.place, figure.id`,
      )
      .all();
  }

  /** Every figure that stands, with its versions: quickly read, to find out which changed. */
  inLine(): FigureInLine[] {
    return this.database
      .prepare<FigureInLine>(
        `SELECT figure.id, figure.version, figure.place, figure.lineUp, line_up.place AS lineUpPlace, look.id AS look, look.version AS lookVersion
           FROM ${STANDING} JOIN look ON look.id = figure.chosenLook`,
      )
      .all();
  }

  /** The day each line-up is due, where it has one. */
  dueDaysOfLineUps(): ReadonlyMap<string, string> {
    const rows = this.database
      .prepare<{ id: string; day: string }>(
        `SELECT id, json_extract(plan, '$.dueOn') AS day FROM line_up WHERE removedAt IS NULL AND json_extract(plan, '$.dueOn') IS NOT NULL`,
      )
      .all();
    return new Map(rows.map(({ id, day }) => [id, day]));
  }

  /** The line-ups that stand and want parts beside the looks. */
  withSpares(): LineUpWithSpares[] {
    const rows = this.lineUpTable.select(`WHERE removedAt IS NULL AND json_array_length(plan, '$.spares') > 0`);
    return rows.map(({ id, name, place, version, plan }) => ({ id, name, place, version, spares: plan?.spares ?? [] }));
  }

  /** Is any budget set, of a figure or a line-up, in the bin or not? */
  hasBudgets(): boolean {
    const ofPlans = ['budgetMinor', 'budgetAllMinor'].map((name) => `plan GLOB '*"${name}":[0-9]*'`).join(' OR ');
    return (
      this.figureTable.one(`WHERE json_extract(brief, '$.budgetMinor') IS NOT NULL LIMIT 1`) !== null ||
      this.lineUpTable.one(`WHERE ${ofPlans} LIMIT 1`) !== null
    );
  }

  /** What some figures want of the wardrobe. */
  wantsOf(figures: readonly string[]): FigureWants[] {
    const rows = this.figureTable.find({ where: { id: figures } });
    const looks = this.lookTable.find({ where: { id: rows.map(({ chosenLook }) => chosenLook) } });
    const partsOf = new Map(looks.map(({ id, parts }) => [id, parts]));
    return rows.flatMap(({ id, brief, chosenLook }) => {
      const { name, copies, dueOn, neverWith = '', newOnly = false } = brief;
      const parts = partsOf.get(chosenLook);
      return parts ? [{ id, name, copies, dueOn, neverWith, newOnly, parts }] : [];
    });
  }

  /**
   * The parts that looks which are not in the bin wear, chosen or not, of so many figures after one, in the order of their ids. `last` is the
   * figure to go on after; null when there are no more.
   */
  wornAfter(after: string, most: number): { readonly variants: string[]; readonly last: string | null } {
    const figures = this.database
      .prepare<string>(`SELECT figure.id FROM ${STANDING} WHERE figure.id > ? ORDER BY figure.id LIMIT ?`)
      .pluck()
      .all(after, most);
    const variants = this.database
      .prepare<string>(
        `SELECT DISTINCT json_extract(part.value, '$.variant') FROM look, json_each(look.parts) AS part
          WHERE look.figure IN (SELECT value FROM json_each(?)) AND look.removedAt IS NULL`,
      )
      .pluck()
      .all(JSON.stringify(figures));
    return { variants, last: figures.length < most ? null : (figures.at(-1) ?? null) };
  }

  /** The figures with a look, not in the bin, that wears one of these variants. */
  wearersOf(variants: readonly string[]): FigureName[] {
    return this.database
      .prepare<FigureName>(
        `SELECT DISTINCT figure.id, figure.lineUp, figure.role, json_extract(figure.brief, '$.name') AS name,
                COALESCE(json_extract(figure.brief, '$.copies'), 1) AS copies
           FROM ${STANDING} JOIN look ON look.figure = figure.id, json_each(look.parts) AS part
          WHERE look.removedAt IS NULL AND json_extract(part.value, '$.variant') IN (SELECT value FROM json_each(?))
          ORDER BY name, figure.id`,
      )
      .all(JSON.stringify(variants));
  }

  /** The figures of a line-up that are not in the bin, in their order. */
  figuresOf(lineUp: string): FigureEntity[] {
    return this.figureTable.find({ where: { lineUp, removedAt: null }, order: { place: 'ASC', id: 'ASC' } });
  }

  /** A figure that stands, or one that may lie in the bin, by itself or with its line-up. */
  figure(id: string, where: Where = 'standing'): FigureEntity {
    const row = this.figureTable.first({ id }) ?? refuse('figure', id);
    if (where === 'standing' && (row.removedAt !== null || this.lineUp(row.lineUp, 'in the bin too').removedAt !== null))
      throw inTheBin(row.brief.name);
    return row;
  }

  /** Does a figure or a line-up stand, lie in the bin (a figure also with its line-up), or was it thrown away? */
  whereabouts(of: 'figure' | 'line_up', id: string): Whereabouts {
    const row = of === 'figure' ? this.figureTable.first({ id }) : this.lineUpTable.first({ id });
    if (!row) return 'gone';
    if (row.removedAt !== null) return 'in the bin';
    return 'lineUp' in row ? this.whereabouts('line_up', row.lineUp) : 'standing';
  }

  /** The looks of figures that are not in the bin, in their order. */
  looksOf(figures: readonly string[]): LookEntity[] {
    return this.lookTable.find({ where: { figure: figures, removedAt: null }, order: { place: 'ASC' } });
  }

  /** A look, also one that is in the bin. */
  look(id: string): LookEntity {
    return this.lookTable.first({ id }) ?? refuse('look', id);
  }

  countOfLooks(figure: string): number {
    return this.lookTable.count({ figure });
  }

  insertLineUp({ plan = null, ...row }: Omit<LineUpEntity, 'version' | 'removedAt' | 'plan'> & Partial<Pick<LineUpEntity, 'plan'>>): void {
    this.lineUpTable.insert({ ...row, plan, removedAt: null, version: 1 });
  }

  /** Where nothing is said of it, it stands in no faction, follows everything and is a figure of its own. */
  insertFigure(row: Omit<FigureEntity, 'version' | 'removedAt' | Enrolment> & Partial<Pick<FigureEntity, Enrolment>>): void {
    this.figureTable.insert({ faction: '', free: [], recipe: '', ...row, removedAt: null, version: 1 });
  }

  insertLook(row: Pick<LookEntity, 'id' | 'figure' | 'place' | 'name'>, look: Look): void {
    this.lookTable.insert({ ...row, removedAt: null, version: 1, ...lookColumns(look) });
  }

  updateLineUp(id: string, set: Partial<Omit<LineUpEntity, 'id' | 'version'>>): void {
    const { version } = this.lineUp(id, 'in the bin too');
    this.lineUpTable.update({ id }, { ...set, version: version + 1 });
  }

  updateFigure(id: string, set: Partial<Omit<FigureEntity, 'id' | 'version'>>): void {
    const { version } = this.figure(id, 'in the bin too');
    this.figureTable.update({ id }, { ...set, version: version + 1 });
  }

  updateLook(id: string, set: Partial<Omit<LookEntity, 'id' | 'version'>>): void {
    const { version } = this.look(id);
    this.lookTable.update({ id }, { ...set, version: version + 1 });
  }

  /** The figures with a look that names a variant, in the bin or not. */
  namersOf(variant: string): string[] {
    return this.database
      .prepare<string>(
        `SELECT DISTINCT look.figure FROM look, json_each(look.parts) AS part WHERE json_extract(part.value, '$.variant') = ? ORDER BY look.figure`,
      )
      .pluck()
      .all(variant);
  }

  /** Is any figure of this toy line, those in the bin too? */
  hasBriefOf(system: string): boolean {
    return this.database.prepare(`SELECT 1 FROM figure WHERE json_extract(brief, '$.system') = ? LIMIT 1`).get(system) !== undefined;
  }

  binnedLineUps(): InTheBin[] {
    return this.lineUpTable
      .find()
      .flatMap(({ id, name, removedAt }) => (removedAt === null ? [] : [{ id, name, stoodIn: '', at: removedAt }]));
  }

  /** Figures that were put in the bin by themselves, out of a line-up that stands. */
  binnedFigures(): InTheBin[] {
    return this.database
      .prepare<InTheBin>(
        `SELECT figure.id, json_extract(figure.brief, '$.name') AS name, line_up.name AS stoodIn, figure.removedAt AS at
           FROM figure JOIN line_up ON line_up.id = figure.lineUp WHERE figure.removedAt IS NOT NULL AND line_up.removedAt IS NULL`,
      )
      .all();
  }

  binnedLooks(): InTheBin[] {
    return this.binnedOfFigures('look');
  }

  binnedPictures(): InTheBin[] {
    return this.binnedOfFigures('reference_picture');
  }

  /** Rows of a table that were put in the bin by themselves, of figures that stand. */
  private binnedOfFigures(table: 'look' | 'reference_picture'): InTheBin[] {
    return this.database
      .prepare<InTheBin>(
        `SELECT own.id, own.name, json_extract(figure.brief, '$.name') AS stoodIn, own.removedAt AS at
           FROM ${STANDING} JOIN ${table} AS own ON own.figure = figure.id WHERE own.removedAt IS NOT NULL`,
      )
      .all();
  }

  throwAwayLineUp(id: string): void {
    for (const { id: figure } of this.figureTable.find({ where: { lineUp: id } })) this.throwAwayFigure(figure);
    this.lineUpTable.delete({ id });
  }

  throwAwayFigure(id: string): void {
    this.database.assertWriting();
    for (const entity of [NoticeEntity, ReferencePictureEntity, LookEntity])
      this.database.table<{ figure: string }>(entity).delete({ figure: id });
    this.figureTable.delete({ id });
  }

  throwAwayLook(id: string): void {
    this.lookTable.delete({ id });
  }

  throwAwayPicture(id: string): void {
    this.database.table(ReferencePictureEntity).delete({ id });
  }

  /** A look as the history keeps it whole. */
  lookOfDocument(document: Readonly<Record<string, unknown>>): Look {
    const { parts, overrules, verdict, substitutes = [], variation } = this.lookTable.rowOf(document, 'parts', 'overrules');
    return lookOf({ parts, overrules, verdict: verdict ?? null, substitutes, variation: variation ?? null });
  }

  /** Writes what a deed changed of a line-up as the history tells it. */
  restoreLineUp(id: string, document: Readonly<Record<string, unknown>>): void {
    const { id: _, version: __, ...set } = this.lineUpTable.rowOf(document);
    this.updateLineUp(id, set);
  }

  private get lineUpTable(): EntityTable<LineUpEntity> {
    return this.database.table(LineUpEntity);
  }

  private get figureTable(): EntityTable<FigureEntity> {
    return this.database.table(FigureEntity);
  }

  private get lookTable(): EntityTable<LookEntity> {
    return this.database.table(LookEntity);
  }
}

const inTheBin = (name: string): Problem => new Problem(404, `“${name}” lies in the bin. Take it out there to go on with it.`);

function refuse(kind: string, id: string): never {
  throw notFound(kind, id);
}
