import { ApiExtraModels, ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  AGE_BANDS,
  type AgeBand,
  COLOUR_KINDS,
  FINISHES,
  SKIN_SCHOOLS,
  type CatalogueData,
  CERTAINTIES,
  type Certainty,
  type ColourKind,
  type Era,
  type Face,
  type Finish,
  type Grip,
  GRIPS,
  type Material,
  MATERIALS,
  MOOD_NAMES,
  type MoodName,
  MOTIF_TRAITS,
  type MotifTrait,
  type PackedCatalogue,
  type PackedVariants,
  type Position,
  POSITIONS,
  type SkinSchool,
  SOURCE_KINDS,
  type SourceKind,
  type System,
  YIELD_KINDS,
  type YieldKind,
  type Zone,
  ZONES,
} from '@outfit/core';
import { OwnOutlineDto } from './outlines/index.js';

export class ColourDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty() hex: string;
  @ApiProperty({ enum: FINISHES }) finish: Finish;
  @ApiProperty({ enum: COLOUR_KINDS }) kind: ColourKind;
  @ApiPropertyOptional({ enum: SKIN_SCHOOLS }) skinSchool?: SkinSchool;
}

export class MotifDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiPropertyOptional() parent?: string;
  @ApiPropertyOptional({ description: 'What above the waist it carries on' }) continues?: string;
  @ApiPropertyOptional({ enum: MOTIF_TRAITS, isArray: true }) traits?: readonly MotifTrait[];
}

export class MouldGeometryDto {
  @ApiPropertyOptional() heightMm?: number;
  @ApiPropertyOptional() riseMm?: number;
  @ApiPropertyOptional() thicknessMm?: number;
  @ApiPropertyOptional({ type: 'object', additionalProperties: { type: 'number' } }) covers?: Readonly<Record<string, number>>;
  @ApiProperty() massG: number;
  @ApiPropertyOptional() centreHeightMm?: number;
  @ApiPropertyOptional() backDropMm?: number;
  @ApiPropertyOptional() backDepthMm?: number;
  @ApiPropertyOptional() collarRiseMm?: number;
  @ApiPropertyOptional({ enum: GRIPS }) grip?: Grip;
  @ApiPropertyOptional() twoHanded?: boolean;
  @ApiPropertyOptional({ type: [String] }) holes?: readonly string[];
  @ApiPropertyOptional({ type: [String] }) fits?: readonly string[];
}

export class SizeDto {
  @ApiProperty() width: number;
  @ApiProperty() height: number;
  @ApiProperty() depth: number;
}

export class MouldShapeDto {
  @ApiProperty({ type: [String] }) words: readonly string[];
  @ApiPropertyOptional() length?: number;
}

export class MouldDto {
  @ApiProperty() number: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [String] }) nicknames: readonly string[];
  @ApiProperty() family: string;
  @ApiProperty() revision: number;
  @ApiPropertyOptional({ description: 'What the last revision changed' }) revisionNote?: string;
  @ApiProperty({ enum: MATERIALS }) material: Material;
  @ApiPropertyOptional() sizeMm?: SizeDto;
  @ApiProperty() silhouette: string;
  @ApiPropertyOptional({ type: OwnOutlineDto }) outline?: OwnOutlineDto;
  @ApiProperty({ type: 'array', items: { type: 'array', items: { type: 'string', enum: [...POSITIONS] } } })
  fills: readonly (readonly Position[])[];
  @ApiProperty() geometry: MouldGeometryDto;
  @ApiProperty() shape: MouldShapeDto;
  @ApiProperty({ type: [String] }) motifs: readonly string[];
  @ApiPropertyOptional() colourNames?: string[];
  @ApiPropertyOptional() hairColour?: number;
  @ApiPropertyOptional() skinColour?: number;
  @ApiProperty() thirdParty: boolean;
  @ApiPropertyOptional({ description: 'Pieces made before this year crack when arms are swapped' }) brittleBefore?: number;
}

export class PrintMotifDto {
  @ApiProperty() motif: string;
  @ApiProperty({ enum: ['front', 'back', 'side'] }) face: Face;
  @ApiProperty({ enum: ZONES, isArray: true }) zones: readonly Zone[];
  @ApiProperty({ type: [String] }) colours: readonly string[];
}

export class PrintDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ enum: ['early', 'late'] }) era: Era;
  @ApiProperty({ type: [PrintMotifDto] }) motifs: readonly PrintMotifDto[];
  @ApiPropertyOptional({ enum: MOOD_NAMES }) mood?: MoodName;
  @ApiPropertyOptional({ enum: MOOD_NAMES }) secondMood?: MoodName;
}

export class MadeDto {
  @ApiProperty() from: number;
  @ApiProperty() until: number;
}

export class VariantDto {
  @ApiProperty() id: string;
  @ApiProperty() mould: string;
  @ApiProperty({ type: [String] }) colours: readonly string[];
  @ApiPropertyOptional() print?: string;
  @ApiPropertyOptional({ description: 'Years made; absent when imagined' }) made?: MadeDto;
  @ApiPropertyOptional({ description: 'The variant this double was merged into' }) mergedInto?: string;
}

export class BundlePartDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
}

export class BundleDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [BundlePartDto] }) parts: readonly BundlePartDto[];
}

export class PrintRunDto {
  @ApiProperty() copies: number;
  @ApiProperty({ enum: CERTAINTIES }) certainty: Certainty;
}

export class YieldDto {
  @ApiProperty({ enum: YIELD_KINDS }) kind: YieldKind;
  @ApiProperty() item: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ enum: CERTAINTIES }) certainty: Certainty;
}

