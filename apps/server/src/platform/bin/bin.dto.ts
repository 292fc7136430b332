import { ApiProperty } from '@nestjs/swagger';
import { Id, OneOf } from '../http/index.js';

/** What can lie in the bin. */
const BINNED_KINDS = ['line-up', 'figure', 'look', 'picture', 'errand', 'entry', 'seller', 'idea', 'owed'] as const;
export type BinnedKind = (typeof BINNED_KINDS)[number];

/** One thing in the bin. */
export class BinnedDto {
  @ApiProperty({ enum: BINNED_KINDS }) kind: BinnedKind;
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'Where it stood, in words; empty when it stood by itself' }) stoodIn: string;
  @ApiProperty({ description: 'When it was put there, ISO 8601' }) at: string;
  @ApiProperty({ description: 'Can it be thrown away for good?' }) throwable: boolean;
}

export class BinnedOf {
  @OneOf('Kind', BINNED_KINDS) kind: BinnedKind;
  @Id('Item', { most: 500 }) id: string;
}
