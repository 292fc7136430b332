import { ApiProperty } from '@nestjs/swagger';
import { type Facet, FACETS } from '@outfit/core';
import { OneOf, Text, Texts, Whole } from '../../platform/http/index.js';

const SORTS = ['best', 'number', 'newest', 'colour'] as const;
const MOST_ROWS = 500;

const Values = (label: string): PropertyDecorator => Texts(label, { most: 60, each: 100, one: true, optional: true });

export class SearchQuery implements Partial<Record<Facet, readonly string[]>> {
  @Text('Search', {
    least: 0,
    most: 200,
    name: false,
    optional: true,
    description: 'Words: number, name, nickname, motif, colour, shape, source',
  })
  q = '';
  @OneOf('Exactly', ['1'], { optional: true, description: 'Looks for the very words, without correcting them' }) exact?: '1';
  @Values('Families') family?: string[];
  @Values('Colours') colour?: string[];
  @Values('Exists') exists?: string[];
  @Values('Eras') era?: string[];
  @Values('Ranges') range?: string[];
  @Values('Owned') owned?: string[];
  @OneOf('Order', SORTS, { optional: true }) sort: (typeof SORTS)[number] = 'best';
  @Whole('First row', 0, 1_000_000, { optional: true, inAddress: true }) offset = 0;
  @Whole('Number of rows', 1, MOST_ROWS, { optional: true, inAddress: true }) limit = 100;
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
  @ApiProperty({ type: [String], description: 'Words nothing is called' }) unknown: readonly string[];
  @ApiProperty({ description: 'Nothing has all the words: these have some of them' }) any: boolean;
  @ApiProperty({ type: [String] }) variants: string[];
  @ApiProperty({ type: [FacetDto] }) facets: FacetDto[];
  @ApiProperty({ type: [String], description: 'The moulds most of what was found is made in' }) moulds: readonly string[];
}
