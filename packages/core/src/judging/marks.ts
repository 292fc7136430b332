import type { Position, Region } from '../anatomy/index.js';
import type { LookEdit } from '../figure/index.js';
import { type Subject } from './subject.js';

export const CHECK_IDS = [
  'fit.position',
  'fit.neck',
  'fit.back',
  'fit.headgear',
  'fit.grip',
  'fit.stand',
  'skin.match',
  'skin.school',
  'hair.brow',
  'head.second-face',
  'print.hidden',
  'print.leak',
  'print.belt',
  'print.continuity',
  'print.sides',
  'print.turned',
  'scheme.count',
  'height.band',
  'face.twice',
  'period.face',
  'school.alteration',
  'school.banned',
  'stock.twice',
  'donor.hole',
  'risk.swap',
  'risk.irreversible',
  'exists.colour',
  'rule.practical',
] as const;
export type CheckId = (typeof CHECK_IDS)[number];

export type Severity = 'blocks' | 'shows' | 'note';

/** A change that removes a problem. */
export interface Remedy {
  readonly label: string;
  readonly edits: readonly LookEdit[];
}

/** One problem. `key` names it exactly, so an overrule holds for this problem and no other. */
export interface Mark {
  readonly check: CheckId;
  readonly key: string;
  readonly severity: Severity;
  readonly position: Position;
  readonly region: Region | null;
  readonly sentence: string;
  /** What would remove it, owned and cheapest first. Looked for only when asked: it searches the catalogue. */
  readonly remedies: () => readonly Remedy[];
}

export type Check = (subject: Subject) => readonly Mark[];

/**
 * What of one part, beside its mould, can change a check's outcome; ranking evaluates a check once per such facet.
 * *face* is the plastic of a head, *cloth* that of a torso, *bare sides* the plastic under a print that is on the front
 * alone, *printed skin* a print with skin in it.
 */
export type PartFacet = 'print' | 'printed skin' | 'face' | 'cloth' | 'bare sides' | 'hair' | 'skin' | 'made' | 'whole';
