import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ALTERATION_KINDS,
  LOOK_ACTIONS,
  POSITIONS,
  type Acceptable,
  type Alteration,
  type AlterationKind,
  type LookEdit,
  type LookPart,
  type Overrule,
  type Position,
  type SkinSchool,
  type Variation,
  type Verdict,
} from '@outfit/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

export class AlterationDto implements Alteration {
  @ApiProperty({ enum: ALTERATION_KINDS }) kind: AlterationKind;
  @ApiProperty() what: string;
  @ApiProperty() note: string;
}

export class LookPartDto implements LookPart {
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty() variant: string;
  @ApiProperty() turned: boolean;
  @ApiPropertyOptional({ description: 'Which of a stack, from 1' }) place?: number;
  @ApiPropertyOptional({ type: [AlterationDto] }) alterations?: readonly AlterationDto[];
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

export class AcceptableDto implements Acceptable {
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty() variant: string;
  @ApiProperty() reason: string;
}

export class VariationDto implements Variation {
  @ApiPropertyOptional({ description: 'Year of the story this look shows' }) year?: number;
  @ApiPropertyOptional({ enum: ['house', 'natural'] }) skinSchool?: SkinSchool;
}

export class LookDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [LookPartDto] }) parts: readonly LookPartDto[];
  @ApiProperty({ type: [OverruleDto] }) overrules: readonly OverruleDto[];
  @ApiPropertyOptional({ type: VerdictDto }) verdict?: VerdictDto;
  @ApiProperty({ type: [AcceptableDto], description: 'In order of preference' }) acceptable: readonly AcceptableDto[];
  @ApiPropertyOptional({ type: VariationDto, description: 'Where it departs from its brief' }) variation?: VariationDto;
  @ApiProperty({ type: String, nullable: true, description: 'What Undo would take back' }) undo: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'What Redo would bring back' }) redo: string | null;
}

/** One edit; which of the optional keys it wants depends on `action`. */
export class LookEditDto {
  @ApiProperty({ enum: LOOK_ACTIONS }) @IsIn(LOOK_ACTIONS) action: LookEdit['action'];
  @ApiPropertyOptional({ enum: POSITIONS }) @IsOptional() @IsIn(POSITIONS) position?: Position;
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(11) place?: number;
  @ApiPropertyOptional() @IsOptional() @IsString() @Length(1, 200) variant?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @Length(1, 800) key?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @MaxLength(400) reason?: string;
  @ApiPropertyOptional({ enum: ALTERATION_KINDS }) @IsOptional() @IsIn(ALTERATION_KINDS) alteration?: AlterationKind;
  @ApiPropertyOptional() @IsOptional() @IsString() @MaxLength(100) what?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @MaxLength(400) note?: string;
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) index?: number;
  @ApiPropertyOptional({ type: Number, nullable: true }) @ValidateIf((_, value) => value != null) @IsInt() @Min(0) @Max(5) stars?:
    number | null;
  @ApiPropertyOptional() @IsOptional() @IsString() @MaxLength(1000) words?: string;
  @ApiPropertyOptional() @IsOptional() @IsBoolean() leave?: boolean;
  @ApiPropertyOptional({ type: Number, nullable: true })
  @ValidateIf((_, value) => value != null)
  @IsInt()
  @Min(-9999)
  @Max(9999)
  year?: number | null;
  @ApiPropertyOptional({ enum: ['house', 'natural'], nullable: true })
  @ValidateIf((_, value) => value != null)
  @IsIn(['house', 'natural'])
  skinSchool?: SkinSchool | null;
}

export class EditLookDto {
  @ApiProperty({ type: [LookEditDto], description: 'Applied together, undone together' })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(30)
  @ValidateNested({ each: true })
  @Type(() => LookEditDto)
  edits: LookEditDto[];
  @ApiProperty({ description: 'What a person would call it, for the history' }) @IsString() @Length(1, 200) label: string;
}

export class NewLookDto {
  @ApiProperty() @IsString() @Length(1, 60) name: string;
  @ApiPropertyOptional({ description: 'The look to start from; nothing for an empty one' }) @IsOptional() @IsString() copyOf?: string;
}

export class NamedDto {
  @ApiProperty() @IsString() @Length(1, 60) name: string;
}

export class EditionDto extends NamedDto {
  @ApiProperty({ description: 'The skin everything bare is to have' }) @IsString() @Length(1, 100) skin: string;
}

export class ChosenLookDto {
  @ApiProperty() @IsString() look: string;
}

export class ReturnDto {
  @ApiProperty({ description: 'The change to go back to, as it was after it' }) @IsInt() @Min(1) change: number;
}

export class ChangeDto {
  @ApiProperty() id: number;
  @ApiProperty() at: string;
  @ApiProperty({ enum: ['edit', 'undo', 'redo', 'snapshot'] }) kind: 'edit' | 'undo' | 'redo' | 'snapshot';
  @ApiProperty() label: string;
}
