import { type Candidate, candidateAt, type CandidateRanking, type Variant } from '@outfit/core';
import { useMemo } from 'react';
import { useWorkspace, type Workspace } from '@/workspace';
import { type CandidateFilters, isFilterSet, passes, type Sort } from './filters';

export interface CandidateRows {
  readonly length: number;
  at(row: number): Candidate | null;
  /** How many variants fit, filtered or not, and how many of them are owned. */
  readonly fitting: number;
  readonly owned: number;
  /** Every variant that fits; made when somebody asks. */
  variants(): readonly Variant[];
  readonly wornShown: boolean;
}

/**
 * A ranking as a list: filtered and ordered, each row made only when it is looked at. A ranking may have sixteen thousand rows;
 * without filters nothing is made for any of them.
 */
export function useCandidateList(ranking: CandidateRanking | null, filters: CandidateFilters): CandidateRows | null {
  const workspace = useWorkspace();
  const { catalogue, supply, owned } = workspace;
  const order = useMemo(() => (ranking ? orderOf(ranking, filters, workspace) : null), [ranking, filters, workspace]);
  return useMemo(() => {
    if (!ranking || !order) return null;
    const quantities = owned.byRow(catalogue);
    // A row that is shown again is the same object: whoever draws it need not draw it anew.
    const made = new Map<number, Candidate | null>();
    const at = (row: number): Candidate | null => {
      let candidate = made.get(row);
      if (candidate === undefined) made.set(row, (candidate = candidateAt(ranking, order[row] ?? -1, catalogue, supply)));
      return candidate;
    };
    return {
      length: order.length,
      at,
      fitting: ranking.rows.length,
      owned: ranking.rows.reduce((count, row) => count + ((quantities[row] ?? 0) > 0 ? 1 : 0), 0),
      variants: () => Array.from(ranking.rows, (row) => catalogue.data.variants[row]).filter((variant) => variant !== undefined),
      wornShown: ranking.worn >= 0,
    };
  }, [ranking, order, catalogue, supply, owned]);
}

/** The places of a ranking that pass the filters, in the wanted order. */
function orderOf(ranking: CandidateRanking, filters: CandidateFilters, { catalogue, supply }: Workspace): Uint32Array {
  const variantAt = (place: number): Variant | undefined => catalogue.data.variants[ranking.rows[place] ?? -1];
  const all = Uint32Array.from(ranking.rows.keys());
  const fits = passes(filters, catalogue, supply.owned, supply.landedMinor);
  const places = isFilterSet(filters)
    ? all.filter((place) => {
        const variant = variantAt(place);
        return variant !== undefined && fits(variant);
      })
    : all;
  const id = (place: number): string => variantAt(place)?.id ?? '';
  const price = (place: number): number => (supply.owned(id(place)) > 0 ? -1 : (supply.landedMinor(id(place)) ?? Number.MAX_SAFE_INTEGER));
  const keys: Readonly<Record<Sort, ((a: number, b: number) => number) | null>> = {
    rank: null,
    likeness: (a, b) => (ranking.gains[b] ?? 0) - (ranking.gains[a] ?? 0),
    price: (a, b) => price(a) - price(b),
    owned: (a, b) => supply.owned(id(b)) - supply.owned(id(a)),
    name: (a, b) => id(a).localeCompare(id(b)),
  };
  const by = keys[filters.sort];
  return by ? places.sort(by) : places;
}
