import { ApiProperty } from '@nestjs/swagger';
import { ALTERATION_KINDS, type AlterationKind, type Condition, CONDITIONS } from '@outfit/core';
import { DEFECTS, type DefectKind, PLACE_KINDS, type PlaceKind, type TypedLine } from '@outfit/core/wardrobe';
import { Day, Flag, Id, OneOf, Rows, Text, Whole } from '../../platform/http/index.js';
import { type Deed, DEEDS } from './deeds.js';

export class PlaceDto {
  @ApiProperty() id: string;
  @ApiProperty({ enum: PLACE_KINDS }) kind: PlaceKind;
  @ApiProperty() name: string;
  @ApiProperty({ type: String, nullable: true }) parent: string | null;
  @ApiProperty({ description: 'Its names from the outermost in' }) path: string;
  @ApiProperty() note: string;
  @ApiProperty({ type: String, nullable: true, description: 'When something lent is due back, ISO 8601' }) dueOn: string | null;
  @ApiProperty({ description: 'Pieces in the place itself' }) own: number;
  @ApiProperty({ description: 'Pieces in it and below, those on whole figures left out' }) pieces: number;
  @ApiProperty({ description: 'Whole figures that stand in it and below' }) wholeFigures: number;
  @ApiProperty({ type: String, nullable: true, description: 'The official figure that a donor is' }) official: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'The product that a sealed box is' }) product: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'The figure that is built there' }) figure: string | null;
  @ApiProperty({ description: 'A donor that is not taken apart' }) keepWhole: boolean;
}

export class NewPlaceDto {
  @Text('Name', { most: 80 }) name: string;
  @Id('Within', { nullable: true }) parent: string | null;
  @Flag('Sealed', { optional: true, description: 'Its pieces are owned, and not at hand until it is opened' }) isSealed?: boolean;
}

export class PlaceChangeDto {
  @Text('Name', { most: 80, optional: true }) name?: string;
  @Id('Within', { nullable: true, optional: true }) parent?: string | null;
  @Text('Note', { least: 0, most: 500, optional: true }) note?: string;
  @Flag('Keep whole', { optional: true, description: 'Of a donor: nothing comes off it' }) keepWhole?: boolean;
}

/** So many pieces of a run. */
export class SomePiecesDto {
  @Whole('Run', 1, Number.MAX_SAFE_INTEGER) id: number;
  @Whole('How many', 1, 100_000) quantity: number;
}

export class DeedDto {
  @OneOf('Deed', DEEDS) deed: Deed;
  @Rows('Pieces', () => SomePiecesDto, { least: 1, most: 2000 }) pieces: SomePiecesDto[];
  @Id('Place', { optional: true, description: 'Where they go: moved, or returned' }) to?: string;
  @Text('Person', { most: 80, optional: true, description: 'Who gets them: lent, given, sold' }) person?: string;
  @Day('Due back', { optional: true }) dueOn?: string;
  @OneOf('Defect', DEFECTS, { optional: true }) defect?: DefectKind;
  @OneOf('Condition', CONDITIONS, { optional: true }) condition?: Condition;
  @OneOf('Alteration', ALTERATION_KINDS, { optional: true }) alteration?: AlterationKind;
  @Text('What is altered', { least: 0, most: 100, optional: true, description: 'The motif, the colour, or what is cut, glued or stuck on' })
  what?: string;
  @Whole('What it brought', 0, 100_000_000, { optional: true, description: 'In all, in minor units' }) broughtMinor?: number;
  @Text('Note', { least: 0, most: 300, optional: true }) note?: string;
}

/** Pieces of a run that are kept for a figure; none lets go of them. */
export class PiecePinDto {
  @Whole('Run', 1, Number.MAX_SAFE_INTEGER) id: number;
  @Id('Figure') figure: string;
  @Whole('How many', 0, 100_000) quantity: number;
}

/** What was done, in a sentence. */
export class EntryDto {
  @ApiProperty() id: number;
  @ApiProperty() sentence: string;
}

export class CountedRunDto {
  @Whole('Run', 1, Number.MAX_SAFE_INTEGER) id: number;
  @Whole('How many there are', 0, 100_000) quantity: number;
  @Whole('How many were written down when it was counted', 0, 100_000, { optional: true }) seen?: number;
}

export class CountDto {
  @Id('Place') place: string;
  @Rows('Runs', () => CountedRunDto, { most: 5000 }) runs: CountedRunDto[];
}

export class LinesDto {
  @Text('Lines', { most: 20_000, lines: true }) text: string;
  @Id('Place') place: string;
  @Flag('Take them') take: boolean;
}

export class TypedLineDto implements TypedLine {
  @ApiProperty() text: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ type: String, nullable: true }) variant: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'Why no part is meant, and what would do' }) reason: string | null;
}

export class LinesAnswerDto {
  @ApiProperty({ type: [TypedLineDto] }) lines: readonly TypedLineDto[];
  @ApiProperty({ description: 'Were they put into the place?' }) taken: boolean;
}

export class StoryLineDto {
  @ApiProperty({ description: 'ISO 8601' }) at: string;
  @ApiProperty() sentence: string;
  @ApiProperty({ type: Number, nullable: true, description: 'What the deed brought in all, in minor units' }) broughtMinor: number | null;
}
