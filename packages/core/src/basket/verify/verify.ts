import type { Fault } from '../../kernel/index.js';
import type { BasketPlan, BasketProblem } from '../problem/index.js';

/**
 * Re-checks every constraint of a plan and every figure in it against the bare problem. Shares no code with the
 * solver: it is written from the contract alone, so an error made there is not made again here.
 * Returns what is wrong, with paths into the plan; an empty list means the plan may be shown.
 */
export function verifyPlan(problem: BasketProblem, plan: BasketPlan): readonly Fault[] {
  const faults: Fault[] = [];
  const fail = (path: string, sentence: string): void => void faults.push({ path, sentence });
  const { rules } = problem;
  if (plan.status === 'infeasible') {
    if (plan.parcels.length + plan.fills.length > 0) fail('/status', 'An infeasible plan buys and fills nothing.');
    return faults;
  }

  const got = new Map<string, number>();
  const key = (seller: string | null, variant: string): string => JSON.stringify([seller, variant]);
  const add = (map: Map<string, number>, at: string, quantity: number): void => void map.set(at, (map.get(at) ?? 0) + quantity);
  const seenSellers = new Set<string>();
  const seenOffers = new Set<string>();
  let paid = 0;
  plan.parcels.forEach((parcel, p) => {
    const at = `/parcels/${p}`;
    const seller = problem.sellers.find((row) => row.id === parcel.seller);
    if (!seller) return fail(`${at}/seller`, `There is no seller "${parcel.seller}".`);
    if (seenSellers.has(seller.id)) fail(`${at}/seller`, `A second parcel from "${seller.id}".`);
    seenSellers.add(seller.id);
    if (rules.withinDays !== null && seller.days > rules.withinDays) fail(`${at}/seller`, `"${seller.id}" takes ${seller.days} days.`);
    if (rules.trustedOnly && !seller.trusted) fail(`${at}/seller`, `"${seller.id}" is not trusted.`);
    if (seller.thirdParty && !rules.allowThirdParty) fail(`${at}/seller`, `"${seller.id}" is third-party.`);
    if (rules.sellers && !rules.sellers.includes(seller.id)) fail(`${at}/seller`, `"${seller.id}" is not among the sellers allowed.`);
    if (parcel.lines.length === 0) fail(`${at}/lines`, 'A parcel with nothing in it.');
    let goods = 0;
    let weight = 0;
    parcel.lines.forEach((line, l) => {
      const where = `${at}/lines/${l}`;
      const offer = problem.offers.find((row) => row.id === line.offer);
      if (!offer || offer.seller !== seller.id) return fail(`${where}/offer`, `"${seller.id}" has no offer "${line.offer}".`);
      if (seenOffers.has(offer.id)) fail(`${where}/offer`, `Offer "${offer.id}" is there twice.`);
      seenOffers.add(offer.id);
      if (!Number.isInteger(line.quantity) || line.quantity < 1) fail(`${where}/quantity`, 'Quantities are whole and above zero.');
      if (line.quantity > offer.stock) fail(`${where}/quantity`, `${line.quantity} of ${offer.stock} in stock.`);
      if (line.quantity % offer.multiple !== 0) fail(`${where}/quantity`, `Sold in lots of ${offer.multiple}.`);
      const grade = { new: 2, used: 1, worn: 0 };
      if (grade[offer.condition] < grade[rules.condition]) fail(`${where}/offer`, `${offer.condition} is below ${rules.condition}.`);
      const item = problem.items.find((row) => row.id === offer.item);
      if (!item) return fail(`${where}/offer`, `Offer "${offer.id}" is for an unknown item.`);
      goods += offer.priceMinor * line.quantity;
      weight += item.weightG * line.quantity;
      for (const yielded of item.yields) add(got, key(seller.id, yielded.variant), yielded.quantity * line.quantity);
    });
    if (goods !== parcel.goodsMinor) fail(`${at}/goodsMinor`, `Goods are ${goods}, not ${parcel.goodsMinor}.`);
    if (Math.abs(weight - parcel.weightG) > 1e-6) fail(`${at}/weightG`, `It weighs ${weight} g, not ${parcel.weightG}.`);
    if (goods < seller.minimumMinor) fail(`${at}/goodsMinor`, `"${seller.id}" wants at least ${seller.minimumMinor}.`);
    const tier = [...seller.postage].sort((a, b) => a.upToG - b.upToG).find((row) => row.upToG + 1e-6 >= weight);
    if (!tier) fail(`${at}/weightG`, `${weight} g is too heavy for "${seller.id}".`);
    const free = seller.freePostageFromMinor !== null && goods >= seller.freePostageFromMinor;
    const postage = free ? 0 : (tier?.costMinor ?? 0);
    if (tier && postage !== parcel.postageMinor) fail(`${at}/postageMinor`, `Postage is ${postage}, not ${parcel.postageMinor}.`);
    if (parcel.handlingMinor !== seller.handlingMinor)
      fail(`${at}/handlingMinor`, `Handling is ${seller.handlingMinor}, not ${parcel.handlingMinor}.`);
    const duty =
      seller.duty && goods > seller.duty.aboveMinor ? Math.floor((goods * seller.duty.percent) / 100 + 0.5) + seller.duty.feeMinor : 0;
    if (parcel.dutyMinor !== duty) fail(`${at}/dutyMinor`, `Duty is ${duty}, not ${parcel.dutyMinor}.`);
    paid += goods + postage + seller.handlingMinor + duty;
  });
  if (paid !== plan.paidMinor) fail('/paidMinor', `Paid is ${paid}, not ${plan.paidMinor}.`);
  if (rules.budgetMinor !== null && paid > rules.budgetMinor) fail('/paidMinor', `${paid} is over the budget of ${rules.budgetMinor}.`);
  if (rules.maxParcels !== null && plan.parcels.length > rules.maxParcels) fail('/parcels', `More than ${rules.maxParcels} parcels.`);

  let extra = 0;
  const used = new Map<string, number>();
  const filled = new Map<string, number>();
  const sellersOfNeed = new Map<string, Set<string>>();
  plan.fills.forEach((fill, f) => {
    const at = `/fills/${f}`;
    const need = problem.needs.find((row) => row.id === fill.need);
    const option = need?.options.find((row) => row.variant === fill.variant);
    if (!need || !option) return fail(at, `"${fill.variant}" does not fill "${fill.need}".`);
    if (!Number.isInteger(fill.quantity) || fill.quantity < 1) fail(`${at}/quantity`, 'Quantities are whole and above zero.');
    if ((fill.from === 'owned') !== (fill.seller === null)) fail(`${at}/seller`, 'A bought fill names its seller, an owned one does not.');
    add(used, key(fill.seller, fill.variant), fill.quantity);
    add(filled, need.id, fill.quantity);
    const owned = problem.owned.find((row) => row.variant === fill.variant);
    extra += fill.quantity * (option.penaltyMinor + (fill.from === 'owned' ? (owned?.costMinor ?? 0) : 0));
    if (fill.seller !== null) sellersOfNeed.set(need.id, (sellersOfNeed.get(need.id) ?? new Set()).add(fill.seller));
  });
  for (const row of problem.owned) add(got, key(null, row.variant), row.quantity);
  for (const [at, quantity] of used)
    if (quantity > (got.get(at) ?? 0)) fail('/fills', `${quantity} of ${at} are used and ${got.get(at) ?? 0} are there.`);

  const short = new Map(plan.short.map((row) => [row.need, row.quantity]));
  let shortage = 0;
  for (const need of problem.needs) {
    const missing = short.get(need.id) ?? 0;
    if (missing < 0 || (filled.get(need.id) ?? 0) + missing !== need.quantity)
      fail('/fills', `"${need.id}" wants ${need.quantity}: ${filled.get(need.id) ?? 0} filled and ${missing} short.`);
    if (missing > 0 && need.shortCostMinor === null) fail('/short', `"${need.id}" must be filled.`);
    extra += missing * (need.shortCostMinor ?? 0);
    shortage += missing * (need.shortCostMinor ?? 0);
    if (need.sameSeller && (sellersOfNeed.get(need.id)?.size ?? 0) > 1) fail('/fills', `"${need.id}" wants one seller.`);
  }

  verifyWholes(problem, plan, filled, fail);

  const left = new Map<string, number>();
  for (const [at, quantity] of got) {
    const [seller, variant] = JSON.parse(at) as [string | null, string];
    if (seller !== null) add(left, variant, quantity - (used.get(at) ?? 0));
  }
  const stated = new Map(plan.leftovers.map((row) => [row.variant, row.quantity]));
  for (const variant of new Set([...left.keys(), ...stated.keys()]))
    if ((left.get(variant) ?? 0) !== (stated.get(variant) ?? 0))
      fail('/leftovers', `${left.get(variant) ?? 0} of "${variant}" are left over, not ${stated.get(variant) ?? 0}.`);

  let fetched = 0;
  for (const row of problem.resale) fetched += Math.min(row.upTo, left.get(row.variant) ?? 0) * row.valueMinor;
  const cost = paid + extra - Math.floor(rules.resaleShare * fetched + 0.5);
  if (cost !== plan.costMinor) fail('/costMinor', `The cost is ${cost}, not ${plan.costMinor}.`);
  if (plan.boundMinor > plan.costMinor) fail('/boundMinor', 'The bound is above the cost.');
  if (shortage !== plan.shortageMinor) fail('/shortageMinor', `The shortage is ${shortage}, not ${plan.shortageMinor}.`);
  if ((plan.leastShortageMinor === null) === rules.fillFirst)
    fail('/leastShortageMinor', 'The least shortage is said exactly where filling comes first.');
  const least = plan.leastShortageMinor ?? 0;
  if (least > shortage) fail('/leastShortageMinor', `No plan leaves less than ${least} unfilled, and this one leaves ${shortage}.`);
  const money = plan.costMinor - shortage;
  const gap = money > 0 ? Math.max(0, plan.costMinor - plan.boundMinor) / money : 0;
  if (Math.abs(gap - plan.gap) > 1e-9) fail('/gap', `The gap is ${gap}, not ${plan.gap}.`);
  if (plan.status === 'proven' && plan.boundMinor !== plan.costMinor) fail('/status', 'Proven means the bound is the cost.');
  const isSettled = plan.status === 'proven' || plan.status === 'within-gap';
  if (rules.standFirst && isSettled && plan.mostStandingWorth !== plan.standingWorth)
    fail('/status', 'It is not proven that by no plan more stands.');
  if (rules.fillFirst && isSettled && least !== shortage) fail('/status', 'It is not proven that no plan fills more.');
  let dearer = Infinity;
  plan.compared.curve.forEach((point, p) => {
    const weighed = point.costMinor + point.besideMinor;
    if (weighed > dearer) fail(`/compared/curve/${p}/costMinor`, 'More parcels never cost more than fewer.');
    if (weighed < money) fail(`/compared/curve/${p}/costMinor`, 'No plan is shown beside a cheaper one.');
    dearer = weighed;
  });
  if (plan.status === 'within-gap' && gap > problem.effort.gap) fail('/status', 'The gap asked for is not reached.');
  return faults;
}

