import { ApiProperty } from '@nestjs/swagger';
import { type Alteration, type Position, POSITIONS } from '@outfit/core';
import { STEP_KINDS, type StepKind } from '@outfit/core/bench';
import { type Standing, STANDINGS } from '@outfit/core/wardrobe';
import { Id, OneOf, Rows, Text, Whole } from '../platform/http/index.js';
import { SESSION_STATES, type SessionState, type Trouble, TROUBLES } from './bench.entities.js';

/** A figure that a session builds. */
export class SessionFigureDto {
  @ApiProperty() figure: string;
  @ApiProperty() look: string;
  @ApiProperty() name: string;
  @ApiProperty() lineUp: string;
  @ApiProperty() copies: number;
}

export class SessionSummaryDto {
  @ApiProperty() id: string;
  @ApiProperty() title: string;
  @ApiProperty({ enum: SESSION_STATES }) state: SessionState;
  @ApiProperty() begunAt: string;
  @ApiProperty({ type: String, nullable: true }) endedAt: string | null;
  @ApiProperty({ type: [SessionFigureDto] }) figures: readonly SessionFigureDto[];
  @ApiProperty() steps: number;
  @ApiProperty() done: number;
}

/** A figure that could go to the bench. */
export class ReadyFigureDto {
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty() lineUp: string;
  @ApiProperty({ enum: STANDINGS }) standing: Standing;
  @ApiProperty() copies: number;
  @ApiProperty({ description: 'How many more of it can be built with what is at hand' }) canBuild: number;
}

export class BenchOverviewDto {
  @ApiProperty({ type: [SessionSummaryDto] }) sessions: readonly SessionSummaryDto[];
  @ApiProperty({ type: [ReadyFigureDto] }) ready: readonly ReadyFigureDto[];
}

export class ParcelToDoDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
}

/** What waits for somebody's hands. */
export class ToDoDto {
  @ApiProperty({ type: [ReadyFigureDto] }) ready: readonly ReadyFigureDto[];
  @ApiProperty({ type: [SessionSummaryDto] }) onBench: readonly SessionSummaryDto[];
  @ApiProperty({ type: [ParcelToDoDto] }) late: readonly ParcelToDoDto[];
  @ApiProperty({ type: [ParcelToDoDto] }) toPutAway: readonly ParcelToDoDto[];
  @ApiProperty({ description: 'Runs of pieces that are only thought to be there' }) toConfirm: number;
}

class BenchAlterationDto {
  @ApiProperty() kind: string;
  @ApiProperty() what: string;
  @ApiProperty() note: string;
}

/** A piece at the bench: one in the hand. */
export class BenchPieceDto {
  @ApiProperty() piece: string;
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty({ type: Number, required: false }) place?: number | undefined;
  @ApiProperty() variant: string;
  @ApiProperty() turned: boolean;
  @ApiProperty({ type: [BenchAlterationDto] }) alterations: readonly Alteration[];
}

export class BenchCopyDto {
  @ApiProperty() id: string;
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty({ type: [BenchPieceDto] }) pieces: readonly BenchPieceDto[];
}

export class BodyPartDto {
  @ApiProperty() piece: string;
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty({ type: Number, required: false }) place?: number | undefined;
  @ApiProperty() variant: string;
}

export class BenchBodyDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty() path: string;
  @ApiProperty({ type: String, nullable: true }) becomes: string | null;
  @ApiProperty({ type: [BodyPartDto] }) parts: readonly BodyPartDto[];
}

const STOPS = ['tray', 'aside', 'body', 'copy', 'away'] as const;

export class StopDto {
  @ApiProperty({ enum: STOPS }) kind: (typeof STOPS)[number];
  @ApiProperty({ required: false }) figure?: string;
  @ApiProperty({ required: false }) body?: string;
  @ApiProperty({ required: false }) copy?: string;
}

export class PieceMoveDto {
  @ApiProperty() piece: string;
  @ApiProperty({ type: StopDto }) to: StopDto;
}

export class CautionDto {
  @ApiProperty() id: string;
  @ApiProperty() title: string;
  @ApiProperty() text: string;
  @ApiProperty({ type: String, nullable: true }) variant: string | null;
}

