import type { Catalogue, CatalogueKind } from '@outfit/core';
import type { Written } from './store.js';

/** Kinds whose words stand in the search documents of many variants. */
const SHARED_WORDS: readonly CatalogueKind[] = ['colours', 'motifs', 'moulds', 'prints', 'sources', 'bundles', 'officialFigures'];

/** The sentence a planner reads when an imagined part turned out to be made. */
export const nowMade = (id: string, catalogue: Catalogue): string => {
  const variant = catalogue.variant(id);
  return `${catalogue.nameOf(variant)} exists: made ${variant.made ? `${variant.made.from}–${variant.made.until}` : ''}. You planned it as imagined.`;
};

/** Which variants' search documents are stale: the written ones, and all that share words with what was written. */
export function toIndex(written: Written, catalogue: Catalogue): readonly string[] | null {
  const touched = (kind: CatalogueKind): readonly string[] => [...written.added[kind], ...written.changed[kind]];
  const shared = SHARED_WORDS.filter(
    (kind) =>
      written.changed[kind].length > 0 || (kind !== 'colours' && kind !== 'prints' && kind !== 'moulds' && touched(kind).length > 0),
  );
  if (shared.length > 1 || shared.some((kind) => kind !== 'moulds' && kind !== 'prints')) return null;
  const moulds = new Set(touched('moulds'));
  const prints = new Set(touched('prints'));
  const stale = catalogue.data.variants.filter((row) => moulds.has(row.mould) || (row.print !== undefined && prints.has(row.print)));
  return [...new Set([...touched('variants'), ...stale.map((row) => row.id)])];
}
