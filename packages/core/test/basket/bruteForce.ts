import { allowedOffers, type BasketProblem } from '../../src/basket/problem/problem.js';
import { priceParcel } from '../../src/basket/problem/plan.js';

/** What a plan comes to: in all, what of it is shortage, and what the wholes that stand count. */
export interface Least {
  readonly costMinor: number;
  readonly shortageMinor: number;
  readonly standingWorth: number;
}

/** Under `standFirst` more that stands, then under `fillFirst` less shortage is better whatever it costs; otherwise the sum counts. */
function isBetter({ rules }: BasketProblem, a: Least, b: Least | null): boolean {
  if (b === null) return true;
  if (rules.standFirst && a.standingWorth !== b.standingWorth) return a.standingWorth > b.standingWorth;
  const fills = rules.fillFirst ? a.shortageMinor - b.shortageMinor : 0;
  return fills < 0 || (fills === 0 && a.costMinor < b.costMinor);
}

/**
 * The best plan of a small problem by trying every quantity of every offer and every way of filling the needs.
 * Null when nothing is allowed. Only for problems with a handful of offers and units.
 */
export function bruteForce(problem: BasketProblem): Least | null {
  const offers = allowedOffers(problem);
  const sellers = new Map(problem.sellers.map((seller) => [seller.id, seller]));
  const items = new Map(problem.items.map((item) => [item.id, item]));
  let best: Least | null = null;

  const consider = (quantities: readonly number[]): void => {
    let paid = 0;
    let parcels = 0;
    const supply = new Map<string, number>();
    for (const seller of sellers.values()) {
      const lines = offers
        .map((offer, i) => ({ offer, quantity: quantities[i] ?? 0, weightG: items.get(offer.item)?.weightG ?? 0 }))
        .filter((line) => line.offer.seller === seller.id && line.quantity > 0);
      if (lines.length === 0) continue;
      const parcel = priceParcel(seller, lines);
      if (!parcel) return;
      parcels += 1;
      paid += parcel.goodsMinor + parcel.postageMinor + parcel.handlingMinor + parcel.dutyMinor;
      for (const line of lines)
        for (const row of items.get(line.offer.item)?.yields ?? []) {
          const key = `${seller.id}/${row.variant}`;
          supply.set(key, (supply.get(key) ?? 0) + row.quantity * line.quantity);
        }
    }
    if (problem.rules.maxParcels !== null && parcels > problem.rules.maxParcels) return;
    if (problem.rules.budgetMinor !== null && paid > problem.rules.budgetMinor) return;
    for (const row of problem.owned) supply.set(`/${row.variant}`, row.quantity);
    const filling = bestFilling(problem, supply);
    if (filling === null) return;
    const found = { ...filling, costMinor: paid + filling.costMinor };
    if (isBetter(problem, found, best)) best = found;
  };

  const walk = (i: number, quantities: number[]): void => {
    const offer = offers[i];
    if (!offer) return consider(quantities);
    for (let quantity = 0; quantity <= offer.stock; quantity += offer.multiple) walk(i + 1, [...quantities, quantity]);
  };
  walk(0, []);
  return best;
}

/** What the bought units left in a supply are credited with. */
function creditFor(problem: BasketProblem, supply: ReadonlyMap<string, number>): number {
  let fetched = 0;
  for (const row of problem.resale) {
    let left = 0;
    for (const [key, quantity] of supply) if (!key.startsWith('/') && key.endsWith(`/${row.variant}`)) left += quantity;
    fetched += Math.min(left, row.upTo) * row.valueMinor;
  }
  return Math.floor(problem.rules.resaleShare * fetched + 0.5);
}

/** The best way to fill the needs from a supply, unit by unit: penalties, owned costs, shortage, less what leftovers fetch. */
function bestFilling(problem: BasketProblem, supply: Map<string, number>): Least | null {
  const units = problem.needs.flatMap((need) => Array.from({ length: need.quantity }, () => need));
  let best: Least | null = null;
  const filled = new Map<string, number>();
  const walk = (i: number, cost: number, shortageMinor: number, bound: ReadonlyMap<string, string>): void => {
    const need = units[i];
    if (!need) {
      const found = { costMinor: cost - creditFor(problem, supply), shortageMinor, standingWorth: mostWorth(problem, filled) };
      if (isBetter(problem, found, best)) best = found;
      return;
    }
    if (need.shortCostMinor !== null) walk(i + 1, cost + need.shortCostMinor, shortageMinor + need.shortCostMinor, bound);
    for (const { variant, penaltyMinor } of need.options)
      for (const [key, left] of supply) {
        const [seller = '', held] = key.split('/');
        if (held !== variant || left === 0) continue;
        const chosen = bound.get(need.id);
        if (need.sameSeller && seller !== '' && chosen !== undefined && chosen !== seller) continue;
        const owned = seller === '' ? (problem.owned.find((row) => row.variant === variant)?.costMinor ?? 0) : 0;
        supply.set(key, left - 1);
        filled.set(need.id, (filled.get(need.id) ?? 0) + 1);
        walk(i + 1, cost + penaltyMinor + owned, shortageMinor, seller === '' ? bound : new Map(bound).set(need.id, seller));
        supply.set(key, left);
        filled.set(need.id, (filled.get(need.id) ?? 0) - 1);
      }
  };
  walk(0, 0, 0, new Map());
  return best;
}

/** What can stand at most with needs filled so: every number of every whole is tried. */
export function mostWorth({ needs, wholes }: BasketProblem, filled: ReadonlyMap<string, number>): number {
  const units = new Map<string, number>();
  for (const need of needs) {
    const name = need.servesAs ?? need.id;
    units.set(name, (units.get(name) ?? 0) + (filled.get(need.id) ?? 0));
  }
  const isEnough = (chosen: readonly number[]): boolean =>
    [...units].every(([name, there]) => {
      const ofGroups = new Map<string | number, number>();
      wholes.forEach((whole, w) => {
        const taken = (whole.needs.find((row) => row.need === name)?.quantity ?? 0) * (chosen[w] ?? 0);
        const key = whole.group ?? w;
        ofGroups.set(key, Math.max(ofGroups.get(key) ?? 0, taken));
      });
      return [...ofGroups.values()].reduce((all, taken) => all + taken, 0) <= there;
    });
  const most = (chosen: readonly number[], worth: number): number => {
    const whole = wholes[chosen.length];
    if (!whole) return isEnough(chosen) ? worth : -1;
    return Math.max(...Array.from({ length: whole.count + 1 }, (_, copies) => most([...chosen, copies], worth + copies * whole.worth)));
  };
  return most([], 0);
}
