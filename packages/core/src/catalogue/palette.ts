import { labDifference, type Colour, type ColourReading, labOf, readDifference } from '../colour/index.js';
import type { Catalogue } from './catalogue.js';
import type { Mould } from './entries.js';
import { coloursOfMould, existence, type Existence } from './mouldColours.js';

/** A palette colour near to a sampled one, and in which of the moulds in play it exists. */
export interface PaletteMatch {
  readonly colour: Colour;
  readonly deltaE: number;
  readonly reading: ColourReading;
  readonly moulds: readonly { readonly mould: Mould; readonly existence: Existence }[];
}

/**
 * The palette colours nearest to a sampled colour, with which of the given moulds were made in each. Skins are left out
 * where nothing bare was sampled.
 */
export function nearestPalette(
  hex: string,
  moulds: readonly Mould[],
  catalogue: Catalogue,
  { skins = true, most = 5 }: { readonly skins?: boolean; readonly most?: number } = {},
): readonly PaletteMatch[] {
  const cells = moulds.map((mould) => ({ mould, cells: new Map(coloursOfMould(mould, catalogue).map((cell) => [cell.colour.id, cell])) }));
  const lab = labOf(hex);
  return catalogue.data.colours
    .filter((colour) => skins || colour.kind !== 'skin')
    .map((colour) => ({ colour, deltaE: labDifference(lab, labOf(colour.hex)) }))
    .sort((a, b) => a.deltaE - b.deltaE)
    .slice(0, most)
    .map(({ colour, deltaE }) => ({
      colour,
      deltaE,
      reading: readDifference(deltaE),
      moulds: cells.map(({ mould, cells: byColour }) => {
        const cell = byColour.get(colour.id);
        return { mould, existence: cell ? existence(cell) : 'never' };
      }),
    }));
}
