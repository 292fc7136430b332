import { alterationWords, longDay } from '@outfit/core';
import { OUTSIDE } from '@outfit/core/wardrobe';
import type { DeedDto } from './ledger.dto.js';
import { NO_PLACE, type PlaceRow, type TracedEntry } from './ledger.store.js';

/** "3 pieces", or the one part they are of: "Bob in raven", "2 × Bob in raven". */
const subjectOf = (pieces: number, what: string | null): string =>
  what === null ? `${pieces} pieces` : pieces === 1 ? what : `${pieces} × ${what}`;

/**
 * A deed in a sentence, as Undo and the history say it.
 *
 * @param what the part, when the deed is about one run
 * @param to where they go, when they go somewhere
 */
export function sentenceFor(
  { deed, person, dueOn, defect, condition, alteration, what: altered = '' }: DeedDto,
  pieces: number,
  what: string | null,
  to: string | null,
): string {
  const subject = subjectOf(pieces, what);
  switch (deed) {
    case 'move':
      return `Put ${subject} into ${to ?? ''}`;
    case 'return':
      return `${subject} came back, into ${to ?? ''}`;
    case 'lend':
      return `Lent ${subject} to ${person ?? ''}${dueOn === undefined ? '' : ` until ${longDay(dueOn)}`}`;
    case 'sell':
      return `Sold ${subject}${person === undefined ? '' : ` to ${person}`}`;
    case 'give':
      return `Gave ${subject} away${person === undefined ? '' : ` to ${person}`}`;
    case 'lose':
      return `Lost ${subject}`;
    case 'break':
      return `Threw ${subject} away`;
    case 'defect':
      return `Marked ${subject}: ${defect ?? ''}`;
    case 'condition':
      return `${subject}: ${condition ?? ''} now`;
    case 'hand back':
      return `Handed ${subject} back`;
    case 'alter':
      return `Altered ${subject}: ${alterationWords({ kind: alteration ?? 'cut', what: altered, note: '' })}`;
    case 'split':
      return `Made ${subject} a run of its own`;
    case 'confirm':
      return `Confirmed ${subject}`;
  }
}

/** One line of a run's story: what happened to these pieces, told from where they went. */
export function storyLine(row: TracedEntry, places: ReadonlyMap<string, Pick<PlaceRow, 'name'>>): string {
  const nameOf = (id: string): string => (id === NO_PLACE ? 'no place yet' : (places.get(id)?.name ?? id));
  if (row.because === 'undo' || row.because === 'redo') return row.sentence;
  const isAnotherLot = row.kind === 'split' || row.kind === 'altered' || row.kind === 'corrected';
  if (row.origin === OUTSIDE) return isAnotherLot ? row.sentence : `${row.quantity} came into ${nameOf(row.target)}. ${row.sentence}.`;
  if (row.target === OUTSIDE) return isAnotherLot ? `${row.quantity} of them became a run of their own` : row.sentence;
  if (row.kind === 'taken off') return `${row.quantity} taken off ${nameOf(row.origin)}, put into ${nameOf(row.target)}`;
  if (row.kind === 'built on') return `${row.quantity} put on ${nameOf(row.target)}, from ${nameOf(row.origin)}`;
  return `${row.quantity} from ${nameOf(row.origin)} to ${nameOf(row.target)}`;
}
