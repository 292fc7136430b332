import type { System } from '../anatomy/index.js';
import type { Brief } from '../brief/index.js';
import type { Catalogue } from '../catalogue/index.js';
import { type Look, shownFace, type ShownFace, Visibility, type Worn, wornParts } from '../figure/index.js';
import { NO_SUPPLY, type Supply } from '../wardrobe/index.js';

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
  /** Of them, those that stand before this figure in line and are given pieces of it. */
  servedBefore?(variantId: string): readonly string[];
  /** Imagined parts may be tried on, but neither bought nor built. */
  readonly stage: 'fitting' | 'errand' | 'bench';
}

/** A look without others beside it, while it is being fitted. */
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

/**
 * Works out once what every check and wish looks at: the worn parts from the top down, what of each region is in sight, the face that
 * shows. Throws RangeError when a part is not in the catalogue.
 */
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
