import type { Spot } from '@outfit/core';
import type { LookDto, LookPartDto } from '@/api';
import { isAt } from '../spots';

/** The part that is on at a spot; a one-piece lower body stands in for legs. */
export const wornAt = (look: LookDto, spot: Spot): LookPartDto | undefined =>
  look.parts.find((row) => isAt(row, spot)) ?? (spot.position === 'hips' ? look.parts.find((row) => row.position === 'lower') : undefined);

/** Where that part really is. */
export const spotOf = ({ position, place }: LookPartDto): Spot => ({ position, ...(place ? { place } : {}) });
