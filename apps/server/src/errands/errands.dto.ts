import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { CONDITIONS, YIELD_KINDS, type Adjustments, type Condition, type YieldKind } from '@outfit/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { JobDto } from '../jobs/index.js';

/** The rules of an errand a person may set. Absent or null: no such rule. */
export class ErrandSettingsDto {
  @ApiPropertyOptional({ type: Number, nullable: true }) @IsOptional() @IsInt() @Min(1) @Max(200) maxParcels?: number | null;
  @ApiPropertyOptional({ type: Number, nullable: true }) @IsOptional() @IsInt() @Min(0) @Max(100_000_000) budgetMinor?: number | null;
  @ApiPropertyOptional({ type: Number, nullable: true }) @IsOptional() @IsInt() @Min(1) @Max(365) withinDays?: number | null;
  @ApiPropertyOptional({ enum: CONDITIONS }) @IsOptional() @IsIn(CONDITIONS) condition?: Condition;
  @ApiPropertyOptional() @IsOptional() @IsBoolean() trustedOnly?: boolean;
  @ApiPropertyOptional() @IsOptional() @IsBoolean() allowThirdParty?: boolean;
  @ApiPropertyOptional({ description: 'Owned whole figures may be taken apart; the hole costs what filling it would' })
  @IsOptional()
  @IsBoolean()
  useDonors?: boolean;
  @ApiPropertyOptional({ description: 'Bought arms of one kind come from one seller, so that their colour matches' })
  @IsOptional()
  @IsBoolean()
  matchArms?: boolean;
  @ApiPropertyOptional({ description: 'Share of what leftovers would fetch that counts in favour of a plan' })
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(1)
  resaleShare?: number;
  @ApiPropertyOptional({ description: 'What a point of likeness is worth when a substitute is weighed, in minor units' })
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(100_000)
  pointMinor?: number;
}

export class ErrandLineDto {
  @ApiProperty() @IsString() @Length(1, 100) look: string;
  @ApiProperty({ minimum: 1, maximum: 500 }) @IsInt() @Min(1) @Max(500) copies: number;
  @ApiPropertyOptional({ type: String, nullable: true, description: 'Looks of one group are never shown together' })
  @IsOptional()
  @IsString()
  @Length(1, 100)
  group?: string | null;
}

export class LockedDto {
  @ApiProperty() @IsString() @Length(1, 300) offer: string;
  @ApiProperty() @IsInt() @Min(1) @Max(100_000) quantity: number;
}

export class PinnedDto {
  @ApiProperty() @IsString() @Length(1, 200) variant: string;
  @ApiProperty() @IsString() @Length(1, 200) seller: string;
}

export class AcceptedDto {
  @ApiProperty() @IsString() @Length(1, 200) variant: string;
  @ApiProperty() @IsString() @Length(1, 200) substitute: string;
}

const MOST_ADJUSTMENTS = 500;

/** What a person settled on a plan, kept when it is planned again. */
export class AdjustmentsDto implements Adjustments {
  @ApiProperty({ type: [LockedDto] })
  @IsArray()
  @ArrayMaxSize(MOST_ADJUSTMENTS)
  @ValidateNested({ each: true })
  @Type(() => LockedDto)
  locked: LockedDto[];
  @ApiProperty({ type: [String] }) @IsArray() @ArrayMaxSize(MOST_ADJUSTMENTS) @IsString({ each: true }) banned: string[];
  @ApiProperty({ type: [PinnedDto] })
  @IsArray()
  @ArrayMaxSize(MOST_ADJUSTMENTS)
  @ValidateNested({ each: true })
  @Type(() => PinnedDto)
  pinned: PinnedDto[];
  @ApiProperty({ type: [AcceptedDto] })
  @IsArray()
  @ArrayMaxSize(MOST_ADJUSTMENTS)
  @ValidateNested({ each: true })
  @Type(() => AcceptedDto)
  accepted: AcceptedDto[];
}

