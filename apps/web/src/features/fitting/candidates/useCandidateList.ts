import { type Candidate, candidateAt, type CandidateRanking, type Variant } from '@outfit/core';
import { useMemo } from 'react';
import { useWorkspace } from '@/workspace';
import { type CandidateFilters, passes, type Sort } from './filters';

export interface CandidateList {
  readonly length: number;
  at(row: number): Candidate | null;
  /** Every variant that fits, filtered or not. */
  readonly variants: readonly Variant[];
  readonly owned: number;
  readonly wornShown: boolean;
}

/** A ranking as a list: filtered and ordered, each row made only when it is looked at. */
export function useCandidateList(ranking: CandidateRanking | null, filters: CandidateFilters): CandidateList | null {
  const { catalogue, supply } = useWorkspace();
  const variants = useMemo(
    () =>
      ranking
        ? [...ranking.rows].map((row) => catalogue.data.variants[row]).filter((variant): variant is Variant => variant !== undefined)
        : [],
    [ranking, catalogue],
  );
  const order = useMemo(() => {
    const fits = passes(filters, catalogue, supply.owned, supply.landedMinor);
    const places = variants.flatMap((variant, i) => (fits(variant) ? [i] : []));
    return ranking ? sorted(places, filters.sort, ranking, variants, supply) : [];
  }, [ranking, variants, filters, catalogue, supply]);
  return useMemo(
    () =>
      ranking && {
        length: order.length,
        at: (row) => candidateAt(ranking, order[row] ?? -1, catalogue, supply),
        variants,
        owned: variants.filter((variant) => supply.owned(variant.id) > 0).length,
        wornShown: ranking.worn >= 0,
      },
    [ranking, order, variants, catalogue, supply],
  );
}

type Supplying = ReturnType<typeof useWorkspace>['supply'];

function sorted(
  places: readonly number[],
  sort: Sort,
  ranking: CandidateRanking,
  variants: readonly Variant[],
  supply: Supplying,
): readonly number[] {
  const id = (place: number): string => variants[place]?.id ?? '';
  const price = (place: number): number => (supply.owned(id(place)) > 0 ? -1 : (supply.landedMinor(id(place)) ?? Number.MAX_SAFE_INTEGER));
  const keys: Readonly<Record<Sort, ((a: number, b: number) => number) | null>> = {
    rank: null,
    likeness: (a, b) => (ranking.gains[b] ?? 0) - (ranking.gains[a] ?? 0),
    price: (a, b) => price(a) - price(b),
    owned: (a, b) => supply.owned(id(b)) - supply.owned(id(a)),
    name: (a, b) => id(a).localeCompare(id(b)),
  };
  const by = keys[sort];
  return by ? [...places].sort(by) : places;
}
