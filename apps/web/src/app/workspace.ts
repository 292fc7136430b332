import type { Catalogue, Look, Supply } from '@outfit/core';
import { useMemo } from 'react';
import {
  rememberCatalogue,
  useListLineUpsQuery,
  useListPiecesQuery,
  useReadCatalogueQuery,
  useReadPricesQuery,
  type FigureDto,
  type LandedPriceDto,
  type LineUpDto,
} from '@/api';

/** What every screen stands on: the catalogue, the line-ups, what is owned and what it costs. */
export interface Workspace {
  readonly catalogue: Catalogue;
  readonly lineUps: readonly LineUpDto[];
  readonly supply: Supply;
  readonly owned: ReadonlyMap<string, number>;
  readonly prices: ReadonlyMap<string, LandedPriceDto>;
  readonly currency: string;
  readonly today: string;
}

export type WorkspaceState =
  { readonly state: 'ready'; readonly workspace: Workspace } | { readonly state: 'loading' } | { readonly state: 'failed' };

export function useWorkspaceState(): WorkspaceState {
  const catalogue = useReadCatalogueQuery();
  const lineUps = useListLineUpsQuery();
  const pieces = useListPiecesQuery();
  const prices = useReadPricesQuery();
  return useMemo(() => {
    if (catalogue.isError || lineUps.isError || pieces.isError || prices.isError) return { state: 'failed' };
    if (!catalogue.data || !lineUps.data || !pieces.data || !prices.data) return { state: 'loading' };
    const owned = new Map<string, number>();
    for (const piece of pieces.data) owned.set(piece.variant, (owned.get(piece.variant) ?? 0) + piece.quantity);
    const lowest = new Map(prices.data.lowest.map((price) => [price.variant, price]));
    const workspace: Workspace = {
      catalogue: rememberCatalogue(catalogue.data),
      lineUps: lineUps.data,
      owned,
      prices: lowest,
      currency: prices.data.currency,
      today: prices.data.today,
      supply: { owned: (id) => owned.get(id) ?? 0, landedMinor: (id) => lowest.get(id)?.landedMinor ?? null },
    };
    return { state: 'ready', workspace };
  }, [catalogue.data, catalogue.isError, lineUps.data, lineUps.isError, pieces.data, pieces.isError, prices.data, prices.isError]);
}

/** The look of a figure that its line-up shows; an empty one when the figure has none yet. */
export function chosenLookOf(figure: FigureDto): Look {
  return figure.looks.find((look) => look.id === figure.chosenLook) ?? { parts: [], overrules: [] };
}
