import type { Catalogue } from '@outfit/core';
import type { PieceDto } from './wardrobe.dto.js';
import type { PieceEntity } from './wardrobe.entities.js';

/** A run of pieces as it is sent: under the number its part is known by now. */
export const pieceDto = ({ id, variant, quantity, condition, place, note }: PieceEntity, catalogue: Catalogue): PieceDto => ({
  ...{ id, quantity, condition, place, note },
  variant: catalogue.resolve(variant),
});
