import type { SkinSchool } from './colour.js';
import type { AgeBand } from './system.js';

/** Areas of the body a wish can be about. */
export const AREAS = ['headgear', 'face', 'neck', 'torso', 'arms', 'hands', 'legs', 'held', 'whole'] as const;
export type Area = (typeof AREAS)[number];

export const WEIGHTS = ['must', 'want', 'nice'] as const;
export type Weight = (typeof WEIGHTS)[number];

export const FEATURE_KINDS = ['motif', 'colour', 'shape', 'expression', 'height', 'absence', 'identity'] as const;
export type FeatureKind = (typeof FEATURE_KINDS)[number];

/**
 * One thing wanted. `target` is read by `kind`: a motif or colour id, shape words ("tied, length 2"),
 * a mood, an age band, the motif that should not be there, or a person's name.
 */
export interface Feature {
  readonly id: string;
  readonly label: string;
  readonly area: Area;
  readonly kind: FeatureKind;
  readonly target: string;
  readonly weight: Weight;
}

/** From the strictest: only recombined; cut or erased too; third-party and own too; imagined recolours too. */
export const ALTERATION_SCHOOLS = ['as moulded', 'altered', 'open bench', 'on paper'] as const;
export type AlterationSchool = (typeof ALTERATION_SCHOOLS)[number];

/** Who the figure is. Lengths in mm, money in minor units of the workspace's currency. */
export interface Brief {
  readonly name: string;
  readonly story: string;
  readonly features: readonly Feature[];
  /** Wanted main colours, by id, the most important first. */
  readonly colours: readonly string[];
  readonly ageBand: AgeBand;
  readonly skinSchool: SkinSchool;
  readonly alterationSchool: AlterationSchool;
  /** Areas that will not be seen: wishes about them count nothing. */
  readonly notSeen: readonly Area[];
}
