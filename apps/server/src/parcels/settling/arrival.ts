import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import type { Ledger, WaitingFigure } from '../../wardrobe/index.js';
import type { ReceivedLineDto } from '../parcels.dto.js';
import type { ParcelLineEntity, ParcelEntity } from '../parcels.entities.js';

/**
 * Where the pieces of one line go when they are put away: sound ones onto the trays of who waits for them, and the rest as they were ordered; damaged ones as a run of their own that says so, and
 * what came instead as something new.
 */
export function arrivalMovements(
  ledger: Pick<Ledger, 'lot' | 'nameOf' | 'now' | 'store'>,
  { place, sellerName }: Pick<ParcelEntity, 'place' | 'sellerName'>,
  line: ParcelLineEntity,
  { came, damaged, defect, instead }: Omit<ReceivedLineDto, 'id'>,
  to: string,
  waiting: readonly WaitingFigure[],
): readonly Movement[] {
  const { id: lot, ...known } = ledger.lot(line.lot);
  const fresh = (change: Partial<typeof known>): number => ledger.store.addLot({ ...known, addedAt: ledger.now(), ...change });
  const movements: Movement[] = [];
  let sound = came - damaged;
  for (const { figure, name, quantity } of waiting) {
    const onto = Math.min(sound, quantity);
    if (onto > 0) movements.push({ lot, quantity: onto, from: place, to: ledger.store.placeOfFigure('bench', figure, name) });
    sound -= onto;
  }
  if (sound > 0) movements.push({ lot, quantity: sound, from: place, to });
  if (damaged > 0) {
    const defects = [{ kind: defect ?? ('crack' as const), note: `came so from ${sellerName}` }];
    movements.push({ lot, quantity: damaged, from: place, to: OUTSIDE });
    movements.push({ lot: fresh({ splitFrom: lot, defects }), quantity: damaged, from: OUTSIDE, to });
  }
  if (instead) {
    const other = fresh({ variant: instead.variant, note: `came instead of ${ledger.nameOf(lot)}` });
    movements.push({ lot: other, quantity: instead.quantity, from: OUTSIDE, to });
  }
  return movements;
}
