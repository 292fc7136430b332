import type { System } from '../../anatomy/index.js';
import type { Brief } from '../../brief/index.js';
import type { Catalogue } from '../../catalogue/index.js';
import { applyEdit, type Look, wholeness } from '../../figure/index.js';
import type { Supply } from '../../wardrobe/index.js';
import { checkLook } from '../checks/index.js';
import { countedFrom, likeness, type Likeness } from '../likeness/index.js';
import { type Company, subject } from '../subject.js';
import type { Spot } from './candidate.js';
import { EMPTIED, penaltyOf, sameProblem } from './markReader.js';

/** One line of the sum behind a candidate's rank, in points. */
export interface RankTerm {
  readonly label: string;
  readonly value: number;
}

const HARDLY = 0.05;

/** The sum behind the rank of one candidate: what each wish gains, and what its problems take off or give back. */
export function whyRank(
  look: Look,
  brief: Brief,
  spot: Spot,
  variant: string,
  catalogue: Catalogue,
  system: System,
  supply: Supply,
  company?: Company,
): readonly RankTerm[] {
  const before = subject(look, brief, catalogue, system, supply, company);
  const after = subject(applyEdit(look, { action: 'put on', variant, ...spot }, catalogue), brief, catalogue, system, supply, company);
  const [was, is] = [likeness(before), likeness(after)];
  const most = is.answers.reduce((all, answer) => all + answer.most, 0);
  const terms = is.answers.map((answer, i): RankTerm => {
    const gain = (100 * (answer.points - (was.answers[i]?.points ?? 0))) / Math.max(1, most);
    return { label: `${answer.feature.label}: ${answer.why}`, value: gain };
  });
  const gained = terms.reduce((all, term) => all + term.value, 0);
  const cap = is.score - countedFrom(before) - gained;
  const emptied = wholeness(after.worn, system).lacking.length - wholeness(before.worn, system).lacking.length;
  const counts = (mark: { check: string }): boolean => !NOT_RANKED.has(mark.check);
  const [now, then] = [checkLook(before).open.filter(counts), checkLook(after).open.filter(counts)];
  const [keysNow, keysThen] = [new Set(now.map(sameProblem)), new Set(then.map(sameProblem))];
  return [
    ...terms,
    { label: capWords(cap, is), value: cap },
    { label: emptied > 0 ? 'It leaves places empty' : 'It fills what was empty', value: -EMPTIED * emptied },
    ...then.filter((mark) => !keysNow.has(sameProblem(mark))).map((mark) => ({ label: mark.sentence, value: -penaltyOf(mark) })),
    ...now
      .filter((mark) => !keysThen.has(sameProblem(mark)))
      .map((mark) => ({ label: `Settled: ${mark.sentence}`, value: penaltyOf(mark) })),
  ].filter((term) => Math.abs(term.value) >= HARDLY);
}

/** Why the likeness moves by another amount than its wishes do. */
function capWords(cap: number, { missing, score, uncapped }: Likeness): string {
  if (score === uncapped) return 'Nothing holds the likeness down any more';
  if (cap > 0) return 'The likeness is held down less';
  return missing.length > 0 ? 'A missed must holds the likeness at 60' : 'What is lacking holds the likeness at 90';
}

/** What is at hand and what it costs rank by themselves, after the points. */
const NOT_RANKED: ReadonlySet<string> = new Set(['stock.twice', 'donor.hole', 'risk.swap', 'risk.irreversible']);
