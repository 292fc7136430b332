import type { Catalogue } from '@outfit/core';

/** The name of a purchasable item: a part's own, or the official figure it is bought as. */
export function itemName(item: string, catalogue: Catalogue): string {
  if (catalogue.has(item)) return catalogue.nameOf(catalogue.variant(item));
  const figure = catalogue.data.officialFigures.find((row) => item === `figure ${row.id}`);
  const source = catalogue.data.sources.find((row) => row.yields.some((line) => line.kind === 'figure' && line.item === figure?.id));
  return figure ? `${figure.name}, whole figure${source ? ` (${source.id})` : ''}` : item;
}
