import { type Colour, colourDifference, paletteOrder } from '../colour/index.js';
import type { Catalogue } from './catalogue.js';
import type { Mould, Variant } from './entries.js';

/** What is known of a mould in a colour: variants made, variants only imagined, or nothing. */
export interface ColourCell {
  readonly colour: Colour;
  readonly made: readonly Variant[];
  readonly imagined: readonly Variant[];
}

export type Existence = 'made' | 'imagined' | 'never';

/** Whether a mould exists in a colour: made outranks imagined; *never* when nobody has seen or pictured it. */
export const existence = (cell: ColourCell): Existence => (cell.made.length > 0 ? 'made' : cell.imagined.length > 0 ? 'imagined' : 'never');

/**
 * The colour a variant is known by: its hair where its mould has any, else its first. Throws RangeError when the catalogue lacks it.
 */
export function mainColourOf(variant: Variant, catalogue: Catalogue): Colour {
  return catalogue.colourAt(variant, catalogue.mouldOf(variant).hairColour ?? 0);
}

/**
 * One mould over the whole palette: a cell for every colour, in the order of the palette, with the variants made and imagined in it;
 * doubles left out. Cells without variants are colours nobody has seen it in.
 */
export function coloursOfMould(mould: Mould, catalogue: Catalogue): readonly ColourCell[] {
  const variants = catalogue.variantsOf(mould.number);
  return [...catalogue.data.colours].sort(paletteOrder).map((colour) => {
    const inColour = variants.filter((variant) => mainColourOf(variant, catalogue).id === colour.id);
    return { colour, made: inColour.filter((variant) => variant.made), imagined: inColour.filter((variant) => !variant.made) };
  });
}

/** The other way round: every mould that exists in a colour, made or imagined, in the order of the catalogue. */
export function mouldsInColour(colour: Colour, catalogue: Catalogue): readonly { readonly mould: Mould; readonly cell: ColourCell }[] {
  const byMould = new Map<string, Variant[]>();
  for (const variant of catalogue.data.variants)
    if (!variant.mergedInto && mainColourOf(variant, catalogue).id === colour.id)
      byMould.set(variant.mould, [...(byMould.get(variant.mould) ?? []), variant]);
  return [...byMould].map(([number, variants]) => ({
    mould: catalogue.mould(number),
    cell: { colour, made: variants.filter((variant) => variant.made), imagined: variants.filter((variant) => !variant.made) },
  }));
}

/** A made variant of the same mould in another colour, and how far that colour is off. */
export interface NearColour {
  readonly variant: Variant;
  readonly colour: Colour;
  readonly deltaE: number;
}

/**
 * The made variants of a mould nearest to a colour, by ΔE (CIEDE2000 and 5 for another finish), nearest first; one for each colour,
 * plain ones before printed. Equal distances go by id.
 */
export function nearestMade(mould: Mould, wanted: Colour, catalogue: Catalogue, most = 6): readonly NearColour[] {
  const best = new Map<string, NearColour>();
  for (const variant of catalogue.variantsOf(mould.number)) {
    if (!variant.made) continue;
    const colour = mainColourOf(variant, catalogue);
    const known = best.get(colour.id);
    if (known && !(known.variant.print && !variant.print)) continue;
    best.set(colour.id, { variant, colour, deltaE: colourDifference(colour, wanted) });
  }
  return [...best.values()].sort((a, b) => a.deltaE - b.deltaE || (a.variant.id < b.variant.id ? -1 : 1)).slice(0, most);
}

/**
 * Other variants that show the same motifs, on whatever mould: which ones they share, most shared first. Those with the very same print
 * are left out: they are the same picture, not another part with it. Empty for a variant that shows none.
 */
export function sameMotifs(
  variant: Variant,
  catalogue: Catalogue,
  most = 6,
): readonly { readonly variant: Variant; readonly shared: readonly string[] }[] {
  const motifs = motifsOf(variant, catalogue);
  if (motifs.size === 0) return [];
  return catalogue.data.variants
    .filter((other) => other.id !== variant.id && !other.mergedInto && other.print !== variant.print)
    .map((other) => ({ variant: other, shared: [...motifsOf(other, catalogue)].filter((motif) => motifs.has(motif)) }))
    .filter((row) => row.shared.length > 0)
    .sort((a, b) => b.shared.length - a.shared.length || (a.variant.id < b.variant.id ? -1 : 1))
    .slice(0, most);
}

/** What a variant shows: the motifs of its print and those its shape is. */
export function motifsOf(variant: Variant, catalogue: Catalogue): ReadonlySet<string> {
  const printed = catalogue.printOf(variant)?.motifs.map((motif) => motif.motif) ?? [];
  return new Set([...printed, ...catalogue.mouldOf(variant).motifs]);
}

const UNNAMED = ['main colour', 'second colour', 'third colour'] as const;

/** What a mould's colour at an index is the colour of, in words: its own name for it, its hair or skin, or which of its colours. */
export const colourNameOf = ({ colourNames, hairColour, skinColour }: Mould, index: number): string =>
  colourNames?.[index] ?? (index === hairColour ? 'hair' : index === skinColour ? 'skin' : (UNNAMED[index] ?? `colour ${index + 1}`));
