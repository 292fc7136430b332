import { count, money } from '../../kernel/index.js';
import type { BasketPlan, BasketProblem, Rules } from '../problem/index.js';

/** A rule that is set: what it says, in words that follow "under" or "without", and the problem without it. */
interface SetRule {
  readonly words: string;
  readonly without: BasketProblem;
}

/** The rules of a problem that narrow it, each with the problem it would be without. */
export function setRules(problem: BasketProblem): readonly SetRule[] {
  const { rules, currency } = problem;
  const found: SetRule[] = [];
  const add = (words: string, changes: Partial<Rules>): void =>
    void found.push({ words, without: { ...problem, rules: { ...rules, ...changes } } });
  if (rules.maxParcels !== null) add(`at most ${count(rules.maxParcels, 'parcel')}`, { maxParcels: null });
  if (rules.budgetMinor !== null) add(`a budget of ${money(rules.budgetMinor, currency)}`, { budgetMinor: null });
  if (rules.withinDays !== null && problem.sellers.some((seller) => seller.days > (rules.withinDays ?? 0)))
    add(`delivery within ${count(rules.withinDays, 'day')}`, { withinDays: null });
  if (rules.condition !== 'worn') add(`a condition of ${rules.condition} or better`, { condition: 'worn' });
  if (rules.trustedOnly) add('trusted sellers only', { trustedOnly: false });
  if (rules.sellers !== null) add(`only ${count(rules.sellers.length, 'named seller')}`, { sellers: null });
  return found;
}

const missing = (plan: BasketPlan): number => plan.short.reduce((all, row) => all + row.quantity, 0);

/** What a rule costs, as a sentence: parts that could be had without it, or money it takes; null when it costs nothing. */
function ruleCost({ words, without: { currency } }: SetRule, plan: BasketPlan, without: BasketPlan): string | null {
  const inAll = money(without.paidMinor, currency);
  if (without.status === 'infeasible') return null;
  if (plan.status === 'infeasible') return `Without ${words} there is a plan, for ${inAll}.`;
  const more = missing(plan) - missing(without);
  if (more > 0) return `Without ${words}, ${count(more, 'part')} more could be had: the trip would come to ${inAll}.`;
  // What is said is what would be paid: a plan without the rule may be better for what it leaves alone, and dearer.
  const dearer = plan.paidMinor - without.paidMinor;
  if (dearer <= 0) return null;
  return `Keeping to ${words} costs ${money(dearer, currency)}: without it the trip would come to ${inAll}.`;
}

/** What each rule that is set costs, in sentences, by solving without it; given up when it is over. */
export async function ruleCosts(
  problem: BasketProblem,
  plan: BasketPlan,
  { isOver, solve }: { readonly isOver: () => boolean; readonly solve: (without: BasketProblem) => Promise<BasketPlan> },
): Promise<readonly string[]> {
  const sentences: string[] = [];
  for (const rule of setRules(problem)) {
    if (isOver()) break;
    const sentence = ruleCost(rule, plan, await solve(rule.without));
    if (sentence !== null) sentences.push(sentence);
  }
  return sentences;
}
