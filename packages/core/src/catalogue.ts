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
}

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
}

/** A node of the motif tree; `parent` makes siblings and parents part matches. */
export interface Motif {
  readonly id: string;
  readonly name: string;
  readonly parent?: string | undefined;
}

export interface Source {
  readonly id: string;
  readonly name: string;
  readonly kind: 'boxed set' | 'blind bag' | 'magazine gift' | 'book gift' | 'build-your-own' | 'event exclusive';
  readonly range: string;
  readonly year: number;
}

/** A figure as the maker sold it. `person` names who it is, when it is somebody. */
export interface OfficialFigure {
  readonly id: string;
  readonly name: string;
  readonly source: string;
  readonly person?: string | undefined;
  readonly parts: readonly { readonly position: Position; readonly variant: string; readonly turned: boolean }[];
}

export interface CatalogueData {
  readonly colours: readonly Colour[];
  readonly motifs: readonly Motif[];
  readonly moulds: readonly Mould[];
  readonly prints: readonly Print[];
  readonly variants: readonly Variant[];
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
  private readonly headsByPerson = new Map<string, Set<string>>();

  constructor(data: CatalogueData) {
    this.data = data;
    this.colours = index(data.colours, (row) => row.id);
    this.motifs = index(data.motifs, (row) => row.id);
    this.moulds = index(data.moulds, (row) => row.number);
    this.prints = index(data.prints, (row) => row.id);
    this.variants = index(data.variants, (row) => row.id);
    for (const figure of data.officialFigures) {
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

  variant(id: string): Variant {
    return found(this.variants.get(id), 'variant', id);
  }

  has(variantId: string): boolean {
    return this.variants.has(variantId);
  }

  mouldOf(variant: Variant): Mould {
    return this.mould(variant.mould);
  }

  printOf(variant: Variant): Print | null {
    return variant.print === undefined ? null : found(this.prints.get(variant.print), 'print', variant.print);
  }

  motifName(id: string): string {
    return this.motifs.get(id)?.name ?? id;
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
