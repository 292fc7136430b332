import type { BasketPlan, BasketProblem, Reason, RuleFact, Rules } from '../problem/index.js';

/** A rule that is set, and the problem without it. */
interface SetRule {
  readonly fact: RuleFact;
  readonly without: BasketProblem;
}

/** The rules of a problem that narrow it, each with the problem it would be without. */
export function setRules(problem: BasketProblem): readonly SetRule[] {
  const { rules } = problem;
  const found: SetRule[] = [];
  const add = (fact: RuleFact, changes: Partial<Rules>): void =>
    void found.push({ fact, without: { ...problem, rules: { ...rules, ...changes } } });
  if (rules.maxParcels !== null) add({ rule: 'parcels', most: rules.maxParcels }, { maxParcels: null });
  if (rules.budgetMinor !== null) add({ rule: 'budget', minor: rules.budgetMinor }, { budgetMinor: null });
  if (rules.withinDays !== null && problem.sellers.some((seller) => seller.days > (rules.withinDays ?? 0)))
    add({ rule: 'days', most: rules.withinDays }, { withinDays: null });
  if (rules.condition !== 'worn') add({ rule: 'condition', least: rules.condition }, { condition: 'worn' });
  if (rules.trustedOnly) add({ rule: 'trusted' }, { trustedOnly: false });
  if (rules.sellers !== null) add(sellersFact(problem, rules.sellers), { sellers: null });
  return found;
}

/** The sellers a problem is narrowed to: told by those left out where these are fewer. */
function sellersFact({ sellers }: BasketProblem, named: readonly string[]): RuleFact {
  const open = new Set(named);
  const banned = sellers.flatMap(({ id }) => (open.has(id) ? [] : [id]));
  return banned.length < open.size ? { rule: 'banned', sellers: banned } : { rule: 'sellers', count: open.size };
}

const standingOf = ({ standing }: BasketPlan): number => standing.reduce((all, row) => all + row.quantity, 0);
const missingOf = (plan: BasketPlan): number => plan.short.reduce((all, row) => all + row.quantity, 0);

/** What a rule costs: parts that could be had without it, or money it takes; null when it costs nothing. */
function ruleCost({ fact: rule }: SetRule, plan: BasketPlan, without: BasketPlan): Reason | null {
  const { paidMinor } = without;
  if (without.status === 'infeasible') return null;
  if (plan.status === 'infeasible') return { kind: 'plan without', rule, paidMinor };
  const figures = standingOf(without) - standingOf(plan);
  if (figures > 0) return { kind: 'more stand without', rule, figures, paidMinor };
  const parts = missingOf(plan) - missingOf(without);
  if (parts > 0) return { kind: 'more without', rule, parts, paidMinor };
  // What is said is what would be paid: a plan without the rule may be better for what it leaves alone, and dearer.
  const minor = plan.paidMinor - paidMinor;
  return minor > 0 ? { kind: 'rule costs', rule, minor, paidMinor, isProven: without.status === 'proven' } : null;
}

/** What each rule that is set costs, by solving without it; given up when it is over. */
export async function ruleCosts(
  problem: BasketProblem,
  plan: BasketPlan,
  { isOver, solve }: { readonly isOver: () => boolean; readonly solve: (without: BasketProblem) => Promise<BasketPlan> },
): Promise<readonly Reason[]> {
  const costs: Reason[] = [];
  for (const rule of setRules(problem)) {
    if (isOver()) break;
    const cost = ruleCost(rule, plan, await solve(rule.without));
    if (cost !== null) costs.push(cost);
  }
  return costs;
}
