import type { LineUpPlan } from './plan.js';

/** One place of one seating: a seat, a spot or a part of a plate. */
export interface SeatAt {
  readonly seating: string;
  /** Which of its places, from 0. */
  readonly place: number;
}

/** Somebody on a place, an empty place (no figure), or somebody who stands by (no place). */
export interface Sitter {
  readonly figure: string;
  readonly at: SeatAt | null;
}

/**
 * Two change places: each goes where the other was, also where that is nowhere or nobody was there. Somebody may have a place in several
 * seatings, but in none of them two: a place that would be the second is left.
 *
 * For example: bow: Ibbe, stern: Marta, and the two change places gives bow: Marta, stern: Ibbe.
 */
export function exchangePlaces(seatings: LineUpPlan['seatings'], one: Sitter, other: Sitter): LineUpPlan['seatings'] {
  const moves = [
    { to: one.at, figure: other.figure },
    { to: other.at, figure: one.figure },
  ];
  return seatings.map((seating) => {
    const here = moves.filter(({ to }) => to?.seating === seating.id);
    const arriving = new Set(here.map(({ figure }) => figure).filter((figure) => figure !== ''));
    return {
      ...seating,
      places: seating.places.map((place, k) => {
        const taken = here.find(({ to }) => to?.place === k);
        if (taken) return { ...place, figure: taken.figure };
        return arriving.has(place.figure) ? { ...place, figure: '' } : place;
      }),
    };
  });
}
