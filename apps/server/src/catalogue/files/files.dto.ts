import { CATALOGUE_KINDS } from '@outfit/core';
import { OneOf } from '../../platform/http/index.js';

const WHAT = [...CATALOGUE_KINDS, 'archive'] as const;
export type What = (typeof WHAT)[number];

export class CatalogueFileQuery {
  @OneOf('File', WHAT) what: What;
}

export class CatalogueImportQuery extends CatalogueFileQuery {
  @OneOf('Agreement', ['all', 'sound'], {
    optional: true,
    description: 'Absent: only look. all: import if every row is sound. sound: import the sound rows.',
  })
  agree?: 'all' | 'sound';
}
