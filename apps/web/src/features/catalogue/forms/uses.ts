import { piecesOf, type Variant } from '@outfit/core';
import { useListWearingQuery } from '@/api';
import { plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { useSources } from '../pages';

/** What uses a part, in words: figures of one's own, official ones, sources, owned pieces. Empty for one that is not there yet. */
export function useUsesOfPart(known: Variant | null): readonly string[] {
  const { catalogue, supply } = useWorkspace();
  const sourcesOf = useSources();
  const { data: wearing = [] } = useListWearingQuery({ variant: known?.id ?? '' }, { skip: known === null });
  if (!known) return [];
  const official = catalogue.data.officialFigures.filter((figure) => piecesOf(figure).has(known.id)).length;
  const sources = new Set(sourcesOf(known.id).map(({ source }) => source.id)).size;
  const owned = supply.owned(known.id);
  return [
    ...(wearing.length > 0 ? [`${plural(wearing.length, 'figure')} of yours ${wearing.length === 1 ? 'wears' : 'wear'} it`] : []),
    ...(official > 0 ? [`${plural(official, 'official figure')} ${official === 1 ? 'wears' : 'wear'} it`] : []),
    ...(sources > 0 ? [`${plural(sources, 'source')} ${sources === 1 ? 'holds' : 'hold'} it`] : []),
    ...(owned > 0 ? [`${plural(owned, 'piece')} of it ${owned === 1 ? 'is' : 'are'} owned`] : []),
  ];
}
