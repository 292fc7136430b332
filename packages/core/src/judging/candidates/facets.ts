import type { Catalogue, Print, Variant } from '../../catalogue/index.js';

/** Small whole numbers for everything of a variant that ranking looks at, by its row in the catalogue. −1 stands for none. */
export interface VariantFacets {
  readonly print: Int32Array;
  /** The place of its mould among the moulds. */
  readonly mould: Int32Array;
  readonly base: Int32Array;
  /** Places of the ids in alphabetical order. */
  readonly idOrder: Int32Array;
  /** Prints with a motif on the front alone, by their number. */
  readonly frontOnly: ReadonlySet<number>;
  /** Prints with skin in them, by their number. */
  readonly skinPrints: ReadonlySet<number>;
  readonly hair: Int32Array;
  readonly skin: Int32Array;
  /** The same number for the same colours in the same order. */
  readonly colours: Int32Array;
  /** Each colour of each row, up to three, −1 where there is none. */
  readonly eachColour: Int32Array;
  readonly rowsOfMould: ReadonlyMap<string, readonly number[]>;
  readonly colourCount: number;
  readonly printCount: number;
}

export const COLOURS_OF_ROW = 3;

const known = new WeakMap<Catalogue, VariantFacets>();

/** Facets of a catalogue, worked out once. */
export function facetsOf(catalogue: Catalogue): VariantFacets {
  let facets = known.get(catalogue);
  if (!facets) known.set(catalogue, (facets = build(catalogue)));
  return facets;
}

/** Is every motif also on another face than the front? */
const goesRound = ({ motifs }: Print): boolean =>
  motifs.every((motif) => motif.face !== 'front' || motifs.some((other) => other.motif === motif.motif && other.face !== 'front'));

const hasSkin = ({ motifs }: Print, catalogue: Catalogue): boolean =>
  motifs.some((motif) => motif.colours.some((id) => catalogue.colour(id).kind === 'skin'));

/** The place of each variant's id among all of them in order. */
function orderOf(variants: readonly Variant[]): Int32Array {
  const places = new Int32Array(variants.length);
  let isInOrder = true;
  for (let row = 1; row < variants.length && isInOrder; row += 1) isInOrder = (variants[row - 1]?.id ?? '') < (variants[row]?.id ?? '');
  // As a rule they come in order already, and sixty thousand are not sorted again.
  if (isInOrder) return places.map((_, row) => row);
  variants
    .map(({ id }, row) => ({ id, row }))
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .forEach(({ row }, place) => (places[row] = place));
  return places;
}

/** Numbers things by the order in which they are first seen. */
class Numbers<T> {
  private readonly numbers = new Map<T, number>();

  of(thing: T): number {
    let number = this.numbers.get(thing);
    if (number === undefined) this.numbers.set(thing, (number = this.numbers.size));
    return number;
  }
}

/** One pass over the variants: there may be sixty thousand, and a page waits for it. */
function build(catalogue: Catalogue): VariantFacets {
  const { variants, colours, prints, moulds } = catalogue.data;
  const colourRow = new Map(colours.map((colour, i) => [colour.id, i]));
  const printRow = new Map(prints.map((print, i) => [print.id, i]));
  const mouldRow = new Map(moulds.map((mould, i) => [mould.number, i]));
  const column = (): Int32Array => new Int32Array(variants.length).fill(-1);
  const columns = { print: column(), mould: column(), base: column(), hair: column(), skin: column(), colours: column() };
  const eachColour = new Int32Array(variants.length * COLOURS_OF_ROW).fill(-1);
  const rowsOfMould = new Map<string, number[]>();
  const texts = new Numbers<string>();
  // A catalogue that was sent shares its lists of colours; each is put into words once.
  const lists = new Map<readonly string[], { readonly tuple: number; readonly rows: readonly number[] }>();
  const listOf = (ids: readonly string[]): { readonly tuple: number; readonly rows: readonly number[] } => {
    let list = lists.get(ids);
    if (!list) lists.set(ids, (list = { tuple: texts.of(ids.join('+')), rows: ids.map((id) => colourRow.get(id) ?? -1) }));
    return list;
  };
  for (let row = 0; row < variants.length; row += 1) {
    const variant = variants[row];
    if (!variant) continue;
    const { mould: number, print } = variant;
    const { tuple, rows } = listOf(variant.colours);
    const at = mouldRow.get(number) ?? -1;
    columns.mould[row] = at;
    columns.colours[row] = tuple;
    if (print !== undefined) columns.print[row] = printRow.get(print) ?? -1;
    columns.base[row] = rows[0] ?? -1;
    columns.hair[row] = rowAt(rows, moulds[at]?.hairColour);
    columns.skin[row] = rowAt(rows, moulds[at]?.skinColour);
    for (let i = 0; i < COLOURS_OF_ROW; i += 1) eachColour[row * COLOURS_OF_ROW + i] = rows[i] ?? -1;
    if (variant.mergedInto !== undefined) continue;
    const known = rowsOfMould.get(number);
    if (known) known.push(row);
    else rowsOfMould.set(number, [row]);
  }
  return {
    ...columns,
    eachColour,
    rowsOfMould,
    colourCount: colours.length,
    printCount: prints.length,
    idOrder: orderOf(variants),
    skinPrints: new Set(prints.flatMap((print, i) => (hasSkin(print, catalogue) ? [i] : []))),
    frontOnly: new Set(
      prints.flatMap((print, i) => (print.motifs.every((motif) => motif.face !== 'front') || goesRound(print) ? [] : [i])),
    ),
  };
}

/** The colour at an index as `Catalogue.colourAt` has it: a part with fewer colours is in its first there too; -1 for none. */
const rowAt = (rows: readonly number[], index: number | undefined): number => (index === undefined ? -1 : (rows[index] ?? rows[0] ?? -1));
