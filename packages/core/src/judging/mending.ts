import { entryAt } from '../kernel/index.js';
import { applyEdits, EditRefused, type Look, type LookEdit, type LookPart, spotOf } from '../figure/index.js';
import { lookCost } from '../market/index.js';
import { checkLook, ruleOf, type Problems } from './checks/index.js';
import { cures } from './cures.js';
import { likeness, type Likeness, partLikeness } from './likeness/index.js';
import type { Mark, Marks, Problem, Proposal, Remedy, Severity } from './marks.js';
import { type Subject, subject } from './subject.js';

/** As many remedies are offered for one mark. */
const MOST_OFFERED = 3;
/** As many proposals are judged for one mark: judging costs about as much as showing a look. */
const MOST_JUDGED = 24;
/** Proposals that only work together are put together as far as this. */
const MOST_TOGETHER = 8;
/** Points of likeness nobody would notice. */
const HARDLY = 0.05;
/** Losses of likeness that differ by less are as bad as each other: then what is nearer counts. */
const NOTICED = 5;
const GRAVITY: Readonly<Record<Severity, number>> = { note: 0, shows: 1, blocks: 2 };

/** Everything about a look that its remedies are measured against, worked out once for all of its marks and only when asked. */
class Before {
  readonly likeness: Likeness;
  readonly keys: ReadonlySet<string>;
  readonly grave: ReadonlySet<string>;
  readonly toPayMinor: number;

  constructor(
    readonly subject: Subject,
    { open, overruled }: Problems,
  ) {
    this.likeness = likeness(subject);
    this.keys = new Set([...open, ...overruled.map((row) => row.problem)].map((problem) => problem.key));
    this.grave = new Set(open.filter((problem) => problem.severity !== 'note').map((problem) => problem.check));
    this.toPayMinor = costOf(subject.look, subject).toPayMinor;
  }
}

const costOf = (look: Look, { supply, brief }: Subject): { readonly toPayMinor: number; readonly unsold: readonly string[] } => {
  const { toPay, unsold } = lookCost(look, supply, (id) => id, brief.copies);
  return { toPayMinor: toPay.total, unsold };
};

/**
 * The problems of a look as marks, each with the remedies that were found to work. They are looked for when somebody asks, and once.
 */
export function marksOf(around: Subject, problems: Problems): Marks {
  let before: Before | null = null;
  const known = (): Before => (before ??= new Before(around, problems));
  const markOf = ({ proposals, ...problem }: Problem): Mark => {
    let found: readonly Remedy[] | null = null;
    return { ...problem, remedies: () => (found ??= remediesFor({ ...problem, proposals }, known())) };
  };
  return {
    open: problems.open.map(markOf),
    overruled: problems.overruled.map(({ problem, reason }) => ({ mark: markOf(problem), reason })),
  };
}

/**
 * The remedies of one problem: each proposal is done to the look and the outcome judged. One that leaves the problem, brings one that
 * blocks, or breaks the school is not offered. Those that raise no mark and lose no wish come first, nearest to what is worn, then owned
 * or cheap; after them those that cost something, which they say.
 */
function remediesFor(problem: Problem, before: Before): readonly Remedy[] {
  const proposed = judge(problem, problem.proposals().slice(0, MOST_JUDGED), before);
  // Where no part by itself cures it, two or three may.
  const judged = proposed.length > 0 ? proposed : judge(problem, curesOf(problem, before), before);
  const best = judged.sort((a, b) => compare(a.order, b.order)).map(({ remedy }) => remedy);
  return oneOfEachKind(best).slice(0, MOST_OFFERED);
}

/** The proposals that work, with what they are ordered by; each outcome once. */
function judge(problem: Problem, proposals: readonly Proposal[], before: Before): { readonly remedy: Remedy; readonly order: Order }[] {
  const seen = new Set<string>();
  return proposals.flatMap((proposal) => {
    const together = completeWith(problem, proposal, before);
    if (!together) return [];
    const key = JSON.stringify(together.look.parts);
    if (seen.has(key)) return [];
    seen.add(key);
    const remedy = judgedRemedy(problem, together, before);
    return remedy ? [{ remedy, order: orderOf(remedy, together.look, before) }] : [];
  });
}

function curesOf(problem: Problem, { subject: around, keys }: Before): readonly Proposal[] {
  // A note is no matter for several parts at once, and what is risky is told of the work, not of the look.
  if (problem.severity === 'note' || problem.check.startsWith('risk.')) return [];
  return cures(around, (look) => stillThere(problem, look, around, keys) !== undefined);
}

/** The problem in a look, or one of its kind that is new there and as grave. */
const stillThere = (problem: Problem, look: Look, around: Subject, keys: ReadonlySet<string>): Problem | undefined =>
  ruleOf(problem.check)
    .run(within(look, around))
    .find((other) => other.key === problem.key || (!keys.has(other.key) && GRAVITY[other.severity] >= GRAVITY[problem.severity]));

