import type { Face, Position, Region, System, Zone } from '../anatomy/index.js';
import type { Colour } from '../colour/index.js';
import type { MoodName } from './mood.js';

export type Era = 'early' | 'late';

/** Measures of a mould that decide height, fit and what it hides. Lengths in mm, mass in g. */
export interface MouldGeometry {
  /** What it adds to the standing height when worn (legs, torso, head, feet). */
  readonly heightMm?: number | undefined;
  /** How far headgear rises above the head. */
  readonly riseMm?: number | undefined;
  /** Of neck layers and waist pieces. */
  readonly thicknessMm?: number | undefined;
  /** Region to the fraction of it that is hidden, 0 to 1. */
  readonly covers?: Readonly<Partial<Record<Region, number>>> | undefined;
  readonly massG: number;
  /** Height of its centre of mass above its own lowest point. */
  readonly centreHeightMm?: number | undefined;
  /** How far headgear hangs below the head's base behind. */
  readonly backDropMm?: number | undefined;
  /** How far a neck layer stands off the back, and rises around the head's base. */
  readonly backDepthMm?: number | undefined;
  readonly collarRiseMm?: number | undefined;
  /** How a held thing is gripped; things for two hands take both. */
  readonly grip?: Grip | undefined;
  readonly twoHanded?: boolean | undefined;
  /** Named connections: what it offers to add-ons, and what an add-on fits into. */
  readonly holes?: readonly string[] | undefined;
  readonly fits?: readonly string[] | undefined;
}

export const GRIPS = ['bar', 'clip', 'flat', 'none'] as const;
export type Grip = (typeof GRIPS)[number];

export const MATERIALS = ['rigid', 'soft', 'cloth', 'rubber'] as const;
export type Material = (typeof MATERIALS)[number];

/** Likeness descriptors: free words (`tied`, `brim`) and a length from 0 (bald) to 4 (waist). */
interface MouldShape {
  readonly words: readonly string[];
  readonly length?: number | undefined;
}

/** What moulds are kinds of. */
export const FAMILIES: readonly string[] = [
  'head',
  'hair',
  'hat',
  'helmet',
  'hat with hair',
  'hood',
  'add-on',
  'torso',
  'arm',
  'hand',
  'wrist',
  'legs',
  'hips',
  'leg',
  'skirt',
  'animal body',
  'cape',
  'scarf',
  'fur',
  'bag',
  'armour',
  'waist',
  'beard',
  'wings',
  'held',
  'foot',
  'beside',
  'stand',
];

/** A filled area of an outline: a path of M, L, C, Q and Z in tenths of a mm, and which of the part's colours it is of. */
export interface OutlinePath {
  readonly d: string;
  readonly colour: 0 | 1 | 2;
}

/** An outline of a person's own: its lowest point lies on y = 0, `liftMm` above where the part's own measures begin. */
export interface OwnOutline {
  readonly liftMm: number;
  readonly front: readonly OutlinePath[];
  /** Drawn as from the front where they are missing. */
  readonly back?: readonly OutlinePath[] | undefined;
  readonly side?: readonly OutlinePath[] | undefined;
}

/** A shape. `fills` lists the alternatives for where it goes; each alternative is all it takes at once. */
export interface Mould {
  readonly number: string;
  readonly name: string;
  readonly nicknames: readonly string[];
  readonly family: string;
  readonly revision: number;
  /** What the last revision changed. */
  readonly revisionNote?: string | undefined;
  readonly material: Material;
  /** Nominal outer sizes, in mm. */
  readonly sizeMm?: { readonly width: number; readonly height: number; readonly depth: number } | undefined;
  /** Name of the drawn silhouette, and the outline that is drawn instead of it. */
  readonly silhouette: string;
  readonly outline?: OwnOutline | undefined;
  readonly fills: readonly (readonly Position[])[];
  readonly geometry: MouldGeometry;
  readonly shape: MouldShape;
  /** Motifs the shape itself shows (a lantern is a lantern without any print). */
  readonly motifs: readonly string[];
  /** What each of a variant's colours is the colour of, in their order: "crown", "brim". */
  readonly colourNames?: readonly string[] | undefined;
  /** Index into a variant's colours of the part that is hair. */
  readonly hairColour?: number | undefined;
  /** Index into a variant's colours of the part that is skin when its colour is a skin. */
  readonly skinColour?: number | undefined;
  readonly thirdParty: boolean;
  /** Pieces made before this year crack when arms are swapped. */
  readonly brittleBefore?: number | undefined;
}

