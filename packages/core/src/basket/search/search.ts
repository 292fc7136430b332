import { seededRandom } from '../../kernel/index.js';
import type { Decision } from '../decision/index.js';
import { type MarketIndex, shelfPrices } from '../reduce/index.js';
import { fillUp } from './fillUp.js';
import { recreate, type RecreateOptions } from './recreate.js';
import { closeSeller, emptyNeed, giveBack, lightenParcel } from './ruin.js';
import { WorkingPlan } from './workingPlan.js';

/** Says when a search has to come to an end. */
type Halt = () => boolean;

export interface SearchEffort {
  /** Changes tried at most. */
  readonly tries: number;
  readonly halt: Halt;
  /** What another unit of each variant is worth (see `recreate`). */
  readonly worth: Float64Array;
  /** Another seed tries other changes. */
  readonly seed?: number;
  /** A decision to start from, and to stay nearer to: the search then begins cooler. */
  readonly start?: Decision;
  /** Called with every better plan, at most once in `TRIES_BETWEEN_NEWS` tries. */
  readonly onBetter?: (decision: Decision) => void;
}

/** How often a parcel that is there is made lighter, or asked for more, rather than left out. */
const LIGHTENED = 0.3;
const ASKED_FOR_MORE = 0.3;
/** How often one that was asked for more keeps all it was given. */
const LEFT_HEAVY = 0.3;
const TRIES_BETWEEN_NEWS = 500;
const TRIES_BETWEEN_HALTS = 50;
/** Cooling: from this share of a typical parcel's charges down to a hundredth of it. */
const WARM = 0.35;
const WARM_FROM_START = 0.05;
const COLD = 0.004;

/**
 * A first plan: ruin and recreate (Schrimpf et al., *Record breaking optimization results using the ruin and recreate
 * principle*, 2000) under simulated annealing. Sellers are closed, invited and swapped, needs emptied, and what is missing
 * is filled again at the least marginal cost. Deterministic; returns the best plan met, minimum orders filled up.
 */
export function searchBaskets(index: MarketIndex, effort: SearchEffort): Decision {
  const plan = new WorkingPlan(index);
  const draw = seededRandom(index.variants.length * 7919 + index.offerSeller.length + (effort.seed ?? 0));
  const pick = (count: number): number => Math.floor(draw() * count);
  const sellers = index.market.sellers.length;
  const needs = index.market.needs.map((_, n) => n);
  const nobody = { worth: effort.worth, shelfPrice: shelfPrices(index, effort.worth), shunned: new Uint8Array(sellers), invited: -1 };

  if (effort.start) {
    plan.load(effort.start);
    for (let shelf = 0; shelf < index.shelfSeller.length; shelf += 1) giveBack(plan, shelf);
  }
  recreate(plan, shuffle(needs, draw), nobody);
  plan.settle();
  let best = plan.decision();
  let bestCost = plan.cost;
  if (sellers === 0) return best;
  const typical = typicalCharges(plan);
  const warm = effort.start ? WARM_FROM_START : WARM;
  let told = 0;
  let isNews = true;
  for (let i = 0; i < effort.tries; i += 1) {
    if (i % TRIES_BETWEEN_HALTS === 0 && effort.halt()) break;
    const heat = typical * warm * (COLD / warm) ** (i / effort.tries);
    const before = plan.cost;
    change(plan, pick, draw, nobody);
    const after = plan.cost;
    if (after > before && draw() >= Math.exp((before - after) / heat)) {
      plan.undoTo(0);
      continue;
    }
    plan.settle();
    if (after < bestCost - 1e-6) {
      bestCost = after;
      best = plan.decision();
      isNews = true;
    }
    if (isNews && effort.onBetter && i - told > TRIES_BETWEEN_NEWS) {
      told = i;
      isNews = false;
      effort.onBetter(fillUp(index, best));
    }
  }
  return fillUp(index, best);
}

function typicalCharges(plan: WorkingPlan): number {
  const charges = plan.terms.map((terms) => terms.chargesOn(0, 0)).sort((a, b) => a - b);
  return Math.max(10, charges[Math.floor(charges.length / 2)] ?? 10);
}

/** One change of the plan, by lot. */
function change(plan: WorkingPlan, pick: (count: number) => number, draw: () => number, nobody: RecreateOptions): void {
  const { index } = plan;
  const kind = draw();
  const needs = index.market.needs.length;
  // Where nothing is needed there are still leftovers to sell.
  if (kind < 0.2 && needs > 0) {
    const emptied = Array.from({ length: 1 + pick(Math.min(6, needs)) }, () => pick(needs));
    for (const need of emptied) emptyNeed(plan, need);
    return recreate(plan, missingOf(plan, emptied, draw), nobody);
  }
  const seller = pick(index.market.sellers.length);
  if ((plan.units[seller] ?? 0) === 0) return open(plan, seller, kind < 0.5 ? openNeighbour(plan, seller, pick) : -1, draw, nobody);
  const way = draw();
  if (way < LIGHTENED && lighten(plan, seller, [], draw, nobody)) return;
  if (way >= LIGHTENED && way < LIGHTENED + ASKED_FOR_MORE) return askForMore(plan, seller, draw, nobody);
  close(plan, seller, kind < 0.6 ? neighbour(index, seller, pick) : -1, draw, nobody);
}