export class NewErrandDto extends ErrandSettingsDto {
  @ApiProperty({ description: 'The figure or line-up it is planned from' }) @IsString() @Length(1, 100) scope: string;
  @ApiProperty({ type: [ErrandLineDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'choose at least one look to shop for' })
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => ErrandLineDto)
  lines: ErrandLineDto[];
  @ApiPropertyOptional({ type: AdjustmentsDto }) @IsOptional() @ValidateNested() @Type(() => AdjustmentsDto) adjustments?: AdjustmentsDto;
}

export class NeedDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty() owned: number;
}

export class ErrandOfferDto {
  @ApiProperty() id: string;
  @ApiProperty() seller: string;
  @ApiProperty({ enum: YIELD_KINDS }) kind: YieldKind;
  @ApiProperty() item: string;
  @ApiProperty() priceMinor: number;
  @ApiProperty() stock: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty({ type: [String], description: 'Wanted parts it yields' }) yields: readonly string[];
}

export class LineReasonDto {
  @ApiProperty() offer: string;
  @ApiProperty() sentence: string;
}

export class DominantDto {
  @ApiProperty() variant: string;
  @ApiProperty() share: number;
}

export class ErrandFigureDto {
  @ApiProperty() figure: string;
  @ApiProperty() look: string;
  @ApiProperty() copies: number;
  @ApiProperty({ type: String, nullable: true }) group: string | null;
  @ApiProperty({ type: Number, nullable: true, description: 'A copy, with its share of postage; null until there is a plan' }) eachMinor:
    number | null;
  @ApiProperty({ type: DominantDto, nullable: true }) dominant: DominantDto | null;
}

export class LeftoverValueDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ type: Number, nullable: true, description: 'What one would fetch: the lower quartile asked; null when nobody sells it' })
  eachMinor: number | null;
}

export class ErrandDto {
  @ApiProperty() id: string;
  @ApiProperty() scope: string;
  @ApiProperty() title: string;
  @ApiProperty() createdAt: string;
  @ApiProperty() currency: string;
  @ApiProperty({ type: [ErrandFigureDto] }) lines: readonly ErrandFigureDto[];
  @ApiProperty() settings: ErrandSettingsDto;
  @ApiProperty() adjustments: AdjustmentsDto;
  @ApiProperty({ type: [NeedDto] }) needs: readonly NeedDto[];
  @ApiProperty({ type: [ErrandOfferDto], description: 'The offers the plan buys from' }) offers: readonly ErrandOfferDto[];
  @ApiProperty({ type: [LineReasonDto] }) reasons: readonly LineReasonDto[];
  @ApiProperty({ type: [LeftoverValueDto] }) leftovers: readonly LeftoverValueDto[];
  @ApiProperty({ type: [String] }) ticked: readonly string[];
  @ApiProperty() job: JobDto;
}

export class ErrandsQuery {
  @ApiProperty() @IsString() @Length(1, 100) scope: string;
}

export class TickedDto {
  @ApiProperty({ type: [String] }) @IsArray() @ArrayMaxSize(5000) @IsString({ each: true }) offers: string[];
}

export class CopiesDto {
  @ApiProperty({ minimum: 2, maximum: 200 }) @IsInt() @Min(2) @Max(200) most: number;
}

export class FloorDto {
  @ApiProperty({ minimum: 0, maximum: 100, description: 'Likeness that the cheaper look must keep' })
  @IsInt()
  @Min(0)
  @Max(100)
  floor: number;
}

export class SubstituteDto {
  @ApiProperty() variant: string;
  @ApiProperty({ description: 'Points of likeness lost, the most over the looks that wear the part' }) lost: number;
  @ApiProperty({ type: Number, nullable: true }) landedMinor: number | null;
  @ApiProperty() owned: number;
  @ApiProperty() accepted: boolean;
}
