import { ApiProperty } from '@nestjs/swagger';
import { lowestLandedOf } from '@outfit/core';
import { Text } from '../../platform/http/index.js';
import type { MarketService } from '../market.service.js';

export class WholePricesQuery {
  @Text('Official figures', { most: 20_000, description: 'Their ids, with commas between' }) figures: string;
}

/** What official figures cost whole: the cheapest landed, in minor units; null for those that nobody sells whole. */
export class WholePricesDto {
  @ApiProperty({ type: [String] }) figures: readonly string[];
  @ApiProperty({ type: 'array', items: { type: 'number', nullable: true } }) landedMinor: readonly (number | null)[];
}

export function wholePrices(ids: string, market: Pick<MarketService, 'viewOf'>): WholePricesDto {
  const figures = [...new Set(ids.split(',').filter((id) => id !== ''))];
  const { offers } = market.viewOf(figures.map((id) => ({ kind: 'figure', id })));
  const lowest = lowestLandedOf(offers.map((offer) => ({ ...offer, variant: offer.item })));
  return { figures, landedMinor: figures.map((id) => lowest.get(id)?.landedMinor ?? null) };
}
