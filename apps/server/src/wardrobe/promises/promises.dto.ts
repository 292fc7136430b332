import { ApiProperty } from '@nestjs/swagger';
import { Day, Id, Texts } from '../../platform/http/index.js';
import { type Contender, type DefectKind, DEFECTS, type Standing, STANDINGS } from '@outfit/core/wardrobe';

/** Figures of one party that share the very same pieces: a row of the columns, and all of them. */
export class SharedRowDto {
  @ApiProperty() row: number;
  @ApiProperty({ type: [Number] }) figures: readonly number[];
}

/**
 * Who gets what of the parts that are owned and wanted, in columns. Figures stand in line, the first served first, and behind them the
 * spares of line-ups, which are no figures and have no standing; the i-th row is of
 * `variants[of[i]]` for `figures[by[i]]`.
 */
export class PromisesDto {
  @ApiProperty({ type: [String] }) figures: readonly string[];
  @ApiProperty({ type: [String] }) names: readonly string[];
  @ApiProperty({ enum: [...STANDINGS, ''], isArray: true, description: 'Empty for a figure without parts' }) standings: readonly (
    Standing | ''
  )[];
  @ApiProperty({ type: 'array', items: { type: 'string', nullable: true }, description: 'The day each is served by' })
  dueOn: readonly (string | null)[];
  @ApiProperty({ type: [Number], description: 'Pieces that each figure lacks, over all copies' }) toBuy: readonly number[];
  @ApiProperty({ type: [Number], description: 'Pieces that are sealed or on their way' }) onTheirWay: readonly number[];
  @ApiProperty({ type: [Number], description: 'Of those, pieces in boxes and bags that are sealed' }) sealed: readonly number[];
  @ApiProperty({ type: 'array', items: { type: 'string', nullable: true }, description: 'The day by which all of them should be here' })
  waitsUntil: readonly (string | null)[];
  @ApiProperty({ type: [String] }) variants: readonly string[];
  @ApiProperty({ type: [Number], description: 'Pieces that serve nobody, donors left out' }) free: readonly number[];
  @ApiProperty({ type: [Number], description: 'Pieces on donors that serve nobody' }) freeOnDonors: readonly number[];
  @ApiProperty({ type: [Number], description: 'Pieces there are in all' }) owned: readonly number[];
  @ApiProperty({ type: [Number] }) of: readonly number[];
  @ApiProperty({ type: [Number] }) by: readonly number[];
  @ApiProperty({ type: [Number] }) wants: readonly number[];
  @ApiProperty({ type: [Number] }) gets: readonly number[];
  @ApiProperty({ type: [Number] }) offDonors: readonly number[];
  @ApiProperty({ type: [Number] }) bound: readonly number[];
  @ApiProperty({ type: [SharedRowDto] }) shared: readonly SharedRowDto[];
}

export class ContenderDto implements Contender {
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty() lineUp: string;
  @ApiProperty() wants: number;
  @ApiProperty() gets: number;
  @ApiProperty({ enum: ['built', 'pinned', 'whole', 'in line'] }) because: Contender['because'];
  @ApiProperty({ type: String, nullable: true, description: 'The day it is due' }) dueOn: string | null;
}

const WHYS_ASIDE = ['lent', 'kept whole', 'altered', 'flawed'] as const;

/** Owned pieces of a part that serve nobody though it is short. */
export class AsideDto {
  @ApiProperty({ enum: WHYS_ASIDE }) why: (typeof WHYS_ASIDE)[number];
  @ApiProperty() quantity: number;
  @ApiProperty({ type: String, nullable: true, description: 'Whom it is lent to, or the whole figure it stays on' }) who: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'The day it is due back' }) dueOn: string | null;
  @ApiProperty({ enum: DEFECTS, nullable: true }) defect: DefectKind | null;
}

/** A part that several figures want and that there are not enough of. */
export class ClashDto {
  @ApiProperty() variant: string;
  @ApiProperty({ description: 'With what is lent' }) owned: number;
  @ApiProperty({ type: [AsideDto], description: 'Of these, pieces that cannot serve; and pieces that are kept whole' })
  aside: readonly AsideDto[];
  @ApiProperty() wanted: number;
  @ApiProperty() short: number;
  @ApiProperty({ type: [ContenderDto], description: 'In the order they are served' }) contenders: readonly ContenderDto[];
  @ApiProperty({ type: [Number], description: 'Runs that could be kept for another figure' }) runs: readonly number[];
}

/** So many pieces of one run that serve a figure. */
export class GivenDto {
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty() quantity: number;
  @ApiProperty() isPinned: boolean;
}

/** What the pieces of a run are doing. */
export class RunPromisesDto {
  @ApiProperty() free: number;
  @ApiProperty({ type: [GivenDto] }) given: readonly GivenDto[];
  @ApiProperty({ type: [ContenderDto], description: 'All figures that want the part, in the order they are served' })
  contenders: readonly ContenderDto[];
  @ApiProperty({ type: ClashDto, nullable: true }) clash: ClashDto | null;
}

/** What of a line-up is about to change: the order of its figures, or the day it is due. */
export class LineChangeDto {
  @Id('Line-up') lineUp: string;
  @Texts('Figures', { most: 2000, each: 100, optional: true, description: 'Its figures in the wanted order' }) figures?: string[];
  @Day('Due', { nullable: true, optional: true }) dueOn?: string | null;
}

/** Pieces that a figure gets now and would not get then. */
export class LossDto {
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ type: [String], description: 'Who would get more of it, by name' }) to: readonly string[];
}
