import { priceDecision, type Decision, type PricedDecision } from './assemble.js';
import { assignGreedily } from './greedy.js';
import type { ReducedMarket } from './market.js';

export interface Found {
  readonly decision: Decision;
  readonly priced: PricedDecision;
}

/** Broken rules first, then cost: the search may pass through broken plans on its way to a sound one. */
const better = (a: PricedDecision, b: PricedDecision): boolean =>
  a.faults < b.faults || (a.faults === b.faults && a.costMinor < b.costMinor);

function assess(market: ReducedMarket, open: ReadonlySet<string>): Found {
  const decision = assignGreedily(market, open);
  return { decision, priced: priceDecision(market, decision) };
}

/** Sellers a decision really buys from. */
const usedSellers = (found: Found): ReadonlySet<string> => new Set(found.priced.parcels.map((parcel) => parcel.seller));

/**
 * Every part at its cheapest price, postage not looked at: what people do by hand. Sellers whose minimum order or
 * heaviest parcel such a plan misses are left out, the smallest first, until it can be ordered. Parcels and budget
 * are not minded: it is the plan to compare with. Null when it cannot be ordered at all.
 */
export function cheapestEach(market: ReducedMarket): Found | null {
  const { problem } = market;
  const free: ReducedMarket = { ...market, problem: { ...problem, rules: { ...problem.rules, maxParcels: null, budgetMinor: null } } };
  const open = new Set(free.sellers.map((seller) => seller.id));
  for (;;) {
    const found = assess(free, open);
    if (found.priced.faults === 0) return found;
    const sound = usedSellers(found);
    const goods = new Map<string, number>();
    for (const [usable, quantity] of found.decision.bought)
      goods.set(usable.seller.id, (goods.get(usable.seller.id) ?? 0) + usable.offer.priceMinor * quantity);
    const refused = [...goods].filter(([seller]) => !sound.has(seller)).sort(([a, x], [b, y]) => x - y || a.localeCompare(b));
    const smallest = refused[0];
    if (!smallest) return null;
    open.delete(smallest[0]);
  }
}

const MOST_ROUNDS = 200;

/** Says when a search has to come to an end. */
export type Halt = () => boolean;

/**
 * A first plan: local search over which sellers to open (add, drop, swap), each set filled greedily. Deterministic.
 * Returns the best decision met, which may still break rules; `priced.faults` tells. `halt` ends it early.
 */
export function searchSellers(market: ReducedMarket, halt: Halt = () => false): Found {
  const all = market.sellers.map((seller) => seller.id);
  const starts = [new Set(all), ...all.map((seller) => new Set([seller]))].map((open) => assess(market, open));
  let best = starts.reduce((a, b) => (better(b.priced, a.priced) ? b : a));
  for (const start of [starts[0], best]) if (start) best = descend(market, all, start, best, halt);
  return best;
}

function descend(market: ReducedMarket, all: readonly string[], start: Found, known: Found, halt: Halt): Found {
  let here = start;
  let open = new Set(usedSellers(start));
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    let next: { found: Found; open: Set<string> } | null = null;
    for (const neighbour of neighbours(open, all)) {
      if (halt()) break;
      const found = assess(market, neighbour);
      if (!better(found.priced, here.priced)) continue;
      next = { found, open: neighbour };
      break;
    }
    if (!next) break;
    here = next.found;
    open = new Set(usedSellers(here).size > 0 ? usedSellers(here) : next.open);
  }
  return better(here.priced, known.priced) ? here : known;
}

function* neighbours(open: ReadonlySet<string>, all: readonly string[]): Generator<Set<string>> {
  for (const seller of open) {
    const fewer = new Set(open);
    fewer.delete(seller);
    yield fewer;
  }
  for (const seller of all) {
    if (open.has(seller)) continue;
    yield new Set([...open, seller]);
    for (const out of open) {
      const swapped = new Set([...open, seller]);
      swapped.delete(out);
      yield swapped;
    }
  }
}
