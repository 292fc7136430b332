import { P40, type System } from '../anatomy/index.js';
import type { Colour } from '../colour/index.js';
import type { CatalogueData, Motif, Mould, OfficialFigure, Print, Variant } from './entries.js';

/**
 * The parts one official figure is taken to pieces into: variant id to how many of it.
 *
 * For example: a figure with two left-and-right alike arms gives { arm → 2, … }.
 */
export function piecesOf(figure: OfficialFigure): ReadonlyMap<string, number> {
  const pieces = new Map<string, number>();
  for (const part of figure.parts) pieces.set(part.variant, (pieces.get(part.variant) ?? 0) + 1);
  return pieces;
}

function index<T>(rows: readonly T[], key: (row: T) => string): ReadonlyMap<string, T> {
  const found = new Map<string, T>();
  for (const row of rows) found.set(key(row), row);
  return found;
}

/** The catalogue with its look-ups. Unknown names throw: data that refers to nothing is a defect upstream. */
export class Catalogue {
  readonly data: CatalogueData;
  private readonly colours: ReadonlyMap<string, Colour>;
  private readonly motifs: ReadonlyMap<string, Motif>;
  private readonly moulds: ReadonlyMap<string, Mould>;
  private readonly prints: ReadonlyMap<string, Print>;
  private readonly rows: ReadonlyMap<string, number>;
  private readonly byMould = new Map<string, Variant[]>();
  private readonly doubles = new Map<string, string[]>();
  private readonly headsByPerson = new Map<string, Set<string>>();
  private pictured: Variant | null = null;

  constructor(data: CatalogueData) {
    const rows = new Map<string, number>();
    for (let row = 0; row < data.variants.length; row += 1) rows.set(data.variants[row]?.id ?? '', row);
    this.rows = rows;
    this.data = data;
    this.data = this.withoutDoubles(data);
    this.colours = index(data.colours, (row) => row.id);
    this.motifs = index(data.motifs, (row) => row.id);
    this.moulds = index(data.moulds, (row) => row.number);
    this.prints = index(data.prints, (row) => row.id);
    for (const variant of data.variants) {
      if (variant.mergedInto) {
        const kept = this.resolve(variant.id);
        this.doubles.set(kept, [...(this.doubles.get(kept) ?? []), variant.id]);
        continue;
      }
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

  /**
   * The toy line a figure belongs to: the one its brief names, else the workspace's first. A catalogue that says nothing of systems, as
   * files of somebody else's do, is of the one Outfit brings along.
   */
  systemOf(brief: { readonly system?: string | undefined }): System {
    const { systems } = this.data;
    return systems.find(({ id }) => id === brief.system) ?? systems[0] ?? P40;
  }

  colour(id: string): Colour {
    return foundOrThrow(this.colours.get(id), 'colour', id);
  }

  /** A part's colour by its index; one that was written down with fewer colours is in its first there too. */
  colourAt({ colours }: Pick<Variant, 'colours'>, index: number): Colour {
    return this.colour(colours[index] ?? colours[0] ?? '');
  }

  mould(number: string): Mould {
    return foundOrThrow(this.moulds.get(number), 'mould', number);
  }

  /** A variant by its id; a double that was merged gives the one it was merged into. */
  variant(id: string): Variant {
    let variant = foundOrThrow(this.asEntered(id), 'variant', id);
    for (let step = 0; variant.mergedInto !== undefined; step += 1) {
      if (step > this.rows.size) throw new RangeError(`${id} is merged in a circle`);
      variant = foundOrThrow(this.asEntered(variant.mergedInto), 'variant', variant.mergedInto);
    }
    return variant;
  }

  /** The id a variant is known by now: another's when it was a double. Unknown ids stay as they are. */
  resolve(id: string): string {
    return this.asEntered(id)?.mergedInto === undefined ? id : this.variant(id).id;
  }

  /** The row of `data.variants` that a variant stands in, doubles too; undefined when there is none. */
  rowOf(id: string): number | undefined {
    return this.rows.get(id);
  }

  /**
   * The same catalogue knowing one more variant by its id, such as one that is only pictured. It stands in no list: not among the rows,
   * nor among the variants of its mould.
   */
  withVariant(variant: Variant): Catalogue {
    if (this.has(variant.id)) return this;
    const wider = Object.create(this) as Catalogue;
    wider.pictured = variant;
    return wider;
  }

  private asEntered(id: string): Variant | undefined {
    if (this.pictured?.id === id) return this.pictured;
    return this.data.variants[this.rows.get(id) ?? -1];
  }

  /** Every id a variant goes by: its own first, then those of the doubles that were merged into it. */
  namesOf(id: string): readonly string[] {
    return [id, ...(this.doubles.get(id) ?? [])];
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
    return this.rows.has(variantId) || this.pictured?.id === variantId;
  }

  mouldOf(variant: Variant): Mould {
    return this.mould(variant.mould);
  }

  print(id: string): Print {
    return foundOrThrow(this.prints.get(id), 'print', id);
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

  /**
   * How far a shown motif answers a wanted one: 1 when it is that motif or a child of it (a stamp badge is a badge), 0.6 when it is
   * its parent or a sibling, else 0.
   */
  motifMatch(wanted: string, shown: string): number {
    if (this.isMotif(shown, wanted)) return 1;
    const parent = this.motifs.get(wanted)?.parent;
    return parent !== undefined && (parent === shown || parent === this.motifs.get(shown)?.parent) ? 0.6 : 0;
  }

  /** Is a motif the wanted one, or one of its children, however far down? */
  isMotif(shown: string, wanted: string): boolean {
    for (let at: string | undefined = shown; at !== undefined; at = this.motifs.get(at)?.parent) if (at === wanted) return true;
    return false;
  }

  /** Has this head been used officially for the named person? */
  isHeadOf(person: string, headVariant: string): boolean {
    return this.headsByPerson.get(person)?.has(headVariant) ?? false;
  }
}

function foundOrThrow<T>(row: T | undefined, kind: string, id: string): T {
  if (row === undefined) throw new RangeError(`There is no ${kind} "${id}" in the catalogue`);
  return row;
}
