import type { Position, Region } from '../anatomy/index.js';
import type { LookEdit } from '../figure/index.js';
import { type Subject } from './subject.js';

export const CHECK_IDS = [
  'whole',
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

/** A change that a check holds able to remove its problem. Whether it does, and at what price, is judged before it is offered. */
export interface Proposal {
  readonly label: string;
  readonly edits: readonly LookEdit[];
}

/** One problem. `key` names it exactly, so an overrule holds for this problem and no other. */
export interface Problem {
  readonly check: CheckId;
  readonly key: string;
  readonly severity: Severity;
  readonly position: Position;
  readonly region: Region | null;
  /** One plain sentence. */
  readonly sentence: string;
  /** The measured figures behind the sentence, for whoever asks why. */
  readonly why?: string | undefined;
  /** What could remove it, nearest to what is worn first. Looked for only when asked: it searches the catalogue. */
  readonly proposals: () => readonly Proposal[];
}

/** A proposal that was judged: it removes its mark and brings nothing that blocks. */
export interface Remedy extends Proposal {
  /** Points of likeness the look gains by it; negative when it gets less like its brief. */
  readonly likenessGain: number;
  /** What it changes of the money still to pay, in minor units; null when nobody sells what it puts on. */
  readonly costMinor: number | null;
  /** What will look wrong that did not: every new mark that shows. */
  readonly raises: readonly Pick<Problem, 'check' | 'sentence'>[];
  /** Wishes that are answered less than before, by their labels. */
  readonly loses: readonly string[];
}

/** A problem as it is shown, with what was found to remove it. */
export interface Mark extends Omit<Problem, 'proposals'> {
  readonly remedies: () => readonly Remedy[];
}

/** The marks of a look. */
export interface Marks {
  /** Marks that stand, the gravest first. */
  readonly open: readonly Mark[];
  /** Marks the person overruled, with their reasons. */
  readonly overruled: readonly { readonly mark: Mark; readonly reason: string }[];
}

export type Check = (subject: Subject) => readonly Problem[];

/**
 * What of one part, beside its mould, can change a check's outcome; ranking evaluates a check once per such facet.
 * *face* is the plastic of a head, *cloth* that of a torso, *bare sides* the plastic under a print that is on the front
 * alone, *printed skin* a print with skin in it.
 */
export type PartFacet = 'print' | 'printed skin' | 'face' | 'cloth' | 'bare sides' | 'hair' | 'skin' | 'made' | 'whole';
