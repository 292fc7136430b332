import { ApiProperty } from '@nestjs/swagger';
import {
  EVENING_KINDS,
  type EveningKind,
  IDEA_KINDS,
  IDEA_STATES,
  type IdeaKind,
  type IdeaState,
  type OwedStanding,
} from '@outfit/core/ideas';
import { AgreementQuery } from '../platform/importing/index.js';
import { Day, Flag, Id, OneOf, Text, Texts, Whole } from '../platform/http/index.js';

const WORDS = { least: 0, most: 2000, lines: true };

/** What a person says of an idea. */
export class NewIdeaDto {
  @OneOf('Kind', IDEA_KINDS) kind: IdeaKind;
  @Text('Idea', { most: 120, name: false }) title: string;
  @Text('Words', WORDS) words: string;
  @Text('Who', { least: 0, most: 80, name: false, description: 'Whose idea it was: named on every card' }) who: string;
  @Text('Where', { least: 0, most: 120, name: false, description: 'Where it was heard' }) heardAt: string;
  @Texts('Parts', { most: 40, each: 200, description: 'The parts it thinks of' }) parts: string[];
  @Whole('Votes', 0, 100_000, { description: 'Counted by hand' }) votes: number;
  @OneOf('State', IDEA_STATES) state: IdeaState;
  @Text('Reason', { least: 0, most: 400, lines: true, description: 'Why it was declined' }) reason: string;
}

export class IdeaDto {
  @ApiProperty() id: string;
  @ApiProperty({ enum: IDEA_KINDS }) kind: IdeaKind;
  @ApiProperty() title: string;
  @ApiProperty() words: string;
  @ApiProperty() who: string;
  @ApiProperty() heardAt: string;
  @ApiProperty({ type: [String] }) parts: readonly string[];
  @ApiProperty({ description: 'Counted by hand' }) votes: number;
  @ApiProperty({ description: 'Told by polls, each person once a poll' }) polled: number;
  @ApiProperty({ enum: IDEA_STATES }) state: IdeaState;
  @ApiProperty() reason: string;
  @ApiProperty({ type: String, nullable: true, description: 'The figure it became, unless that was thrown away' }) figure: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'The line-up it became, unless that was thrown away' }) lineUp: string | null;
  @ApiProperty({ description: 'What it became lies in the bin' }) isBinned: boolean;
  @ApiProperty() addedAt: string;
  @ApiProperty() version: number;
}

export class AwayDto {
  @Flag('Away') isAway: boolean;
}

export class PromoteDto {
  @Id('Line-up', { optional: true, description: 'Where the figure goes; a line-up is made of an idea of one' }) lineUp?: string;
}

export class PollQuery extends AgreementQuery {
  @Text('Poll', { most: 80, name: false, description: 'What the poll is called: the same again replaces its votes' }) poll: string;
}

export class NewOwedDto {
  @Text('Who', { most: 80, name: false }) who: string;
  @Text('What', { most: 200, name: false }) what: string;
  @Text('Agreed', { least: 0, most: 1000, lines: true }) agreed: string;
  @Day('Due', { nullable: true }) dueOn: string | null;
  @Texts('Figures', { most: 60, each: 200 }) figures: string[];
  @Day('Done', { nullable: true }) doneOn: string | null;
}

export class ObstacleDto {
  @ApiProperty() figure: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'What it waits for, in words' }) waits: string;
  @ApiProperty() isDone: boolean;
}

const OWED_STANDINGS: readonly OwedStanding[] = ['done', 'late', 'ready', 'waits'];

export class OwedDto {
  @ApiProperty() id: string;
  @ApiProperty() who: string;
  @ApiProperty() what: string;
  @ApiProperty() agreed: string;
  @ApiProperty({ type: String, nullable: true }) dueOn: string | null;
  @ApiProperty({ type: [String] }) figures: readonly string[];
  @ApiProperty({ type: String, nullable: true }) doneOn: string | null;
  @ApiProperty({ enum: OWED_STANDINGS }) standing: OwedStanding;
  @ApiProperty({ type: [ObstacleDto] }) obstacles: readonly ObstacleDto[];
  @ApiProperty() version: number;
}

export class ChanceDto {
  @ApiProperty({ enum: EVENING_KINDS }) kind: EveningKind;
  @ApiProperty() id: string;
  @ApiProperty() title: string;
  @ApiProperty() why: string;
  @ApiProperty() isReady: boolean;
  @ApiProperty({ type: String, nullable: true }) owedBy: string | null;
  @ApiProperty() isOwed: boolean;
  @ApiProperty({ type: Number, nullable: true }) costMinor: number | null;
  @ApiProperty() votes: number;
}

export class IdeasDto {
  @ApiProperty({ type: [IdeaDto] }) ideas: readonly IdeaDto[];
  @ApiProperty({ type: [OwedDto], description: 'Late ones first' }) owed: readonly OwedDto[];
  @ApiProperty({ type: [ChanceDto], description: 'What could be done now, the best first' }) now: readonly ChanceDto[];
}
