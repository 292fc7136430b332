import { applyEdits, EditRefused, type Catalogue, type Look, type LookEdit } from '@outfit/core';
import { Problem } from '../common/problem.js';
import type { LookEditDto } from './looks.dto.js';

/** Reads an edit off the wire; says which key is missing for its action. */
export function readEdit(edit: LookEditDto, index: number): LookEdit {
  const { action } = edit;
  const wanted = <K extends keyof LookEditDto>(key: K): NonNullable<LookEditDto[K]> => {
    const value = edit[key];
    if (value === undefined || value === null)
      throw new Problem(400, `“${action}” needs ${key}.`, [{ path: `/edits/${index}/${key}`, sentence: 'This key is missing.' }]);
    return value as NonNullable<LookEditDto[K]>;
  };
  const at = () => ({ position: wanted('position'), ...(edit.place === undefined ? {} : { place: edit.place }) });
  switch (action) {
    case 'put on':
      return { action, ...at(), variant: wanted('variant') };
    case 'take off':
    case 'turn':
      return { action, ...at() };
    case 'alter':
      return { action, ...at(), alteration: wanted('alteration'), what: edit.what ?? '', note: edit.note ?? '' };
    case 'drop alteration':
      return { action, ...at(), index: wanted('index') };
    case 'overrule':
      return { action, key: wanted('key'), reason: wanted('reason') };
    case 'restore check':
      return { action, key: wanted('key') };
    case 'judge':
      return { action, stars: edit.stars ?? null, words: edit.words ?? '' };
    case 'leave as it is':
      return { action, leave: wanted('leave') };
    case 'vary':
      return { action, year: edit.year ?? null, skinSchool: edit.skinSchool ?? null };
    case 'accept':
      return { action, position: wanted('position'), variant: wanted('variant'), reason: edit.reason ?? '' };
    case 'withdraw':
    case 'prefer':
      return { action, position: wanted('position'), variant: wanted('variant') };
  }
}

/** Applies edits in order; one that cannot be done refuses them all. */
export function applyAll(look: Look, edits: readonly LookEdit[], catalogue: Catalogue): Look {
  try {
    return applyEdits(look, edits, catalogue);
  } catch (error) {
    if (error instanceof EditRefused) throw new Problem(422, error.message);
    throw error;
  }
}
