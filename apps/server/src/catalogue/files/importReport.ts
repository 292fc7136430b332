import { ApiProperty } from '@nestjs/swagger';
import { JobDto } from '../../platform/jobs/index.js';

const PHASES = ['reading', 'checking', 'comparing', 'writing'] as const;

export class ImportProgress {
  @ApiProperty({ enum: PHASES }) phase: (typeof PHASES)[number];
  @ApiProperty() done: number;
  @ApiProperty() of: number;
}

export class ImportRowProblem {
  @ApiProperty({ type: Number, nullable: true, description: 'Line in a table; null in an archive' }) line: number | null;
  @ApiProperty({ description: 'Column of a table, or path in an archive' }) path: string;
  @ApiProperty({ type: String, nullable: true }) value: string | null;
  @ApiProperty() reason: string;
}

/** A kind of part, in somebody else's words, that nothing could place. */
export class UnplacedKindDto {
  @ApiProperty({ description: 'Empty where the file tells no kind' }) category: string;
  @ApiProperty() moulds: number;
  @ApiProperty({ type: [String], description: 'Some of their names' }) names: readonly string[];
}

/** What an import found and what it did or would do. */
export class ImportReport {
  @ApiProperty() rowCount: number;
  @ApiProperty() soundCount: number;
  @ApiProperty({ description: 'Rows taken; 0 when the file was only looked at' }) importedCount: number;
  @ApiProperty() addedCount: number;
  @ApiProperty() changedCount: number;
  @ApiProperty() sameCount: number;
  @ApiProperty({ description: 'Figures that were told because what they planned exists now' }) noticeCount: number;
  @ApiProperty() problemCount: number;
  @ApiProperty({ type: [ImportRowProblem] }) problems: readonly ImportRowProblem[];
  @ApiProperty({
    type: [UnplacedKindDto],
    description: 'Of a file in other columns: kinds to be said what they are, the most common first',
  })
  unplaced: readonly UnplacedKindDto[];
}

export class ImportJobDto extends JobDto {
  @ApiProperty({ type: ImportProgress, nullable: true }) progress: ImportProgress | null;
  @ApiProperty({ type: ImportReport, nullable: true, description: 'Once it is done' }) result: ImportReport | null;
}
