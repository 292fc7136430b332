import { ApiProperty } from '@nestjs/swagger';
import { CATALOGUE_KINDS, type CatalogueKind, MERGEABLE, type Mergeable } from '@outfit/core';
import { Document, Id, OneOf } from '../platform/http/index.js';

export class SaveEntryDto {
  @OneOf('Kind', CATALOGUE_KINDS) kind: CatalogueKind;
  @Document('Entry', { description: 'A row of the kind, as in docs/formats/catalogue.schema.json' }) row: object;
  @Document('Entry seen', { optional: true, description: 'The entry as it was when it was opened; refused when it is another by now' })
  seen?: object;
}

export class EntryOf {
  @OneOf('Kind', CATALOGUE_KINDS) kind: CatalogueKind;
  @Id('Entry', { most: 500 }) key: string;
}

export class MergeDto {
  @OneOf('Kind', MERGEABLE) kind: Mergeable;
  @Id('Double', { most: 500, description: 'The double, which goes' }) double: string;
  @Id('Entry kept', { most: 500, description: 'The entry that stays' }) kept: string;
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
