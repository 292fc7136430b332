import type { Catalogue, Print, Variant } from '../../catalogue/index.js';

/**
 * A made variant that is what a piece becomes when print is taken off it: the same mould and colours with the print that is left. Null when it
 * was never made so.
 */
export function madeSo(variant: Variant, printLeft: Print | null, catalogue: Catalogue): Variant | null {
  const left = new Set(printLeft?.motifs.map((motif) => motif.motif));
  const same = (other: Variant): boolean => {
    const motifs = catalogue.printOf(other)?.motifs ?? [];
    return (
      other.colours.every((colour, i) => colour === variant.colours[i]) &&
      motifs.length === (printLeft?.motifs.length ?? 0) &&
      motifs.every((motif) => left.has(motif.motif))
    );
  };
  return catalogue.variantsOf(variant.mould).find((other) => other.made !== undefined && other.id !== variant.id && same(other)) ?? null;
}
