import { AGE_BANDS } from '../../anatomy/index.js';
import { AS_ITS_AGE, bandOf, type Feature } from '../../brief/index.js';
import { bodyHeight, wholeness } from '../../figure/index.js';
import { mm } from '../../kernel/index.js';
import type { Subject } from '../subject.js';
import type { Reading } from './reading.js';
import { concerns, readPart, readNothing } from './readings.js';
import { isMissed, pointsOf, scoreOf } from './score.js';

/** How far one wish is answered: `s` 0 to 1, and why in words. */
export interface Answer {
  readonly feature: Feature;
  readonly s: number;
  readonly points: number;
  readonly most: number;
  readonly why: string;
}

export interface Likeness {
  /** 0 to 100, to reckon with. A look without parts reads 0; where nothing is asked every look reads 100, and nothing gains any. */
  readonly score: number;
  /** What is shown: whole points, or null where there is no likeness: without a part, and without a wish. */
  readonly shown: number | null;
  /** The score before anything holds it down. */
  readonly uncapped: number;
  readonly answers: readonly Answer[];
  readonly missing: readonly Feature[];
}

export function readHeight({ worn, system, brief }: Pick<Subject, 'worn' | 'system' | 'brief'>, target: string): Reading {
  const band = target === AS_ITS_AGE ? bandOf(brief, system) : AGE_BANDS.find((age) => age === target);
  if (!band) return { s: 0, why: () => `"${target}" is not an age band` };
  const height = bodyHeight(worn).total;
  const wanted = system.bandHeightMm[band];
  return { s: Math.max(0, 1 - Math.abs(height - wanted) / 6), why: () => `stands ${mm(height)} mm, ${mm(wanted)} wanted` };
}

/** The best any part answers; an absence is answered by what nothing shows. */
function readWish(feature: Feature, subject: Subject): Reading {
  if (feature.kind === 'height') return readHeight(subject, feature.target);
  let best = readNothing(feature, subject.catalogue);
  for (const item of subject.worn) {
    if (!concerns(feature, item.part.position)) continue;
    const reading = readPart(feature, item, subject);
    if (reading.s > best.s) best = reading;
  }
  return feature.kind === 'absence' ? { s: 1 - best.s, why: best.why } : best;
}

/**
 * What the likeness is counted from when something is put on. An empty look has no likeness, but its wishes answer as they would with
 * nothing of theirs worn: the first part gains what it answers, and no more.
 */
export function countedFrom(subject: Subject): number {
  const { score, answers, missing } = likeness(subject);
  if (subject.worn.length > 0) return score;
  const sum = (of: (answer: Answer) => number): number => answers.reduce((all, answer) => all + of(answer), 0);
  return scoreOf(
    sum((answer) => answer.points),
    sum((answer) => answer.most),
    { missed: missing.length > 0, lacking: true },
  );
}

/** The wishes that count: those about areas that are not seen are left out. */
export const countedWishes = ({ features, notSeen }: Pick<Subject['brief'], 'features' | 'notSeen'>): readonly Feature[] =>
  features.filter((feature) => !notSeen.includes(feature.area));

/** Does a figure lack something to stand or to be built? */
export const isLacking = ({ worn, system }: Pick<Subject, 'worn' | 'system'>): boolean => wholeness(worn, system).lacking.length > 0;

/**
 * Likeness of a look to its brief: 100 · Σ w·s / Σ w, held at 60 while a must is missed and at 90 while
 * parts are lacking.
 * Wishes about areas that are not seen are left out; without any there is no likeness, and nothing shown.
 */
export function likeness(subject: Subject): Likeness {
  const answers = countedWishes(subject.brief).map((feature): Answer => {
    const { s, why } = readWish(feature, subject);
    const most = pointsOf(feature);
    return { feature, s, points: s * most, most, why: why() };
  });
  const most = answers.reduce((all, answer) => all + answer.most, 0);
  const points = answers.reduce((all, answer) => all + answer.points, 0);
  const missing = answers.filter((answer) => isMissed(answer.feature, answer.s)).map((answer) => answer.feature);
  const isEmpty = subject.worn.length === 0;
  const isUnlike = isEmpty && most > 0;
  const score = isUnlike ? 0 : scoreOf(points, most, { missed: missing.length > 0, lacking: isLacking(subject) });
  return {
    score,
    shown: isEmpty || most === 0 ? null : Math.round(score),
    uncapped: isUnlike ? 0 : scoreOf(points, most, { missed: false, lacking: false }),
    answers,
    missing,
  };
}
