import { ApiProperty } from '@nestjs/swagger';
import { type Condition, CONDITIONS } from '@outfit/core';
import {
  CLAIM_OUTCOMES,
  CLAIM_REASONS,
  type ClaimOutcome,
  type ClaimReason,
  PARCEL_STATES,
  type ParcelState,
  type RealCost,
} from '@outfit/core/parcels';
import { DEFECTS, type DefectKind } from '@outfit/core/wardrobe';
import { Day, Flag, Id, OneOf, Row, Rows, Text, Texts, Whole } from '../platform/http/index.js';

const MOST_MINOR = 100_000_000;

export class OrderedLineDto {
  @ApiProperty() id: number;
  @ApiProperty() variant: string;
  @ApiProperty({ enum: CONDITIONS }) condition: Condition;
  @ApiProperty() quantity: number;
  @ApiProperty() priceMinor: number;
  @ApiProperty() came: number;
  @ApiProperty() damaged: number;
  @ApiProperty({ description: 'Let go: they will not come' }) gone: number;
  @ApiProperty({ description: 'Still expected' }) open: number;
  @ApiProperty({ description: 'What its pieces really cost together, with their share of everything' }) landedMinor: number;
}

/** A part that came instead of another, as the simulated seller sent it. */
export class InsteadHintDto {
  @ApiProperty() line: number;
  @ApiProperty() variant: string;
}

/** What the simulated seller put in: told once it is here, for the person to find. */
export class InsideDto {
  @ApiProperty({ type: [Number], description: 'Of each line, how many are in it' }) came: readonly number[];
  @ApiProperty({ type: [InsteadHintDto] }) instead: readonly InsteadHintDto[];
}

/** What was asked of the seller; not settled while the outcome is null. */
export class ParcelClaimDto {
  @ApiProperty() id: number;
  @ApiProperty() line: number;
  @ApiProperty() quantity: number;
  @ApiProperty({ enum: CLAIM_REASONS }) reason: ClaimReason;
  @ApiProperty({ enum: CLAIM_OUTCOMES }) asked: ClaimOutcome;
  @ApiProperty() askedMinor: number;
  @ApiProperty() openedAt: string;
  @ApiProperty({ enum: CLAIM_OUTCOMES, nullable: true }) outcome: ClaimOutcome | null;
  @ApiProperty() gotMinor: number;
  @ApiProperty({ type: String, nullable: true }) settledAt: string | null;
}

export class OrderedParcelDto {
  @ApiProperty() id: string;
  @ApiProperty({ type: String, nullable: true }) seller: string | null;
  @ApiProperty() sellerName: string;
  @ApiProperty() reference: string;
  @ApiProperty({ type: String, nullable: true }) errand: string | null;
  @ApiProperty({ enum: PARCEL_STATES }) state: ParcelState;
  @ApiProperty() isLate: boolean;
  @ApiProperty() orderedOn: string;
  @ApiProperty({ type: String, nullable: true }) sentOn: string | null;
  @ApiProperty({ type: String, nullable: true }) expectedOn: string | null;
  @ApiProperty({ type: String, nullable: true }) arrivedOn: string | null;
  @ApiProperty() tracking: string;
  @ApiProperty() note: string;
  @ApiProperty() currency: string;
  @ApiProperty() postageMinor: number;
  @ApiProperty() feesMinor: number;
  @ApiProperty() dutyMinor: number;
  @ApiProperty({ type: Number, nullable: true }) paidMinor: number | null;
  @ApiProperty() refundedMinor: number;
  @ApiProperty({ description: 'What the plan reckoned for it' }) plannedMinor: number;
  @ApiProperty({ description: 'Goods and every charge as agreed' }) agreedMinor: number;
  @ApiProperty({ description: 'Paid less refunded' }) costMinor: number;
  @ApiProperty({ description: 'What the seller asks in' }) sellerCurrency: string;
  @ApiProperty({ description: 'What one unit of it was worth on the day of the order' }) rate: number;
  @ApiProperty({ type: Number, nullable: true, description: 'What was paid in it' }) paidInMinor: number | null;
  @ApiProperty({ type: [ParcelClaimDto] }) claims: readonly ParcelClaimDto[];
  @ApiProperty({ type: [OrderedLineDto] }) lines: readonly OrderedLineDto[];
  @ApiProperty({ type: InsideDto, nullable: true }) inside: InsideDto | null;
  @ApiProperty() version: number;
}

/** What the pieces of a figure really cost. */
export class FigureRealCostDto implements RealCost {
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty() lineUp: string;
  @ApiProperty() costMinor: number;
  @ApiProperty({ description: 'Pieces whose price is known' }) priced: number;
  @ApiProperty({ description: 'Pieces of which nobody wrote down what they cost' }) unpriced: number;
  @ApiProperty({ type: Number, nullable: true, description: 'What its newest errand planned for what was to buy' }) plannedMinor:
    number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'For how many copies' }) plannedCopies: number | null;
}

