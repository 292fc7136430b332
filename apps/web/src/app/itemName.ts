import type { Catalogue, YieldKind } from '@outfit/core';

/** The name of a thing that can be bought: a part's own, or what it is bought as. */
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

/** Where the prices of a thing are told. */
export const toPrices = (kind: YieldKind, item: string): string => `/market/prices/${kind}/${encodeURIComponent(item)}`;
