import { entryAt } from '../kernel/index.js';
import { type CatalogueData, type Variant, variantIdOf } from './entries.js';

/**
 * Variants in columns, in their order. Whatever comes again and again is said once and named by its place; a variant's id follows
 * from the rest of it. 60,000 variants are an eighth of the size of their rows.
 */
export interface PackedVariants {
  /** Numbers of moulds, and how many variants in a row are of each. */
  readonly moulds: readonly string[];
  readonly counts: readonly number[];
  /** Every list of colours there is. */
  readonly colourLists: readonly (readonly string[])[];
  readonly prints: readonly string[];
  /** Every pair of years in which something was made. */
  readonly years: readonly { readonly from: number; readonly until: number }[];
  /** Of each variant: which list of colours; which print and which years, counted from 1, with 0 for none. */
  readonly colours: readonly number[];
  readonly print: readonly number[];
  readonly made: readonly number[];
  /** Variants that say more than the columns can, as they are, by their row: doubles, and ids from elsewhere. */
  readonly others: readonly { readonly row: number; readonly variant: Variant }[];
}

/** A catalogue as it is sent to a browser. */
export type PackedCatalogue = Omit<CatalogueData, 'variants'> & { readonly variants: PackedVariants };

/** More than any year. */
const FAR_OFF = 100_000;

/** Names things by the place they were first seen at. */
class Places<T, Key> {
  readonly things: T[] = [];
  private readonly places = new Map<Key, number>();

  of(key: Key, thing: T): number {
    let place = this.places.get(key);
    if (place === undefined) {
      place = this.things.push(thing) - 1;
      this.places.set(key, place);
    }
    return place;
  }
}

/** Puts variants into columns, some at a time: whoever has other things to do can do them between. */
export class VariantPacker {
  private readonly moulds: string[] = [];
  private readonly counts: number[] = [];
  private readonly lists = new Places<readonly string[], string>();
  private readonly prints = new Places<string, string>();
  private readonly years = new Places<NonNullable<Variant['made']>, number>();
  private readonly rows = { colours: [] as number[], print: [] as number[], made: [] as number[] };
  private readonly others: { readonly row: number; readonly variant: Variant }[] = [];

  /** Adds the next variants. */
  add(variants: readonly Variant[]): void {
    const { moulds, counts, lists, prints, years, rows } = this;
    for (const variant of variants) {
      const { id, mould, colours, print, made, mergedInto } = variant;
      if (moulds.at(-1) !== mould) {
        moulds.push(mould);
        counts.push(0);
      }
      counts.push((counts.pop() ?? 0) + 1);
      const row = rows.colours.push(lists.of(colours.join('+'), colours)) - 1;
      rows.print.push(print === undefined ? 0 : prints.of(print, print) + 1);
      rows.made.push(made === undefined ? 0 : years.of(made.from * FAR_OFF + made.until, made) + 1);
      if (mergedInto !== undefined || id !== variantIdOf(mould, colours, print)) this.others.push({ row, variant });
    }
  }

  pack(): PackedVariants {
    const { moulds, counts, lists, prints, years, rows, others } = this;
    return { moulds, counts, colourLists: lists.things, prints: prints.things, years: years.things, ...rows, others };
  }
}

/** Puts a catalogue's variants into columns; `unpackCatalogue` gives the same catalogue back. */
export function packCatalogue({ variants, ...rest }: CatalogueData): PackedCatalogue {
  const packer = new VariantPacker();
  packer.add(variants);
  return { ...rest, variants: packer.pack() };
}

/** A variant under the id `variantIdOf` gives, without joining the same colours sixty thousand times, each row in one piece. */
function variantOf(mould: string, colours: readonly string[], text: string, print: string | undefined, made: Variant['made']): Variant {
  const id = print === undefined ? `${mould}·${text}` : `${mould}·${text}·${print}`;
  if (print === undefined) return made === undefined ? { id, mould, colours } : { id, mould, colours, made };
  return made === undefined ? { id, mould, colours, print } : { id, mould, colours, print, made };
}

/** A catalogue out of its columns. */
export function unpackCatalogue({ variants: packed, ...rest }: PackedCatalogue): CatalogueData {
  const variants: Variant[] = [];
  const lists = packed.colourLists.map((colours) => ({ colours, text: colours.join('+') }));
  for (const [run, mould] of packed.moulds.entries())
    for (const end = variants.length + entryAt(packed.counts, run); variants.length < end;) {
      const row = variants.length;
      const { colours, text } = lists[packed.colours[row] ?? -1] ?? { colours: [], text: '' };
      const print = packed.prints[entryAt(packed.print, row) - 1];
      const made = packed.years[entryAt(packed.made, row) - 1];
      variants.push(variantOf(mould, colours, text, print, made));
    }
  for (const { row, variant } of packed.others) variants[row] = variant;
  return { ...rest, variants };
}
