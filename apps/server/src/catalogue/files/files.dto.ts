import { CATALOGUE_KINDS } from '@outfit/core';
import { ApiProperty } from '@nestjs/swagger';
import { OneOf, Text } from '../../platform/http/index.js';

const WHAT = [...CATALOGUE_KINDS, 'archive'] as const;
export type What = (typeof WHAT)[number];

export class CatalogueFileQuery {
  @OneOf('File', WHAT) what: What;
}

/** A file of our own, or one in somebody else's columns. */
export class CatalogueImportQuery {
  @OneOf('File', [...WHAT, 'foreign']) what: What | 'foreign';
  @Text('Columns', { most: 12_000, name: false, optional: true, description: 'Of a foreign file, as JSON: { mapping, kinds }' })
  foreign?: string;

  @OneOf('Agreement', ['all', 'sound'], {
    optional: true,
    description: 'Absent: only look. all: import if every row is sound. sound: import the sound rows.',
  })
  agree?: 'all' | 'sound';
}

/** What a file in somebody else's columns holds, as far as its head tells. */
export class ForeignLookDto {
  @ApiProperty({ type: [String] }) headers: readonly string[];
  @ApiProperty({ type: 'array', items: { type: 'array', items: { type: 'string' } } }) samples: readonly (readonly string[])[];
  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' }, description: 'Which column seems to tell what' })
  mapping: Readonly<Record<string, string>>;
}
