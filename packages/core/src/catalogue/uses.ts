import type { Catalogue } from './catalogue.js';
import { holdersOf } from './holders.js';
import type { CatalogueKind } from './rows.js';

/** How many entries of a kind name another. */
export interface Use {
  readonly by: CatalogueKind;
  readonly count: number;
}

/**
 * What in the catalogue itself names an entry, by kind, in the order of the kinds; empty when nothing does. A double that was merged
 * counts as a use of what it was merged into.
 */
export function usesOf(kind: CatalogueKind, key: string, catalogue: Catalogue): readonly Use[] {
  const { data } = catalogue;
  const count = <T>(rows: readonly T[], names: (row: T) => boolean): number => rows.filter(names).length;
  const uses: Readonly<Record<CatalogueKind, () => readonly Use[]>> = {
    // Briefs name systems, and no entry does.
    systems: () => [],
    colours: () => [
      { by: 'prints', count: count(data.prints, (print) => print.motifs.some((motif) => motif.colours.includes(key))) },
      { by: 'variants', count: count(data.variants, (variant) => variant.colours.includes(key)) },
    ],
    motifs: () => [
      { by: 'motifs', count: count(data.motifs, (motif) => motif.id !== key && (motif.parent === key || motif.continues === key)) },
      { by: 'moulds', count: count(data.moulds, (mould) => mould.motifs.includes(key)) },
      { by: 'prints', count: count(data.prints, (print) => print.motifs.some((motif) => motif.motif === key)) },
    ],
    moulds: () => [{ by: 'variants', count: count(data.variants, (variant) => variant.mould === key) }],
    prints: () => [{ by: 'variants', count: count(data.variants, (variant) => variant.print === key) }],
    variants: () => {
      const holders = holdersOf(catalogue.resolve(key), catalogue);
      return [
        { by: 'variants', count: count(data.variants, (variant) => variant.mergedInto === key) },
        { by: 'bundles', count: count(holders, (holder) => holder.kind === 'bundle') },
        { by: 'officialFigures', count: count(holders, (holder) => holder.kind === 'figure') },
        { by: 'sources', count: count(data.sources, (source) => source.yields.some((row) => row.kind === 'variant' && row.item === key)) },
      ];
    },
    bundles: () => [
      { by: 'sources', count: count(data.sources, (source) => source.yields.some((row) => row.kind === 'bundle' && row.item === key)) },
    ],
    officialFigures: () => [
      { by: 'sources', count: count(data.sources, (source) => source.yields.some((row) => row.kind === 'figure' && row.item === key)) },
    ],
    sources: () => [
      { by: 'sources', count: count(data.sources, (source) => source.yields.some((row) => row.kind === 'source' && row.item === key)) },
    ],
  };
  return uses[kind]().filter((use) => use.count > 0);
}
