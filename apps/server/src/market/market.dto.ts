import { ApiProperty } from '@nestjs/swagger';
import {
  type Advice,
  type Condition,
  CONDITIONS,
  OFFER_CHANGES,
  type OfferChange,
  type OfferChangeKind,
  type Rarity,
  type SupplyStep,
  type Trend,
  type Watch,
  WATCH_KINDS,
  YIELD_KINDS,
  type YieldKind,
} from '@outfit/core';
import { SELLER_KINDS, type SellerKind } from '@outfit/market';
import { Id, OneOf, Row, Text, Whole } from '../platform/http/index.js';
import { ImportReportDto } from '../platform/importing/index.js';

export class PostageTierDto {
  @ApiProperty() upToG: number;
  @ApiProperty() costMinor: number;
}

export class DutyDto {
  @ApiProperty() aboveMinor: number;
  @ApiProperty() percent: number;
  @ApiProperty() feeMinor: number;
}

export class CodeDto {
  @ApiProperty() code: string;
  @ApiProperty() percent: number;
  @ApiProperty() untilDay: string;
}

export class SellerRateDto {
  @ApiProperty({ description: 'What one unit of its currency is worth' }) perUnit: number;
  @ApiProperty() day: string;
}

/** What a seller asks beside its prices, in its own currency, as it was written down. */
export class SellerTermsDto {
  @ApiProperty() minimumMinor: number;
  @ApiProperty() handlingMinor: number;
  @ApiProperty({ type: [PostageTierDto] }) postage: readonly PostageTierDto[];
  @ApiProperty({ type: Number, nullable: true }) freePostageFromMinor: number | null;
}

export class SellerDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ enum: SELLER_KINDS }) kind: SellerKind;
  @ApiProperty() country: string;
  @ApiProperty({ description: 'What it asks in; the terms here are converted' }) currency: string;
  @ApiProperty() days: number;
  @ApiProperty() trusted: boolean;
  @ApiProperty() thirdParty: boolean;
  @ApiProperty() minimumMinor: number;
  @ApiProperty() handlingMinor: number;
  @ApiProperty({ type: [PostageTierDto] }) postage: readonly PostageTierDto[];
  @ApiProperty({ type: Number, nullable: true }) freePostageFromMinor: number | null;
  @ApiProperty({ type: DutyDto, nullable: true }) duty: DutyDto | null;
  @ApiProperty({ type: SellerTermsDto }) asked: SellerTermsDto;
  @ApiProperty() reliability: number;
  @ApiProperty({ description: 'Sent along when its terms are changed' }) version: number;
  @ApiProperty({ type: CodeDto, nullable: true, description: 'A discount code that holds today' }) code: CodeDto | null;
  @ApiProperty({ type: SellerRateDto, nullable: true, description: 'Null in the workspace’s own currency' }) rate: SellerRateDto | null;
  @ApiProperty({ description: 'No rate of its currency is known, so it is left out of comparisons' }) isWithoutRate: boolean;
  @ApiProperty() offerCount: number;
}

export class OfferDto {
  @ApiProperty() id: string;
  @ApiProperty() seller: string;
  @ApiProperty({ enum: YIELD_KINDS }) kind: YieldKind;
  @ApiProperty() item: string;
  @ApiProperty({ description: 'In the workspace’s currency, any code taken off' }) priceMinor: number;
  @ApiProperty({ description: 'As asked, in the seller’s currency' }) askedMinor: number;
  @ApiProperty() currency: string;
  @ApiProperty({ type: String, nullable: true }) code: string | null;
  @ApiProperty() landedMinor: number;
  @ApiProperty() stock: number;
  @ApiProperty() multiple: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty() seenOn: string;
  @ApiProperty({ enum: ['simulated', 'imported'] }) origin: 'simulated' | 'imported';
}

export class DatedOfferDto extends OfferDto {
  @ApiProperty({ description: 'Seen more than 60 days ago' }) isOld: boolean;
}

