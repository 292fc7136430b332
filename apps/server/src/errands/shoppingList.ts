import { inUnits, type BasketPlan, type BasketProblem, type Catalogue, variantBehind } from '@outfit/core';
import { type Cell, writeTable } from '@outfit/formats';

const HEADER = ['seller', 'item', 'name', 'condition', 'quantity', 'each', 'sum', 'currency'];

/** The shopping list of a plan: one row per line, seller by seller, with postage, handling and duty as rows of their own. */
export function shoppingList(problem: BasketProblem, plan: BasketPlan, catalogue: Catalogue, sellerName: (id: string) => string): string {
  const { currency } = problem;
  const amount = (minor: number): string => inUnits(minor, currency);
  const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
  const rows: Cell[][] = [];
  for (const parcel of plan.parcels) {
    const seller = sellerName(parcel.seller);
    for (const line of parcel.lines) {
      const offer = offers.get(line.offer);
      if (!offer) continue;
      const item = variantBehind(offer.item);
      const name = catalogue.has(item) ? catalogue.nameOf(catalogue.variant(item)) : item;
      rows.push([
        seller,
        item,
        name,
        offer.condition,
        line.quantity,
        amount(offer.priceMinor),
        amount(offer.priceMinor * line.quantity),
        currency,
      ]);
    }
    rows.push([seller, 'postage', '', '', 1, amount(parcel.postageMinor), amount(parcel.postageMinor), currency]);
    for (const [charge, minor] of [
      ['handling', parcel.handlingMinor],
      ['duty', parcel.dutyMinor],
    ] as const)
      if (minor > 0) rows.push([seller, charge, '', '', 1, amount(minor), amount(minor), currency]);
  }
  return writeTable(HEADER, rows);
}
