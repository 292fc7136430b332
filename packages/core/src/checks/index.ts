import type { Check, Mark, Severity, Subject } from './check.js';
import { fitNeck } from './fitNeck.js';
import { fitPosition } from './fitPosition.js';
import { hairBrow } from './hairBrow.js';
import { headSecondFace } from './headSecondFace.js';
import { heightBand } from './heightBand.js';
import { schoolAlteration } from './schoolAlteration.js';
import { skinMatch } from './skinMatch.js';

const CHECKS: readonly Check[] = [fitPosition, fitNeck, schoolAlteration, skinMatch, hairBrow, headSecondFace, heightBand];
const GRAVITY: Record<Severity, number> = { blocks: 0, shows: 1, note: 2 };

export interface Marks {
  /** Problems that stand, the gravest first. */
  readonly open: readonly Mark[];
  /** Problems the person waved off, with their reasons. */
  readonly overruled: readonly { readonly mark: Mark; readonly reason: string }[];
}

/** Runs every check over a look and sets aside what the person overruled. */
export function checkLook(subject: Subject): Marks {
  const reasons = new Map(subject.look.overrules.map((overrule) => [overrule.key, overrule.reason]));
  const all = CHECKS.flatMap((check) => check(subject)).sort((a, b) => GRAVITY[a.severity] - GRAVITY[b.severity]);
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
