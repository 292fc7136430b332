import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  type NotedSubstitute,
  type Alteration,
  ALTERATION_KINDS,
  type AlterationKind,
  LOOK_ACTIONS,
  type LookEdit,
  type LookPart,
  type Overrule,
  type Position,
  POSITIONS,
  SKIN_SCHOOLS,
  type SkinSchool,
  type Variation,
  type Verdict,
} from '@outfit/core';
import { type View, VIEWS } from '@outfit/drawing';
import { Flag, Id, OneOf, Rows, Text, Whole } from '../../platform/http/index.js';
import { FIRST_YEAR, LAST_YEAR } from './brief.dto.js';

export class AlterationDto implements Alteration {
  @ApiProperty({ enum: ALTERATION_KINDS }) kind: AlterationKind;
  @ApiProperty() what: string;
  @ApiProperty() note: string;
}

export class LookPartDto implements LookPart {
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty() variant: string;
  @ApiProperty() turned: boolean;
  @ApiPropertyOptional({ description: 'Which of a stack, from 0' }) place?: number;
  @ApiPropertyOptional({ type: [AlterationDto] }) alterations?: readonly AlterationDto[];
}

const MOST_ALTERATIONS = 20;

/** An alteration of a part that is sent here. */
export class AlterationGivenDto implements Alteration {
  @OneOf('Alteration', ALTERATION_KINDS) kind: AlterationKind;
  @Text('What is altered', { least: 0, most: 100, name: false }) what: string;
  @Text('Note', { least: 0, most: 400, lines: true }) note: string;
}

/** A part at its position, as it is sent here. */
export class PartDto implements LookPart {
  @OneOf('Position', POSITIONS) position: Position;
  @Id('Part') variant: string;
  @Flag('Turned') turned: boolean;
  @Whole('Place in the stack', 0, 11, { optional: true }) place?: number;
  @Rows('Alterations', () => AlterationGivenDto, { most: MOST_ALTERATIONS, optional: true }) alterations?: AlterationGivenDto[];
}

export class OverruleDto implements Overrule {
  @ApiProperty() key: string;
  @ApiProperty() reason: string;
}

export class VerdictDto implements Verdict {
  @ApiProperty({ type: Number, nullable: true, description: '0 to 5' }) stars: number | null;
  @ApiProperty() words: string;
  @ApiProperty({ description: 'Leave it as it is' }) leave: boolean;
}

export class NotedSubstituteDto implements NotedSubstitute {
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty() variant: string;
  @ApiProperty() reason: string;
}

export class VariationDto implements Variation {
  @ApiPropertyOptional({ description: 'Year of the story this look shows' }) year?: number;
  @ApiPropertyOptional({ enum: SKIN_SCHOOLS }) skinSchool?: SkinSchool;
}

export class LookDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [LookPartDto] }) parts: readonly LookPartDto[];
  @ApiProperty({ type: [OverruleDto] }) overrules: readonly OverruleDto[];
  @ApiPropertyOptional({ type: VerdictDto }) verdict?: VerdictDto;
  @ApiProperty({ type: [NotedSubstituteDto], description: 'In order of preference' }) substitutes: readonly NotedSubstituteDto[];
  @ApiPropertyOptional({ type: VariationDto, description: 'Where it departs from its brief' }) variation?: VariationDto;
  @ApiProperty({ description: 'Grows with every change' }) version: number;
  @ApiProperty({ type: String, nullable: true, description: 'What Undo would take back' }) undo: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'What Redo would bring back' }) redo: string | null;
}

/** One edit; which of the optional keys it wants depends on `action`. */
export class LookEditDto {
  @OneOf('Action', LOOK_ACTIONS) action: LookEdit['action'];
  @OneOf('Position', POSITIONS, { optional: true }) position?: Position;
  @Whole('Place in the stack', 0, 11, { optional: true }) place?: number;
  @Id('Part', { optional: true }) variant?: string;
  @Text('Mark', { most: 800, optional: true }) key?: string;
  @Text('Reason', { least: 0, most: 400, lines: true, optional: true }) reason?: string;
  @OneOf('Alteration', ALTERATION_KINDS, { optional: true }) alteration?: AlterationKind;
  @Text('What is altered', { least: 0, most: 100, name: false, optional: true }) what?: string;
  @Text('Note', { least: 0, most: 400, lines: true, optional: true }) note?: string;
  @Whole('Number of the alteration', 0, 50, { optional: true }) index?: number;
  @Whole('Verdict', 0, 5, { optional: true, nullable: true }) stars?: number | null;
  @Text('Verdict in words', { least: 0, most: 1000, lines: true, optional: true }) words?: string;
  @Flag('Leave as it is', { optional: true }) leave?: boolean;
  @Whole('Year', FIRST_YEAR, LAST_YEAR, { optional: true, nullable: true }) year?: number | null;
  @OneOf('Skin school', SKIN_SCHOOLS, { optional: true, nullable: true }) skinSchool?: SkinSchool | null;
}

/** Pages beside its own that a look is changed on. */
const EDIT_PAGES = ['line-up'] as const;
export type EditPage = (typeof EDIT_PAGES)[number];

export class EditLookDto {
  @Rows('Edits', () => LookEditDto, { least: 1, most: 30, description: 'Applied together, undone together' }) edits: LookEditDto[];
  @Text('Label', { most: 200, name: false, description: 'What a person would call it, for the history' }) label: string;
  @OneOf('Page', EDIT_PAGES, { optional: true, description: 'Where it is done: Undo of that page takes it back too' }) on?: EditPage;
}

export class NewLookDto {
  @Text('Name', { most: 60 }) name: string;
  @Id('Look', { optional: true, description: 'The look to start from; nothing for an empty one' }) copyOf?: string;
}

export class NamedDto {
  @Text('Name', { most: 60 }) name: string;
}

export class EditionDto extends NamedDto {
  @Id('Skin', { description: 'The skin everything bare is to have' }) skin: string;
}

export class ChosenLookDto {
  @Id('Look') look: string;
}

export class ReturnDto {
  @Whole('Change', 1, Number.MAX_SAFE_INTEGER, { description: 'The change to go back to, as it was after it' }) change: number;
}

export class PictureQuery {
  @OneOf('Side', VIEWS, { optional: true }) view?: View;
}