/** The best of each kind first, so that three swaps of one part do not hide that another may simply come off; harm stays last. */
function oneOfEachKind(best: readonly Remedy[]): readonly Remedy[] {
  const seen = new Set<string>();
  const [first, more]: [Remedy[], Remedy[]] = [[], []];
  for (const remedy of best) {
    const [edit] = remedy.edits;
    const kind = `${isHarmful(remedy) ? 'harm ' : ''}${edit?.action ?? ''} ${edit && 'position' in edit ? edit.position : ''}`;
    (seen.has(kind) ? more : first).push(remedy);
    seen.add(kind);
  }
  return [...first, ...more].sort((a, b) => Number(isHarmful(a)) - Number(isHarmful(b)));
}

const isHarmful = ({ likenessGain, raises, loses }: Remedy): boolean => raises.length > 0 || loses.length > 0 || likenessGain < -HARDLY;

interface Done {
  readonly proposal: Proposal;
  readonly look: Look;
}

/**
 * A proposal with what has to go with it: as long as the same check still finds what was wrong, its own next proposal is added, as when
 * three belts are worn and one alone stays. Null when that leads nowhere.
 */
function completeWith(problem: Problem, first: Proposal, { subject: around, keys }: Before): Done | null {
  let done: Proposal = first;
  for (let step = 0; step < MOST_TOGETHER; step += 1) {
    const look = tryEdits(around.look, done.edits, around);
    if (!look) return null;
    const still = stillThere(problem, look, around, keys);
    if (!still) return { proposal: done, look };
    const next = still.proposals().find(({ edits }) => edits[0]?.action === first.edits[0]?.action) ?? still.proposals()[0];
    if (!next) return null;
    const label = `${done.label}, then ${next.label.charAt(0).toLowerCase()}${next.label.slice(1)}`;
    done = { label, edits: [...done.edits, ...next.edits] };
  }
  return null;
}

const within = (look: Look, { brief, catalogue, system, supply, company }: Subject): Subject =>
  subject(look, brief, catalogue, system, supply, company);

function tryEdits(look: Look, edits: readonly LookEdit[], { catalogue }: Subject): Look | null {
  try {
    return applyEdits(look, edits, catalogue);
  } catch (error) {
    if (error instanceof EditRefused) return null;
    throw error;
  }
}

function judgedRemedy(problem: Problem, { proposal, look }: Done, before: Before): Remedy | null {
  const after = within(look, before.subject);
  const fresh = checkLook(after).open.filter((other) => !before.keys.has(other.key));
  if (fresh.some((other) => other.severity === 'blocks')) return null;
  const is = likeness(after);
  const cost = costOf(look, before.subject);
  const unsold = costOf(before.subject.look, before.subject).unsold;
  return {
    ...proposal,
    likenessGain: is.score - before.likeness.score,
    costMinor: cost.unsold.some((id) => !unsold.includes(id)) ? null : cost.toPayMinor - before.toPayMinor,
    raises: fresh
      .filter((other) => other.severity === 'shows' && other.check !== problem.check && !before.grave.has(other.check))
      .map(({ check, sentence }) => ({ check, sentence })),
    loses: is.answers.flatMap((answer) => {
      const was = before.likeness.answers.find((other) => other.feature.id === answer.feature.id);
      return was && answer.points < was.points - HARDLY ? [answer.feature.label] : [];
    }),
  };
}

/** What remedies are ordered by, the smaller the better, first things first. */
type Order = readonly number[];

function orderOf(remedy: Remedy, look: Look, before: Before): Order {
  const { likenessGain, costMinor, raises } = remedy;
  const harm = isHarmful(remedy);
  return [
    harm ? 1 : 0,
    harm ? -Math.round(likenessGain / NOTICED) : 0,
    raises.length,
    Math.round(10 * distance(before.subject, look)),
    costMinor === null ? Number.MAX_SAFE_INTEGER : Math.max(0, costMinor),
  ];
}

/** Legs and a one-piece lower body stand for each other. */
const isBelow = ({ position }: LookPart): boolean => position === 'hips' || position === 'lower';

/** Another face is another person: anything else is changed before it. */
const ANOTHER_FACE = 0.5;

/** How far a look is from what is worn: what is unlike in each part that was changed, and a whole part for each that is gone. */
function distance({ look: worn, catalogue }: Subject, look: Look): number {
  const now = new Map(look.parts.map((part) => [spotOf(part), part]));
  return worn.parts.reduce((all, part) => {
    const then = now.get(spotOf(part)) ?? (isBelow(part) ? look.parts.find(isBelow) : undefined);
    if (!then) return all + 1;
    if (then.variant === part.variant) return all;
    const [was, is] = [catalogue.variant(part.variant), catalogue.variant(then.variant)];
    const another = part.position === 'head' && was.print !== is.print ? ANOTHER_FACE : 0;
    return all + another + 1 - partLikeness(was, is, catalogue);
  }, 0);
}

function compare(a: Order, b: Order): number {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at < 0 ? 0 : entryAt(a, at) - entryAt(b, at);
}

/** Does a remedy cost nothing: no likeness, no wish, no money, no new mark? Only such a one may be taken without saying so first. */
export const isFree = (remedy: Remedy): boolean => !isHarmful(remedy) && remedy.costMinor !== null && remedy.costMinor <= 0;
