import type { Decision } from './assemble.js';
import { LinearModel, type Column, type Entry } from './linearModel.js';
import type { ReducedMarket, UsableOffer } from './market.js';
import type { Fill } from './plan.js';
import type { Need, Seller } from './problem.js';

/** Bought units of one variant that fill one need; `seller` is null where it does not matter who sends them. */
interface BoughtFlow {
  readonly need: Need;
  readonly variant: string;
  readonly seller: string | null;
  readonly column: Column;
}

interface OwnedFlow {
  readonly need: Need;
  readonly variant: string;
  readonly column: Column;
}

/** The basket problem as a mixed-integer model, and how to read a solution back. */
export interface BasketModel {
  readonly model: LinearModel;
  /** Values of the deciding columns for a known decision, to start the solver from. */
  start(decision: Decision): { readonly indices: number[]; readonly values: number[] };
  read(values: ArrayLike<number>): Decision;
}

/**
 * Builds the plain model of `calculations.md`, *Errands*: lots per offer, a switch and one postage tier per seller,
 * flows from owned pieces and bought units to needs. Flows are split by seller only for variants that a need with
 * one dye lot touches; elsewhere the seller does not matter and pooling keeps the model small.
 */
export function buildModel(market: ReducedMarket): BasketModel {
  const { problem } = market;
  const model = new LinearModel();
  const lots = new Map<UsableOffer, Column>();
  for (const usable of market.offers) lots.set(usable, model.integer(0, 0, usable.most / usable.offer.multiple));

  const opens = new Map<string, Column>();
  const paid: Entry[] = [];
  for (const seller of market.sellers) opens.set(seller.id, addSeller(model, seller, lots, paid));

  const { maxParcels, budgetMinor } = problem.rules;
  if (maxParcels !== null)
    model.atMost(
      [...opens.values()].map((open): Entry => [open, 1]),
      maxParcels,
    );
  if (budgetMinor !== null) model.atMost(paid, budgetMinor);

  const flows = addFlows(model, market, lots);
  return {
    model,
    start: ({ bought }) => {
      const used = new Set([...bought].filter(([, quantity]) => quantity > 0).map(([usable]) => usable.seller.id));
      const pairs: [Column, number][] = [
        ...[...lots].map(([usable, column]): [Column, number] => [column, (bought.get(usable) ?? 0) / usable.offer.multiple]),
        ...[...opens].map(([seller, column]): [Column, number] => [column, used.has(seller) ? 1 : 0]),
      ];
      return { indices: pairs.map(([column]) => column), values: pairs.map(([, value]) => value) };
    },
    read: (values) => readDecision(values, lots, flows),
  };
}

/** Switch, postage tier, handling and minimum of one seller. Goods, postage and handling are added to `paid`. */
function addSeller(model: LinearModel, seller: Seller, lots: ReadonlyMap<UsableOffer, Column>, paid: Entry[]): Column {
  const open = model.integer(0, 0, 1);
  const own = [...lots].filter(([usable]) => usable.seller.id === seller.id);
  const lotPrice = ({ offer }: UsableOffer): number => offer.priceMinor * offer.multiple;
  const goods = own.map(([usable, column]): Entry => [column, lotPrice(usable)]);
  const weight = own.map(([usable, column]): Entry => [column, usable.item.weightG * usable.offer.multiple]);
  for (const [usable, column] of own)
    model.atMost(
      [
        [column, 1],
        [open, -usable.most / usable.offer.multiple],
      ],
      0,
    );

  const tiers = seller.postage.map((tier) => ({ ...tier, column: model.integer(0, 0, 1) }));
  model.equal([...tiers.map(({ column }): Entry => [column, 1]), [open, -1]], 0);
  model.atMost([...weight, ...tiers.map(({ column, upToG }): Entry => [column, -upToG])], 0);
  tiers.forEach((tier, k) => {
    const lighter = tiers.slice(0, k);
    const before = lighter.at(-1);
    if (before && lighter.some((other) => other.costMinor > tier.costMinor))
      model.atLeast([...weight, [tier.column, -(before.upToG + HEAVIER_BY_G)]], 0);
  });

  const dearest = Math.max(0, ...tiers.map((tier) => tier.costMinor));
  const postage = model.continuous(1, 0, dearest);
  const owed: Entry[] = [[postage, 1], ...tiers.map(({ column, costMinor }): Entry => [column, -costMinor])];
  if (seller.freePostageFromMinor === null) model.atLeast(owed, 0);
  else {
    const free = model.integer(0, 0, 1);
    model.atLeast([...owed, [free, dearest]], 0);
    model.atLeast([...goods, [free, -seller.freePostageFromMinor]], 0);
  }
  if (seller.minimumMinor > 0) model.atLeast([...goods, [open, -seller.minimumMinor]], 0);
  for (const [usable, column] of own) model.addCost(column, lotPrice(usable));
  model.addCost(open, seller.handlingMinor);
  paid.push(...goods, [postage, 1], [open, seller.handlingMinor]);
  return open;
}

