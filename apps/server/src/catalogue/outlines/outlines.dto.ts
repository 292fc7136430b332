import { ApiProperty } from '@nestjs/swagger';
import type { OutlinePath, OwnOutline } from '@outfit/core';
import { Fraction } from '../../platform/http/index.js';

export class OutlinePathDto implements OutlinePath {
  @ApiProperty({ description: 'An absolute path of M, L, C, Q and Z, in tenths of a millimetre' }) d: string;
  @ApiProperty({ enum: [0, 1, 2] }) colour: 0 | 1 | 2;
}

export class OwnOutlineDto implements OwnOutline {
  @ApiProperty({ description: 'How far its lowest point lies above where the part’s measures begin, mm' }) liftMm: number;
  @ApiProperty({ type: [OutlinePathDto] }) front: readonly OutlinePathDto[];
  @ApiProperty({ type: [OutlinePathDto], required: false }) back?: readonly OutlinePathDto[];
  @ApiProperty({ type: [OutlinePathDto], required: false }) side?: readonly OutlinePathDto[];
}

export class OutlineQuery {
  @Fraction('Height of the drawn thing', 0.5, 100, { inAddress: true }) heightMm: number;
}