export class SourceDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ enum: SOURCE_KINDS }) kind: SourceKind;
  @ApiProperty() range: string;
  @ApiProperty() year: number;
  @ApiPropertyOptional() printRun?: PrintRunDto;
  @ApiProperty({ type: [YieldDto] }) yields: readonly YieldDto[];
}

export class OfficialPartDto {
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty() variant: string;
  @ApiProperty() turned: boolean;
  @ApiPropertyOptional({ description: 'Which of a stack, from 1' }) place?: number;
}

export class OfficialFigureDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiPropertyOptional() person?: string;
  @ApiProperty({ type: [OfficialPartDto] }) parts: readonly OfficialPartDto[];
}

export class BandHeightsDto {
  @ApiProperty() child: number;
  @ApiProperty() youth: number;
  @ApiProperty() adult: number;
  @ApiProperty() giant: number;
}

export class BandAgeDto {
  @ApiProperty({ enum: AGE_BANDS }) band: AgeBand;
  @ApiProperty() upTo: number;
}

export class SystemDto implements System {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ enum: POSITIONS, isArray: true }) positions: readonly Position[];
  @ApiProperty({ enum: POSITIONS, isArray: true }) needs: readonly Position[];
  @ApiProperty({ description: 'mm' }) neckPostMm: number;
  @ApiProperty() headWantsMm: number;
  @ApiProperty() headNeedsMm: number;
  @ApiProperty() bandHeightMm: BandHeightsDto;
  @ApiProperty() bandToleranceMm: number;
  @ApiProperty({ type: [BandAgeDto] }) bandsByAge: readonly BandAgeDto[];
  @ApiProperty() backClearanceMm: number;
  @ApiProperty() torsoMm: number;
  @ApiProperty() headMm: number;
  @ApiProperty() footHalfWidthMm: number;
  @ApiProperty() footHalfDepthMm: number;
  @ApiProperty({ description: 'Degrees' }) leastTilt: number;
  @ApiProperty() handOutMm: number;
  @ApiProperty() handForwardMm: number;
  @ApiProperty({ description: 'Degrees' }) heldLean: number;
  @ApiProperty() halfDepthMm: number;
  @ApiProperty() riskFromMinor: number;
}

@ApiExtraModels(MouldGeometryDto, MouldShapeDto)
export class CatalogueDto implements CatalogueData {
  @ApiProperty({ type: [SystemDto] }) systems: readonly SystemDto[];
  @ApiProperty({ type: [ColourDto] }) colours: readonly ColourDto[];
  @ApiProperty({ type: [MotifDto] }) motifs: readonly MotifDto[];
  @ApiProperty({ type: [MouldDto] }) moulds: readonly MouldDto[];
  @ApiProperty({ type: [PrintDto] }) prints: readonly PrintDto[];
  @ApiProperty({ type: [VariantDto] }) variants: readonly VariantDto[];
  @ApiProperty({ type: [BundleDto] }) bundles: readonly BundleDto[];
  @ApiProperty({ type: [SourceDto] }) sources: readonly SourceDto[];
  @ApiProperty({ type: [OfficialFigureDto] }) officialFigures: readonly OfficialFigureDto[];
}

/** A variant as it is, and the row it stands in. */
export class OtherVariantDto {
  @ApiProperty() row: number;
  @ApiProperty({ type: VariantDto }) variant: VariantDto;
}

/** Variants in columns, in their order; see `PackedVariants` in core. */
export class PackedVariantsDto implements PackedVariants {
  @ApiProperty({ type: [String] }) moulds: readonly string[];
  @ApiProperty({ type: [Number], description: 'How many variants in a row are of each of `moulds`' }) counts: readonly number[];
  @ApiProperty({ type: 'array', items: { type: 'array', items: { type: 'string' } } }) colourLists: readonly (readonly string[])[];
  @ApiProperty({ type: [String] }) prints: readonly string[];
  @ApiProperty({ type: [MadeDto] }) years: readonly MadeDto[];
  @ApiProperty({ type: [Number], description: 'Place in `colourLists`, a variant each' }) colours: readonly number[];
  @ApiProperty({ type: [Number], description: 'Place in `prints` and 1 more; 0 for none' }) print: readonly number[];
  @ApiProperty({ type: [Number], description: 'Place in `years` and 1 more; 0 for imagined' }) made: readonly number[];
  @ApiProperty({ type: [OtherVariantDto], description: 'What columns cannot say' }) others: readonly OtherVariantDto[];
}

/** The catalogue as a page reads it: an eighth of the size of its rows. */
export class PackedCatalogueDto implements PackedCatalogue {
  @ApiProperty({ description: 'Names this state of the catalogue; answers that speak of its rows name it too' }) version: string;
  @ApiProperty({ type: [SystemDto] }) systems: readonly SystemDto[];
  @ApiProperty({ type: [ColourDto] }) colours: readonly ColourDto[];
  @ApiProperty({ type: [MotifDto] }) motifs: readonly MotifDto[];
  @ApiProperty({ type: [MouldDto] }) moulds: readonly MouldDto[];
  @ApiProperty({ type: [PrintDto] }) prints: readonly PrintDto[];
  @ApiProperty({ type: PackedVariantsDto }) variants: PackedVariantsDto;
  @ApiProperty({ type: [BundleDto] }) bundles: readonly BundleDto[];
  @ApiProperty({ type: [SourceDto] }) sources: readonly SourceDto[];
  @ApiProperty({ type: [OfficialFigureDto] }) officialFigures: readonly OfficialFigureDto[];
}
