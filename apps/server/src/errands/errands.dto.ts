import { ApiProperty } from '@nestjs/swagger';
import { type Adjustments, type Condition, CONDITIONS, YIELD_KINDS, type YieldKind } from '@outfit/core';
import { Flag, Fraction, Id, OneOf, Row, Rows, Text, Texts, Whole } from '../platform/http/index.js';
import { ErrandJobDto, SeriesJobDto } from './solving/index.js';

const MOST_MINOR = 100_000_000;

/** The rules of an errand a person may set. Absent or null: no such rule. */
export class ErrandSettingsDto {
  @Whole('Parcels', 1, 200, { optional: true, nullable: true }) maxParcels?: number | null;
  @Whole('Budget', 0, MOST_MINOR, { optional: true, nullable: true }) budgetMinor?: number | null;
  @Whole('Days', 1, 365, { optional: true, nullable: true }) withinDays?: number | null;
  @OneOf('Condition', CONDITIONS, { optional: true }) condition?: Condition;
  @Flag('Trusted sellers only', { optional: true }) trustedOnly?: boolean;
  @Flag('Third-party parts', { optional: true }) allowThirdParty?: boolean;
  @Flag('Take donors apart', {
    optional: true,
    description: 'Owned whole figures may be taken apart; the hole costs what filling it would',
  })
  useDonors?: boolean;
  @Flag('Arms from one seller', {
    optional: true,
    description: 'Bought arms of one kind come from one seller, so that their colour matches',
  })
  matchArms?: boolean;
  @Fraction('Share of resale', 0, 1, {
    optional: true,
    description: 'Share of what leftovers would fetch that counts in favour of a plan',
  })
  resaleShare?: number;
  @Flag('Stand first', {
    optional: true,
    description: 'As many whole figures as the rules allow stand, before anything else is bought; so unless it is said otherwise',
  })
  standFirst?: boolean;
  @Flag('Fill first', {
    optional: true,
    description: 'As little as the rules allow is left unfilled, whatever it costs; so unless it is said otherwise',
  })
  fillFirst?: boolean;
  @Whole('A point of likeness', 0, 100_000, {
    optional: true,
    description: 'What a point of likeness is worth when a substitute is weighed, in minor units',
  })
  pointMinor?: number;
}

export class ErrandLineDto {
  @Id('Look') look: string;
  @Whole('Copies', 1, 500) copies: number;
  @Text('Group', { most: 100, optional: true, nullable: true, description: 'Looks of one group are never shown together' })
  group?: string | null;
}

export class LockedDto {
  @Id('Offer', { most: 800 }) offer: string;
  @Whole('Number', 1, 100_000) quantity: number;
}

export class PinnedDto {
  @Id('Part', { most: 500 }) variant: string;
  @Id('Seller') seller: string;
}

export class AcceptedDto {
  @Id('Part', { most: 500 }) variant: string;
  @Id('Substitute', { most: 500 }) substitute: string;
}

const MOST_ADJUSTMENTS = 500;

/** What a person adjusted on a plan, kept when it is planned again. */
export class AdjustmentsDto implements Adjustments {
  @Rows('Kept lines', () => LockedDto, { most: MOST_ADJUSTMENTS }) locked: LockedDto[];
  @Texts('Sellers ruled out', { most: MOST_ADJUSTMENTS, each: 200 }) banned: string[];
  @Rows('Parts bought at a seller', () => PinnedDto, { most: MOST_ADJUSTMENTS }) pinned: PinnedDto[];
  @Rows('Substitutes', () => AcceptedDto, { most: MOST_ADJUSTMENTS }) accepted: AcceptedDto[];
}

export class NewErrandDto extends ErrandSettingsDto {
  @Id('Figure or line-up', { description: 'The figure or line-up it is planned from' }) scope: string;
  @Rows('Looks', () => ErrandLineDto, { least: 1, most: 200 }) lines: ErrandLineDto[];
  @Row('Adjustments', () => AdjustmentsDto, { optional: true }) adjustments?: AdjustmentsDto;
}

