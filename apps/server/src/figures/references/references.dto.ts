import { ApiProperty } from '@nestjs/swagger';
import { Fraction, Rows, Text } from '../../platform/http/index.js';
import type { Pin } from '../record/index.js';

export class PinDto implements Pin {
  @Fraction('Place across', 0, 1, { description: 'Share of the width' }) x: number;
  @Fraction('Place down', 0, 1, { description: 'Share of the height' }) y: number;
  @Text('Note', { most: 300, lines: true }) note: string;
}

export class PinsDto {
  @Rows('Notes', () => PinDto, { most: 60 }) pins: PinDto[];
}

export class PictureName {
  @Text('Name', { most: 120 }) name: string;
}

export class ReferencePictureDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'Name of the file, under /api/photographs' }) file: string;
  @ApiProperty() width: number;
  @ApiProperty() height: number;
  @ApiProperty({ type: [PinDto] }) pins: readonly PinDto[];
  @ApiProperty() version: number;
}
