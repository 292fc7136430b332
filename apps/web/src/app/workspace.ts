import type { Catalogue, Look, Supply } from '@outfit/core';
import { useMemo } from 'react';
import {
  rememberCatalogue,
  useListLineUpsQuery,
  useListDonorsQuery,
  useListPiecesQuery,
  useReadCatalogueQuery,
  useReadPricesQuery,
  type DonorDto,
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
  const donors = useListDonorsQuery();
  const prices = useReadPricesQuery();
  return useMemo(() => {
    if ([catalogue, lineUps, pieces, donors, prices].some((query) => query.isError)) return { state: 'failed' };
    if (!catalogue.data || !lineUps.data || !pieces.data || !donors.data || !prices.data) return { state: 'loading' };
    const owned = new Map<string, number>();
    for (const piece of pieces.data) owned.set(piece.variant, (owned.get(piece.variant) ?? 0) + piece.quantity);
    const lowest = new Map(prices.data.lowest.map((price) => [price.variant, price]));
    const known = rememberCatalogue(catalogue.data);
    const onDonors = donorOf(donors.data, known);
    const workspace: Workspace = {
      catalogue: known,
      lineUps: lineUps.data,
      owned,
      prices: lowest,
      currency: prices.data.currency,
      today: prices.data.today,
      supply: {
        owned: (id) => owned.get(id) ?? 0,
        landedMinor: (id) => lowest.get(id)?.landedMinor ?? null,
        // What can be bought is bought: a donor is taken apart only for what nobody sells.
        donor: (id) => {
          const donor = lowest.has(id) ? undefined : onDonors.get(id);
          return donor === undefined ? null : { donor, holeMinor: null };
        },
      },
    };
    return { state: 'ready', workspace };
  }, [catalogue, lineUps, pieces, donors, prices]);
}

/** Which donor that may be taken apart holds each variant, by name. */
function donorOf(donors: readonly DonorDto[], catalogue: Catalogue): ReadonlyMap<string, string> {
  const figures = new Map(catalogue.data.officialFigures.map((figure) => [figure.id, figure]));
  const found = new Map<string, string>();
  for (const donor of donors) {
    const figure = figures.get(donor.officialFigure);
    if (figure && !donor.keepWhole) for (const part of figure.parts) found.set(part.variant, `${figure.name} (${donor.place})`);
  }
  return found;
}

/** The look of a figure that its line-up shows; an empty one when the figure has none yet. */
export function chosenLookOf(figure: FigureDto): Look {
  return figure.looks.find((look) => look.id === figure.chosenLook) ?? { parts: [], overrules: [] };
}
