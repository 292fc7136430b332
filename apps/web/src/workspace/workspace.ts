import type { Catalogue, Supply } from '@outfit/core';
import type { LowestPrices } from './answers/lowestPrices';
import type { OwnedPieces } from './answers/ownedPieces';

/** What every screen stands on beside the figures: the catalogue, what is owned and what it costs. An edit of a figure leaves it as it is. */
export interface Workspace {
  readonly catalogue: Catalogue;
  readonly supply: Supply;
  readonly owned: OwnedPieces;
  readonly prices: LowestPrices;
  readonly currency: string;
  readonly today: string;
}
