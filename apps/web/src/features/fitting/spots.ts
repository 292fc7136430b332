import { isPosition, type LookPart, placeOf, type Position, type Spot, STACKS } from '@outfit/core';

/** A spot as the address names it: `held.L~1` is the second thing in the left hand. */
export function readSpot(text: string): Spot {
  const [name = '', place] = text.split('~');
  const position: Position = isPosition(name) ? name : 'headgear';
  const at = Number(place);
  return STACKS.includes(position) && Number.isInteger(at) && at > 0 ? { position, place: at } : { position };
}

export const writeSpot = ({ position, place }: Spot): string => (place ? `${position}~${place}` : position);

export const isAt = (part: LookPart, spot: Spot): boolean => part.position === spot.position && placeOf(part) === (spot.place ?? 0);
