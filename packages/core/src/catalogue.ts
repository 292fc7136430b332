import type { Colour } from './colour.js';
import type { MoodName } from './mood.js';
import type { Position } from './positions.js';
import type { Face, Region, Zone } from './regions.js';

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
export interface MouldShape {
  readonly words: readonly string[];
  readonly length?: number | undefined;
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
  /** Name of the drawn silhouette. */
  readonly silhouette: string;
  readonly fills: readonly (readonly Position[])[];
  readonly geometry: MouldGeometry;
  readonly shape: MouldShape;
  /** Motifs the shape itself shows (a lantern is a lantern without any print). */
  readonly motifs: readonly string[];
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

/** The id of a variant: its mould, its colours and its print. */
export const variantIdOf = (mould: string, colours: readonly string[], print?: string): string =>
  [mould, colours.join('+'), ...(print === undefined ? [] : [print])].join('·');

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
  readonly parts: readonly { readonly position: Position; readonly variant: string; readonly turned: boolean }[];
}

export interface CatalogueData {
  readonly colours: readonly Colour[];
  readonly motifs: readonly Motif[];
  readonly moulds: readonly Mould[];
  readonly prints: readonly Print[];
  readonly variants: readonly Variant[];
  readonly bundles: readonly Bundle[];
  readonly sources: readonly Source[];
  readonly officialFigures: readonly OfficialFigure[];
}

/** The parts one official figure is taken to pieces into, counted. */
export function piecesOf(figure: OfficialFigure): ReadonlyMap<string, number> {
  const pieces = new Map<string, number>();
  for (const part of figure.parts) pieces.set(part.variant, (pieces.get(part.variant) ?? 0) + 1);
  return pieces;
}

function index<T>(rows: readonly T[], key: (row: T) => string): ReadonlyMap<string, T> {
  return new Map(rows.map((row) => [key(row), row]));
}

/** The catalogue with its look-ups. Unknown names throw: data that refers to nothing is a defect upstream. */
export class Catalogue {
  readonly data: CatalogueData;
  private readonly colours: ReadonlyMap<string, Colour>;
  private readonly motifs: ReadonlyMap<string, Motif>;
  private readonly moulds: ReadonlyMap<string, Mould>;
  private readonly prints: ReadonlyMap<string, Print>;
  private readonly variants: ReadonlyMap<string, Variant>;
  private readonly byMould = new Map<string, Variant[]>();
  private readonly headsByPerson = new Map<string, Set<string>>();

  constructor(data: CatalogueData) {
    this.variants = index(data.variants, (row) => row.id);
    this.data = this.withoutDoubles(data);
    this.colours = index(data.colours, (row) => row.id);
    this.motifs = index(data.motifs, (row) => row.id);
    this.moulds = index(data.moulds, (row) => row.number);
    this.prints = index(data.prints, (row) => row.id);
    for (const variant of data.variants) {
      if (variant.mergedInto) continue;
      const known = this.byMould.get(variant.mould);
      if (known) known.push(variant);
      else this.byMould.set(variant.mould, [variant]);
    }
    for (const figure of this.data.officialFigures) {
      const head = figure.parts.find((part) => part.position === 'head');
      if (!figure.person || !head) continue;
      const heads = this.headsByPerson.get(figure.person) ?? new Set();
      this.headsByPerson.set(figure.person, heads.add(head.variant));
    }
  }

  colour(id: string): Colour {
    return found(this.colours.get(id), 'colour', id);
  }

  mould(number: string): Mould {
    return found(this.moulds.get(number), 'mould', number);
  }

  /** A variant by its id; a double that was merged gives the one it was merged into. */
  variant(id: string): Variant {
    let variant = found(this.variants.get(id), 'variant', id);
    for (let step = 0; variant.mergedInto !== undefined; step += 1) {
      if (step > this.variants.size) throw new RangeError(`${id} is merged in a circle`);
      variant = found(this.variants.get(variant.mergedInto), 'variant', variant.mergedInto);
    }
    return variant;
  }

  /** The id a variant is known by now: another's when it was a double. Unknown ids stay as they are. */
  resolve(id: string): string {
    return this.variants.get(id)?.mergedInto === undefined ? id : this.variant(id).id;
  }

  /** The same data with figures, bundles and sources naming the variants that doubles were merged into. */
  private withoutDoubles(data: CatalogueData): CatalogueData {
    if (!data.variants.some((variant) => variant.mergedInto !== undefined)) return data;
    const renamed = <T extends { readonly variant: string }>(parts: readonly T[]): readonly T[] =>
      parts.map((part) => ({ ...part, variant: this.resolve(part.variant) }));
    return {
      ...data,
      officialFigures: data.officialFigures.map((figure) => ({ ...figure, parts: renamed(figure.parts) })),
      bundles: data.bundles.map((bundle) => ({ ...bundle, parts: renamed(bundle.parts) })),
      sources: data.sources.map((source) => ({
        ...source,
        yields: source.yields.map((line) => (line.kind === 'variant' ? { ...line, item: this.resolve(line.item) } : line)),
      })),
    };
  }

  /** The variants of a mould, doubles left out. */
  variantsOf(mould: string): readonly Variant[] {
    return this.byMould.get(mould) ?? [];
  }

  hasMould(number: string): boolean {
    return this.moulds.has(number);
  }

  hasColour(id: string): boolean {
    return this.colours.has(id);
  }

  hasPrint(id: string): boolean {
    return this.prints.has(id);
  }

  has(variantId: string): boolean {
    return this.variants.has(variantId);
  }

  mouldOf(variant: Variant): Mould {
    return this.mould(variant.mould);
  }

  print(id: string): Print {
    return found(this.prints.get(id), 'print', id);
  }

  printOf(variant: Variant): Print | null {
    return variant.print === undefined ? null : this.print(variant.print);
  }

  motifName(id: string): string {
    return this.motifs.get(id)?.name ?? id;
  }

  /** A motif by its id; undefined for the name of a family. */
  motif(id: string): Motif | undefined {
    return this.motifs.get(id);
  }

  /** "Low knot in raven"; with its print when there is one. */
  nameOf(variant: Variant): string {
    const print = this.printOf(variant);
    const colours = variant.colours.map((id) => this.colour(id).name).join(' and ');
    return `${this.mouldOf(variant).name} in ${colours}${print ? `, ${print.name}` : ''}`;
  }

  /** How near motif `a` is to `b`: 1 the same, 0.6 parent, child or sibling in the motif tree, else 0. */
  motifMatch(a: string, b: string): number {
    if (a === b) return 1;
    const parentA = this.motifs.get(a)?.parent;
    const parentB = this.motifs.get(b)?.parent;
    return parentA === b || parentB === a || (parentA !== undefined && parentA === parentB) ? 0.6 : 0;
  }

  /** Has this head been used officially for the named person? */
  isHeadOf(person: string, headVariant: string): boolean {
    return this.headsByPerson.get(person)?.has(headVariant) ?? false;
  }
}

function found<T>(row: T | undefined, kind: string, id: string): T {
  if (row === undefined) throw new RangeError(`There is no ${kind} "${id}" in the catalogue`);
  return row;
}
