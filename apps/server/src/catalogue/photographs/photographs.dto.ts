import { ApiProperty } from '@nestjs/swagger';
import { Id, OneOf } from '../../platform/http/index.js';

const PHOTOGRAPHED = ['print', 'variant', 'mould'] as const;
const FACES = ['front', 'back', 'left', 'right', 'second face'] as const;

export class PhotographOf {
  @OneOf('Kind', PHOTOGRAPHED) kind: (typeof PHOTOGRAPHED)[number];
  @Id('Entry', { most: 500 }) item: string;
  @OneOf('Face', FACES, { optional: true }) face?: (typeof FACES)[number];
}

export class PhotographDto {
  @ApiProperty({ description: 'Name of the file, under /api/photographs' }) id: string;
  @ApiProperty({ enum: PHOTOGRAPHED }) kind: (typeof PHOTOGRAPHED)[number];
  @ApiProperty() item: string;
  @ApiProperty({ enum: FACES }) face: (typeof FACES)[number];
  @ApiProperty() width: number;
  @ApiProperty() height: number;
}
