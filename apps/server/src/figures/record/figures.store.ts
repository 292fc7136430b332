import { Injectable } from '@nestjs/common';
import type { Look, LookPart } from '@outfit/core';
import { Database, type EntityTable } from '../../platform/db/index.js';
import { notFound } from '../../platform/http/index.js';
import { FigureEntity, LineUpEntity, lookColumns, LookEntity } from './figures.entities.js';

export interface FigureName {
  readonly id: string;
  readonly lineUp: string;
  readonly role: string;
  readonly name: string;
}

/** The look that a figure shows. */
interface ShownLook {
  readonly figure: string;
  readonly name: string;
  readonly copies: number;
  readonly parts: readonly LookPart[];
}

/** Line-ups, figures and looks in their tables. Every change of a row makes its version one more. */
@Injectable()
export class FiguresStore {
  constructor(private readonly database: Database) {}

  lineUps(): LineUpEntity[] {
    return this.lineUpTable.find({ order: { place: 'ASC' } });
  }

  lineUp(id: string): LineUpEntity {
    return this.lineUpTable.first({ id }) ?? refuse('line-up', id);
  }

  /** Every figure by its name, in the order they stand in. */
  names(): FigureName[] {
    return this.database
      .prepare(`SELECT id, lineUp, role, json_extract(brief, '$.name') AS name FROM figure ORDER BY place, id`)
      .all() as FigureName[];
  }

  /** The looks that figures outside a line-up show, some at a time: those after a figure, in the order of their ids. */
  shownOutside(lineUp: string, after: string, most: number): ShownLook[] {
    const rows = this.database
      .prepare(
        `SELECT figure.id AS figure, json_extract(figure.brief, '$.name') AS name,
                COALESCE(json_extract(figure.brief, '$.copies'), 1) AS copies, look.parts
           FROM figure JOIN look ON look.id = figure.chosenLook
          WHERE figure.id > ? AND figure.lineUp <> ? ORDER BY figure.id LIMIT ?`,
      )
      .all(after, lineUp, most) as (Omit<ShownLook, 'parts'> & { readonly parts: string })[];
    return rows.map((row) => ({ ...row, parts: JSON.parse(row.parts) as LookPart[] }));
  }

  /** The figures with a look, not in the bin, that wears one of these variants. */
  figuresWearing(variants: readonly string[]): FigureName[] {
    return this.database
      .prepare(
        `SELECT DISTINCT figure.id, figure.lineUp, figure.role, json_extract(figure.brief, '$.name') AS name
           FROM look JOIN figure ON figure.id = look.figure, json_each(look.parts) AS part
          WHERE look.removedAt IS NULL AND json_extract(part.value, '$.variant') IN (SELECT value FROM json_each(?))
          ORDER BY name, figure.id`,
      )
      .all(JSON.stringify(variants)) as FigureName[];
  }

  figures(): FigureEntity[] {
    return this.figureTable.find({ order: { place: 'ASC' } });
  }

  figuresOf(lineUp: string): FigureEntity[] {
    return this.figureTable.find({ where: { lineUp }, order: { place: 'ASC' } });
  }

  figure(id: string): FigureEntity {
    return this.figureTable.first({ id }) ?? refuse('figure', id);
  }

  hasFigure(id: string): boolean {
    return this.figureTable.has({ id });
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

  insertLineUp(row: Omit<LineUpEntity, 'version'>): void {
    this.lineUpTable.insert({ ...row, version: 1 });
  }

  insertFigure(row: Omit<FigureEntity, 'version'>): void {
    this.figureTable.insert({ ...row, version: 1 });
  }

  insertLook(row: Pick<LookEntity, 'id' | 'figure' | 'place' | 'name'>, look: Look): void {
    this.lookTable.insert({ ...row, removedAt: null, version: 1, ...lookColumns(look) });
  }

  updateLineUp(id: string): void {
    const { version } = this.lineUp(id);
    this.lineUpTable.update({ id }, { version: version + 1 });
  }

  updateFigure(id: string, set: Partial<Omit<FigureEntity, 'id' | 'version'>>): void {
    const { version } = this.figure(id);
    this.figureTable.update({ id }, { ...set, version: version + 1 });
  }

  updateLook(id: string, set: Partial<Omit<LookEntity, 'id' | 'version'>>): void {
    const { version } = this.look(id);
    this.lookTable.update({ id }, { ...set, version: version + 1 });
  }

  /** The figures with a look that names a variant, in the bin or not. */
  figuresNaming(variant: string): string[] {
    return this.database
      .prepare(
        `SELECT DISTINCT look.figure FROM look, json_each(look.parts) AS part WHERE json_extract(part.value, '$.variant') = ? ORDER BY look.figure`,
      )
      .pluck()
      .all(variant) as string[];
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

function refuse(kind: string, id: string): never {
  throw notFound(kind, id);
}
