import type { ReducedMarket, UsableOffer } from '../reduce/index.js';
import type { Flows } from './flowRows.js';
import type { Entry, LinearModel } from './linearModel.js';
import type { OfferColumns } from './sellerRows.js';
import type { StartValues } from './startValues.js';

/**
 * The credit for leftovers: bought units that fill nothing, of each variant at most so many, their value times the
 * share, rounded once and half up. The credit is a whole number at most half a minor unit above its exact value.
 */
export function addResale(
  model: LinearModel,
  starts: StartValues,
  market: ReducedMarket,
  lots: ReadonlyMap<UsableOffer, OfferColumns>,
  flows: Flows,
): void {
  const { resaleShare } = market.problem.rules;
  const fetched: Entry[] = [];
  let most = 0;
  for (const [variant, { valueMinor, upTo }] of market.resale) {
    const supply = surplusToo(variant, lots, flows);
    if (supply.length === 0) continue;
    const left = starts.set(model.integer(0, 0, upTo), (facts) => Math.min(upTo, facts.leftOver(variant)));
    const used = flows.bought.filter((flow) => flow.variant === variant).map((flow): Entry => [flow.column, 1]);
    model.atMost([[left, 1], ...used, ...supply.map(([column, units]): Entry => [column, -units])], 0);
    fetched.push([left, -valueMinor * resaleShare]);
    most += upTo * valueMinor * resaleShare;
  }
  if (fetched.length === 0) return;
  const exact = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);
  const rows = [...market.resale];
  const credit = starts.set(model.integer(-1, 0, Math.ceil(most) + 1), (facts) =>
    Math.floor(resaleShare * exact(rows.map(([variant, row]) => Math.min(row.upTo, facts.leftOver(variant)) * row.valueMinor)) + 0.5),
  );
  model.atMost([[credit, 1], ...fetched], 0.5);
}

/** Units of a variant by the columns they come in; what fills a parcel up may be sold on as well. */
function surplusToo(variant: string, lots: ReadonlyMap<UsableOffer, OfferColumns>, flows: Flows): readonly Entry[] {
  const entries: Entry[] = [...(flows.supply.get(variant) ?? [])];
  for (const [usable, { surplus }] of lots) {
    const each = usable.yields.get(variant);
    if (surplus !== null && each !== undefined) entries.push([surplus, each * usable.offer.multiple]);
  }
  return entries;
}