/** What stands must be filled, and counted as the problem counts it. */
function verifyWholes(
  { needs, wholes, rules }: BasketProblem,
  { standing, standingWorth, mostStandingWorth }: BasketPlan,
  filled: ReadonlyMap<string, number>,
  fail: (path: string, sentence: string) => void,
): void {
  const units = new Map<string, number>();
  for (const need of needs) {
    const name = need.servesAs ?? need.id;
    units.set(name, (units.get(name) ?? 0) + (filled.get(need.id) ?? 0));
  }
  const taken = new Map<string, number>();
  const ofGroups = new Map<string, number>();
  let worth = 0;
  standing.forEach(({ whole: id, quantity }, s) => {
    const at = `/standing/${s}`;
    const whole = wholes.find((row) => row.id === id);
    if (!whole) return fail(`${at}/whole`, `There is no whole "${id}".`);
    if (standing.findIndex((row) => row.whole === id) !== s) fail(`${at}/whole`, `"${id}" is there twice.`);
    if (!Number.isInteger(quantity) || quantity < 1) fail(`${at}/quantity`, 'Quantities are whole and above zero.');
    if (quantity > whole.count) fail(`${at}/quantity`, `${quantity} stand of ${whole.count} wanted.`);
    worth += whole.worth * quantity;
    for (const row of whole.needs) {
      const key = JSON.stringify([whole.group, row.need]);
      const held = whole.group === undefined ? 0 : (ofGroups.get(key) ?? 0);
      const more = Math.max(0, row.quantity * quantity - held);
      ofGroups.set(key, held + more);
      taken.set(row.need, (taken.get(row.need) ?? 0) + more);
    }
  });
  for (const [name, quantity] of taken)
    if (quantity > (units.get(name) ?? 0))
      fail('/standing', `What stands takes ${quantity} of "${name}", and ${units.get(name) ?? 0} are filled.`);
  if (worth !== standingWorth) fail('/standingWorth', `What stands counts ${worth}, not ${standingWorth}.`);
  if ((mostStandingWorth === null) === rules.standFirst)
    fail('/mostStandingWorth', 'The most that can stand is said exactly where standing comes first.');
  if (mostStandingWorth !== null && mostStandingWorth < worth)
    fail('/mostStandingWorth', `By no plan more than ${mostStandingWorth} stands, and by this one ${worth} does.`);
}
