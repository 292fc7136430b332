import { ApiProperty } from '@nestjs/swagger';
import { CONDITIONS, type Condition } from '@outfit/core';

export class PieceDto {
  @ApiProperty() id: number;
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty() place: string;
  @ApiProperty() note: string;
}

export class DonorDto {
  @ApiProperty() id: number;
  @ApiProperty() officialFigure: string;
  @ApiProperty() place: string;
  @ApiProperty() note: string;
  @ApiProperty({ description: 'Not to be taken apart' }) keepWhole: boolean;
}
