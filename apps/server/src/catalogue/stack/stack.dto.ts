import { ApiProperty } from '@nestjs/swagger';
import { Text } from '../../platform/http/index.js';

/** A photograph that waits to be made a part of. */
export class StackedPhotographDto {
  @ApiProperty() id: string;
  @ApiProperty({ description: 'The file it lies in, under photographs/' }) file: string;
  @ApiProperty() name: string;
  @ApiProperty() width: number;
  @ApiProperty() height: number;
}

export class StackedNameQuery {
  @Text('Name', { most: 200 }) name: string;
}
