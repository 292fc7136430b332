import { Catalogue, type CatalogueData } from '@outfit/core';
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

/** The made-up world that ships with the application. */
export function demoWorld(): DemoWorld {
  const catalogue = generateCatalogue();
  const lineUps = [...LINE_UPS, windowSill(new Catalogue(catalogue))];
  return { catalogue, lineUps, plans: PLANS, factionOf, ideas: IDEAS, owed: OWED, wardrobe: YEAR, orders: ORDERS, inHand: IN_HAND };
}
