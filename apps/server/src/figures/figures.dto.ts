import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  AGE_BANDS,
  ALTERATION_SCHOOLS,
  AREAS,
  FEATURE_KINDS,
  LOOK_ACTIONS,
  POSITIONS,
  WEIGHTS,
  type AgeBand,
  type AlterationSchool,
  type Area,
  type Brief,
  type Feature,
  type FeatureKind,
  type LookEdit,
  type LookPart,
  type Overrule,
  type Position,
  type SkinSchool,
  type Weight,
} from '@outfit/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsOptional,
  IsString,
  Length,
  MaxLength,
  ValidateNested,
} from 'class-validator';

export class FeatureDto implements Feature {
  @ApiProperty() @IsString() @Length(1, 100) id: string;
  @ApiProperty() @IsString() @Length(1, 120) label: string;
  @ApiProperty({ enum: AREAS }) @IsIn(AREAS) area: Area;
  @ApiProperty({ enum: FEATURE_KINDS }) @IsIn(FEATURE_KINDS) kind: FeatureKind;
  @ApiProperty({ description: 'Read by kind: a motif, a colour, shape words, a mood, an age, a person' })
  @IsString()
  @Length(1, 100)
  target: string;
  @ApiProperty({ enum: WEIGHTS }) @IsIn(WEIGHTS) weight: Weight;
}

export class BriefDto implements Brief {
  @ApiProperty() @IsString() @Length(1, 80) name: string;
  @ApiProperty() @IsString() @MaxLength(2000) story: string;
  @ApiProperty({ type: [FeatureDto] })
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => FeatureDto)
  features: FeatureDto[];
  @ApiProperty({ type: [String] }) @IsArray() @ArrayMaxSize(8) @IsString({ each: true }) colours: string[];
  @ApiProperty({ enum: AGE_BANDS }) @IsIn(AGE_BANDS) ageBand: AgeBand;
  @ApiProperty({ enum: ['house', 'natural'] }) @IsIn(['house', 'natural']) skinSchool: SkinSchool;
  @ApiProperty({ enum: ALTERATION_SCHOOLS }) @IsIn(ALTERATION_SCHOOLS) alterationSchool: AlterationSchool;
  @ApiProperty({ enum: AREAS, isArray: true }) @IsArray() @IsIn(AREAS, { each: true }) notSeen: Area[];
}

export class LookPartDto implements LookPart {
  @ApiProperty({ enum: POSITIONS }) @IsIn(POSITIONS) position: Position;
  @ApiProperty() @IsString() variant: string;
  @ApiProperty() @IsBoolean() turned: boolean;
}

export class OverruleDto implements Overrule {
  @ApiProperty() key: string;
  @ApiProperty() reason: string;
}

export class LookDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [LookPartDto] }) parts: readonly LookPartDto[];
  @ApiProperty({ type: [OverruleDto] }) overrules: readonly OverruleDto[];
  @ApiProperty({ type: String, nullable: true, description: 'What Undo would take back' }) undo: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'What Redo would bring back' }) redo: string | null;
}

export class FigureDto {
  @ApiProperty() id: string;
  @ApiProperty() lineUp: string;
  @ApiProperty() role: string;
  @ApiProperty() brief: BriefDto;
  @ApiProperty() chosenLook: string;
  @ApiProperty({ type: [LookDto] }) looks: readonly LookDto[];
}

export class LineUpDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [FigureDto] }) figures: readonly FigureDto[];
}

/** One edit; which of the optional keys it wants depends on `action`. */
export class LookEditDto {
  @ApiProperty({ enum: LOOK_ACTIONS }) @IsIn(LOOK_ACTIONS) action: LookEdit['action'];
  @ApiPropertyOptional({ enum: POSITIONS }) @IsOptional() @IsIn(POSITIONS) position?: Position;
  @ApiPropertyOptional() @IsOptional() @IsString() @Length(1, 200) variant?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @Length(1, 400) key?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @Length(1, 400) reason?: string;
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

export class NewFigureDto {
  @ApiProperty() @IsString() @Length(1, 80) name: string;
  @ApiProperty() @IsString() lineUp: string;
}

export class ChosenLookDto {
  @ApiProperty() @IsString() look: string;
}

export class OrderDto {
  @ApiProperty({ type: [String], description: 'Every figure of the line-up, in the wanted order' })
  @IsArray()
  @ArrayMaxSize(2000)
  @IsString({ each: true })
  figures: string[];
}

export class ChangeDto {
  @ApiProperty() id: number;
  @ApiProperty() at: string;
  @ApiProperty({ enum: ['edit', 'undo', 'redo'] }) kind: 'edit' | 'undo' | 'redo';
  @ApiProperty() label: string;
}
