import { ApiProperty } from '@nestjs/swagger';
import {
  type Alteration,
  ALTERATION_KINDS,
  type AlterationKind,
  CERTAINTIES,
  type Certainty,
  type Condition,
  CONDITIONS,
} from '@outfit/core';
import { type Defect, type DefectKind, DEFECTS, type RowMeaning } from '@outfit/core/wardrobe';
import { Day, Id, OneOf, Text, Whole } from '../platform/http/index.js';
import { ImportReportDto } from '../platform/importing/index.js';

/** Something that is wrong with all pieces of a run. */
export class DefectDto implements Defect {
  @ApiProperty({ enum: DEFECTS }) kind: DefectKind;
  @ApiProperty() note: string;
}

/** Something that was done to all pieces of a run for good. */
export class PieceAlterationDto implements Alteration {
  @ApiProperty({ enum: ALTERATION_KINDS }) kind: AlterationKind;
  @ApiProperty() what: string;
  @ApiProperty() note: string;
}

export class PieceDto {
  @ApiProperty() id: number;
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty() place: string;
  @ApiProperty() note: string;
  @ApiProperty({ description: 'The place by its id' }) placeId: string;
  @ApiProperty({ type: [DefectDto] }) defects: readonly DefectDto[];
  @ApiProperty({ enum: CERTAINTIES, description: 'How sure it is that there are so many of it' }) certainty: Certainty;
  @ApiProperty({ description: 'Whose it is; empty for one’s own' }) owner: string;
  @ApiProperty({ type: String, nullable: true, description: 'The day something borrowed has to go back' }) dueOn: string | null;
  @ApiProperty({ type: [PieceAlterationDto] }) alterations: readonly PieceAlterationDto[];
}

/** A run with what its pieces are doing. */
export class PieceInPageDto extends PieceDto {
  @ApiProperty({ description: 'Pieces that serve nobody' }) free: number;
  @ApiProperty({ type: [String], description: 'Names of the figures it serves' }) serves: readonly string[];
  @ApiProperty({ description: 'Is the part wanted more often than there is of it?' }) isShort: boolean;
}

export class PiecesQuery {
  @Id('Part', { most: 500, optional: true, description: 'Only the pieces of this part' }) variant?: string;
}

const DOINGS = ['free', 'promised'] as const;
export type Doing = (typeof DOINGS)[number];
const ORDERS = ['part', 'colour', 'place', 'most'] as const;
export type Order = (typeof ORDERS)[number];

export class PiecesPageQuery {
  @Text('Words', { least: 0, most: 200, optional: true, description: 'All of which are in the part, its number, the place or the note' })
  words = '';
  @Id('Place', { optional: true, description: 'Only what lies in this place or below it' }) place?: string;
  @OneOf('Doing', DOINGS, { optional: true, description: 'Only what serves nobody, or only what serves somebody' }) doing?: Doing;
  @OneOf('Order', ORDERS, { optional: true, description: 'By part, by colour, by place, or the most pieces first' }) order?: Order;
  @Whole('First row', 0, 10_000_000, { optional: true, inAddress: true }) offset = 0;
  @Whole('Number of rows', 1, 200, { optional: true, inAddress: true }) limit = 100;
}

/** A page of the runs of owned pieces, by their parts. */
export class PiecesPageDto {
  @ApiProperty({ description: 'Runs with these words, on all pages' }) total: number;
  @ApiProperty({ description: 'Runs there are, whatever the words' }) runs: number;
  @ApiProperty({ description: 'Pieces in all of them' }) pieces: number;
  @ApiProperty({ type: Number, nullable: true, description: 'Pieces of this place that serve nobody; null for the whole wardrobe' })
  freePieces: number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Pieces of this place that serve somebody' }) promisedPieces: number | null;
  @ApiProperty({ type: [PieceInPageDto] }) rows: readonly PieceInPageDto[];
}

/** How many of every variant are owned, loose, sealed or on their way; lists of one kind go together. */
export class StockDto {
  @ApiProperty({ description: 'The state of the catalogue whose rows these are' }) catalogue: string;
  @ApiProperty({ type: [Number], description: 'Rows of the owned variants in the catalogue' }) rows: readonly number[];
  @ApiProperty({ type: [Number] }) quantities: readonly number[];
  @ApiProperty({ type: [Number], description: 'Rows of the variants that are on whole figures which may be taken apart' })
  donorRows: readonly number[];
  @ApiProperty({ type: [Number] }) donorQuantities: readonly number[];
  @ApiProperty({ type: [String], description: 'A whole figure that has each' }) donorNames: readonly string[];
}

/** Pieces that are put into the wardrobe by hand. */
export class NewPiecesDto {
  @Id('Part', { most: 500 }) variant: string;
  @Whole('How many', 1, 100_000) quantity: number;
  @OneOf('Condition', CONDITIONS) condition: Condition;
  @Text('Place', { least: 0, most: 200, optional: true }) place?: string;
  @Text('Note', { least: 0, most: 500, optional: true }) note?: string;
  @Text('Whose they are', { least: 0, most: 80, optional: true, description: 'Whoever they are borrowed from; empty for one’s own' })
  owner?: string;
  @Day('Due back', { optional: true }) dueOn?: string;
  @Whole('Paid for each', 0, 100_000_000, { optional: true, description: 'In minor units' }) paidMinor?: number;
}

export class PieceRowDto {
  @ApiProperty() line: number;
  @ApiProperty() variant: string;
  @ApiProperty({ enum: ['new', 'adds to', 'replaces'] }) kind: RowMeaning['kind'];
  @ApiProperty() quantity: number;
  @ApiProperty({ type: Number, nullable: true, description: 'The count it takes the place of' }) before: number | null;
}

/** What a file says of what is written down already. */
export class PieceChangesDto {
  @ApiProperty({ description: 'Rows of parts that were not owned' }) fresh: number;
  @ApiProperty({ description: 'Rows that say what is written down already' }) same: number;
  @ApiProperty({ description: 'Rows of parts that are owned, in another place or condition' }) addsTo: number;
  @ApiProperty({ description: 'Rows with another count or note of what lies in that place' }) replaces: number;
  @ApiProperty({ type: [PieceRowDto], description: 'The first rows that change something' }) rows: readonly PieceRowDto[];
}

export class PieceReportDto extends ImportReportDto {
  @ApiProperty({ type: PieceChangesDto }) changes: PieceChangesDto;
}