/** A figure that lacks something and is to be there by a day. */
export class DeadlineDto {
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty() lineUp: string;
  @ApiProperty() dueOn: string;
  @ApiProperty({ description: 'Pieces it lacks' }) toBuy: number;
  @ApiProperty({ description: 'The last day to order them, by the days its sellers take' }) latestOn: string;
  @ApiProperty() isPast: boolean;
}

/** A parcel that brings pieces a figure waits for. */
export class ServingParcelDto {
  @ApiProperty() parcel: string;
  @ApiProperty() sellerName: string;
  @ApiProperty({ description: 'Pieces that are for the figure' }) pieces: number;
  @ApiProperty({ type: String, nullable: true }) expectedOn: string | null;
  @ApiProperty() isLate: boolean;
}

export class PlaceOrdersDto {
  @Id('Errand') errand: string;
  @Texts('Sellers', { most: 200, each: 200, description: 'Whose parcels of the plan are ordered; none for all' }) sellers: string[];
}

export class NewParcelLineDto {
  @Id('Part', { most: 500 }) variant: string;
  @Whole('How many', 1, 10_000) quantity: number;
  @Whole('Price each', 0, MOST_MINOR) priceMinor: number;
  @OneOf('Condition', CONDITIONS) condition: Condition;
}

/** A parcel that is written down by hand: ordered, or a find that is here already. */
export class NewParcelDto {
  @Text('Seller', { most: 120 }) sellerName: string;
  @Rows('Lines', () => NewParcelLineDto, { least: 1, most: 500 }) lines: NewParcelLineDto[];
  @Whole('Postage', 0, MOST_MINOR) postageMinor: number;
  @Whole('Fees', 0, MOST_MINOR) feesMinor: number;
  @Day('Expected on', { nullable: true, optional: true }) expectedOn?: string | null;
  @Text('Reference', { least: 0, most: 120, optional: true }) reference?: string;
  @Id('Place', { optional: true, description: 'Where its pieces are put at once, when it is here already' }) place?: string;
}

export class ParcelChangeDto {
  @Text('Reference', { least: 0, most: 120, optional: true }) reference?: string;
  @Text('Tracking', { least: 0, most: 300, optional: true }) tracking?: string;
  @Text('Note', { least: 0, most: 1000, lines: true, optional: true }) note?: string;
  @Day('Expected on', { nullable: true, optional: true }) expectedOn?: string | null;
  @Day('Sent on', { nullable: true, optional: true }) sentOn?: string | null;
  @Whole('Paid', 0, MOST_MINOR, { nullable: true, optional: true }) paidMinor?: number | null;
  @Whole('Paid in the seller’s currency', 0, MOST_MINOR, { nullable: true, optional: true }) paidInMinor?: number | null;
  @Flag('It is here', { optional: true }) isHere?: boolean;
}

/** Another part that came in place of the one that was ordered. */
export class InsteadDto {
  @Id('Part', { most: 500 }) variant: string;
  @Whole('How many', 1, 10_000) quantity: number;
}

export class ReceivedLineDto {
  @Whole('Line', 1, Number.MAX_SAFE_INTEGER) id: number;
  @Whole('Came', 0, 10_000) came: number;
  @Whole('Damaged', 0, 10_000, { description: 'Of those that came' }) damaged: number;
  @OneOf('What is wrong', DEFECTS, { optional: true }) defect?: DefectKind;
  @Row('Instead', () => InsteadDto, { optional: true }) instead?: InsteadDto;
}

export class ReceiveDto {
  @Rows('Lines', () => ReceivedLineDto, { least: 1, most: 500 }) lines: ReceivedLineDto[];
  @Id('Place') place: string;
  @Flag('Onto trays', { optional: true, description: 'What a figure waits for goes onto its tray, and only the rest into the place' })
  toTrays?: boolean;
}

/** What came of a claim. */
export class SettleDto {
  @OneOf('Outcome', CLAIM_OUTCOMES) outcome: ClaimOutcome;
  @Whole('Money back', 0, MOST_MINOR) sumMinor: number;
  @Day('Expected on', { optional: true, description: 'When the seller was asked again' }) expectedOn?: string;
}

export class ClaimDto extends SettleDto {
  @Whole('Line', 1, Number.MAX_SAFE_INTEGER) line: number;
  @Whole('How many', 1, 10_000) quantity: number;
  @OneOf('What is wrong', CLAIM_REASONS, { optional: true }) reason?: ClaimReason;
  @Flag('Not answered yet', { optional: true, description: 'The outcome is what was asked for; settled later' }) isOpen?: boolean;
}

const ENDS = ['cancelled', 'lost'] as const;

export class EndDto {
  @OneOf('How it ended', ENDS) as: (typeof ENDS)[number];
  @Whole('Money back', 0, MOST_MINOR) refundedMinor: number;
}

export class MonthSumDto {
  @ApiProperty({ description: 'Such as 2026-11' }) month: string;
  @ApiProperty() seller: string;
  @ApiProperty() minor: number;
}

export class SpentDto {
  @ApiProperty() currency: string;
  @ApiProperty({ type: [MonthSumDto] }) months: readonly MonthSumDto[];
  @ApiProperty() plannedMinor: number;
  @ApiProperty() costMinor: number;
}
