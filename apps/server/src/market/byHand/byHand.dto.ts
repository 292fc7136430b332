import { ApiProperty } from '@nestjs/swagger';
import { type Condition, CONDITIONS, isCountry, isCurrency } from '@outfit/core';
import { Flag, Id, OneOf, Rows, Text, Whole } from '../../platform/http/index.js';

const MOST_MINOR = 10_000_00;

export class PostageStepDto {
  @Whole('Weight in grams', 1, 1_000_000) upToG: number;
  @Whole('Postage', 0, MOST_MINOR) costMinor: number;
}

/** A seller as a person writes it down: money in the seller's own currency. */
export class SellerByHandDto {
  @Text('Name', { most: 80 }) name: string;
  @Text('Country', { least: 2, most: 2, description: 'Its two letters, such as NL' }) country: string;
  @Text('Currency', { least: 3, most: 3, description: 'Its three letters, such as EUR' }) currency: string;
  @Whole('Days on the way', 0, 365) days: number;
  @Rows('Postage', () => PostageStepDto, { least: 1, most: 12 }) postage: PostageStepDto[];
  @Whole('Least order', 0, MOST_MINOR) minimumMinor: number;
  @Whole('Packing', 0, MOST_MINOR) handlingMinor: number;
  @Whole('Posts free from', 0, 100_000_00, { nullable: true }) freePostageFromMinor: number | null;
  @Flag('Trusted') trusted: boolean;
  @Flag('Makes parts of its own') thirdParty: boolean;
}

/** An offer as a person writes it down, of a part. */
export class OfferByHandDto {
  @Id('Part', { most: 500 }) item: string;
  @Whole('Price', 0, MOST_MINOR) priceMinor: number;
  @Whole('Stock', 0, 100_000) stock: number;
  @Whole('Sold in', 1, 1000) multiple: number;
  @OneOf('Condition', CONDITIONS) condition: Condition;
}

export class SellerKeptDto {
  @ApiProperty() id: string;
}

/** What no single field tells: null when a seller can be written down as it is. */
export function sellerFault({ country, currency, postage }: SellerByHandDto): { readonly path: string; readonly sentence: string } | null {
  if (!isCountry(country)) return { path: '/country', sentence: `“${country}” is no country. Write its two letters, such as NL.` };
  if (!isCurrency(currency)) return { path: '/currency', sentence: `“${currency}” is no currency. Write its three letters, such as EUR.` };
  const falls = postage.some((step, i) => step.upToG <= (postage[i - 1]?.upToG ?? 0) || step.costMinor < (postage[i - 1]?.costMinor ?? 0));
  return falls
    ? { path: '/postage', sentence: 'From one step of postage to the next the weight rises, and the price does not fall.' }
    : null;
}
