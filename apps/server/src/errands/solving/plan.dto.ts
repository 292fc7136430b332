import { ApiProperty } from '@nestjs/swagger';
import {
  type BasketPlan,
  type Condition,
  CONDITIONS,
  type Fill,
  type Parcel,
  type PlanStatus,
  type Reason,
  REASON_KINDS,
  type RuleFact,
} from '@outfit/core';
import { SOLVE_PHASES, type SolveProgress } from '@outfit/core/basket';
import { JobDto } from '../../platform/jobs/index.js';
import type { SeriesNews, SeriesPoint } from './series.worker.js';

export class ProgressDto implements SolveProgress {
  @ApiProperty({ enum: SOLVE_PHASES }) phase: SolveProgress['phase'];
  @ApiProperty({ type: Number, nullable: true }) bestMinor: number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'What the best so far pays' }) paidMinor: number | null;
  @ApiProperty({ type: Number, nullable: true }) boundMinor: number | null;
  @ApiProperty({ type: Number, nullable: true }) gap: number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Units the best so far leaves unfilled' }) short: number | null;
  @ApiProperty() seconds: number;
}

export class ParcelLineDto {
  @ApiProperty() offer: string;
  @ApiProperty() quantity: number;
}

export class ParcelDto implements Parcel {
  @ApiProperty() seller: string;
  @ApiProperty() goodsMinor: number;
  @ApiProperty() postageMinor: number;
  @ApiProperty() handlingMinor: number;
  @ApiProperty() dutyMinor: number;
  @ApiProperty() weightG: number;
  @ApiProperty({ type: [ParcelLineDto] }) lines: readonly ParcelLineDto[];
}

export class FillDto implements Fill {
  @ApiProperty() need: string;
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
  @ApiProperty({ enum: ['owned', 'bought'] }) from: Fill['from'];
  @ApiProperty({ type: String, nullable: true }) seller: string | null;
}

export class ShortDto {
  @ApiProperty() need: string;
  @ApiProperty() quantity: number;
}

export class LeftoverDto {
  @ApiProperty() variant: string;
  @ApiProperty() quantity: number;
}

export class StandsDto {
  @ApiProperty() whole: string;
  @ApiProperty() quantity: number;
}

export class CurvePointDto {
  @ApiProperty() parcels: number;
  @ApiProperty({ description: 'What would be paid' }) costMinor: number;
  @ApiProperty({ description: 'What counts against it besides money' }) besideMinor: number;
  @ApiProperty() gap: number;
}

export class ComparedDto {
  @ApiProperty({ type: Number, nullable: true }) cheapestEachMinor: number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Units more that each at its cheapest leaves unfilled' })
  cheapestEachLacks: number | null;
  @ApiProperty({ type: Number, nullable: true }) fewestParcelsMinor: number | null;
  @ApiProperty({ type: [CurvePointDto] }) curve: readonly CurvePointDto[];
}

/** A rule that is set, as a fact. */
class RuleFactDto {
  @ApiProperty({ enum: ['parcels', 'budget', 'days', 'condition', 'trusted', 'sellers', 'banned'] }) rule: RuleFact['rule'];
  @ApiProperty({ required: false }) most?: number;
  @ApiProperty({ required: false }) minor?: number;
  @ApiProperty({ enum: CONDITIONS, required: false }) least?: Condition;
  @ApiProperty({ required: false }) count?: number;
  @ApiProperty({ type: [String], required: false }) sellers?: readonly string[];
}

/** What shapes a plan. Which of the fields are there goes by its kind. */
class ReasonDto {
  @ApiProperty({ enum: REASON_KINDS }) kind: Reason['kind'];
  @ApiProperty({ required: false }) variant?: string;
  @ApiProperty({ required: false }) seller?: string;
  @ApiProperty({ required: false }) quantity?: number;
  @ApiProperty({ required: false }) wanted?: number;
  @ApiProperty({ required: false }) available?: number;
  @ApiProperty({ required: false }) most?: number;
  @ApiProperty({ required: false }) minor?: number;
  @ApiProperty({ required: false }) parts?: number;
  @ApiProperty({ required: false }) figures?: number;
  @ApiProperty({ required: false }) isProven?: boolean;
  @ApiProperty({ required: false }) paidMinor?: number;
  @ApiProperty({ type: RuleFactDto, required: false }) rule?: RuleFactDto;
  @ApiProperty({ type: [RuleFactDto], required: false }) rules?: readonly RuleFactDto[];
}

export class PlanDto implements BasketPlan {
  @ApiProperty({ enum: ['proven', 'within-gap', 'stopped', 'infeasible'] }) status: PlanStatus;
  @ApiProperty() costMinor: number;
  @ApiProperty() boundMinor: number;
  @ApiProperty({ description: 'How far from the best there can be, of the money alone' }) gap: number;
  @ApiProperty() shortageMinor: number;
  @ApiProperty({ type: Number, nullable: true }) leastShortageMinor: number | null;
  @ApiProperty({ type: [StandsDto], description: 'How many of each whole stand' }) standing: readonly StandsDto[];
  @ApiProperty() standingWorth: number;
  @ApiProperty({ type: Number, nullable: true }) mostStandingWorth: number | null;
  @ApiProperty() seconds: number;
  @ApiProperty() paidMinor: number;
  @ApiProperty({ type: [ParcelDto] }) parcels: readonly ParcelDto[];
  @ApiProperty({ type: [FillDto] }) fills: readonly FillDto[];
  @ApiProperty({ type: [ShortDto] }) short: readonly ShortDto[];
  @ApiProperty({ type: [LeftoverDto] }) leftovers: readonly LeftoverDto[];
  @ApiProperty() compared: ComparedDto;
  @ApiProperty({ type: [ReasonDto], description: 'What shapes the plan, as facts; their sentences are the errand’s' })
  reasons: readonly Reason[];
}

export class SwapDto {
  @ApiProperty() variant: string;
  @ApiProperty() substitute: string;
  @ApiProperty() quantity: number;
}

export class SeriesPointDto implements SeriesPoint {
  @ApiProperty() copies: number;
  @ApiProperty() costMinor: number;
  @ApiProperty() short: number;
  @ApiProperty() marginalMinor: number;
  @ApiProperty({ type: [SwapDto] }) swaps: readonly SwapDto[];
  @ApiProperty({ type: Number, nullable: true }) likeness: number | null;
}

export class SeriesDto implements SeriesNews {
  @ApiProperty({ type: [SeriesPointDto] }) points: readonly SeriesPointDto[];
  @ApiProperty({
    type: Number,
    nullable: true,
    description: 'Copies after which a part cannot be had any more; null when nothing runs out',
  })
  runsOutAfter: number | null;
}

export class ErrandJobDto extends JobDto {
  @ApiProperty({ type: ProgressDto, nullable: true }) progress: ProgressDto | null;
  @ApiProperty({ type: PlanDto, nullable: true, description: 'The best plan so far; final once the job is done' }) result: PlanDto | null;
}

export class SeriesJobDto extends JobDto {
  @ApiProperty({ type: SeriesDto, nullable: true, description: 'The points so far' }) result: SeriesDto | null;
}
