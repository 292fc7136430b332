import { LINE_UP_KINDS, type LineUpKind } from '@outfit/core/lineup';
import { ApiProperty } from '@nestjs/swagger';
import { Id, OneOf, Row, Text, Texts } from '../../platform/http/index.js';
import { BriefDto } from './brief.dto.js';
import { LookDto } from './looks.dto.js';
import { LineUpPlanDto } from './plan.dto.js';

export class RoleDto {
  @Text('Role', { least: 0, most: 60 }) role: string;
}

export class FigureDto {
  @ApiProperty() id: string;
  @ApiProperty() lineUp: string;
  @ApiProperty() role: string;
  @ApiProperty({ description: 'Of its line-up; empty for none' }) faction: string;
  @ApiProperty({ type: [String], description: 'House rules and spots of the uniform it was set free of' }) free: readonly string[];
  @ApiProperty({ description: 'The figure whose recipe it varies; empty for a figure of its own' }) recipe: string;
  @ApiProperty() brief: BriefDto;
  @ApiProperty() chosenLook: string;
  @ApiProperty({ type: [LookDto] }) looks: readonly LookDto[];
  @ApiProperty({ description: 'Grows with every change of the figure itself' }) version: number;
  @ApiProperty({ type: String, nullable: true, description: 'What Undo would take back of the brief and the choice of looks' }) undo:
    string | null;
  @ApiProperty({ type: String, nullable: true }) redo: string | null;
}

export class LineUpDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: () => LineUpPlanDto }) plan: LineUpPlanDto;
  @ApiProperty({ type: [FigureDto] }) figures: readonly FigureDto[];
  @ApiProperty() version: number;
  @ApiProperty({ type: String, nullable: true }) undo: string | null;
  @ApiProperty({ type: String, nullable: true }) redo: string | null;
}

export class FigureNameDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty() role: string;
  @ApiProperty({ description: 'How often it is planned' }) copies: number;
}

/** A line-up by name with its figures by name: enough to choose from. */
export class LineUpNamesDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ enum: LINE_UP_KINDS }) kind: LineUpKind;
  @ApiProperty({ type: Number, nullable: true }) promised: number | null;
  @ApiProperty({ type: String, nullable: true }) dueOn: string | null;
  @ApiProperty({ type: [FigureNameDto] }) figures: readonly FigureNameDto[];
}

const BEGINNINGS = ['nothing', 'figure', 'official', 'part'] as const;

/** What a new figure starts from: nothing, a copy, an official figure to make better, or a part left over. */
export class BeginningDto {
  @OneOf('Beginning', BEGINNINGS) kind: (typeof BEGINNINGS)[number];
  @Id('Beginning', { most: 500, optional: true, description: 'The figure, official figure or variant' }) id?: string;
}

export class NewFigureDto {
  @Text('Name', { most: 80 }) name: string;
  @Id('Line-up') lineUp: string;
  @Row('Beginning', () => BeginningDto, { optional: true }) from?: BeginningDto;
}

export class OrderDto {
  @Texts('Figures', { most: 2000, each: 100, description: 'Every figure of the line-up, in the wanted order' }) figures: string[];
}
