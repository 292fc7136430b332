import type { Catalogue } from './catalogue.js';
import type { YieldKind } from './entries.js';

/**
 * The name of a thing that can be bought, as lists show it and searches look through it: a part's own, or what it is bought as. What
 * the catalogue does not have goes by its number.
 *
 * For example: itemName({ kind: 'figure', item: 'LR-05-a' }, catalogue) gives 'Judge, whole figure (LR-05-a)'.
 */
export function itemName({ kind, item }: { readonly kind: YieldKind; readonly item: string }, catalogue: Catalogue): string {
  const { sources, officialFigures, bundles } = catalogue.data;
  switch (kind) {
    case 'variant':
      return catalogue.has(item) ? catalogue.nameOf(catalogue.variant(item)) : item;
    case 'figure': {
      const figure = officialFigures.find((row) => row.id === item);
      return figure ? `${figure.name}, whole figure (${item})` : item;
    }
    case 'source': {
      const source = sources.find((row) => row.id === item);
      return source ? `${source.name}, ${source.kind} (${item})` : item;
    }
    case 'bundle': {
      const bundle = bundles.find((row) => row.id === item);
      return bundle ? `${bundle.name}, joined (${item})` : item;
    }
  }
}
