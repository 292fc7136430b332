import { ApiProperty } from '@nestjs/swagger';
import { OneOf, Text, Whole } from '../../platform/http/index.js';
import { type Unit, UNITS } from '../wardrobe.entities.js';

const MOST = 10_000_000;

export class ConsumableDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ enum: UNITS }) unit: Unit;
  @ApiProperty() left: number;
  @ApiProperty({ description: 'As little of it is running low' }) lowAt: number;
  @ApiProperty() isLow: boolean;
  @ApiProperty() note: string;
}

export class NewConsumableDto {
  @Text('Name', { most: 80 }) name: string;
  @OneOf('Counted in', UNITS) unit: Unit;
  @Whole('How much there is', 0, MOST) quantity: number;
  @Whole('Low at', 0, MOST) lowAt: number;
  @Text('Note', { least: 0, most: 300, optional: true }) note?: string;
}

export class UsedDto {
  @Whole('How much', -MOST, MOST, { description: 'What came; below nothing, what was used up' }) quantity: number;
}
