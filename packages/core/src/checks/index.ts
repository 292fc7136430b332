import type { Check, CheckId, PartFacet, Mark, Severity, Subject } from './check.js';
import { donorHole } from './donorHole.js';
import { existsColour } from './existsColour.js';
import { faceTwice } from './faceTwice.js';
import { fitBack } from './fitBack.js';
import { fitGrip } from './fitGrip.js';
import { fitHeadgear } from './fitHeadgear.js';
import { fitNeck } from './fitNeck.js';
import { fitPosition } from './fitPosition.js';
import { fitStand } from './fitStand.js';
import { hairBrow } from './hairBrow.js';
import { headSecondFace } from './headSecondFace.js';
import { heightBand } from './heightBand.js';
import { periodFace } from './periodFace.js';
import { printBelt } from './printBelt.js';
import { printContinuity } from './printContinuity.js';
import { printHidden } from './printHidden.js';
import { printLeak } from './printLeak.js';
import { printSides } from './printSides.js';
import { printTurned } from './printTurned.js';
import { riskIrreversible } from './riskIrreversible.js';
import { riskSwap } from './riskSwap.js';
import { rulePractical } from './rulePractical.js';
import { schemeCount } from './schemeCount.js';
import { schoolAlteration } from './schoolAlteration.js';
import { schoolBanned } from './schoolBanned.js';
import { skinMatch } from './skinMatch.js';
import { skinSchool } from './skinSchool.js';
import { stockTwice } from './stockTwice.js';

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

const GRAVITY: Record<Severity, number> = { blocks: 0, shows: 1, note: 2 };

export interface Marks {
  /** Problems that stand, the gravest first. */
  readonly open: readonly Mark[];
  /** Problems the person waved off, with their reasons. */
  readonly overruled: readonly { readonly mark: Mark; readonly reason: string }[];
}

/** How many problems stand that block or show; notes apart. */
export const graveCount = ({ open }: Marks): number => open.filter((mark) => mark.severity !== 'note').length;

/** Runs every check over a look and sets aside what the person overruled. */
export function checkLook(subject: Subject): Marks {
  const reasons = new Map(subject.look.overrules.map((overrule) => [overrule.key, overrule.reason]));
  const all = RULES.flatMap(({ run }) => run(subject)).sort((a, b) => GRAVITY[a.severity] - GRAVITY[b.severity]);
  return {
    open: all.filter((mark) => !reasons.has(mark.key)),
    overruled: all.flatMap((mark) => {
      const reason = reasons.get(mark.key);
      return reason === undefined ? [] : [{ mark, reason }];
    }),
  };
}

export { strictestSchool } from './schoolAlteration.js';
export * from './check.js';
