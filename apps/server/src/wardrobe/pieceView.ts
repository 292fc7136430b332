import type { Catalogue } from '@outfit/core';
import type { PieceDto } from './wardrobe.dto.js';
import type { RunEntity } from './wardrobe.entities.js';

/** A run of pieces as it is sent: under the number its part is known by now. */
export const pieceDto = (
  { id, variant, quantity, condition, place, note, placeId, defects, alterations, certainty, owner, dueOn }: RunEntity,
  catalogue: Catalogue,
): PieceDto => ({
  ...{ id, quantity, condition, place, note, placeId, defects, alterations, certainty, owner, dueOn },
  variant: catalogue.resolve(variant),
});