/** Buys from a seller what costs less there, in place of another where one is given. */
function open(plan: WorkingPlan, seller: number, closed: number, draw: () => number, nobody: RecreateOptions): void {
  const moved = emptyFor(plan, seller, nobody);
  const touched = closed >= 0 ? closeSeller(plan, closed) : [];
  recreateWithout(plan, closed, missingOf(plan, [...moved, ...touched], draw), { ...nobody, invited: seller });
}

/** Buys nothing from a seller any more, and from another in his place where one is given. */
function close(plan: WorkingPlan, seller: number, invited: number, draw: () => number, nobody: RecreateOptions): void {
  const touched = closeSeller(plan, seller);
  const moved = invited >= 0 ? emptyFor(plan, invited, nobody) : [];
  recreateWithout(plan, seller, missingOf(plan, [...touched, ...moved], draw), { ...nobody, invited });
}

/** Sends a seller's parcel by a cheaper tier, and fills what it loses elsewhere, beside other needs; says whether there is such a tier. */
function lighten(plan: WorkingPlan, seller: number, others: readonly number[], draw: () => number, nobody: RecreateOptions): boolean {
  const touched = lightenParcel(plan, seller, nobody.worth, nobody.shelfPrice);
  if (touched.length > 0) recreateWithout(plan, seller, missingOf(plan, [...others, ...touched], draw), nobody);
  return touched.length > 0;
}

/** Has a parcel that is there carry all that costs less in it; mostly as much as its tier, or the one below, lets it. */
function askForMore(plan: WorkingPlan, seller: number, draw: () => number, nobody: RecreateOptions): void {
  const more = emptyFor(plan, seller, nobody);
  recreate(plan, missingOf(plan, more, draw), { ...nobody, invited: seller });
  if (draw() >= LEFT_HEAVY) lighten(plan, seller, more, draw, nobody);
}

function recreateWithout(plan: WorkingPlan, seller: number, needs: readonly number[], options: RecreateOptions): void {
  if (seller >= 0) options.shunned[seller] = 1;
  recreate(plan, needs, options);
  if (seller >= 0) options.shunned[seller] = 0;
}

/** Another seller of something this one sells. */
function neighbour(index: MarketIndex, seller: number, pick: (count: number) => number): number {
  const shelves = index.sellerShelves[seller] ?? [];
  const shelf = shelves[pick(shelves.length)];
  const others = index.variantShelves[index.shelfVariant[shelf ?? 0] ?? 0] ?? [];
  const other = index.shelfSeller[others[pick(others.length)] ?? 0] ?? -1;
  return other === seller ? -1 : other;
}

function openNeighbour(plan: WorkingPlan, seller: number, pick: (count: number) => number): number {
  for (let tries = 0; tries < 4; tries += 1) {
    const other = neighbour(plan.index, seller, pick);
    if (other >= 0 && (plan.units[other] ?? 0) > 0) return other;
  }
  return -1;
}

/** Empties the needs an invited seller could fill for less than their units cost now. */
function emptyFor(plan: WorkingPlan, seller: number, { shelfPrice }: RecreateOptions): readonly number[] {
  const { index } = plan;
  const moved: number[] = [];
  for (const shelf of index.sellerShelves[seller] ?? []) {
    const variant = index.shelfVariant[shelf] ?? 0;
    const price = shelfPrice[shelf] ?? 0;
    for (const need of index.variantNeeds[variant] ?? []) {
      const penalty = index.needOptions[need]?.find((option) => option.variant === variant)?.penalty ?? 0;
      if (!plan.isDearerThan(need, price + penalty, shelfPrice)) continue;
      emptyNeed(plan, need);
      moved.push(need);
    }
  }
  return moved;
}

function missingOf(plan: WorkingPlan, needs: readonly number[], draw: () => number): readonly number[] {
  return shuffle(
    [...new Set(needs)].filter((need) => (plan.missing[need] ?? 0) > 0),
    draw,
  );
}

function shuffle(rows: readonly number[], draw: () => number): number[] {
  const turned = [...rows];
  for (let i = turned.length - 1; i > 0; i -= 1) {
    const j = Math.floor(draw() * (i + 1));
    [turned[i], turned[j]] = [turned[j] ?? 0, turned[i] ?? 0];
  }
  return turned;
}
