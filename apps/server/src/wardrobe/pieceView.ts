import type { Catalogue } from '@outfit/core';
import type { PieceDto } from './wardrobe.dto.js';
import type { PieceEntity } from './wardrobe.entities.js';

/** A run of pieces as it is sent: under the number its part is known by now. */
export const pieceDto = (
  { id, variant, quantity, condition, place, note, placeId, defects, certainty, owner }: PieceEntity,
  catalogue: Catalogue,
): PieceDto => ({
  ...{ id, quantity, condition, place, note, placeId, certainty, owner },
  defects: typeof defects === 'string' ? (JSON.parse(defects) as PieceDto['defects']) : defects,
  variant: catalogue.resolve(variant),
});
