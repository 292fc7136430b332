import { ApiProperty } from '@nestjs/swagger';
import { type Condition, CONDITIONS } from '@outfit/core';
import { Id } from '../platform/http/index.js';

export class PieceDto {
  @ApiProperty() id: number;
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty() place: string;
  @ApiProperty() note: string;
}

export class PiecesQuery {
  @Id('Part', { most: 500, optional: true, description: 'Only the pieces of this part' }) variant?: string;
}

/** How many of every variant are owned; the two lists go together. */
export class StockDto {
  @ApiProperty({ description: 'The state of the catalogue whose rows these are' }) catalogue: string;
  @ApiProperty({ type: [Number], description: 'Rows of the owned variants in the catalogue' }) rows: readonly number[];
  @ApiProperty({ type: [Number] }) quantities: readonly number[];
}

export class DonorDto {
  @ApiProperty() id: number;
  @ApiProperty() officialFigure: string;
  @ApiProperty() place: string;
  @ApiProperty() note: string;
  @ApiProperty({ description: 'Not to be taken apart' }) keepWhole: boolean;
}
