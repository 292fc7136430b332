import { type Catalogue, type Source, sourcesByVariant, type VariantYield } from '@outfit/core';
import { useWorkspace } from '@/workspace';

type Found = readonly { readonly source: Source; readonly found: VariantYield }[];

const made = new WeakMap<Catalogue, ReadonlyMap<string, Found>>();

/** Which sources yield a variant; worked out once for a catalogue. */
export function useSources(): (variant: string) => Found {
  const { catalogue } = useWorkspace();
  let by = made.get(catalogue);
  if (!by) made.set(catalogue, (by = sourcesByVariant(catalogue.data)));
  const known = by;
  return (variant) => known.get(variant) ?? [];
}
