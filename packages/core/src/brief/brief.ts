import type { AgeBand, System } from '../anatomy/index.js';
import type { SkinSchool } from '../colour/index.js';
import type { AlterationSchool } from '../figure/index.js';

/** Areas of the body a wish can be about. */
export const AREAS = ['headgear', 'face', 'neck', 'torso', 'arms', 'hands', 'legs', 'held', 'whole'] as const;
export type Area = (typeof AREAS)[number];

export const WEIGHTS = ['must', 'want', 'nice'] as const;
export type Weight = (typeof WEIGHTS)[number];

/** What a wish counts in the likeness (calculations, *Likeness*). */
export const WEIGHT_POINTS: Readonly<Record<Weight, number>> = { must: 4, want: 2, nice: 1 };

export const FEATURE_KINDS = ['motif', 'colour', 'shape', 'expression', 'height', 'absence', 'identity', 'any with', 'words'] as const;
export type FeatureKind = (typeof FEATURE_KINDS)[number];

/**
 * One thing wanted. `target` is read by `kind`: a motif or colour id, shape words ("tied, length 2"), a mood, an age
 * band, the motif that should not be there, a person's name, what one part must have all at once ("brown brows, calm"),
 * or free words that names are searched for.
 */
export interface Feature {
  readonly id: string;
  readonly label: string;
  readonly area: Area;
  readonly kind: FeatureKind;
  readonly target: string;
  readonly weight: Weight;
}

/** What the figure must be able to do, whatever it looks like. */
export const PRACTICAL_RULES = [
  'hair tied',
  'legs in sight',
  'face in sight',
  'hands free',
  'stands alone',
  'nothing on the back',
] as const;
export type PracticalRule = (typeof PRACTICAL_RULES)[number];

/** Who the figure is. Lengths in mm, money in minor units of the workspace's currency. */
export interface Brief {
  readonly name: string;
  readonly story: string;
  /** The toy line it belongs to, where that is not the workspace's first. */
  readonly system?: string | undefined;
  readonly features: readonly Feature[];
  /** Wanted main colours, by id, the most important first. */
  readonly colours: readonly string[];
  /** How old it looks, unless the years say. */
  readonly ageBand: AgeBand;
  /** Year of birth and year of the story, in the story's own count. */
  readonly born: number | null;
  readonly year: number | null;
  readonly skinSchool: SkinSchool;
  readonly alterationSchool: AlterationSchool;
  /** Areas that will not be seen: wishes about them count nothing. */
  readonly notSeen: readonly Area[];
  /** How many main colours it may have; accents apart. */
  readonly mainColours: number;
  /** Sources nothing may come from, and official figures none of whose parts may be used. */
  readonly bannedSources: readonly string[];
  readonly bannedFigures: readonly string[];
  readonly rules: readonly PracticalRule[];
  readonly budgetMinor: number | null;
  readonly copies: number;
  /** ISO day it is wanted by. */
  readonly dueOn: string | null;
  /** Figures that name the same group are never shown together and share their pieces; empty for one that may stand beside all. */
  readonly neverWith?: string | undefined;
  /** Takes only new pieces. */
  readonly newOnly?: boolean | undefined;
  /** Who asked for it, and whose idea it was. */
  readonly requester: string;
  readonly credit: string;
}

/** A brief before anything is said: an adult in three main colours, one copy, nothing banned, no budget and no day. */
export const emptyBrief = (name: string): Brief => ({
  name,
  story: '',
  features: [],
  colours: [],
  ageBand: 'adult',
  born: null,
  year: null,
  skinSchool: 'natural',
  alterationSchool: 'as moulded',
  notSeen: [],
  mainColours: 3,
  bannedSources: [],
  bannedFigures: [],
  rules: [],
  budgetMinor: null,
  copies: 1,
  dueOn: null,
  neverWith: '',
  newOnly: false,
  requester: '',
  credit: '',
});

/**
 * A brief as it was kept, with what has been added to briefs since: old rows lack the newer fields, and get those of an empty brief.
 */
export const completeBrief = (kept: Partial<Brief> & Pick<Brief, 'name'>): Brief => ({ ...emptyBrief(kept.name), ...kept });

/**
 * Age in the year of the story, in years of the story's own count; null when either year is not said. Negative before birth.
 *
 * @example ageOf({ born: 1896, year: 1905 }) // 9
 */
export const ageOf = ({ born, year }: Pick<Brief, 'born' | 'year'>): number | null => (born === null || year === null ? null : year - born);

/**
 * The age band a figure stands in: by its years where they are said, else the one the brief names. Giants stay giants, as no number
 * of years makes one. `system` says up to which age each band reaches; beyond the last everybody is adult.
 */
export function bandOf(brief: Pick<Brief, 'born' | 'year' | 'ageBand'>, system: System): AgeBand {
  const age = ageOf(brief);
  if (age === null || brief.ageBand === 'giant') return brief.ageBand;
  return system.bandsByAge.find(({ upTo }) => age <= upTo)?.band ?? 'adult';
}

/** Height wishes name an age band, or say `as its age` to follow the years of the story. */
export const AS_ITS_AGE = 'as its age';
