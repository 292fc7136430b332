/** Places on the figure that take a part, from the top down. */
export const POSITIONS = [
  'headgear',
  'headgear.addon',
  'head',
  'neck.1',
  'neck.2',
  'neck.3',
  'neck.4',
  'torso',
  'arm.L',
  'arm.R',
  'hand.L',
  'hand.R',
  'wrist.L',
  'wrist.R',
  'waist',
  'hips',
  'leg.L',
  'leg.R',
  'lower',
  'feet.L',
  'feet.R',
  'held.L',
  'held.R',
  'beside',
  'stand',
  'built',
] as const;

export type Position = (typeof POSITIONS)[number];

/** Positions that take any number of parts, in order: things built up in a hand, companions, built figures. */
export const STACKS: readonly Position[] = ['held.L', 'held.R', 'beside', 'built'];

/** The neck stack, lowest layer first. */
export const NECK_LAYERS = ['neck.1', 'neck.2', 'neck.3', 'neck.4'] as const satisfies readonly Position[];

const NAMES: Record<Position, string> = {
  headgear: 'Headgear',
  'headgear.addon': 'Add-on',
  head: 'Head',
  'neck.1': 'Neck 1',
  'neck.2': 'Neck 2',
  'neck.3': 'Neck 3',
  'neck.4': 'Neck 4',
  torso: 'Torso',
  'arm.L': 'Left arm',
  'arm.R': 'Right arm',
  'hand.L': 'Left hand',
  'hand.R': 'Right hand',
  'wrist.L': 'Left wrist',
  'wrist.R': 'Right wrist',
  waist: 'Waist',
  hips: 'Legs',
  'leg.L': 'Left leg',
  'leg.R': 'Right leg',
  lower: 'Lower body',
  'feet.L': 'Under left foot',
  'feet.R': 'Under right foot',
  'held.L': 'In left hand',
  'held.R': 'In right hand',
  beside: 'Beside',
  stand: 'Stand',
  built: 'Built of elements',
};

/**
 * The name a person reads, in words.md's vocabulary.
 *
 * @example positionName('held.R') // 'In right hand'
 */
export const positionName = (position: Position): string => NAMES[position];

/** Is a text one of the positions? For what comes in from outside. */
export const isPosition = (text: string): text is Position => (POSITIONS as readonly string[]).includes(text);

/** The positions whose holder `lower` takes over: a one-piece lower body is hips and both legs. */
const LOWER_BODY: readonly Position[] = ['hips', 'leg.L', 'leg.R'];

/**
 * The positions a part really takes up when it fills `filled`: a one-piece lower body takes hips and both legs too.
 *
 * @example occupiedBy(['lower']) // new Set(['lower', 'hips', 'leg.L', 'leg.R'])
 */
export function occupiedBy(filled: readonly Position[]): ReadonlySet<Position> {
  const all = new Set<Position>(filled);
  if (all.has('lower')) for (const position of LOWER_BODY) all.add(position);
  return all;
}

/**
 * The position under which a person looks for a part: everything below the waist is found under *Legs*,
 * every other position under itself.
 */
export function shelfOf(position: Position): Position {
  return position === 'lower' || position === 'leg.L' || position === 'leg.R' ? 'hips' : position;
}
