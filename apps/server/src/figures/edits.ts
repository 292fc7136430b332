import { applyEdit, EditRefused, type Catalogue, type Look, type LookEdit } from '@outfit/core';
import { Problem } from '../common/problem.js';
import type { LookEditDto } from './figures.dto.js';

/** Reads an edit off the wire; says which key is missing for its action. */
export function readEdit(edit: LookEditDto, index: number): LookEdit {
  const wanted = <K extends 'position' | 'variant' | 'key' | 'reason'>(key: K): NonNullable<LookEditDto[K]> => {
    const value = edit[key];
    if (value === undefined)
      throw new Problem(400, `“${edit.action}” needs ${key}.`, [{ path: `/edits/${index}/${key}`, sentence: 'This key is missing.' }]);
    return value as NonNullable<LookEditDto[K]>;
  };
  switch (edit.action) {
    case 'put on':
      return { action: 'put on', position: wanted('position'), variant: wanted('variant') };
    case 'take off':
      return { action: 'take off', position: wanted('position') };
    case 'turn':
      return { action: 'turn', position: wanted('position') };
    case 'overrule':
      return { action: 'overrule', key: wanted('key'), reason: wanted('reason') };
    case 'restore check':
      return { action: 'restore check', key: wanted('key') };
  }
}

/** Applies edits in order; one that cannot be done refuses them all. */
export function applyAll(look: Look, edits: readonly LookEdit[], catalogue: Catalogue): Look {
  try {
    return edits.reduce((state, edit) => applyEdit(state, edit, catalogue), look);
  } catch (error) {
    if (error instanceof EditRefused) throw new Problem(422, error.message);
    throw error;
  }
}