export class BenchStepDto {
  @ApiProperty() id: number;
  @ApiProperty({ enum: STEP_KINDS }) kind: StepKind;
  @ApiProperty() title: string;
  @ApiProperty() sentence: string;
  @ApiProperty({ type: String, nullable: true }) hint: string | null;
  @ApiProperty({ type: [CautionDto] }) cautions: readonly CautionDto[];
  @ApiProperty({ type: [String] }) pieces: readonly string[];
  @ApiProperty({ type: [PieceMoveDto] }) moves: readonly PieceMoveDto[];
  @ApiProperty({ type: String, nullable: true }) figure: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'When it was ticked' }) doneAt: string | null;
}

export class TroubleDto {
  @ApiProperty({ enum: TROUBLES }) what: Trouble;
  @ApiProperty() variant: string;
  @ApiProperty({ description: 'What was done about it, in words' }) outcome: string;
  @ApiProperty() at: string;
}

export class BenchSessionDto {
  @ApiProperty() id: string;
  @ApiProperty() title: string;
  @ApiProperty({ enum: SESSION_STATES }) state: SessionState;
  @ApiProperty() remark: string;
  @ApiProperty({ description: 'Who was at it; empty where nobody said' }) who: string;
  @ApiProperty() begunAt: string;
  @ApiProperty({ type: String, nullable: true }) endedAt: string | null;
  @ApiProperty({ description: 'Time at work, pauses left out' }) minutes: number;
  @ApiProperty({ type: [SessionFigureDto] }) figures: readonly SessionFigureDto[];
  @ApiProperty({ type: [String], description: 'Figures whose look is another one than was planned' }) changed: readonly string[];
  @ApiProperty({ type: [BenchCopyDto] }) copies: readonly BenchCopyDto[];
  @ApiProperty({ type: [BenchBodyDto] }) bodies: readonly BenchBodyDto[];
  @ApiProperty({ type: [BenchStepDto] }) steps: readonly BenchStepDto[];
  @ApiProperty({ type: [TroubleDto] }) troubles: readonly TroubleDto[];
  @ApiProperty() version: number;
}

export class BeginFigureDto {
  @Id('Figure') figure: string;
  @Whole('Copies', 1, 1000, { optional: true, description: 'As many as can be, unless it says' }) copies?: number;
}

export class BeginDto {
  @Rows('Figures', () => BeginFigureDto, { least: 1, most: 60 }) figures: BeginFigureDto[];
}

export class SessionNoteDto {
  @Text('Remark', { least: 0, most: 2000, lines: true, optional: true }) remark?: string;
  @Text('Who', { least: 0, most: 80, name: false, optional: true }) who?: string;
}

const ENDINGS = ['put back', 'left'] as const;

export class EndSessionDto {
  @OneOf('How it ends', ENDINGS) as: (typeof ENDINGS)[number];
}

export class TroubleReportDto {
  @Text('Piece', { most: 200 }) piece: string;
  @OneOf('What is wrong', TROUBLES, { optional: true, description: 'Nothing, when another is simply taken instead' }) what?: Trouble;
  @Whole('Run', 1, Number.MAX_SAFE_INTEGER, {
    optional: true,
    description: 'The run whose piece takes its place; none to build without it',
  })
  run?: number;
}

/** A run whose piece would do instead. */
export class InsteadChoiceDto {
  @ApiProperty() run: number;
  @ApiProperty() variant: string;
  @ApiProperty({ description: 'Where it lies, in words' }) where: string;
  @ApiProperty({ description: 'Pieces nobody is promised' }) free: number;
  @ApiProperty({ description: 'Whom it is promised to; empty when nobody' }) promisedTo: string;
  @ApiProperty({ description: 'How like the part itself, 0 to 100' }) likeness: number;
}

/** A hole in a whole figure that gave a part, and the free piece that would close it. */
export class ClosingDto {
  @ApiProperty({ description: 'The whole figure, by its place' }) donor: string;
  @ApiProperty() name: string;
  @ApiProperty({ enum: POSITIONS }) position: Position;
  @ApiProperty({ description: 'The part that was taken' }) taken: string;
  @ApiProperty({ description: 'The run that has a piece to spare' }) run: number;
  @ApiProperty() variant: string;
  @ApiProperty({ description: 'Where it lies, in words' }) where: string;
}

export class SessionPieceQuery {
  @Text('Piece', { most: 200 }) piece: string;
}
