import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import type { EntriesService } from '../wardrobe/index.js';
import type { ReceivedLineDto } from './parcels.dto.js';
import type { ParcelLineRow, ParcelRow } from './parcels.record.js';

/**
 * Where the pieces of one line go when they are put away: sound ones as they were ordered, damaged ones as a run of their own that says so, and
 * what came instead as something new.
 */
export function arrivalMovements(
  entries: Pick<EntriesService, 'lot' | 'nameOf' | 'now' | 'record'>,
  { place, sellerName }: Pick<ParcelRow, 'place' | 'sellerName'>,
  line: ParcelLineRow,
  { came, damaged, defect, instead }: Omit<ReceivedLineDto, 'id'>,
  to: string,
): readonly Movement[] {
  const { id: lot, ...known } = entries.lot(line.lot);
  const fresh = (change: Partial<typeof known>): number => entries.record.addLot({ ...known, addedAt: entries.now(), ...change });
  const movements: Movement[] = [];
  if (came > damaged) movements.push({ lot, quantity: came - damaged, from: place, to });
  if (damaged > 0) {
    const defects = JSON.stringify([{ kind: defect ?? 'crack', note: `came so from ${sellerName}` }]);
    movements.push({ lot, quantity: damaged, from: place, to: OUTSIDE });
    movements.push({ lot: fresh({ splitFrom: lot, defects }), quantity: damaged, from: OUTSIDE, to });
  }
  if (instead) {
    const other = fresh({ variant: instead.variant, note: `came instead of ${entries.nameOf(lot)}` });
    movements.push({ lot: other, quantity: instead.quantity, from: OUTSIDE, to });
  }
  return movements;
}
