import { LinearModel, runModel, type BasketProblem, type Column, type Entry } from '@outfit/core/basket';

/**
 * The baseline: the basket problem as the textbook writes it, given to `highs` whole. One whole number per offer, one switch
 * per seller that its lots hang on by their stock, one switch per postage tier; nothing reduced, tightened or started from.
 * Speaks of what the generator makes: single pieces, one option a need, no duty, no free postage.
 */
export async function solvePlainly(problem: BasketProblem, gap: number, seconds: number): Promise<{ seconds: number; gap: number }> {
  const started = performance.now();
  const model = new LinearModel();
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const supply = new Map<string, Entry[]>();
  const offersOf = new Map(
    problem.sellers.map((seller) => [seller.id, [] as { column: Column; price: number; weight: number; stock: number }[]]),
  );
  for (const offer of problem.offers) {
    const item = items.get(offer.item);
    const [yielded] = item?.yields ?? [];
    if (!item || !yielded) continue;
    const column = model.integer(offer.priceMinor, 0, offer.stock);
    supply.set(yielded.variant, [...(supply.get(yielded.variant) ?? []), [column, 1]]);
    offersOf.get(offer.seller)?.push({ column, price: offer.priceMinor, weight: item.weightG, stock: offer.stock });
  }
  for (const seller of problem.sellers) {
    const own = offersOf.get(seller.id) ?? [];
    const open = model.integer(seller.handlingMinor, 0, 1);
    for (const { column, stock } of own)
      model.atMost(
        [
          [column, 1],
          [open, -stock],
        ],
        0,
      );
    const tiers = seller.postage.map((tier) => ({ column: model.integer(tier.costMinor, 0, 1), upToG: tier.upToG }));
    model.equal([...tiers.map(({ column }): Entry => [column, 1]), [open, -1]], 0);
    model.atMost(
      [...own.map(({ column, weight }): Entry => [column, weight]), ...tiers.map(({ column, upToG }): Entry => [column, -upToG])],
      0,
    );
    if (seller.minimumMinor > 0)
      model.atLeast([...own.map(({ column, price }): Entry => [column, price]), [open, -seller.minimumMinor]], 0);
  }
  for (const need of problem.needs) {
    const short = model.integer(need.shortCostMinor ?? 0, 0, need.quantity);
    model.atLeast([...(supply.get(need.options[0]?.variant ?? '') ?? []), [short, 1]], need.quantity);
  }
  const found = await runModel(model, { gap, seconds });
  return { seconds: (performance.now() - started) / 1000, gap: found.gap };
}
