import type { Decision } from '../decision/index.js';
import type { ReducedMarket, UsableOffer } from '../reduce/index.js';
import { addFlows, type Flows, readFills } from './flowRows.js';
import { type Column, type Entry, LinearModel } from './linearModel.js';
import { addResale } from './resaleRows.js';
import { addSeller, type OfferColumns } from './sellerRows.js';
import { addStanding } from './standingRows.js';
import { StartValues } from './startValues.js';

/** The basket problem as a mixed-integer model, and how to read a solution back. */
export interface BasketModel {
  readonly model: LinearModel;
  /** Values of every column for a known decision, to start the solver from. */
  start(decision: Decision): number[];
  read(values: ArrayLike<number>): Decision;
}

/** Changes of the model that a side question asks for. */
export interface ModelQuestion {
  /** At most so many parcels, in place of the rule's. */
  readonly maxParcels?: number;
  /** At most so much shortage. What is left unfilled then costs nothing besides: the bound is one of money alone. */
  readonly maxShortageMinor?: number;
  /** Wholes that stand must count so much. */
  readonly leastStandingWorth?: number;
  /** Ask for the most worth of wholes that stand instead of the least cost; the cost is then that worth below zero. */
  readonly mostStanding?: boolean;
  /** Ask for the least shortage instead of the least cost. */
  readonly leastShortage?: boolean;
  /** Ask for the fewest parcels instead of the least cost. */
  readonly fewestParcels?: boolean;
  /** Let lots and fills be taken in part: easier to solve, and never dearer than the whole numbers. */
  readonly inPart?: boolean;
}

/**
 * Builds the mixed-integer model of an errand in a form whose linear relaxation is close to the whole numbers: each
 * offer's useful units hang on its seller's switch, tiers share the weight, and duty has a part of the goods of its own.
 */
export function buildModel(market: ReducedMarket, question: ModelQuestion = {}): BasketModel {
  const model = new LinearModel();
  const inPart = question.inPart ?? false;
  const starts = new StartValues(market);
  const lots = new Map<UsableOffer, OfferColumns>();
  const opens: Entry[] = [];
  const paid: Entry[] = [];
  for (const seller of market.sellers) opens.push([addSeller(model, starts, market, seller, lots, paid, inPart), 1]);

  const { problem } = market;
  const maxParcels = question.maxParcels ?? problem.rules.maxParcels;
  if (maxParcels !== null) model.atMost(opens, maxParcels);
  if (problem.rules.budgetMinor !== null) model.atMost(paid, problem.rules.budgetMinor);
  const { fewestParcels = false, leastShortage = false, mostStanding = false, leastStandingWorth = 0 } = question;
  const isOfMoney = !fewestParcels && !leastShortage && !mostStanding;
  if (fewestParcels) for (const [open] of opens) model.addCost(open, 1);
  if (isOfMoney) for (const [column, cost] of paid) model.addCost(column, cost);

  const flows = addFlows(model, starts, market, lots, inPart);
  if (isOfMoney) addResale(model, starts, market, lots, flows);
  else model.forgetCosts(flows.costed);
  if (mostStanding || leastStandingWorth > 0) {
    const standing = addStanding(model, starts, market, flows);
    if (mostStanding) for (const [column, worth] of standing) model.addCost(column, -worth);
    model.atLeast(standing, leastStandingWorth);
  }
  const shortage = flows.short.map(({ column, costMinor }): Entry => [column, costMinor]).filter(([, costMinor]) => costMinor > 0);
  if (leastShortage) for (const [column, costMinor] of shortage) model.addCost(column, costMinor);
  if (question.maxShortageMinor !== undefined) {
    model.forgetCosts(shortage.map(([column]) => column));
    model.atMost(shortage, question.maxShortageMinor);
  }
  return {
    model,
    start: (decision) => starts.of(decision, model.columnCount),
    read: (values) => readDecision(values, lots, flows),
  };
}

function readDecision(values: ArrayLike<number>, lots: ReadonlyMap<UsableOffer, OfferColumns>, flows: Flows): Decision {
  const at = (column: Column): number => Math.round(values[column] ?? 0);
  const bought = new Map<UsableOffer, number>();
  for (const [usable, { useful, surplus }] of lots) {
    const quantity = (at(useful) + (surplus === null ? 0 : at(surplus))) * usable.offer.multiple;
    if (quantity > 0) bought.set(usable, quantity);
  }
  return { bought, fills: readFills(at, bought, flows) };
}
