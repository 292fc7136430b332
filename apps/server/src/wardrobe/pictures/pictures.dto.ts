import { ApiProperty } from '@nestjs/swagger';
import { Id } from '../../platform/http/index.js';

export class WardrobePictureDto {
  @ApiProperty() id: string;
  @ApiProperty({ description: 'SHA-256 the file lies under' }) file: string;
  @ApiProperty() width: number;
  @ApiProperty() height: number;
}

export class SubjectQuery {
  @Id('Of what', {
    description: 'A place by its id, a run of pieces such as run-12, or before or after a session at the bench such as bench:ID:after',
  })
  of: string;
}
