import { ApiProperty } from '@nestjs/swagger';
import { Text } from '../platform/http/index.js';

export class SettingsDto {
  @ApiProperty({ description: 'What everything is reckoned in, ISO 4217' }) currency: string;
  @ApiProperty({ type: [String], description: 'What is kept in that currency, in words: it cannot be changed while any is' })
  keptInIt: readonly string[];
  @ApiProperty() version: number;
}

export class NewSettingsDto {
  @Text('Currency', { least: 3, most: 3, description: 'Its three letters, such as EUR' }) currency: string;
}
