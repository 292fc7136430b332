import { Injectable } from '@nestjs/common';
import { FiguresStore } from './figures.store.js';

/** The days that something outside of figures asks for some of them by. */
type DaysAsked = () => Iterable<readonly [figure: string, day: string]>;

/** The days figures are due that do not stand in their own briefs: their line-up's, and what whoever was promised them waits for. */
@Injectable()
export class DueDays {
  private readonly asked: DaysAsked[] = [];

  constructor(private readonly store: FiguresStore) {}

  /** Whoever knows of days that figures are asked for says so once, when the application starts. */
  register(days: DaysAsked): void {
    this.asked.push(days);
  }

  /**
   * The first of these days for a figure of a line-up, ISO; null where nobody named one. Read once for all figures asked about.
   *
   * @param instead another day for one line-up than the one it keeps
   */
  now(instead?: { readonly lineUp: string; readonly dueOn: string | null }): (figure: string, lineUp: string) => string | null {
    const first = new Map<string, string>();
    for (const days of this.asked)
      for (const [figure, day] of days()) {
        const known = first.get(figure);
        if (known === undefined || day < known) first.set(figure, day);
      }
    const ofLineUps = this.store.dueDaysOfLineUps();
    const dayOf = (lineUp: string): string | null => (lineUp === instead?.lineUp ? instead.dueOn : (ofLineUps.get(lineUp) ?? null));
    return (figure, lineUp) => earliest(first.get(figure) ?? null, dayOf(lineUp));
  }
}

/**
 * The earlier of two days, ISO; the other where one of them is not named.
 *
 * @example earliest(null, '2026-06-20') // '2026-06-20'
 */
export const earliest = (a: string | null, b: string | null): string | null => (a === null ? b : b === null || a < b ? a : b);
