import type { MarketIndex } from '../reduce/index.js';

/** A need for more units of a part than this shares its shelves with nobody's choice of numbers: its units are pooled. */
const MOST_COUNTED = 8;

/**
 * Every number of units a need may take from a shelf, as a choice of its own: "two of that hair from this seller" is one count. Shelves
 * whose units several needs, a resale or a bundle share are not counted; their units are pooled by variant.
 */
export interface Counts {
  readonly shelf: Int32Array;
  readonly units: Int32Array;
  /** What so many units cost at the least, in minor units. */
  readonly goods: Float64Array;
  /** What so many units weigh at the least, in millionths of a gram. */
  readonly weight: Float64Array;
  /** Counts of a shelf: from `first[shelf]` to before `first[shelf + 1]`. */
  readonly first: Int32Array;
  /** 1 for each shelf that is counted, though no count of it may be left. */
  readonly isCounted: Uint8Array;
}

/** All counts of a market; those that `isOpen` says no to are left out. */
export function countsOf(index: MarketIndex, isOpen: (shelf: number, units: number) => boolean = () => true): Counts {
  const isCounted = Uint8Array.from(index.shelfVariant, (variant, shelf) => (canCount(index, shelf, variant) ? 1 : 0));
  for (const shelf of shelvesNeededWhole(index, isCounted)) isCounted[shelf] = 0;
  const shelves: number[] = [];
  const units: number[] = [];
  const goods: number[] = [];
  const weight: number[] = [];
  const first = new Int32Array(isCounted.length + 1);
  for (let shelf = 0; shelf < isCounted.length; shelf += 1) {
    first[shelf] = units.length;
    if (isCounted[shelf] === 0) continue;
    const most = index.needQuantity[needOf(index, shelf)] ?? 0;
    const offers = index.shelfOffers[shelf] ?? [];
    const lightest = Math.min(...offers.map((offer) => index.offerWeight[offer] ?? 0));
    let taken = 0;
    let cost = 0;
    for (const offer of offers)
      for (let k = index.offerUseful[offer] ?? 0; k > 0 && taken < most; k -= 1) {
        taken += 1;
        cost += index.offerPrice[offer] ?? 0;
        if (!isOpen(shelf, taken)) continue;
        shelves.push(shelf);
        units.push(taken);
        goods.push(cost);
        weight.push(taken * lightest);
      }
  }
  first[isCounted.length] = units.length;
  return {
    shelf: Int32Array.from(shelves),
    units: Int32Array.from(units),
    goods: Float64Array.from(goods),
    weight: Float64Array.from(weight),
    first,
    isCounted,
  };
}

const needOf = (index: MarketIndex, shelf: number): number => index.variantNeeds[index.shelfVariant[shelf] ?? 0]?.[0] ?? 0;

/** Only one need takes such units, nobody buys them back, and they are sold one by one. */
function canCount(index: MarketIndex, shelf: number, variant: number): boolean {
  const needs = index.variantNeeds[variant] ?? [];
  if (needs.length !== 1 || (index.resaleUpTo[variant] ?? 0) > 0) return false;
  if ((index.needQuantity[needs[0] ?? 0] ?? 0) > MOST_COUNTED) return false;
  return (index.shelfOffers[shelf] ?? []).every(
    (offer) => index.offerLot[offer] === 1 && index.offerYields[offer]?.length === 1 && index.offerYields[offer][0]?.units === 1,
  );
}

/** Shelves of needs that must be filled and cannot be: what such a need lacks can be bought nowhere, at no price. */
function shelvesNeededWhole(index: MarketIndex, isCounted: Uint8Array): readonly number[] {
  return index.needOptions.flatMap((options, need) => {
    if (index.needShort[need] !== Infinity) return [];
    const shelves = options.flatMap(({ variant }) => index.variantShelves[variant] ?? []);
    const units = shelves.reduce(
      (all, shelf) => all + (index.shelfOffers[shelf] ?? []).reduce((own, offer) => own + (index.offerUseful[offer] ?? 0), 0),
      0,
    );
    const isEnough = shelves.every((shelf) => isCounted[shelf] === 1) && units >= (index.needQuantity[need] ?? 0);
    return isEnough ? [] : shelves;
  });
}

/** Where the multiplier of a parcel stands, what each costs on top where the rules allow only so many: after those of the variants. */
export const parcelAt = (index: MarketIndex): number => index.variants.length;

/** Where the multipliers of counts begin: after that of a parcel. */
export const countsAt = (index: MarketIndex): number => index.variants.length + 1;

/** What stands for each variant, for a parcel and for each count, moved from some counts to fewer of them. */
export function carryOver(index: MarketIndex, values: Float64Array, from: Counts, to: Counts): Float64Array {
  const start = countsAt(index);
  const moved = new Float64Array(start + to.units.length);
  moved.set(values.subarray(0, start));
  for (let shelf = 0; shelf + 1 < to.first.length; shelf += 1) {
    let old = from.first[shelf] ?? 0;
    for (let count = to.first[shelf] ?? 0; count < (to.first[shelf + 1] ?? 0); count += 1) {
      while (from.units[old] !== to.units[count]) old += 1;
      moved[start + count] = values[start + old] ?? 0;
    }
  }
  return moved;
}
