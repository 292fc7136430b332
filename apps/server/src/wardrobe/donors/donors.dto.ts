import { ApiProperty } from '@nestjs/swagger';
import { CERTAINTIES, type Certainty, type Condition, CONDITIONS, type Position, POSITIONS } from '@outfit/core';
import { Id, OneOf, Row, Rows, Text, Texts, Whole } from '../../platform/http/index.js';

/** A piece that is on a donor, by its run. */
export class HoldingDto {
  @ApiProperty() run: number;
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty({ enum: CERTAINTIES }) certainty: Certainty;
  @ApiProperty({ type: [String], description: 'Names of the figures it is promised to' }) promisedTo: readonly string[];
}

/** An official part that is not on a donor. */
export class HoleDto {
  @ApiProperty({ enum: POSITIONS, enumName: 'Position' }) position: Position;
  @ApiProperty() place: number;
  @ApiProperty() variant: string;
}

/** An owned whole figure with what is on it now. */
export class DonorDto {
  @ApiProperty({ description: 'The place it is' }) id: string;
  @ApiProperty() officialFigure: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'Where it stands' }) place: string;
  @ApiProperty({ type: String, nullable: true }) placeId: string | null;
  @ApiProperty() note: string;
  @ApiProperty({ description: 'Not to be taken apart' }) keepWhole: boolean;
  @ApiProperty({ type: [HoldingDto] }) holds: readonly HoldingDto[];
  @ApiProperty({ type: [HoleDto] }) holes: readonly HoleDto[];
}

/** A piece that was missing: of the figure so far down the list of figures, or of what lies loose (-1). */
export class MissingDto {
  @Whole('Figure', -1, 10_000) of: number;
  @Id('Part', { most: 500 }) variant: string;
}

const PRODUCTS = ['source', 'figure'] as const;
const STATES = ['opened', 'sealed'] as const;

export class ProductDto {
  @OneOf('Product', PRODUCTS) kind: (typeof PRODUCTS)[number];
  @Id('Product', { most: 200 }) id: string;
}

const INSIDE = { most: 2000, each: 200, description: 'The figure that was in each blind bag, in their order' };

/** A product that is put into the wardrobe: taken to pieces as the catalogue knows it, or as a box that is still sealed. */
export class AddProductDto {
  @Row('Product', () => ProductDto) product: ProductDto;
  @Whole('How many', 1, 100) count: number;
  @OneOf('State', STATES) state: (typeof STATES)[number];
  @Id('Place') place: string;
  @Texts('Inside', INSIDE) inside: string[];
  @Rows('Missing', () => MissingDto, { most: 2000 }) missing: MissingDto[];
}

export class OpenBoxDto {
  @Id('Place') place: string;
  @Texts('Inside', INSIDE) inside: string[];
  @Rows('Missing', () => MissingDto, { most: 2000 }) missing: MissingDto[];
}

/** Whole figures that go back into a box, which is sealed again. */
export class CloseBoxDto {
  @Text('Name', { most: 80 }) name: string;
  @Texts('Whole figures', { most: 200, each: 100 }) donors: string[];
  @Id('Place') place: string;
}

/** A whole figure that is put together from loose pieces. */
export class TogetherDto {
  @Id('Official figure', { most: 200 }) officialFigure: string;
  @Id('Place') place: string;
}
