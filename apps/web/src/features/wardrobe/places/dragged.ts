const KIND = 'application/x-outfit-pieces';

interface Dragged {
  readonly id: number;
  readonly quantity: number;
}

const PLACE_KIND = 'application/x-outfit-place';

/** Lays a place on a drag. */
export const writeDraggedPlace = (transfer: DataTransfer, place: string): void => {
  transfer.setData(PLACE_KIND, place);
  transfer.effectAllowed = 'move';
};

/** The place on a drag; null for one of anything else. */
export const readDraggedPlace = (transfer: DataTransfer): string | null => transfer.getData(PLACE_KIND) || null;

/** Lays runs of pieces on a drag. */
export const writeDragged = (transfer: DataTransfer, pieces: readonly Dragged[]): void => {
  transfer.setData(KIND, JSON.stringify(pieces.map(({ id, quantity }) => ({ id, quantity }))));
  transfer.effectAllowed = 'move';
};

/** The runs of pieces on a drag; none for one of anything else. */
export function readDragged(transfer: DataTransfer): readonly Dragged[] {
  try {
    const read = JSON.parse(transfer.getData(KIND)) as unknown;
    return Array.isArray(read) ? (read as Dragged[]) : [];
  } catch {
    return [];
  }
}