/** One motif of a print: what, on which face and zones of the part, in which colours. */
export interface PrintMotif {
  readonly motif: string;
  readonly face: Face;
  readonly zones: readonly Zone[];
  readonly colours: readonly string[];
}

export interface Print {
  readonly id: string;
  readonly name: string;
  readonly era: Era;
  readonly motifs: readonly PrintMotif[];
  /** Heads only: the mood of the face printed in front, and of the second face. */
  readonly mood?: MoodName | undefined;
  readonly secondMood?: MoodName | undefined;
}

/** A mould in its colours with its print. *Made* has years; *imagined* has none. */
export interface Variant {
  readonly id: string;
  readonly mould: string;
  readonly colours: readonly string[];
  readonly print?: string | undefined;
  readonly made?: { readonly from: number; readonly until: number } | undefined;
  /** The variant this one turned out to be: a double that was merged. Whoever names it means the other. */
  readonly mergedInto?: string | undefined;
}

/**
 * The id of a variant: its mould, its colours in their order and its print if it has one. The same parts always give the same id, so a
 * variant entered twice is found to be there already.
 *
 * @example variantIdOf('HA-118', ['raven']) // 'HA-118·raven'
 * @example variantIdOf('TO-1', ['woad', 'bone'], 'P-7') // 'TO-1·woad+bone·P-7'
 */
export const variantIdOf = (mould: string, colours: readonly string[], print?: string): string =>
  print === undefined ? `${mould}·${colours.join('+')}` : `${mould}·${colours.join('+')}·${print}`;

/** *runs on*: a garment that must go on below the waist. *reads as a back*: betrays a torso that is turned round. */
export const MOTIF_TRAITS = ['runs on', 'reads as a back'] as const;
export type MotifTrait = (typeof MOTIF_TRAITS)[number];

/** A node of the motif tree; `parent` makes siblings and parents part matches. */
export interface Motif {
  readonly id: string;
  readonly name: string;
  readonly parent?: string | undefined;
  /** The motif or family above the waist that this one carries on below it: coat tails carry on a jacket. */
  readonly continues?: string | undefined;
  readonly traits?: readonly MotifTrait[] | undefined;
}

/** Variants sold joined: a torso with its arms and hands, hips with legs. */
export interface Bundle {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly { readonly variant: string; readonly quantity: number }[];
}

export const CERTAINTIES = ['sure', 'think so'] as const;
export type Certainty = (typeof CERTAINTIES)[number];

export const YIELD_KINDS = ['figure', 'variant', 'bundle', 'source'] as const;
export type YieldKind = (typeof YIELD_KINDS)[number];

/** One thing a source yields, how many of it, and how sure that is. A set may hold bags, which are sources themselves. */
export interface Yield {
  readonly kind: YieldKind;
  readonly item: string;
  readonly quantity: number;
  readonly certainty: Certainty;
}

export const SOURCE_KINDS = ['boxed set', 'blind bag', 'magazine gift', 'book gift', 'build-your-own', 'event exclusive'] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** An official product that yields variants. */
export interface Source {
  readonly id: string;
  readonly name: string;
  readonly kind: SourceKind;
  readonly range: string;
  readonly year: number;
  /** How many were made, when anybody knows, and how sure that is. */
  readonly printRun?: { readonly copies: number; readonly certainty: Certainty } | undefined;
  readonly yields: readonly Yield[];
}

/** A figure as the maker sold it. `person` names who it is, when it is somebody. Sources say where it was sold. */
export interface OfficialFigure {
  readonly id: string;
  readonly name: string;
  readonly person?: string | undefined;
  readonly parts: readonly {
    readonly position: Position;
    readonly variant: string;
    readonly turned: boolean;
    readonly place?: number | undefined;
  }[];
}

export interface CatalogueData {
  readonly systems: readonly System[];
  readonly colours: readonly Colour[];
  readonly motifs: readonly Motif[];
  readonly moulds: readonly Mould[];
  readonly prints: readonly Print[];
  readonly variants: readonly Variant[];
  readonly bundles: readonly Bundle[];
  readonly sources: readonly Source[];
  readonly officialFigures: readonly OfficialFigure[];
}
