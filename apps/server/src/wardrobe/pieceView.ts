import type { Catalogue } from '@outfit/core';
import type { PieceDto } from './wardrobe.dto.js';
import type { PieceEntity } from './wardrobe.entities.js';

const listed = <T>(kept: string | readonly T[]): readonly T[] => (typeof kept === 'string' ? (JSON.parse(kept) as readonly T[]) : kept);

/** A run of pieces as it is sent: under the number its part is known by now. */
export const pieceDto = (
  { id, variant, quantity, condition, place, note, placeId, defects, alterations, certainty, owner, dueOn }: PieceEntity,
  catalogue: Catalogue,
): PieceDto => ({
  ...{ id, quantity, condition, place, note, placeId, certainty, owner, dueOn },
  defects: listed(defects),
  alterations: listed(alterations),
  variant: catalogue.resolve(variant),
});
