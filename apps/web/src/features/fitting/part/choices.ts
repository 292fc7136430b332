import { type Catalogue, type Colour, colourDifference, paletteOrder, type Variant, variantIdOf } from '@outfit/core';

/** A part in one colour of the palette: as it exists, or as it is only pictured. */
export interface ColourChoice {
  readonly colour: Colour;
  readonly variant: Variant;
  readonly state: 'made' | 'pictured' | 'never';
  /** How far the colour is from the one that is on, in ΔE. */
  readonly deltaE: number;
}

const ORDER = { made: 0, pictured: 1, never: 2 } as const;

/** A part in every other colour of the palette, in one of its elements: what exists first, and the nearest to what is on first of those. */
export function colourChoices(variant: Variant, element: number, catalogue: Catalogue): readonly ColourChoice[] {
  const worn = catalogue.colourAt(variant, element);
  const { made: _, ...unmade } = variant;
  return [...catalogue.data.colours]
    .sort(paletteOrder)
    .map((colour): ColourChoice => {
      const colours = variant.colours.map((other, i) => (i === element ? colour.id : other));
      const id = variantIdOf(variant.mould, colours, variant.print);
      const known = catalogue.has(id) ? catalogue.variant(id) : null;
      return {
        colour,
        variant: known ?? { ...unmade, id, colours },
        state: known?.made ? 'made' : known ? 'pictured' : 'never',
        deltaE: colourDifference(worn, colour),
      };
    })
    .filter((choice) => choice.colour.id !== worn.id)
    .sort((a, b) => ORDER[a.state] - ORDER[b.state] || a.deltaE - b.deltaE);
}
