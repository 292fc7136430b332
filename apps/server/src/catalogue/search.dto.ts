import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { FACETS, type Facet } from '@outfit/core';
import { Transform, Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsInt, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';

const SORTS = ['best', 'number', 'newest', 'colour'] as const;
const MOST_ROWS = 500;

/** A value given once is a list of one. */
const asList = Transform(({ value }: { value: unknown }) => (value === undefined || Array.isArray(value) ? value : [value]));

function FacetValues(): PropertyDecorator {
  return (target, key) => {
    for (const decorate of [
      ApiPropertyOptional({ type: [String] }),
      IsOptional(),
      asList,
      IsArray(),
      ArrayMaxSize(60),
      IsString({ each: true }),
      MaxLength(100, { each: true }),
    ])
      decorate(target, key);
  };
}

export class SearchQuery implements Partial<Record<Facet, readonly string[]>> {
  @ApiPropertyOptional({ description: 'Words: number, name, nickname, motif, colour, shape, source' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  q = '';
  @FacetValues() family?: string[];
  @FacetValues() colour?: string[];
  @FacetValues() exists?: string[];
  @FacetValues() era?: string[];
  @FacetValues() range?: string[];
  @FacetValues() owned?: string[];
  @ApiPropertyOptional({ enum: SORTS }) @IsOptional() @IsIn(SORTS) sort: (typeof SORTS)[number] = 'best';
  @ApiPropertyOptional() @IsOptional() @Type(() => Number) @IsInt() @Min(0) @Max(1_000_000) offset = 0;
  @ApiPropertyOptional() @IsOptional() @Type(() => Number) @IsInt() @Min(1) @Max(MOST_ROWS) limit = 100;
}

export class CorrectionDto {
  @ApiProperty() typed: string;
  @ApiProperty() meant: string;
}

export class FacetValueDto {
  @ApiProperty() value: string;
  @ApiProperty() count: number;
}

export class FacetDto {
  @ApiProperty({ enum: FACETS }) name: Facet;
  @ApiProperty({ type: [FacetValueDto] }) values: readonly FacetValueDto[];
}

export class SearchAnswerDto {
  @ApiProperty() total: number;
  @ApiProperty({ type: [String] }) words: readonly string[];
  @ApiProperty({ type: [CorrectionDto] }) corrected: readonly CorrectionDto[];
  @ApiProperty({ description: 'Nothing has all the words: these have some of them' }) any: boolean;
  @ApiProperty({ type: [String] }) variants: string[];
  @ApiProperty({ type: [FacetDto] }) facets: FacetDto[];
  @ApiProperty({ type: [String], description: 'The moulds most of what was found is made in' }) moulds: readonly string[];
}
