import { ApiProperty } from '@nestjs/swagger';
import type { RowProblem } from '@outfit/formats';
import { OneOf } from '../http/index.js';

const AGREEMENTS = ['all', 'sound'] as const;

export class RowProblemDto implements RowProblem {
  @ApiProperty({ description: 'Line in the file, the header is 1' }) line: number;
  @ApiProperty({ type: String, nullable: true }) column: string | null;
  @ApiProperty({ type: String, nullable: true }) value: string | null;
  @ApiProperty() reason: string;
}

/** What an import found, and what it took: nothing unless the person agreed. */
export class ImportReportDto {
  @ApiProperty() rowCount: number;
  @ApiProperty() soundCount: number;
  @ApiProperty({ description: 'Rows taken; 0 when the file was only looked at' }) importedCount: number;
  @ApiProperty({ type: [RowProblemDto] }) problems: readonly RowProblemDto[];
}

export class AgreementQuery {
  @OneOf('Agreement', AGREEMENTS, {
    optional: true,
    description: 'Absent: only look. all: import if every row is sound. sound: import the sound rows.',
  })
  agree?: 'all' | 'sound';
}
