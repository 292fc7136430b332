import type { Look } from '@outfit/core';
import { useEffect, useMemo } from 'react';
import {
  type FigureDto,
  rememberCatalogue,
  useListNamesQuery,
  useReadPackedCatalogueQuery,
  useReadPricesQuery,
  useReadStockQuery,
} from '@/api';
import { supplyFrom } from './promised';
import { rememberOwned, rememberPrices } from './answers/rowAnswers';
import type { Workspace } from './workspace';

export type WorkspaceState =
  { readonly state: 'ready'; readonly workspace: Workspace } | { readonly state: 'loading' } | { readonly state: 'failed' };

export function useWorkspaceState(): WorkspaceState {
  const names = useListNamesQuery(undefined, { selectFromResult: ({ isError, data }) => ({ isError, data }) });
  const packed = useReadPackedCatalogueQuery();
  const stock = useReadStockQuery();
  const prices = useReadPricesQuery();
  const isFailed = [names, packed, stock, prices].some((query) => query.isError && !query.data);

  // Stock and prices speak of rows of one state of the catalogue. Where an answer is of another, all are read again.
  const rowAnswers = [packed, stock, prices];
  const versions = [packed.data?.version, stock.data?.catalogue, prices.data?.catalogue];
  const areApart = !versions.includes(undefined) && new Set(versions).size > 1 && rowAnswers.every((query) => !query.isFetching);
  useEffect(() => {
    if (areApart) for (const { refetch } of [packed, stock, prices]) void refetch();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each time they are found apart
  }, [areApart]);

  const isNamed = names.data !== undefined;
  return useMemo(() => {
    if (isFailed) return { state: 'failed' };
    if (!isNamed || !packed.data || !stock.data || !prices.data) return { state: 'loading' };
    const catalogue = rememberCatalogue(packed.data);
    const owned = rememberOwned(stock.data, packed.data.version, catalogue);
    const lowest = rememberPrices(prices.data, packed.data.version, catalogue);
    if (!owned || !lowest) return { state: 'loading' };
    const workspace: Workspace = {
      catalogue,
      owned,
      prices: lowest,
      currency: prices.data.currency,
      today: prices.data.today,
      supply: supplyFrom(prices.data.currency, owned, (id) => lowest.landedMinor(id)),
    };
    return { state: 'ready', workspace };
  }, [isFailed, isNamed, packed.data, stock.data, prices.data]);
}

/** The look of a figure that its line-up shows; an empty one when the figure has none yet. */
export function chosenLookOf(figure: FigureDto): Look {
  return figure.looks.find((look) => look.id === figure.chosenLook) ?? EMPTY;
}
const EMPTY: Look = { parts: [], overrules: [] };
