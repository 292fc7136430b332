import { Problem } from '../../platform/http/index.js';
import type { ChangingDeed } from './deeds.js';
import type { DeedDto } from './ledger.dto.js';
import type { LotEntity } from '../wardrobe.entities.js';
import type { NewLot } from './ledger.store.js';

/** A lot as it is after something happened to some of it: what they are, where they came from and whose they are stays. */
export function lotAfter(
  deed: ChangingDeed,
  { defect, condition, alteration, what = '', note = '' }: DeedDto,
  { id, ...lot }: LotEntity,
  now: string,
): NewLot {
  const after = { ...lot, splitFrom: id, addedAt: now };
  switch (deed) {
    case 'condition':
      if (condition === undefined) throw new Problem(422, 'Say in what condition they are.');
      return { ...after, condition };
    case 'split':
      return { ...after, note: note === '' ? lot.note : note };
    case 'confirm':
      return { ...after, certainty: 'sure' };
    case 'alter': {
      if (alteration === undefined) throw new Problem(422, 'Say what is done to them.');
      return { ...after, alterations: [...lot.alterations, { kind: alteration, what, note }] };
    }
    case 'defect': {
      if (defect === undefined) throw new Problem(422, 'Say what is wrong with them.');
      return { ...after, defects: [...lot.defects, { kind: defect, note }] };
    }
  }
}