/** The lowest landed price of every variant that is sold; the lists go together, a place for each variant. */
export class LowestPricesDto {
  @ApiProperty({ type: [Number], description: 'Rows of the variants in the catalogue' }) rows: readonly number[];
  @ApiProperty({ type: [Number], description: 'Price and its share of postage' }) landedMinor: readonly number[];
  @ApiProperty({ type: [Number] }) priceMinor: readonly number[];
  @ApiProperty({ type: [Number], description: 'Place of the seller in `names`' }) sellers: readonly number[];
  @ApiProperty({ type: [Number], description: 'Place of the day it was seen in `names`' }) seenOn: readonly number[];
  @ApiProperty({ type: [Number], description: 'Place of its condition in `names`' }) conditions: readonly number[];
  @ApiProperty({ type: [String], description: 'Sellers, days and conditions, each once' }) names: readonly string[];
}

export class PricesDto {
  @ApiProperty({ description: 'The state of the catalogue whose rows these are' }) catalogue: string;
  @ApiProperty() currency: string;
  @ApiProperty({ description: 'The day prices are judged old or new by' }) today: string;
  @ApiProperty({ type: LowestPricesDto }) lowest: LowestPricesDto;
}

export class OffersQuery {
  @OneOf('Kind', YIELD_KINDS, { optional: true }) kind?: YieldKind;
  @Id('Item', { optional: true, most: 500 }) item?: string;
  @Id('Seller', { optional: true }) seller?: string;
}

export class SellerOffersQuery {
  @Text('Words', { least: 0, most: 200, optional: true, description: 'All of which are in the name or the number' }) words = '';
  @Whole('First row', 0, 10_000_000, { optional: true, inAddress: true }) offset = 0;
  @Whole('Number of rows', 1, 200, { optional: true, inAddress: true }) limit = 100;
}

/** A page of what a seller offers, the cheapest first. */
export class SellerOffersDto {
  @ApiProperty({ description: 'How many there are with these words, on all pages' }) total: number;
  @ApiProperty({ type: [OfferDto] }) offers: readonly OfferDto[];
}

export class ItemParams {
  @OneOf('Kind', YIELD_KINDS) kind: YieldKind;
  @Id('Item', { most: 500 }) id: string;
}

export class ItemPricesQuery {
  @OneOf('Condition', CONDITIONS, { optional: true }) condition?: Condition;
  @Whole('Days', 0, 3650, { optional: true, inAddress: true, description: 'It must be there in so many days' }) withinDays?: number;
}

export class PriceSummaryDto {
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty() offers: number;
  @ApiProperty() sellers: number;
  @ApiProperty() stock: number;
  @ApiProperty() leastMinor: number;
  @ApiProperty() lowerQuartileMinor: number;
  @ApiProperty() medianMinor: number;
  @ApiProperty() upperQuartileMinor: number;
  @ApiProperty() meanMinor: number;
}

export class PriceDayDto extends PriceSummaryDto {
  @ApiProperty() day: string;
}

export class TrendDto implements Trend {
  @ApiProperty({ description: 'Minor units a day' }) perDay: number;
  @ApiProperty() low: number;
  @ApiProperty() high: number;
  @ApiProperty() points: number;
  @ApiProperty({ enum: ['rising', 'falling', 'steady'] }) direction: Trend['direction'];
}

export class AdviceDto implements Advice {
  @ApiProperty({ enum: ['buy', 'wait', 'either'] }) verdict: Advice['verdict'];
  @ApiProperty({ enum: ['low', 'deadline', 'falling', 'scarce', 'none'] }) rule: Advice['rule'];
  @ApiProperty() sentence: string;
}

export class SupplyStepDto implements SupplyStep {
  @ApiProperty() seller: string;
  @ApiProperty() landedMinor: number;
  @ApiProperty() units: number;
  @ApiProperty() upTo: number;
}

export class RarityDto implements Rarity {
  @ApiProperty() sellers: number;
  @ApiProperty() stock: number;
  @ApiProperty() sources: number;
  @ApiProperty() exclusive: boolean;
}

export class PieceShareDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty() landedMinor: number;
  @ApiProperty() share: number;
}

export class WorthDto {
  @ApiProperty() pieceByPieceMinor: number;
  @ApiProperty({ type: Number, nullable: true }) wholeMinor: number | null;
  @ApiProperty() takenToPiecesMinor: number;
  @ApiProperty({ type: [PieceShareDto] }) shares: readonly PieceShareDto[];
  @ApiProperty({ type: [String] }) unsold: readonly string[];
}

