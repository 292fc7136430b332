import type { Brief } from '../brief.js';
import type { Catalogue } from '../catalogue.js';
import { shownFace, type ShownFace } from '../face.js';
import { wornParts, type Look, type LookEdit, type Worn } from '../look.js';
import type { Position } from '../positions.js';
import type { Region } from '../regions.js';
import type { System } from '../system.js';
import { Visibility } from '../visibility.js';

export const CHECK_IDS = [
  'fit.position',
  'fit.neck',
  'skin.match',
  'hair.brow',
  'head.second-face',
  'height.band',
  'school.alteration',
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
  readonly remedies: readonly Remedy[];
}

/** What is at hand: pieces owned, and the landed price of what can be bought (minor units). */
export interface Supply {
  owned(variantId: string): number;
  landedMinor(variantId: string): number | null;
}

export const NO_SUPPLY: Supply = { owned: () => 0, landedMinor: () => null };

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
}

export function subject(look: Look, brief: Brief, catalogue: Catalogue, system: System, supply: Supply = NO_SUPPLY): Subject {
  const worn = wornParts(look, catalogue);
  return { catalogue, system, brief, look, worn, visibility: new Visibility(worn), face: shownFace(worn, catalogue), supply };
}

export type Check = (subject: Subject) => readonly Mark[];
