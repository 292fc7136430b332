import { type Catalogue, type Variant, variantIdOf } from '../../catalogue/index.js';
import { type Colour, colourDifference, type SkinSchool } from '../../colour/index.js';
import type { Look, LookPart } from './look.js';

/** The same look in one skin, and what that took. */
export interface Edition {
  readonly parts: readonly LookPart[];
  readonly skin: Colour;
  /** Variants nobody has made yet, that this edition would have to imagine. */
  readonly imagined: readonly Variant[];
}

/**
 * The skins of a school that a look could be kept in, the nearest to its face first by ΔE; in the palette's order without a head.
 */
export function skinsFor(look: Look, school: SkinSchool, catalogue: Catalogue): readonly Colour[] {
  const head = look.parts.find((part) => part.position === 'head');
  const now = head && catalogue.colourAt(catalogue.variant(head.variant), 0);
  const skins = catalogue.data.colours.filter((colour) => colour.kind === 'skin' && colour.skinSchool === school);
  return now ? [...skins].sort((a, b) => colourDifference(a, now) - colourDifference(b, now)) : skins;
}

/**
 * The edition of a look in one skin: every part whose plastic is skin is swapped for the same mould and print in that
 * skin. A part that was never made so is imagined; the caller adds those to the catalogue.
 */
export function editionIn(look: Look, skin: Colour, catalogue: Catalogue): Edition {
  const imagined = new Map<string, Variant>();
  const parts = look.parts.map((part): LookPart => {
    const variant = catalogue.variant(part.variant);
    const at = catalogue.mouldOf(variant).skinColour;
    const now = at === undefined ? undefined : catalogue.colourAt(variant, at);
    if (at === undefined || now?.kind !== 'skin' || now.id === skin.id) return part;
    const colours = variant.colours.map((id, i) => (i === at ? skin.id : id));
    const id = variantIdOf(variant.mould, colours, variant.print);
    if (!catalogue.has(id))
      imagined.set(id, { id, mould: variant.mould, colours, ...(variant.print === undefined ? {} : { print: variant.print }) });
    return { ...part, variant: id };
  });
  return { parts, skin, imagined: [...imagined.values()] };
}
