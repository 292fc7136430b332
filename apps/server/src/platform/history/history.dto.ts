import { ApiProperty } from '@nestjs/swagger';
import { OneOf, Text } from '../http/index.js';
import { type Subject, SUBJECTS } from '../log/index.js';

const CHANGE_KINDS = ['edit', 'undo', 'redo', 'snapshot'] as const;

export class ChangeDto {
  @ApiProperty() id: number;
  @ApiProperty() at: string;
  @ApiProperty({ enum: CHANGE_KINDS }) kind: (typeof CHANGE_KINDS)[number];
  @ApiProperty() label: string;
  @ApiProperty({ type: String, nullable: true, description: 'What within the item it was about' }) about: string | null;
}

/** What Undo and Redo would be about, in the words of the history. */
export class NextStepsDto {
  @ApiProperty({ type: String, nullable: true }) undo: string | null;
  @ApiProperty({ type: String, nullable: true }) redo: string | null;
}

export class HistoryOf {
  @OneOf('Subject', SUBJECTS) subject: Subject;
  @Text('Item', { most: 200 }) item: string;
}

export class SteppedDto extends NextStepsDto {
  @ApiProperty({ description: 'What was taken back or done again' }) done: string;
}
