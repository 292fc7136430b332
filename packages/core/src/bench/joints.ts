import { NECK_LAYERS, type Position } from '../anatomy/index.js';

/** One physical piece where it sits on a body: a whole figure, or a figure that is being built. */
export interface BodyPart {
  /** The piece itself: the same wherever it goes. */
  readonly piece: string;
  readonly position: Position;
  readonly place?: number | undefined;
  readonly variant: string;
}

const LOWERS: readonly Position[] = ['hips', 'lower'];
/** A torso sits on what is worn round the waist, else on the legs. */
const UNDER_TORSO: readonly Position[] = ['waist', ...LOWERS];
/** A neck layer sits on the next one below it that is worn, the lowest on the torso; the head on the highest. */
const UNDER_NECK = (layer: number): readonly Position[] => [...NECK_LAYERS.slice(0, layer).reverse(), 'torso'];

/** What each position can sit on, the nearest first; what sits on nothing stands by itself. */
const SEATS: Readonly<Partial<Record<Position, readonly Position[]>>> = {
  'headgear.addon': ['headgear', 'head'],
  headgear: ['head'],
  head: UNDER_NECK(NECK_LAYERS.length),
  'neck.4': UNDER_NECK(3),
  'neck.3': UNDER_NECK(2),
  'neck.2': UNDER_NECK(1),
  'neck.1': UNDER_NECK(0),
  torso: UNDER_TORSO,
  waist: LOWERS,
  'arm.L': ['torso'],
  'arm.R': ['torso'],
  'wrist.L': ['arm.L'],
  'wrist.R': ['arm.R'],
  'hand.L': ['wrist.L', 'arm.L'],
  'hand.R': ['wrist.R', 'arm.R'],
  'held.L': ['hand.L'],
  'held.R': ['hand.R'],
  'leg.L': LOWERS,
  'leg.R': LOWERS,
  'feet.L': ['leg.L', ...LOWERS],
  'feet.R': ['leg.R', ...LOWERS],
};

/**
 * The part of a body that another one sits on: with it off, the other comes off too, unless it was taken off before. Null for what sits on
 * nothing there. What is built up in a hand sits on what was built before it.
 *
 * For example: the head of a figure with a cape gives the cape; without one gives the torso.
 */
export function seatOf(part: BodyPart, body: readonly BodyPart[]): BodyPart | null {
  const place = part.place ?? 0;
  if (place > 0) return body.find((other) => other.position === part.position && (other.place ?? 0) === place - 1) ?? null;
  for (const position of SEATS[part.position] ?? []) {
    const seat = body.find((other) => other.position === position && (other.place ?? 0) === 0);
    if (seat) return seat;
  }
  return null;
}

/** How many parts lie between one and the ground: what is taken off first lies highest. */
export function heightOf(part: BodyPart, body: readonly BodyPart[]): number {
  let height = 0;
  for (let at = seatOf(part, body); at; at = seatOf(at, body)) height += 1;
  return height;
}

/** A part with all that sits on it, directly or not. */
export const withRiders = (part: BodyPart, body: readonly BodyPart[]): readonly BodyPart[] => [
  part,
  ...body.filter((other) => other !== part && seatOf(other, body) === part).flatMap((other) => withRiders(other, body)),
];

/** Does a part that sits on nothing stand as it is in a figure too: at the same position, and sitting on nothing there either? */
export const canStand = (part: BodyPart, pieces: readonly BodyPart[]): boolean =>
  pieces.some((own) => own.piece === part.piece && own.position === part.position && seatOf(own, pieces) === null);
