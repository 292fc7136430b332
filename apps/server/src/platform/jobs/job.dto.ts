import { ApiProperty } from '@nestjs/swagger';
import { JOB_STATES, type JobState } from './job.entity.js';

/** A job of any kind; areas describe the progress and result of theirs in a DTO that extends this one. */
export class JobDto {
  @ApiProperty() id: string;
  @ApiProperty() kind: string;
  @ApiProperty({ enum: JOB_STATES }) state: JobState;
  @ApiProperty() startedAt: string;
  @ApiProperty({ type: String, nullable: true }) endedAt: string | null;
  @ApiProperty({ description: 'Jobs that must end before this one begins; 0 when it has begun' }) ahead: number;
  @ApiProperty({ type: String, nullable: true }) error: string | null;
}

/** A job with whatever its kind has to say. */
export class AnyJobDto extends JobDto {
  @ApiProperty({ type: 'object', additionalProperties: true, nullable: true }) progress: unknown;
  @ApiProperty({ type: 'object', additionalProperties: true, nullable: true, description: 'The best so far; final once the job is done' })
  result: unknown;
}
