import { ApiProperty } from '@nestjs/swagger';
import {
  AGE_BANDS,
  ALTERATION_SCHOOLS,
  AREAS,
  FEATURE_KINDS,
  PRACTICAL_RULES,
  WEIGHTS,
  type AgeBand,
  type AlterationSchool,
  type Area,
  type Brief,
  type Feature,
  type FeatureKind,
  type PracticalRule,
  type SkinSchool,
  type Weight,
} from '@outfit/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

const MOST_MINOR = 100_000_000;
/** Null says "not said"; anything else is checked. */
const Nullable = (): PropertyDecorator => ValidateIf((_, value) => value !== null);

export class FeatureDto implements Feature {
  @ApiProperty() @IsString() @Length(1, 100) id: string;
  @ApiProperty() @IsString() @Length(1, 120) label: string;
  @ApiProperty({ enum: AREAS }) @IsIn(AREAS) area: Area;
  @ApiProperty({ enum: FEATURE_KINDS }) @IsIn(FEATURE_KINDS) kind: FeatureKind;
  @ApiProperty({ description: 'Read by kind: a motif, a colour, shape words, a mood, an age, a person, conditions, free words' })
  @IsString()
  @Length(1, 200)
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
  @ApiProperty({ type: Number, nullable: true }) @Nullable() @IsInt() @Min(-9999) @Max(9999) born: number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Year of the story' })
  @Nullable()
  @IsInt()
  @Min(-9999)
  @Max(9999)
  year: number | null;
  @ApiProperty({ enum: ['house', 'natural'] }) @IsIn(['house', 'natural']) skinSchool: SkinSchool;
  @ApiProperty({ enum: ALTERATION_SCHOOLS }) @IsIn(ALTERATION_SCHOOLS) alterationSchool: AlterationSchool;
  @ApiProperty({ enum: AREAS, isArray: true }) @IsArray() @IsIn(AREAS, { each: true }) notSeen: Area[];
  @ApiProperty() @IsInt() @Min(1) @Max(8) mainColours: number;
  @ApiProperty({ type: [String] }) @IsArray() @ArrayMaxSize(100) @IsString({ each: true }) bannedSources: string[];
  @ApiProperty({ type: [String] }) @IsArray() @ArrayMaxSize(100) @IsString({ each: true }) bannedFigures: string[];
  @ApiProperty({ enum: PRACTICAL_RULES, isArray: true }) @IsArray() @IsIn(PRACTICAL_RULES, { each: true }) rules: PracticalRule[];
  @ApiProperty({ type: Number, nullable: true }) @Nullable() @IsInt() @Min(0) @Max(MOST_MINOR) budgetMinor: number | null;
  @ApiProperty() @IsInt() @Min(1) @Max(500) copies: number;
  @ApiProperty({ type: String, nullable: true, description: 'ISO day' })
  @Nullable()
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'must be a day such as 2026-12-24' })
  dueOn: string | null;
  @ApiProperty() @IsString() @MaxLength(120) requester: string;
  @ApiProperty({ description: 'Whose idea it was' }) @IsString() @MaxLength(120) credit: string;
}
