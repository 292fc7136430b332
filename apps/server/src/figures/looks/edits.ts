import { applyEdits, CHECK_IDS, type Catalogue, EditRefused, type Look, type LookEdit, quote } from '@outfit/core';
import { Problem } from '../../platform/http/index.js';
import type { LookEditDto } from '../record/index.js';

/** Reads an edit off the wire; says which key is missing for its action. */
export function readEdit(edit: LookEditDto, index: number): LookEdit {
  const { action } = edit;
  const wanted = <K extends keyof LookEditDto>(key: K): NonNullable<LookEditDto[K]> => {
    const value = edit[key];
    if (value === undefined || value === null)
      throw new Problem(400, `To ${quote(action)}, ${key} is missing: say it.`, [
        { path: `/edits/${index}/${key}`, sentence: 'It is missing: say it.' },
      ]);
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
    case 'overrule': {
      const key = wanted('key');
      if (!CHECK_IDS.some((id) => key.startsWith(id)))
        throw new Problem(422, `There is no mark ${quote(key)} to overrule.`, [
          { path: `/edits/${index}/key`, sentence: 'No check makes this mark.' },
        ]);
      return { action, key, reason: wanted('reason') };
    }
    case 'restore check':
      return { action, key: wanted('key') };
    case 'judge':
      return { action, stars: edit.stars ?? null, words: edit.words ?? '' };
    case 'leave as it is':
      return { action, leave: wanted('leave') };
    case 'vary':
      return { action, year: edit.year ?? null, skinSchool: edit.skinSchool ?? null };
    case 'note substitute':
      return { action, position: wanted('position'), variant: wanted('variant'), reason: edit.reason ?? '' };
    case 'drop substitute':
    case 'prefer substitute':
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
