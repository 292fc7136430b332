import type { Catalogue } from '../../catalogue/index.js';
import { type Colour, colourDifference } from '../../colour/index.js';
import { type Look, wornParts } from '../look/index.js';

/** The worn colour nearest to a wanted one, of parts and of their prints, with its ΔE; null when nothing is worn. */
export function nearestWornTo(
  wanted: Colour,
  look: Look,
  catalogue: Catalogue,
): { readonly colour: Colour; readonly deltaE: number } | null {
  let best: { colour: Colour; deltaE: number } | null = null;
  for (const { variant } of wornParts(look, catalogue)) {
    const printed = catalogue.printOf(variant)?.motifs.flatMap((motif) => motif.colours) ?? [];
    for (const id of [...variant.colours, ...printed]) {
      const colour = catalogue.colour(id);
      const deltaE = colourDifference(wanted, colour);
      if (!best || deltaE < best.deltaE) best = { colour, deltaE };
    }
  }
  return best;
}