export class NeedDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty() owned: number;
}

export class ErrandOfferDto {
  @ApiProperty() id: string;
  @ApiProperty() seller: string;
  @ApiProperty({ enum: YIELD_KINDS }) kind: YieldKind;
  @ApiProperty() item: string;
  @ApiProperty() priceMinor: number;
  @ApiProperty() stock: number;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty({ type: [String], description: 'Wanted parts it yields' }) yields: readonly string[];
}

export class LineReasonDto {
  @ApiProperty() offer: string;
  @ApiProperty() sentence: string;
}

export class FillerDto {
  @ApiProperty() offer: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ description: 'What it is bought for' }) sentence: string;
}

class DonatedPieceDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
}

export class DonatedDto {
  @ApiProperty() donor: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [DonatedPieceDto] }) pieces: readonly DonatedPieceDto[];
  @ApiProperty({ description: 'What its holes are taken to cost; nobody pays it' }) losesMinor: number;
}

export class DominantDto {
  @ApiProperty() variant: string;
  @ApiProperty() share: number;
}

export class ErrandFigureDto {
  @ApiProperty() figure: string;
  @ApiProperty({ type: String, nullable: true, description: 'The name of the whole figure it makes whole' }) wholeFigure: string | null;
  @ApiProperty() look: string;
  @ApiProperty() copies: number;
  @ApiProperty({ type: String, nullable: true }) group: string | null;
  @ApiProperty({ type: Number, nullable: true, description: 'A copy, with its share of postage; null until there is a plan' }) eachMinor:
    number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'All its copies; the looks sum to what is paid' }) totalMinor: number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Copies that can stand with what the plan gets; null without a plan' })
  stand: number | null;
  @ApiProperty({ type: DominantDto, nullable: true }) dominant: DominantDto | null;
}

export class LeftoverValueDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ type: Number, nullable: true, description: 'What one would fetch: the lower quartile asked; null when nobody sells it' })
  eachMinor: number | null;
}

export class LackingDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty() wanted: number;
}

export class StandingDto {
  @ApiProperty({ description: 'Figures that can stand with what the plan gets' }) complete: number;
  @ApiProperty() figures: number;
  @ApiProperty({ type: [LackingDto], description: 'Parts that keep the others from standing' }) lacking: readonly LackingDto[];
}

export class ErrandDto {
  @ApiProperty() id: string;
  @ApiProperty() scope: string;
  @ApiProperty() title: string;
  @ApiProperty({ type: String, nullable: true }) name: string | null;
  @ApiProperty({ type: String, nullable: true }) removedAt: string | null;
  @ApiProperty() createdAt: string;
  @ApiProperty() currency: string;
  @ApiProperty({ type: [ErrandFigureDto] }) lines: readonly ErrandFigureDto[];
  @ApiProperty() settings: ErrandSettingsDto;
  @ApiProperty() adjustments: AdjustmentsDto;
  @ApiProperty({ type: [NeedDto] }) needs: readonly NeedDto[];
  @ApiProperty({ type: [ErrandOfferDto], description: 'The offers the plan buys from' }) offers: readonly ErrandOfferDto[];
  @ApiProperty({ type: [LineReasonDto] }) reasons: readonly LineReasonDto[];
  @ApiProperty({ type: [FillerDto], description: 'What is bought and fills nothing' }) fillers: readonly FillerDto[];
  @ApiProperty({ type: [DonatedDto], description: 'Whole figures that pieces come off' }) donated: readonly DonatedDto[];
  @ApiProperty({ type: [String], description: 'What shapes the plan, or keeps one from being, in sentences' }) shapedBy: readonly string[];
  @ApiProperty({ type: [LeftoverValueDto] }) leftovers: readonly LeftoverValueDto[];
  @ApiProperty({ type: [String] }) ticked: readonly string[];
  @ApiProperty({ type: StandingDto, nullable: true }) standing: StandingDto | null;
  @ApiProperty({ type: ErrandJobDto }) job: ErrandJobDto;
  @ApiProperty({ type: SeriesJobDto, nullable: true, description: 'What more copies cost, as it was last worked out' })
  copies: SeriesJobDto | null;
  @ApiProperty({ type: SeriesJobDto, nullable: true, description: 'Cheaper versions, as they were last looked for' })
  cheaper: SeriesJobDto | null;
}

