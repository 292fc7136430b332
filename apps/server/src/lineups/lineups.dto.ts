import { ApiProperty } from '@nestjs/swagger';
import { HOUSE_KEYS, OUTCOMES, type Outcome, type Reaches } from '@outfit/core/lineup';
import { CopyVariationDto, LineUpPlanDto, UniformPartDto } from '../figures/index.js';
import { Flag, Id, OneOf, Row, Rows, Text, Texts } from '../platform/http/index.js';

const FIGURES = { least: 1, most: 2000, each: 200, description: 'All of this line-up' };

export class NewPlanDto {
  @Row('Plan', () => LineUpPlanDto, { description: 'Its uniform is kept as it is: that is changed by itself' }) plan: LineUpPlanDto;
  @Text('What was done', { most: 160, optional: true, description: 'For the history' }) label?: string;
}

const REACHES: readonly Reaches[] = ['followers', 'everybody'];

export class NewUniformDto {
  @Rows('Uniform', () => UniformPartDto, { most: 100 }) uniform: UniformPartDto[];
  @OneOf('Reaches', REACHES, { description: 'Those who wore it, or everybody who was not set free' }) reaches: Reaches;
}

/** What several figures of a line-up get at once; what is left out stays. */
export class EnrolDto {
  @Texts('Figures', FIGURES) figures: string[];
  @Text('Role', { least: 0, most: 60, name: false, optional: true }) role?: string;
  @Text('Faction', { least: 0, most: 200, name: false, optional: true }) faction?: string;
}

/** What figures are set free of, or brought back to. */
export class FreeDto {
  @Texts('Figures', FIGURES) figures: string[];
  @Texts('What', { least: 1, most: 60, each: 60, description: `Spots of the uniform, or of ${HOUSE_KEYS.join(', ')}` }) what: string[];
  @Flag('Free') isFree: boolean;
}

export class VariationsDto {
  @Id('Figure') figure: string;
  @Rows('Variations', () => CopyVariationDto, { most: 40 }) variations: CopyVariationDto[];
}

export class NewChoiceDto {
  @Text('Who', { least: 0, most: 80, name: false, description: 'Empty for oneself' }) who: string;
  @Id('First') first: string;
  @Id('Second') second: string;
  @OneOf('Outcome', OUTCOMES) outcome: Outcome;
}

export class ChoiceDto {
  @ApiProperty() who: string;
  @ApiProperty() first: string;
  @ApiProperty() second: string;
  @ApiProperty({ enum: OUTCOMES }) outcome: Outcome;
  @ApiProperty() at: string;
}

export class ChoicesDto {
  @ApiProperty({ type: [ChoiceDto], description: 'The first first' }) choices: readonly ChoiceDto[];
}
