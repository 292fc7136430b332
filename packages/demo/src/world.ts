import { Catalogue, type CatalogueData, dayNumber, daysBetween, isoDay } from '@outfit/core';
import type { LineUpPlan } from '@outfit/core/lineup';
import { type DemoIdea, type DemoOwed, IDEAS, OWED } from './data/ideas.js';
import { type DemoInHand, type DemoLineUp, factionOf, IN_HAND, LINE_UPS, PLANS, windowSill } from './data/projects/index.js';
import { type DemoDeed, type DemoOrder, ORDERS, YEAR } from './data/wardrobe/index.js';
import { generateCatalogue } from './generate/index.js';

export interface DemoWorld {
  readonly catalogue: CatalogueData;
  readonly lineUps: readonly DemoLineUp[];
  /** What line-ups keep beside who stands in them, by line-up; those that keep nothing are left out. */
  readonly plans: Readonly<Record<string, LineUpPlan>>;
  /** The faction of a figure, by its line-up and role; empty for none. */
  readonly factionOf: (lineUp: string, role: string) => string;
  readonly ideas: readonly DemoIdea[];
  readonly owed: readonly DemoOwed[];
  /** What was done in the wardrobe, the first deed first. */
  readonly wardrobe: readonly DemoDeed[];
  /** Orders that are on their way. */
  readonly orders: readonly DemoOrder[];
  /** Figures whose pieces are at hand, and what was done with them at the bench. */
  readonly inHand: readonly DemoInHand[];
}

/** The day the tables of the world were written for: the days in them are as far off, on whichever day the world is made. */
const WRITTEN_ON = '2026-11-27';

/**
 * The made-up world that ships with the application, as it stands on a day: what is due is due as many days later, whenever
 * that is.
 *
 * @param today ISO day
 */
export function demoWorld(today = WRITTEN_ON): DemoWorld {
  const catalogue = generateCatalogue();
  const ahead = daysBetween(WRITTEN_ON, today);
  const due = <T extends { readonly dueOn: string | null }>(row: T): T =>
    row.dueOn === null ? row : { ...row, dueOn: isoDay(dayNumber(row.dueOn) + ahead) };
  const lineUps = [...LINE_UPS, windowSill(new Catalogue(catalogue))].map((lineUp) => ({
    ...lineUp,
    figures: lineUp.figures.map((figure) => ({ ...figure, brief: due(figure.brief) })),
  }));
  const plans = Object.fromEntries(Object.entries(PLANS).map(([lineUp, plan]) => [lineUp, due(plan)]));
  return { catalogue, lineUps, plans, factionOf, ideas: IDEAS, owed: OWED, wardrobe: YEAR, orders: ORDERS, inHand: IN_HAND };
}
