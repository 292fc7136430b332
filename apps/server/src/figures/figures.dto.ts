import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsOptional, IsString, Length, ValidateNested } from 'class-validator';
import { BriefDto } from './brief.dto.js';
import { LookDto } from './looks.dto.js';

export class FigureDto {
  @ApiProperty() id: string;
  @ApiProperty() lineUp: string;
  @ApiProperty() role: string;
  @ApiProperty() brief: BriefDto;
  @ApiProperty() chosenLook: string;
  @ApiProperty({ type: [LookDto] }) looks: readonly LookDto[];
}

export class LineUpDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [FigureDto] }) figures: readonly FigureDto[];
}

const BEGINNINGS = ['nothing', 'figure', 'official', 'part'] as const;

/** What a new figure starts from: nothing, a copy, an official figure to make better, or a part left over. */
export class BeginningDto {
  @ApiProperty({ enum: BEGINNINGS }) @IsIn(BEGINNINGS) kind: (typeof BEGINNINGS)[number];
  @ApiPropertyOptional({ description: 'The figure, official figure or variant' }) @IsOptional() @IsString() @Length(1, 500) id?: string;
}

export class NewFigureDto {
  @ApiProperty() @IsString() @Length(1, 80) name: string;
  @ApiProperty() @IsString() lineUp: string;
  @ApiPropertyOptional({ type: BeginningDto }) @IsOptional() @ValidateNested() @Type(() => BeginningDto) from?: BeginningDto;
}

export class OrderDto {
  @ApiProperty({ type: [String], description: 'Every figure of the line-up, in the wanted order' })
  @IsArray()
  @ArrayMaxSize(2000)
  @IsString({ each: true })
  figures: string[];
}
