import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { CONDITIONS, type Condition } from '@outfit/core';
import { IsBoolean, IsIn, IsInt, IsOptional, IsString, Length, Max, Min } from 'class-validator';
import { JobDto } from '../jobs/index.js';

/** The rules of an errand a person may set. Absent or null: no such rule. */
export class ErrandRulesDto {
  @ApiPropertyOptional({ type: Number, nullable: true }) @IsOptional() @IsInt() @Min(1) @Max(200) maxParcels?: number | null;
  @ApiPropertyOptional({ type: Number, nullable: true }) @IsOptional() @IsInt() @Min(0) @Max(100_000_000) budgetMinor?: number | null;
  @ApiPropertyOptional({ type: Number, nullable: true }) @IsOptional() @IsInt() @Min(1) @Max(365) withinDays?: number | null;
  @ApiPropertyOptional({ enum: CONDITIONS }) @IsOptional() @IsIn(CONDITIONS) condition?: Condition;
  @ApiPropertyOptional() @IsOptional() @IsBoolean() allowThirdParty?: boolean;
}

export class NewErrandDto extends ErrandRulesDto {
  @ApiProperty() @IsString() @Length(1, 100) look: string;
  @ApiProperty({ minimum: 1, maximum: 500 }) @IsInt() @Min(1) @Max(500) copies: number;
}

export class NeedDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty() owned: number;
}

export class ErrandOfferDto {
  @ApiProperty() id: string;
  @ApiProperty() seller: string;
  @ApiProperty() item: string;
  @ApiProperty() priceMinor: number;
  @ApiProperty() stock: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
}

export class ErrandDto {
  @ApiProperty() id: string;
  @ApiProperty() figure: string;
  @ApiProperty() look: string;
  @ApiProperty() copies: number;
  @ApiProperty() createdAt: string;
  @ApiProperty() currency: string;
  @ApiProperty({ type: [NeedDto] }) needs: readonly NeedDto[];
  @ApiProperty({ type: [ErrandOfferDto], description: 'The offers the plan was made from' }) offers: readonly ErrandOfferDto[];
  @ApiProperty() job: JobDto;
}

export class ErrandsQuery {
  @ApiProperty() @IsString() @Length(1, 100) figure: string;
}
