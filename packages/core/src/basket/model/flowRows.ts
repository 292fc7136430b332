import type { Fill, Need } from '../problem/index.js';
import type { ReducedMarket, UsableOffer } from '../reduce/index.js';
import type { Column, Entry, LinearModel } from './linearModel.js';
import type { OfferColumns } from './sellerRows.js';
import type { StartValues } from './startValues.js';

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

export interface Flows {
  readonly bought: readonly BoughtFlow[];
  readonly owned: readonly OwnedFlow[];
  /** Units left unfilled of each need, and what one counts. */
  readonly short: readonly { readonly need: Need; readonly column: Column; readonly costMinor: number }[];
  /** Columns that carry penalties, owned costs or shortage. */
  readonly costed: readonly Column[];
  /** Units of a variant that offers yield, as entries of their columns. */
  readonly supply: ReadonlyMap<string, readonly Entry[]>;
}

/**
 * How needs are filled: from owned pieces, from bought units, or not; `inPart` lets units be shared. Bought units are split by seller only for variants
 * that a one-seller need touches; elsewhere the seller does not matter and pooling keeps the model small.
 */
export function addFlows(
  model: LinearModel,
  starts: StartValues,
  market: ReducedMarket,
  lots: ReadonlyMap<UsableOffer, OfferColumns>,
  inPart: boolean,
): Flows {
  const dyeLot = new Set(market.needs.filter((need) => need.sameSeller).flatMap((need) => need.options.map((option) => option.variant)));
  const supply = new Map<string, Entry[]>();
  const supplyAt = new Map<string, Entry[]>();
  const sellersOf = new Map<string, Set<string>>();
  for (const [usable, { useful }] of lots)
    for (const [variant, each] of usable.yields) {
      const entry: Entry = [useful, each * usable.offer.multiple];
      push(supply, variant, entry);
      if (!dyeLot.has(variant)) continue;
      push(supplyAt, atSeller(variant, usable.seller.id), entry);
      sellersOf.set(variant, (sellersOf.get(variant) ?? new Set()).add(usable.seller.id));
    }

  const bought: BoughtFlow[] = [];
  const owned: OwnedFlow[] = [];
  const short: { need: Need; column: Column; costMinor: number }[] = [];
  const boughtOf = new Map<string, Entry[]>();
  const ownedOf = new Map<string, Entry[]>();
  for (const need of market.needs) {
    const filling: Entry[] = [];
    const ofNeed: BoughtFlow[] = [];
    for (const { variant, penaltyMinor } of need.options) {
      const stock = market.owned.get(variant);
      if (stock) {
        const column = starts.set(
          model.column(penaltyMinor + stock.costMinor, 0, Math.min(need.quantity, stock.quantity), !inPart),
          (facts) => facts.filled(need.id, variant, null),
        );
        owned.push({ need, variant, column });
        push(ownedOf, variant, [column, 1]);
        filling.push([column, 1]);
      }
      if (!supply.has(variant)) continue;
      for (const seller of dyeLot.has(variant) ? (sellersOf.get(variant) ?? []) : [null]) {
        const column = starts.set(model.column(penaltyMinor, 0, need.quantity, !inPart), (facts) =>
          facts.filled(need.id, variant, seller ?? undefined),
        );
        ofNeed.push({ need, variant, seller, column });
        push(boughtOf, seller === null ? variant : atSeller(variant, seller), [column, 1]);
        filling.push([column, 1]);
      }
    }
    const mostShort = need.shortCostMinor === null ? 0 : need.quantity;
    const missing = starts.set(
      model.column(need.shortCostMinor ?? 0, 0, mostShort, !inPart),
      (facts) => need.quantity - facts.filled(need.id, undefined, undefined),
    );
    short.push({ need, column: missing, costMinor: need.shortCostMinor ?? 0 });
    filling.push([missing, 1]);
    model.equal(filling, need.quantity);
    if (need.sameSeller) bindToOneSeller(model, starts, need, ofNeed);
    bought.push(...ofNeed);
  }
  for (const [variant, flows] of ownedOf) model.atMost(flows, market.owned.get(variant)?.quantity ?? 0);
  for (const [key, flows] of boughtOf)
    model.atMost([...flows, ...(supplyAt.get(key) ?? supply.get(key) ?? []).map(([column, units]): Entry => [column, -units])], 0);
  return { bought, owned, short, costed: [...bought, ...owned, ...short].map((flow) => flow.column), supply };
}

const atSeller = (variant: string, seller: string): string => JSON.stringify([variant, seller]);

function push<K>(map: Map<K, Entry[]>, key: K, entry: Entry): void {
  const entries = map.get(key);
  if (entries) entries.push(entry);
  else map.set(key, [entry]);
}

/** All bought units of a need from one seller: one switch per seller, at most one on. */
function bindToOneSeller(model: LinearModel, starts: StartValues, need: Need, flows: readonly BoughtFlow[]): void {
  const chosen = [...new Set(flows.map((flow) => flow.seller))].map((seller) => {
    const column = starts.set(model.integer(0, 0, 1), (facts) => (seller !== null && facts.filled(need.id, undefined, seller) > 0 ? 1 : 0));
    model.atMost([...flows.filter((flow) => flow.seller === seller).map((flow): Entry => [flow.column, 1]), [column, -need.quantity]], 0);
    return column;
  });
  if (chosen.length > 0)
    model.atMost(
      chosen.map((column): Entry => [column, 1]),
      1,
    );
}

/** Reads who fills what; pooled flows are shared out among the sellers who supply the variant. */
export function readFills(at: (column: Column) => number, bought: ReadonlyMap<UsableOffer, number>, flows: Flows): readonly Fill[] {
  const pool = new Map<string, Map<string, number>>();
  for (const [usable, quantity] of bought)
    for (const [variant, each] of usable.yields) {
      const bySeller = pool.get(variant) ?? new Map<string, number>();
      bySeller.set(usable.seller.id, (bySeller.get(usable.seller.id) ?? 0) + each * quantity);
      pool.set(variant, bySeller);
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
  return fills;
}
