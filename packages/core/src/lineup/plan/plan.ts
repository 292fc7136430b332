import type { AlterationSchool, LookPart } from '../../figure/index.js';
import type { Brief } from '../../brief/index.js';
import type { Position } from '../../anatomy/index.js';
import type { SkinSchool } from '../../colour/index.js';

/** What a line-up is: the kind changes what is offered, not what is allowed. */
export const LINE_UP_KINDS = ['collection', 'crew', 'series', 'army', 'cast', 'ages'] as const;
export type LineUpKind = (typeof LINE_UP_KINDS)[number];

/**
 * What briefs of a line-up start from and follow until they say otherwise. Null, and an empty list, say nothing. Money in minor units.
 */
export interface HouseRules {
  readonly skinSchool: SkinSchool | null;
  readonly alterationSchool: AlterationSchool | null;
  readonly mainColours: number | null;
  readonly colours: readonly string[];
  readonly year: number | null;
  readonly budgetMinor: number | null;
  readonly bannedSources: readonly string[];
}

/** A part to play, and how many play it: none said is no limit. */
export interface Role {
  readonly name: string;
  readonly least: number;
  readonly most: number | null;
}

/** A group within a line-up. Rank and file may share faces where it says so; a leader's is their own. */
export interface Faction {
  readonly id: string;
  readonly name: string;
  readonly colours: readonly string[];
  /** What its figures are made by, in words. */
  readonly recipe: string;
  /** The figure that leads it; empty for none. */
  readonly leader: string;
  readonly sharesFaces: boolean;
}

export const SCOPES = ['all', 'faction', 'role'] as const;
/** Whom something is for: everybody, a faction by its id, or a role by its name. */
export interface Scope {
  readonly kind: (typeof SCOPES)[number];
  readonly of: string;
}

/** A part that everybody of a scope wears. */
export interface UniformPart {
  readonly scope: Scope;
  readonly part: LookPart;
}

/** The copies of a recipe that differ from it at one position: so many of them, or all, sharing these variants evenly. */
export interface CopyVariation {
  readonly id: string;
  readonly figure: string;
  readonly name: string;
  readonly position: Position;
  readonly variants: readonly string[];
  /** How many of the copies; null for all of them. */
  readonly copies: number | null;
  /** No two that stand side by side wear the same. */
  readonly isApart: boolean;
  readonly seed: number;
}

/** Tokens that are put into the packs. */
export interface Tokens {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** How many may lie in one pack. */
  readonly mostInOne: number;
  readonly leadersGetOne: boolean;
  /** Packs that hold a piece of a shared build get none. */
  readonly isApartFromBuilds: boolean;
  readonly seed: number;
}

export interface BuildElement {
  readonly name: string;
  /** The part it is, where the catalogue knows it; empty otherwise. */
  readonly variant: string;
  readonly count: number;
}

/** Something built of elements that come in several packs. */
export interface SharedBuild {
  readonly id: string;
  readonly name: string;
  readonly elements: readonly BuildElement[];
  /** Over how many packs they are spread. */
  readonly packs: number;
  readonly seed: number;
}

export const SEATING_KINDS = ['seat', 'spot', 'plate'] as const;
/** Seats of a vehicle, spots of a scene, studs of a plate; who is on each, empty for nobody. */
export interface Seating {
  readonly id: string;
  readonly name: string;
  readonly kind: (typeof SEATING_KINDS)[number];
  readonly places: readonly { readonly name: string; readonly figure: string }[];
}

/** Something of the scene that somebody carries. */
export interface Prop {
  readonly id: string;
  readonly name: string;
  readonly variant: string;
  readonly carriedBy: string;
}

/** Parts wanted beside the looks, so many for each figure of a scope, or once for the line-up. */
export interface Spare {
  readonly variant: string;
  readonly count: number;
  readonly each: boolean;
  readonly scope: Scope;
}

export const RELATION_KINDS = ['twin of', 'parent of', 'rival of', 'rides', 'belongs to'] as const;
export interface Relation {
  readonly kind: (typeof RELATION_KINDS)[number];
  readonly from: string;
  readonly to: string;
}

/** Everything a line-up keeps beside who stands in it. */
export interface LineUpPlan {
  readonly kind: LineUpKind;
  /** How many figures were promised; null when nobody promised anything. */
  readonly promised: number | null;
  readonly edition: string;
  readonly dueOn: string | null;
  readonly notes: string;
  readonly house: HouseRules;
  readonly budgetAllMinor: number | null;
  /** The colour of the pack or the ground figures stand before; empty for none. */
  readonly packColour: string;
  readonly roles: readonly Role[];
  readonly factions: readonly Faction[];
  readonly uniform: readonly UniformPart[];
  readonly variations: readonly CopyVariation[];
  readonly tokens: readonly Tokens[];
  readonly builds: readonly SharedBuild[];
  readonly seatings: readonly Seating[];
  readonly props: readonly Prop[];
  readonly spares: readonly Spare[];
  readonly relations: readonly Relation[];
}

export const NO_HOUSE_RULES: HouseRules = {
  skinSchool: null,
  alterationSchool: null,
  mainColours: null,
  colours: [],
  year: null,
  budgetMinor: null,
  bannedSources: [],
};

/** A line-up of which nothing has been said: a collection. */
export const EMPTY_PLAN: LineUpPlan = {
  kind: 'collection',
  promised: null,
  edition: '',
  dueOn: null,
  notes: '',
  house: NO_HOUSE_RULES,
  budgetAllMinor: null,
  packColour: '',
  roles: [],
  factions: [],
  uniform: [],
  variations: [],
  tokens: [],
  builds: [],
  seatings: [],
  props: [],
  spares: [],
  relations: [],
};

/** What a line-up of a kind begins with: a crew is promised five, a series ten; the rest is said by the person. */
export function startingPlan(kind: LineUpKind = 'collection'): LineUpPlan {
  const plan: LineUpPlan = { ...EMPTY_PLAN, kind };
  if (kind === 'crew') return { ...plan, promised: 5 };
  return kind === 'series' ? { ...plan, promised: 10 } : plan;
}

/** A plan as it was kept, with what has been added to plans since. */
export const completePlan = (kept: Partial<LineUpPlan> | null): LineUpPlan => ({
  ...EMPTY_PLAN,
  ...kept,
  house: { ...NO_HOUSE_RULES, ...kept?.house },
});

/** A figure as far as its line-up goes. */
export interface Enrolled {
  readonly id: string;
  readonly role: string;
  /** The id of its faction; empty for none. */
  readonly faction: string;
  /** Where it goes its own way: house rules by name, spots of the uniform. */
  readonly free: readonly string[];
  /** The figure whose recipe it varies; empty, or not said, for a figure of its own. */
  readonly recipe?: string | undefined;
}

/** Is a figure among those a scope is for? */
export const isIn = ({ kind, of }: Scope, { role, faction }: Pick<Enrolled, 'role' | 'faction'>): boolean =>
  kind === 'all' || (kind === 'faction' ? faction === of : role.toLowerCase() === of.toLowerCase());

/** What a house rule is called in a brief, and here. */
export type HouseKey = keyof HouseRules & keyof Brief;
export const HOUSE_KEYS: readonly HouseKey[] = [
  'skinSchool',
  'alterationSchool',
  'mainColours',
  'colours',
  'year',
  'budgetMinor',
  'bannedSources',
];
