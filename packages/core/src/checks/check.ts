import type { Brief } from '../brief.js';
import type { Catalogue } from '../catalogue.js';
import { shownFace, type ShownFace } from '../face.js';
import { wornParts, type Look, type Worn } from '../look.js';
import type { LookEdit } from '../lookEdits.js';
import type { Position } from '../positions.js';
import type { Region } from '../regions.js';
import type { System } from '../system.js';
import { Visibility } from '../visibility.js';

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

/** A donor that could give a part, and what it would lack afterwards costs (minor units; null when nobody sells it). */
export interface DonorPart {
  readonly donor: string;
  readonly holeMinor: number | null;
}

/** What is at hand: pieces owned, the landed price of what can be bought (minor units), and donors that hold a part. */
export interface Supply {
  owned(variantId: string): number;
  landedMinor(variantId: string): number | null;
  donor?(variantId: string): DonorPart | null;
}

export const NO_SUPPLY: Supply = { owned: () => 0, landedMinor: () => null };

/** A face in front on another named figure of the collection. */
export interface FaceElsewhere {
  readonly figure: string;
  readonly head: string;
  readonly turned: boolean;
}

/** The figures around this one, and how far its own work has come. */
export interface Company {
  readonly faces: readonly FaceElsewhere[];
  /** Other figures whose chosen looks want a variant, one name for each piece wanted. */
  wantedBy(variantId: string): readonly string[];
  /** Imagined parts may be tried on, but neither bought nor built. */
  readonly stage: 'fitting' | 'errand' | 'bench';
}

export const ALONE: Company = { faces: [], wantedBy: () => [], stage: 'fitting' };

/** Everything a check may look at, worked out once for a look. */
export interface Subject {
  readonly catalogue: Catalogue;
  readonly system: System;
  readonly brief: Brief;
  readonly look: Look;
  readonly worn: readonly Worn[];
  readonly visibility: Visibility;
  readonly face: ShownFace | null;
  readonly supply: Supply;
  readonly company: Company;
}

export function subject(
  look: Look,
  brief: Brief,
  catalogue: Catalogue,
  system: System,
  supply: Supply = NO_SUPPLY,
  company: Company = ALONE,
): Subject {
  const worn = wornParts(look, catalogue);
  return {
    catalogue,
    system,
    brief: briefFor(look, brief),
    look,
    worn,
    visibility: new Visibility(worn),
    face: shownFace(worn, catalogue),
    supply,
    company,
  };
}

/** The brief as a look means it: in the year it shows, in the skin of its edition. */
const briefFor = ({ variation }: Look, brief: Brief): Brief =>
  variation ? { ...brief, year: variation.year ?? brief.year, skinSchool: variation.skinSchool ?? brief.skinSchool } : brief;

export type Check = (subject: Subject) => readonly Mark[];

/**
 * What of one part, beside its mould, can change a check's outcome; ranking evaluates a check once per such facet.
 * *face* is the plastic of a head, *cloth* that of a torso, *bare sides* the plastic under a print that is on the front
 * alone, *printed skin* a print with skin in it.
 */
export type PartFacet = 'print' | 'printed skin' | 'face' | 'cloth' | 'bare sides' | 'hair' | 'skin' | 'made' | 'whole';
