import { ApiProperty } from '@nestjs/swagger';
import { CATALOGUE_KINDS, MERGEABLE, type CatalogueKind, type Mergeable } from '@outfit/core';
import { IsIn, IsObject, IsString, MaxLength } from 'class-validator';

export class SaveEntryDto {
  @ApiProperty({ enum: CATALOGUE_KINDS }) @IsIn(CATALOGUE_KINDS) kind: CatalogueKind;
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'A row of the kind, as in docs/formats/catalogue.schema.json' })
  @IsObject()
  row: object;
}

export class MergeDto {
  @ApiProperty({ enum: MERGEABLE }) @IsIn(MERGEABLE) kind: Mergeable;
  @ApiProperty({ description: 'The double, which goes' }) @IsString() @MaxLength(500) double: string;
  @ApiProperty({ description: 'The entry that stays' }) @IsString() @MaxLength(500) kept: string;
}

export class SavedEntryDto {
  @ApiProperty() kind: string;
  @ApiProperty() key: string;
  @ApiProperty({ description: 'Figures that were told because what they planned exists now' }) notices: number;
}

export class CatalogueChangeDto {
  @ApiProperty() id: number;
  @ApiProperty() at: string;
  @ApiProperty() label: string;
  @ApiProperty() kind: string;
  @ApiProperty() item: string;
  @ApiProperty() undoable: boolean;
}