/** One of the errands planned from a figure or line-up. */
export class ErrandRowDto {
  @ApiProperty() id: string;
  @ApiProperty() title: string;
  @ApiProperty({ type: String, nullable: true, description: 'What the person calls it' }) name: string | null;
  @ApiProperty() createdAt: string;
  @ApiProperty({ type: String, nullable: true, description: 'When it was put in the bin' }) removedAt: string | null;
  @ApiProperty({ enum: ['running', 'done', 'stopped', 'failed'] }) state: ErrandJobDto['state'];
  @ApiProperty() copies: number;
  @ApiProperty({ type: Number, nullable: true }) paidMinor: number | null;
  @ApiProperty({ type: [String], description: 'What it was asked for under, in words' }) rules: readonly string[];
  @ApiProperty({ type: Number, nullable: true, description: 'Parts that cannot be had' }) short: number | null;
}

export class ErrandNameDto {
  @Text('Name', { most: 80, optional: true, nullable: true }) name?: string | null;
}

export class ErrandBinDto {
  @Flag('In the bin') away: boolean;
}

/** A look of a plan, as it was when the plan was found to stand. */
export class PlannedLookDto {
  @ApiProperty() look: string;
  @ApiProperty() copies: number;
  @ApiProperty({ type: String, nullable: true }) group: string | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Null for spares, and for the holes of a whole figure' }) version:
    number | null;
}

/** A plan that still stands: what it buys and pays is said in place of an estimate. */
export class StandingPlanDto {
  @ApiProperty({ description: 'The figure or line-up it was planned from' }) scope: string;
  @ApiProperty() errand: string;
  @ApiProperty({ type: [PlannedLookDto] }) lines: readonly PlannedLookDto[];
  @ApiProperty({ description: 'Pieces it buys for these looks; what only fills up is not counted' }) toBuy: number;
  @ApiProperty() paidMinor: number;
}

/** What it costs to make whole figures whole. */
export class WholeAgainDto {
  @ApiProperty({ description: 'What an errand for exactly these holes would pay' }) paidMinor: number;
  @ApiProperty({ description: 'Pieces it would buy' }) buys: number;
  @ApiProperty({ description: 'Pieces that lie free and would do' }) free: number;
  @ApiProperty({ description: 'Pieces that cannot be had' }) unsold: number;
  @ApiProperty({ description: 'Is it proven that it cannot be done for less?' }) isProven: boolean;
}

export class WholeAgainQuery {
  @Id('Whole figure', { optional: true, description: 'Only the holes of this one' }) figure?: string;
}

export class ErrandsQuery {
  @Id('Figure or line-up') scope: string;
}

export class TickedDto {
  @Texts('Offers', { most: 5000, each: 800 }) offers: string[];
}

export class CopiesDto {
  @Whole('Copies', 2, 200) most: number;
}

export class FloorDto {
  @Whole('Likeness', 0, 100, { description: 'Likeness that the cheaper look must keep' }) floor: number;
}

export class SubstituteDto {
  @ApiProperty() variant: string;
  @ApiProperty({ description: 'Points of likeness lost, the most over the looks that wear the part' }) lost: number;
  @ApiProperty({ type: Number, nullable: true }) landedMinor: number | null;
  @ApiProperty() owned: number;
  @ApiProperty() accepted: boolean;
}
