import { ApiProperty } from '@nestjs/swagger';
import { CONDITIONS, type Condition, type LandedPrice } from '@outfit/core';
import { IsOptional, IsString, Length } from 'class-validator';

export class PostageTierDto {
  @ApiProperty() upToG: number;
  @ApiProperty() costMinor: number;
}

export class SellerDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty() country: string;
  @ApiProperty() days: number;
  @ApiProperty() trusted: boolean;
  @ApiProperty() thirdParty: boolean;
  @ApiProperty() minimumMinor: number;
  @ApiProperty() handlingMinor: number;
  @ApiProperty({ type: [PostageTierDto] }) postage: readonly PostageTierDto[];
  @ApiProperty({ type: Number, nullable: true }) freePostageFromMinor: number | null;
  @ApiProperty() offerCount: number;
}

export class OfferDto {
  @ApiProperty() id: string;
  @ApiProperty() seller: string;
  @ApiProperty({ type: String, nullable: true }) variant: string | null;
  @ApiProperty({ type: String, nullable: true }) officialFigure: string | null;
  @ApiProperty() priceMinor: number;
  @ApiProperty() stock: number;
  @ApiProperty() multiple: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty() seenOn: string;
  @ApiProperty({ enum: ['simulated', 'imported'] }) origin: 'simulated' | 'imported';
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
  @ApiProperty({ required: false }) @IsOptional() @IsString() @Length(1, 200) variant?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsString() @Length(1, 200) seller?: string;
}
