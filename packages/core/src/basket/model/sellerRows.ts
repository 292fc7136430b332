import type { Seller } from '../problem/index.js';
import { fillingUpMayPay, type ReducedMarket, type UsableOffer } from '../reduce/index.js';
import type { Column, Entry, LinearModel } from './linearModel.js';
import type { StartValues } from './startValues.js';

/** Lots of one offer: those of which some unit may be of use, and those that only fill the parcel up. */
export interface OfferColumns {
  readonly useful: Column;
  readonly surplus: Column | null;
}

/** Only where a heavier tier is cheaper must the model be kept from claiming weight it does not have. */
const HEAVIER_BY_G = 1e-3;
/** Duty is rounded half up: at the half itself it must go up, so the half is passed by less than money has places. */
const PAST_HALF = 5e-5;

/** Switch, lots, postage, minimum and duty of one seller; `inPart` lets lots be bought in part, which only lowers the cost.
 * What is paid him is added to `paid`. Returns the switch. */
export function addSeller(
  model: LinearModel,
  starts: StartValues,
  market: ReducedMarket,
  seller: Seller,
  lots: Map<UsableOffer, OfferColumns>,
  paid: Entry[],
  inPart: boolean,
): Column {
  const open = starts.set(model.integer(0, 0, 1), (facts) => (facts.isOpen(seller) ? 1 : 0));
  const goods: Entry[] = [];
  const weight: Entry[] = [];
  const own: Column[] = [];
  let mostGoods = 0;
  for (const usable of market.offersBySeller.get(seller.id) ?? []) {
    const { multiple, priceMinor } = usable.offer;
    const add = (most: number, value: (quantity: number) => number): Column => {
      const column = starts.set(model.column(0, 0, most, !inPart), (facts) => value(facts.quantity(usable) / multiple));
      model.atMost(
        [
          [column, 1],
          [open, -most],
        ],
        0,
      );
      goods.push([column, priceMinor * multiple]);
      weight.push([column, usable.item.weightG * multiple]);
      own.push(column);
      mostGoods += priceMinor * multiple * most;
      return column;
    };
    const usefulLots = usable.useful / multiple;
    const mostLots = usable.most / multiple;
    const useful = add(usefulLots, (bought) => Math.min(bought, usefulLots));
    const isFilling = mostLots > usefulLots && fillingUpMayPay(seller);
    const surplus = isFilling ? add(mostLots - usefulLots, (bought) => Math.max(0, bought - usefulLots)) : null;
    lots.set(usable, { useful, surplus });
  }
  model.atLeast([...own.map((column): Entry => [column, 1]), [open, -1]], 0);

  addPostage(model, starts, seller, open, goods, weight, paid);
  if (seller.minimumMinor > 0) model.atLeast([...goods, [open, -seller.minimumMinor]], 0);
  if (seller.duty) addDuty(model, starts, seller, { ...seller.duty, open, goods, mostGoods, paid });
  paid.push(...goods, [open, seller.handlingMinor]);
  return open;
}

/** One tier by weight, or free postage from a goods value; a parcel has exactly one of them. */
function addPostage(
  model: LinearModel,
  starts: StartValues,
  seller: Seller,
  open: Column,
  goods: readonly Entry[],
  weight: readonly Entry[],
  paid: Entry[],
): void {
  const freeFrom = seller.freePostageFromMinor;
  const isFree = (value: number): boolean => freeFrom !== null && value >= freeFrom;
  const choices = seller.postage.map((tier, k) => {
    const column = starts.set(model.integer(0, 0, 1), (facts) => {
      const grams = facts.weight(seller);
      const isThis = grams <= tier.upToG && grams > (seller.postage[k - 1]?.upToG ?? -1);
      return facts.isOpen(seller) && !isFree(facts.goods(seller)) && isThis ? 1 : 0;
    });
    paid.push([column, tier.costMinor]);
    const before = seller.postage[k - 1];
    if (before && seller.postage.slice(0, k).some((lighter) => lighter.costMinor > tier.costMinor))
      model.atLeast([...weight, [column, -(before.upToG + HEAVIER_BY_G)]], 0);
    return { column, upToG: tier.upToG };
  });
  if (freeFrom !== null) {
    const free = starts.set(model.integer(0, 0, 1), (facts) => (facts.isOpen(seller) && isFree(facts.goods(seller)) ? 1 : 0));
    model.atLeast([...goods, [free, -freeFrom]], 0);
    choices.push({ column: free, upToG: seller.postage.at(-1)?.upToG ?? 0 });
  }
  model.equal([...choices.map(({ column }): Entry => [column, 1]), [open, -1]], 0);
  model.atMost([...weight, ...choices.map(({ column, upToG }): Entry => [column, -upToG])], 0);
}

/** Above the threshold the whole goods value is dutiable: it then stands in a column of its own, and duty is a whole number. */
function addDuty(
  model: LinearModel,
  starts: StartValues,
  seller: Seller,
  terms: {
    readonly aboveMinor: number;
    readonly percent: number;
    readonly feeMinor: number;
    readonly open: Column;
    readonly goods: readonly Entry[];
    readonly mostGoods: number;
    readonly paid: Entry[];
  },
): void {
  const { aboveMinor, percent, feeMinor, open, goods, mostGoods, paid } = terms;
  if (mostGoods <= aboveMinor) return;
  const isDue = (value: number): boolean => value > aboveMinor;
  const due = starts.set(model.integer(0, 0, 1), (facts) => (isDue(facts.goods(seller)) ? 1 : 0));
  const dutiable = starts.set(model.continuous(0, 0, mostGoods), (facts) => (isDue(facts.goods(seller)) ? facts.goods(seller) : 0));
  const free = starts.set(model.continuous(0, 0, aboveMinor), (facts) => (isDue(facts.goods(seller)) ? 0 : facts.goods(seller)));
  const mostDuty = Math.ceil((mostGoods * percent) / 100) + 1;
  const duty = starts.set(model.integer(0, 0, mostDuty), (facts) => (isDue(facts.goods(seller)) ? facts.duty(seller) - feeMinor : 0));
  model.equal([...goods, [dutiable, -1], [free, -1]], 0);
  model.atMost(
    [
      [free, 1],
      [open, -aboveMinor],
      [due, aboveMinor],
    ],
    0,
  );
  model.atMost(
    [
      [dutiable, 1],
      [due, -mostGoods],
    ],
    0,
  );
  model.atLeast(
    [
      [dutiable, 1],
      [due, -(aboveMinor + 1)],
    ],
    0,
  );
  model.atMost(
    [
      [due, 1],
      [open, -1],
    ],
    0,
  );
  // duty ≥ percent × goods − ½, the half itself rounded up; nothing when none is due.
  model.atLeast(
    [
      [duty, 1],
      [dutiable, -percent / 100],
      [due, 0.5 - PAST_HALF],
    ],
    0,
  );
  paid.push([duty, 1], [due, feeMinor]);
}
