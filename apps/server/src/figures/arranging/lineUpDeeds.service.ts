import { Injectable } from '@nestjs/common';
import { type Brief, completeBrief, spotOf } from '@outfit/core';
import { Database } from '../../platform/db/index.js';
import { HistoryService } from '../../platform/history/index.js';
import { Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { dressAs, FiguresStore, lookColumns, lookOf, type Spots } from '../record/index.js';
import { type Arrangement, slicesOf, type Stance } from './arrangement.js';

/**
 * Deeds that are done to a line-up as a whole: what it keeps, who stands how, and what that does to briefs and looks. One deed is one
 * step of Undo; a look or brief it changes tells it in its own history too.
 */
@Injectable()
export class LineUpDeeds {
  constructor(
    private readonly database: Database,
    private readonly store: FiguresStore,
    private readonly history: HistoryService,
    private readonly live: LiveService,
  ) {}

  /** Does a deed within the unit of work that is under way, and writes down what was there before. */
  do(lineUp: string, label: string, after: Arrangement): void {
    this.database.assertWriting();
    const before = this.before(after);
    this.put(after);
    this.history.record({ line: 'line-up', item: lineUp, label, slices: slicesOf(before, after, lineUp) });
    this.live.tellAfterwards('figures');
  }

  /** Puts figures, looks and plans as an arrangement says; orders are for whoever arranges. */
  put({ lineUps = {}, figures = {}, looks = {} }: Arrangement): void {
    for (const [id, set] of Object.entries(lineUps)) this.store.updateLineUp(id, set);
    for (const [id, set] of Object.entries(figures)) this.putFigure(id, set);
    for (const [id, spots] of Object.entries(looks)) this.putLook(id, spots);
  }

  /** None may go to a line-up that lies in the bin. */
  putFigure(id: string, { brief: fields, ...set }: Stance): void {
    if (set.lineUp !== undefined && this.store.lineUp(set.lineUp, 'in the bin too').removedAt !== null)
      throw new Problem(409, 'The line-up they stood in lies in the bin. Take it out first; nothing was moved.');
    if (!fields) return this.store.updateFigure(id, set);
    const brief: Brief = { ...completeBrief(this.store.figure(id, 'in the bin too').brief), ...fields };
    this.store.updateFigure(id, { ...set, brief });
  }

  private putLook(id: string, spots: Spots): void {
    this.store.updateLook(id, lookColumns(dressAs(lookOf(this.store.look(id)), spots)));
  }

  private before({ lineUps = {}, figures = {}, looks = {} }: Arrangement): Arrangement {
    return {
      lineUps: mapValues(lineUps, (id, set) => pick(this.store.lineUp(id, 'in the bin too'), Object.keys(set))),
      figures: mapValues(figures, (id, set) => {
        const row = this.store.figure(id, 'in the bin too');
        const brief = set.brief ? { brief: pick(completeBrief(row.brief), Object.keys(set.brief)) } : {};
        return { ...pick(row, Object.keys(set)), ...brief };
      }),
      looks: mapValues(looks, (id, spots) => {
        const { parts } = this.store.look(id);
        return mapValues(spots, (spot) => parts.find((part) => spotOf(part) === spot) ?? null);
      }),
    };
  }
}

const mapValues = <A, B>(all: Readonly<Record<string, A>>, to: (key: string, value: A) => B): Readonly<Record<string, B>> =>
  Object.fromEntries(Object.entries(all).map(([key, value]) => [key, to(key, value)]));

const pick = <T extends object>(row: T, keys: readonly string[]): Partial<T> =>
  Object.fromEntries(Object.entries(row).filter(([key]) => keys.includes(key))) as Partial<T>;
