import { type Catalogue, type Look, onDonors, stockOf, type Supply, supplyOf } from '@outfit/core';
import { useMemo } from 'react';
import {
  type FigureDto,
  rememberCatalogue,
  useListDonorsQuery,
  useListNamesQuery,
  useReadCatalogueQuery,
  useReadPricesQuery,
  useReadStockQuery,
} from '@/api';
import { LowestPrices } from './lowestPrices';

/** What every screen stands on beside the figures: the catalogue, what is owned and what it costs. An edit of a figure leaves it as it is. */
export interface Workspace {
  readonly catalogue: Catalogue;
  readonly supply: Supply;
  readonly owned: ReadonlyMap<string, number>;
  readonly prices: LowestPrices;
  readonly currency: string;
  readonly today: string;
}

export type WorkspaceState =
  { readonly state: 'ready'; readonly workspace: Workspace } | { readonly state: 'loading' } | { readonly state: 'failed' };

export function useWorkspaceState(): WorkspaceState {
  const catalogue = useReadCatalogueQuery();
  const names = useListNamesQuery(undefined, { selectFromResult: ({ isError, data }) => ({ isError, isThere: data !== undefined }) });
  const stock = useReadStockQuery();
  const donors = useListDonorsQuery();
  const prices = useReadPricesQuery();
  const isFailed = (names.isError && !names.isThere) || [catalogue, stock, donors, prices].some((query) => query.isError && !query.data);
  return useMemo(() => {
    if (isFailed) return { state: 'failed' };
    if (!catalogue.data || !names.isThere || !stock.data || !donors.data || !prices.data) return { state: 'loading' };
    const known = rememberCatalogue(catalogue.data);
    const { variants, quantities } = stock.data;
    const owned = stockOf(variants.map((variant, i) => ({ variant, quantity: quantities[i] ?? 0 })));
    const lowest = new LowestPrices(prices.data.lowest);
    const workspace: Workspace = {
      catalogue: known,
      owned,
      prices: lowest,
      currency: prices.data.currency,
      today: prices.data.today,
      supply: supplyOf(owned, (id) => lowest.landedMinor(id), onDonors(donors.data, known.data.officialFigures)),
    };
    return { state: 'ready', workspace };
  }, [isFailed, catalogue.data, names.isThere, stock.data, donors.data, prices.data]);
}

/** The look of a figure that its line-up shows; an empty one when the figure has none yet. */
export function chosenLookOf(figure: FigureDto): Look {
  return figure.looks.find((look) => look.id === figure.chosenLook) ?? EMPTY;
}
const EMPTY: Look = { parts: [], overrules: [] };
