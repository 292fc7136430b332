import { count } from '../../kernel/index.js';
import type { BasketPlan, BasketProblem, Rules } from '../problem/index.js';

/** A rule that is set: what it says, in words that follow "under" or "without", and the problem without it. */
interface SetRule {
  readonly words: string;
  readonly without: BasketProblem;
}

const inUnits = (minor: number): string => (minor / 100).toFixed(2);

/** The rules of a problem that narrow it, each with the problem it would be without. */
export function setRules(problem: BasketProblem): readonly SetRule[] {
  const { rules } = problem;
  const found: SetRule[] = [];
  const add = (words: string, changes: Partial<Rules>): void =>
    void found.push({ words, without: { ...problem, rules: { ...rules, ...changes } } });
  if (rules.maxParcels !== null) add(`at most ${count(rules.maxParcels, 'parcel')}`, { maxParcels: null });
  if (rules.budgetMinor !== null) add(`a budget of ${inUnits(rules.budgetMinor)}`, { budgetMinor: null });
  if (rules.withinDays !== null && problem.sellers.some((seller) => seller.days > (rules.withinDays ?? 0)))
    add(`delivery within ${count(rules.withinDays, 'day')}`, { withinDays: null });
  if (rules.condition !== 'worn') add(`condition ${rules.condition} or better`, { condition: 'worn' });
  if (rules.trustedOnly) add('trusted sellers only', { trustedOnly: false });
  if (rules.sellers !== null) add(`only ${count(rules.sellers.length, 'named seller')}`, { sellers: null });
  return found;
}

const missing = (plan: BasketPlan): number => plan.short.reduce((all, row) => all + row.quantity, 0);

/** What a rule costs, as a sentence: parts that could be had without it, or money it takes; null when it costs nothing. */
function ruleCost(rule: SetRule, plan: BasketPlan, without: BasketPlan): string | null {
  if (without.status === 'infeasible') return null;
  if (plan.status === 'infeasible') return `Without ${rule.words} there is a plan, for ${inUnits(without.paidMinor)}.`;
  const more = missing(plan) - missing(without);
  if (more > 0) return `Without ${rule.words}, ${count(more, 'part')} more could be had: it would come to ${inUnits(without.paidMinor)}.`;
  const dearer = plan.costMinor - plan.shortageMinor - (without.costMinor - without.shortageMinor);
  if (dearer <= 0) return null;
  return `Keeping to ${rule.words} costs ${inUnits(dearer)}: without it the trip would come to ${inUnits(without.paidMinor)}.`;
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
