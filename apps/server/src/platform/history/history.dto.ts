import { ApiProperty } from '@nestjs/swagger';
import { OneOf, Text, Whole } from '../http/index.js';
import { type Line, LINES } from '../log/index.js';

const CHANGE_KINDS = ['edit', 'undo', 'redo', 'snapshot'] as const;

export class ChangeDto {
  @ApiProperty() id: number;
  @ApiProperty() at: string;
  @ApiProperty({ enum: CHANGE_KINDS }) kind: (typeof CHANGE_KINDS)[number];
  @ApiProperty() label: string;
  @ApiProperty({ type: String, nullable: true, description: 'What within the item it was about' }) about: string | null;
  @ApiProperty({ description: 'Is it an edit that stands, and can be taken back by itself?' }) stands: boolean;
  @ApiProperty({ description: 'Does it keep the whole state, so that one can go back to it?' }) isWhole: boolean;
}

/** What Undo and Redo would be about, in the words of the history. */
export class NextStepsDto {
  @ApiProperty({ type: String, nullable: true }) undo: string | null;
  @ApiProperty({ type: String, nullable: true }) redo: string | null;
}

export class HistoryOf {
  @OneOf('Subject', LINES) subject: Line;
  @Text('Item', { most: 200 }) item: string;
}

/** As many are told at once, unless more are asked for. */
export const FIRST_LISTED = 500;
const MOST_LISTED = 100_000;

export class ChangesQuery {
  @Whole('Most', 1, MOST_LISTED, { optional: true, inAddress: true, description: 'The last so many; 500 where it is not said' })
  most = FIRST_LISTED;
}

export class ChangeOf extends HistoryOf {
  @Whole('Change', 0, Number.MAX_SAFE_INTEGER, { inAddress: true }) id: number;
}

export class SteppedDto extends NextStepsDto {
  @ApiProperty({ description: 'What was taken back or done again' }) done: string;
}
