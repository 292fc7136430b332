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
