import { inUnits, type BasketPlan, type BasketProblem, type Catalogue, variantBehind } from '@outfit/core';
import { type Cell, writeTable } from '@outfit/formats';

const HEADER = ['seller', 'item', 'name', 'condition', 'quantity', 'each', 'sum', 'currency'];

/** The shopping list of a plan: one row per line, seller by seller, with postage, handling and duty as rows of their own. */
export function shoppingList(problem: BasketProblem, plan: BasketPlan, catalogue: Catalogue, sellerName: (id: string) => string): string {
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
        inUnits(offer.priceMinor),
        inUnits(offer.priceMinor * line.quantity),
        problem.currency,
      ]);
    }
    rows.push([seller, 'postage', '', '', 1, inUnits(parcel.postageMinor), inUnits(parcel.postageMinor), problem.currency]);
    for (const [charge, minor] of [
      ['handling', parcel.handlingMinor],
      ['duty', parcel.dutyMinor],
    ] as const)
      if (minor > 0) rows.push([seller, charge, '', '', 1, inUnits(minor), inUnits(minor), problem.currency]);
  }
  return writeTable(HEADER, rows);
}