/** Only where a heavier tier is cheaper must the model be kept from claiming weight it does not have. */
const HEAVIER_BY_G = 1e-3;

interface Flows {
  readonly bought: readonly BoughtFlow[];
  readonly owned: readonly OwnedFlow[];
}

function addFlows(model: LinearModel, market: ReducedMarket, lots: ReadonlyMap<UsableOffer, Column>): Flows {
  const { problem } = market;
  const dyeLot = new Set(problem.needs.filter((need) => need.sameSeller).flatMap((need) => need.options.map((option) => option.variant)));
  const sellersOf = new Map<string, Set<string>>();
  for (const usable of market.offers)
    for (const variant of usable.yields.keys()) sellersOf.set(variant, (sellersOf.get(variant) ?? new Set()).add(usable.seller.id));

  const bought: BoughtFlow[] = [];
  const owned: OwnedFlow[] = [];
  for (const need of problem.needs) {
    const filling: Entry[] = [];
    for (const { variant, penaltyMinor } of need.options) {
      const stock = market.owned.get(variant);
      if (stock) {
        const column = model.integer(penaltyMinor + stock.costMinor, 0, Math.min(need.quantity, stock.quantity));
        owned.push({ need, variant, column });
        filling.push([column, 1]);
      }
      const sellers = [...(sellersOf.get(variant) ?? [])];
      for (const seller of dyeLot.has(variant) ? sellers : sellers.length > 0 ? [null] : []) {
        const column = model.integer(penaltyMinor, 0, need.quantity);
        bought.push({ need, variant, seller, column });
        filling.push([column, 1]);
      }
    }
    filling.push([model.integer(need.shortCostMinor ?? 0, 0, need.shortCostMinor === null ? 0 : need.quantity), 1]);
    model.equal(filling, need.quantity);
    if (need.sameSeller)
      bindToOneSeller(
        model,
        need,
        bought.filter((flow) => flow.need === need),
      );
  }
  for (const [variant, stock] of market.owned)
    model.atMost(
      owned.filter((flow) => flow.variant === variant).map((flow): Entry => [flow.column, 1]),
      stock.quantity,
    );
  for (const [variant, sellers] of sellersOf)
    for (const seller of dyeLot.has(variant) ? sellers : [null]) {
      const supply = [...lots].filter(([usable]) => usable.yields.has(variant) && (seller === null || usable.seller.id === seller));
      model.atMost(
        [
          ...bought.filter((flow) => flow.variant === variant && flow.seller === seller).map((flow): Entry => [flow.column, 1]),
          ...supply.map(([usable, column]): Entry => [column, -(usable.yields.get(variant) ?? 0) * usable.offer.multiple]),
        ],
        0,
      );
    }
  return { bought, owned };
}

/** All bought units of a need from one seller: one switch per seller, at most one on. */
function bindToOneSeller(model: LinearModel, need: Need, flows: readonly BoughtFlow[]): void {
  const chosen = [...new Set(flows.map((flow) => flow.seller))].map((seller) => {
    const column = model.integer(0, 0, 1);
    model.atMost([...flows.filter((flow) => flow.seller === seller).map((flow): Entry => [flow.column, 1]), [column, -need.quantity]], 0);
    return column;
  });
  if (chosen.length > 0)
    model.atMost(
      chosen.map((column): Entry => [column, 1]),
      1,
    );
}

/** Reads quantities and fills; pooled flows are shared out among the sellers who supply the variant. */
function readDecision(values: ArrayLike<number>, lots: ReadonlyMap<UsableOffer, Column>, flows: Flows): Decision {
  const at = (column: Column): number => Math.round(values[column] ?? 0);
  const bought = new Map<UsableOffer, number>();
  const pool = new Map<string, Map<string, number>>();
  for (const [usable, column] of lots) {
    const quantity = at(column) * usable.offer.multiple;
    if (quantity === 0) continue;
    bought.set(usable, quantity);
    for (const [variant, each] of usable.yields) {
      const bySeller = pool.get(variant) ?? new Map<string, number>();
      bySeller.set(usable.seller.id, (bySeller.get(usable.seller.id) ?? 0) + each * quantity);
      pool.set(variant, bySeller);
    }
  }
  const fills: Fill[] = [];
  for (const { need, variant, column } of flows.owned)
    if (at(column) > 0) fills.push({ need: need.id, variant, quantity: at(column), from: 'owned', seller: null });
  for (const { need, variant, seller, column } of flows.bought) {
    let left = at(column);
    for (const [from, units] of pool.get(variant) ?? []) {
      const quantity = Math.min(left, units);
      if (quantity <= 0 || (seller !== null && from !== seller)) continue;
      pool.get(variant)?.set(from, units - quantity);
      fills.push({ need: need.id, variant, quantity, from: 'bought', seller: from });
      left -= quantity;
    }
  }
  return { bought, fills };
}
