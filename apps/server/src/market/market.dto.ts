import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  CONDITIONS,
  OFFER_CHANGES,
  WATCH_KINDS,
  YIELD_KINDS,
  type Advice,
  type Condition,
  type LandedPrice,
  type OfferChange,
  type OfferChangeKind,
  type Rarity,
  type SupplyStep,
  type Trend,
  type Watch,
  type YieldKind,
} from '@outfit/core';
import { SELLER_KINDS, type SellerKind } from '@outfit/market';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsOptional, IsString, Length, Max, Min, ValidateIf, ValidateNested } from 'class-validator';
import { ImportReportDto } from '../common/importReport.dto.js';

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
  @ApiProperty() reliability: number;
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

export class LandedPriceDto implements LandedPrice {
  @ApiProperty() variant: string;
  @ApiProperty({ description: 'Price and its share of postage' }) landedMinor: number;
  @ApiProperty() priceMinor: number;
  @ApiProperty() seller: string;
  @ApiProperty() seenOn: string;
}

export class PricesDto {
  @ApiProperty() currency: string;
  @ApiProperty({ description: 'The day prices are judged old or new by' }) today: string;
  @ApiProperty({ type: [LandedPriceDto] }) lowest: readonly LandedPriceDto[];
}

export class OffersQuery {
  @ApiPropertyOptional({ enum: YIELD_KINDS }) @IsOptional() @IsIn(YIELD_KINDS) kind?: YieldKind;
  @ApiPropertyOptional() @IsOptional() @IsString() @Length(1, 200) item?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @Length(1, 200) seller?: string;
}

export class ItemParams {
  @ApiProperty({ enum: YIELD_KINDS }) @IsIn(YIELD_KINDS) kind: YieldKind;
  @ApiProperty() @IsString() @Length(1, 200) id: string;
}

export class ItemPricesQuery {
  @ApiPropertyOptional({ enum: CONDITIONS }) @IsOptional() @IsIn(CONDITIONS) condition?: Condition;
  @ApiPropertyOptional({ description: 'It must be there in so many days' })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(3650)
  withinDays?: number;
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
  @ApiProperty({ minimum: 1, maximum: 31 }) @IsInt() @Min(1) @Max(31) days: number;
}

export class AdvancedDto extends ClockDto {
  @ApiProperty({ type: [String], description: 'What watches told on the way' }) told: readonly string[];
}

export class WatchedItemDto {
  @ApiProperty({ enum: YIELD_KINDS }) @IsIn(YIELD_KINDS) kind: YieldKind;
  @ApiProperty() @IsString() @Length(1, 200) id: string;
}

const isKind =
  (...kinds: readonly Watch['kind'][]) =>
  (row: object): boolean =>
    kinds.includes((row as { kind: Watch['kind'] }).kind);

/** "Tell me when …": which fields count depends on the kind. */
export class NewWatchDto {
  @ApiProperty({ enum: WATCH_KINDS }) @IsIn(WATCH_KINDS) kind: Watch['kind'];
  @ApiPropertyOptional({ type: WatchedItemDto })
  @ValidateIf(isKind('below', 'in stock', 'cheapest way'))
  @ValidateNested()
  @Type(() => WatchedItemDto)
  item?: WatchedItemDto;
  @ApiPropertyOptional() @ValidateIf(isKind('below')) @IsInt() @Min(1) @Max(100_000_000) priceMinor?: number;
  @ApiPropertyOptional() @ValidateIf(isKind('exists')) @IsString() @Length(1, 100) mould?: string;
  @ApiPropertyOptional() @ValidateIf(isKind('exists')) @IsString() @Length(1, 100) colour?: string;
  @ApiPropertyOptional() @ValidateIf(isKind('in stock')) @IsString() @Length(1, 100) seller?: string;
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
