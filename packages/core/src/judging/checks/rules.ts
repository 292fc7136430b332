import type { Check, CheckId, PartFacet, Problem, Severity } from '../marks.js';
import type { Subject } from '../subject.js';
import { fitBack, fitGrip, fitHeadgear, fitNeck, fitPosition, fitStand, heightBand, whole } from './fit/index.js';
import { printBelt, printContinuity, printHidden, printLeak, printSides, printTurned, schemeCount } from './print/index.js';
import { riskIrreversible, rulePractical, schoolAlteration, schoolBanned } from './school/index.js';
import { faceTwice, hairBrow, headSecondFace, periodFace, skinMatch, skinSchool } from './skin/index.js';
import { donorHole, existsColour, riskSwap, stockTwice } from './supply/index.js';

/** A check, and what of one part beside its mould can change what it says. */
interface Rule {
  readonly id: CheckId;
  readonly run: Check;
  readonly reads: readonly PartFacet[];
  /** Does it count when candidates are ranked? What is at hand and what it costs are ranked by themselves. */
  readonly ranks: boolean;
}

const rule = (id: CheckId, run: Check, reads: readonly PartFacet[] = [], ranks = true): Rule => ({ id, run, reads, ranks });

/** Every check, in the order of `CHECK_IDS`. */
export const RULES: readonly Rule[] = [
  // Ranked by the places a candidate empties or fills, not as one mark for all of them.
  rule('whole', whole, [], false),
  rule('fit.position', fitPosition),
  rule('fit.neck', fitNeck),
  rule('fit.back', fitBack),
  rule('fit.headgear', fitHeadgear),
  rule('fit.grip', fitGrip),
  rule('fit.stand', fitStand),
  rule('skin.match', skinMatch, ['skin', 'face', 'printed skin']),
  rule('skin.school', skinSchool, ['skin', 'face', 'printed skin']),
  rule('hair.brow', hairBrow, ['hair', 'print']),
  rule('head.second-face', headSecondFace, ['print']),
  rule('print.hidden', printHidden, ['print']),
  rule('print.leak', printLeak, ['print']),
  rule('print.belt', printBelt, ['print']),
  rule('print.continuity', printContinuity, ['print', 'cloth']),
  rule('print.sides', printSides, ['print', 'bare sides']),
  rule('print.turned', printTurned, ['print']),
  rule('scheme.count', schemeCount, ['whole']),
  rule('height.band', heightBand),
  rule('face.twice', faceTwice, ['print']),
  rule('period.face', periodFace, ['print']),
  rule('school.alteration', schoolAlteration, ['made']),
  rule('school.banned', schoolBanned, ['whole']),
  rule('stock.twice', stockTwice, ['whole'], false),
  rule('donor.hole', donorHole, ['whole'], false),
  rule('risk.swap', riskSwap, ['whole'], false),
  rule('risk.irreversible', riskIrreversible, [], false),
  rule('exists.colour', existsColour, ['made']),
  rule('rule.practical', rulePractical),
];

/** The rule behind a check. */
export function ruleOf(id: CheckId): Rule {
  const found = RULES.find((rule) => rule.id === id);
  if (!found) throw new RangeError(`no check is called ${id}`);
  return found;
}

const GRAVITY: Record<Severity, number> = { blocks: 0, shows: 1, note: 2 };

/** What the checks found, before anybody looks for remedies. */
export interface Problems {
  /** Problems that stand, the gravest first. */
  readonly open: readonly Problem[];
  /** Problems the person overruled, with their reasons. */
  readonly overruled: readonly { readonly problem: Problem; readonly reason: string }[];
}

/** How many problems stand that block or show; notes apart. */
export const graveCount = ({ open }: { readonly open: readonly Pick<Problem, 'severity'>[] }): number =>
  open.filter((mark) => mark.severity !== 'note').length;

/** Runs every check over a look and sets aside what the person overruled. */
export function checkLook(subject: Subject): Problems {
  const reasons = new Map(subject.look.overrules.map((overrule) => [overrule.key, overrule.reason]));
  const all = RULES.flatMap(({ run }) => run(subject)).sort((a, b) => GRAVITY[a.severity] - GRAVITY[b.severity]);
  return {
    open: all.filter((problem) => !reasons.has(problem.key)),
    overruled: all.flatMap((problem) => {
      const reason = reasons.get(problem.key);
      return reason === undefined ? [] : [{ problem, reason }];
    }),
  };
}