export class ItemPricesDto {
  @ApiProperty({ enum: YIELD_KINDS }) kind: YieldKind;
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty() currency: string;
  @ApiProperty() today: string;
  @ApiProperty({ enum: CONDITIONS, description: 'The condition that history, trend and advice speak of' }) condition: Condition;
  @ApiProperty({ type: [PriceSummaryDto] }) now: readonly PriceSummaryDto[];
  @ApiProperty({ type: [DatedOfferDto], description: 'In stock, by landed price' }) offers: readonly DatedOfferDto[];
  @ApiProperty({ type: [PriceDayDto] }) history: readonly PriceDayDto[];
  @ApiProperty({ type: TrendDto, nullable: true }) trend: TrendDto | null;
  @ApiProperty({ type: Number, nullable: true, description: 'First quartile of the last 90 days' }) lowMinor: number | null;
  @ApiProperty({ type: AdviceDto, nullable: true }) advice: AdviceDto | null;
  @ApiProperty({ type: [SupplyStepDto] }) supply: readonly SupplyStepDto[];
  @ApiProperty() rarity: RarityDto;
  @ApiProperty({ type: WorthDto, nullable: true }) worth: WorthDto | null;
}

export class NewsDto {
  @ApiProperty() id: number;
  @ApiProperty() day: string;
  @ApiProperty() text: string;
}

export class ClockDto {
  @ApiProperty() day: string;
  @ApiProperty({ description: 'Is there a simulated market that can be moved on?' }) isSimulated: boolean;
  @ApiProperty({ type: [NewsDto] }) news: readonly NewsDto[];
}

export class AdvanceDto {
  @Whole('Days', 1, 31) days: number;
}

export class AdvancedDto extends ClockDto {
  @ApiProperty({ type: [String], description: 'What watches told on the way' }) told: readonly string[];
}

export class WatchedItemDto {
  @OneOf('Kind', YIELD_KINDS) kind: YieldKind;
  @Id('Item', { most: 500 }) id: string;
}

const isKind =
  (...kinds: readonly Watch['kind'][]) =>
  (row: object): boolean =>
    kinds.includes((row as { kind: Watch['kind'] }).kind);

/** "Tell me when …": which fields count depends on the kind. */
export class NewWatchDto {
  @OneOf('Kind', WATCH_KINDS) kind: Watch['kind'];
  @Row('Item', () => WatchedItemDto, { when: isKind('below', 'in stock', 'cheapest way') }) item?: WatchedItemDto;
  @Whole('Price', 1, 100_000_000, { when: isKind('below') }) priceMinor?: number;
  @Id('Mould', { when: isKind('exists') }) mould?: string;
  @Id('Colour', { when: isKind('exists') }) colour?: string;
  @Id('Seller', { when: isKind('in stock') }) seller?: string;
}

export class WatchDto {
  @ApiProperty() id: number;
  @ApiProperty({ type: NewWatchDto }) watch: NewWatchDto;
  @ApiProperty({ description: 'After "Tell me"' }) words: string;
  @ApiProperty() createdAt: string;
}

export class WatchNoticeDto {
  @ApiProperty() id: number;
  @ApiProperty() watch: number;
  @ApiProperty() day: string;
  @ApiProperty() text: string;
}

export class WatchesDto {
  @ApiProperty({ type: [WatchDto] }) watches: readonly WatchDto[];
  @ApiProperty({ type: [WatchNoticeDto] }) notices: readonly WatchNoticeDto[];
}

export class OfferChangeDto implements OfferChange {
  @ApiProperty({ enum: OFFER_CHANGES }) change: OfferChangeKind;
  @ApiProperty() seller: string;
  @ApiProperty({ description: 'What the seller asks in' }) currency: string;
  @ApiProperty({ enum: YIELD_KINDS }) kind: YieldKind;
  @ApiProperty() item: string;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty({ type: Number, nullable: true }) beforeMinor: number | null;
  @ApiProperty({ type: Number, nullable: true }) afterMinor: number | null;
  @ApiProperty() beforeStock: number;
  @ApiProperty() afterStock: number;
}

export class OfferChangeCountsDto {
  @ApiProperty() new: number;
  @ApiProperty() dearer: number;
  @ApiProperty() cheaper: number;
  @ApiProperty() stock: number;
  @ApiProperty() gone: number;
}

/** What an import of offers found, took, and what it changes against the sellers' last files. */
export class OfferImportDto extends ImportReportDto {
  @ApiProperty() counts: OfferChangeCountsDto;
  @ApiProperty({ type: [OfferChangeDto] }) changes: readonly OfferChangeDto[];
}
