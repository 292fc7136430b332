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

/** The place of each text among all of them in order. */
function orderOf(texts: readonly string[]): Int32Array {
  const places = new Int32Array(texts.length);
  // As a rule they come in order already, and sixty thousand are not sorted again.
  if (texts.every((text, i) => i === 0 || (texts[i - 1] ?? '') < text)) return places.map((_, i) => i);
  texts
    .map((text, i) => ({ text, i }))
    .sort((a, b) => (a.text < b.text ? -1 : 1))
    .forEach(({ i }, place) => (places[i] = place));
  return places;
}

function build(catalogue: Catalogue): VariantFacets {
  const { variants, colours, prints } = catalogue.data;
  const colourRow = new Map(colours.map((colour, i) => [colour.id, i]));
  const printRow = new Map(prints.map((print, i) => [print.id, i]));
  const mouldRow = new Map(catalogue.data.moulds.map((mould, i) => [mould.number, i]));
  const column = (of: (variant: Variant) => number | undefined): Int32Array => Int32Array.from(variants, (variant) => of(variant) ?? -1);
  const colourAt = (variant: Variant, index: number | undefined): number | undefined =>
    index === undefined ? undefined : colourRow.get(variant.colours[index] ?? '');
  const tuples = new Map<string, number>();
  const tupleOf = (variant: Variant): number => {
    const key = variant.colours.join('+');
    const tuple = tuples.get(key) ?? tuples.size;
    tuples.set(key, tuple);
    return tuple;
  };
  const eachColour = new Int32Array(variants.length * COLOURS_OF_ROW).fill(-1);
  const rowsOfMould = new Map<string, number[]>();
  variants.forEach((variant, row) => {
    variant.colours.slice(0, COLOURS_OF_ROW).forEach((id, i) => (eachColour[row * COLOURS_OF_ROW + i] = colourRow.get(id) ?? -1));
    if (variant.mergedInto !== undefined) return;
    const rows = rowsOfMould.get(variant.mould);
    if (rows) rows.push(row);
    else rowsOfMould.set(variant.mould, [row]);
  });
  return {
    print: column((variant) => (variant.print === undefined ? undefined : printRow.get(variant.print))),
    mould: column((variant) => mouldRow.get(variant.mould)),
    base: column((variant) => colourAt(variant, 0)),
    hair: column((variant) => colourAt(variant, catalogue.mouldOf(variant).hairColour)),
    skin: column((variant) => colourAt(variant, catalogue.mouldOf(variant).skinColour)),
    colours: column(tupleOf),
    eachColour,
    rowsOfMould,
    colourCount: colours.length,
    printCount: prints.length,
    idOrder: orderOf(variants.map((variant) => variant.id)),
    skinPrints: new Set(prints.flatMap((print, i) => (hasSkin(print, catalogue) ? [i] : []))),
    frontOnly: new Set(
      prints.flatMap((print, i) => (print.motifs.every((motif) => motif.face !== 'front') || goesRound(print) ? [] : [i])),
    ),
  };
}
