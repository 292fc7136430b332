import { type Position, positionName, POSITIONS } from '../anatomy/index.js';
import type { Catalogue } from '../catalogue/index.js';
import type { BodyPart } from './joints.js';

/** What parts are called. */
export type NameOf = (part: Pick<BodyPart, 'variant'>) => string;

export const namesFrom =
  (catalogue: Catalogue): NameOf =>
  ({ variant }) =>
    catalogue.nameOf(catalogue.variant(variant));

/** The other side of a position that comes in pairs. */
export const otherSide = (position: Position): string | null =>
  position.endsWith('.L') ? `${position.slice(0, -1)}R` : position.endsWith('.R') ? `${position.slice(0, -1)}L` : null;

/**
 * Names with how many of each, once, from the top of a figure down.
 *
 * For example: countedNames([leftHand, rightHand], nameOf) gives ['2 × Mitten hand in umber'].
 */
export function countedNames(parts: readonly BodyPart[], nameOf: NameOf): readonly string[] {
  const counts = new Map<string, number>();
  for (const part of [...parts].sort((a, b) => POSITIONS.indexOf(a.position) - POSITIONS.indexOf(b.position)))
    counts.set(nameOf(part), (counts.get(nameOf(part)) ?? 0) + 1);
  return [...counts].map(([name, many]) => (many === 1 ? name : `${many} × ${name}`));
}

/**
 * A name within a sentence, small and with its word before it: a comma in it is closed before the sentence goes on.
 *
 * @example within('Torso in oatmeal, buttoned', 'the') // 'the torso in oatmeal, buttoned,'
 */
export const within = (name: string, article: 'the' | 'one'): string =>
  `${article} ${/^.[A-Z]/.test(name) ? name : `${name.charAt(0).toLowerCase()}${name.slice(1)}`}${name.includes(',') ? ',' : ''}`;

const RIDERS: Readonly<Record<string, string>> = {
  held: 'what it holds',
  neck: 'what lies round the neck',
  arm: 'its arms',
  hand: 'its hands',
  wrist: 'its wrists',
  headgear: 'its headgear',
  hips: 'its legs',
  lower: 'its lower body',
  leg: 'its legs',
};

/**
 * What comes along on a part, in words: each kind once.
 *
 * For example: ridersIn([hand, letter]) gives ['its hands', 'what it holds'].
 */
export const ridersIn = (parts: readonly BodyPart[]): readonly string[] => [
  ...new Set(parts.map(({ position }) => RIDERS[position.split('.')[0] ?? ''] ?? `its ${positionName(position).toLowerCase()}`)),
];

/** How a part goes on, with X for its name; for both sides at once, and what helps. */
interface Way {
  readonly one: string;
  readonly both?: string;
  readonly hint?: string;
}

const NECK: Way = { one: 'Lay X over the neck.', hint: 'Its hole goes over the post; smooth it down before the next layer.' };
const SIDED = (part: 'arm' | 'wrist' | 'hand' | 'held' | 'leg' | 'feet', side: 'left' | 'right'): Way =>
  ({
    arm: {
      one: `Press X in at the ${side} shoulder.`,
      both: 'Press X in at each shoulder.',
      hint: 'Straight in, with a thumb behind the other shoulder. Never bend the socket open.',
    },
    wrist: { one: `Slip X over the ${side} wrist.`, both: 'Slip X over each wrist.' },
    hand: {
      one: `Push X into the ${side} sleeve.`,
      both: 'Push X into each sleeve.',
      hint: 'Thumbs up and forward. Turn while you push; do not lever against the sleeve.',
    },
    held: { one: `Put X in the ${side} hand.`, both: 'Put X in each hand.', hint: 'Slide it in along the grip, not through the fingers.' },
    leg: { one: `Press X in at the ${side} hip.`, both: 'Press X in at each hip.', hint: 'Straight in; stop when it does not give.' },
    feet: { one: `Put X under the ${side} foot.`, both: 'Put X under each foot.' },
  })[part];

const WAYS: Readonly<Record<Position, Way>> = {
  stand: { one: 'Lay X down as the stand.' },
  'feet.L': SIDED('feet', 'left'),
  'feet.R': SIDED('feet', 'right'),
  lower: { one: 'Stand X up in front of you.' },
  hips: { one: 'Stand X up in front of you.', hint: 'Toes towards you.' },
  'leg.L': SIDED('leg', 'left'),
  'leg.R': SIDED('leg', 'right'),
  waist: { one: 'Lay X on the hips.', hint: 'It is held by the torso that comes next.' },
  torso: { one: 'Press X onto the legs.', hint: 'Evenly from above, until no gap is left.' },
  'arm.L': SIDED('arm', 'left'),
  'arm.R': SIDED('arm', 'right'),
  'wrist.L': SIDED('wrist', 'left'),
  'wrist.R': SIDED('wrist', 'right'),
  'hand.L': SIDED('hand', 'left'),
  'hand.R': SIDED('hand', 'right'),
  'neck.1': NECK,
  'neck.2': NECK,
  'neck.3': NECK,
  'neck.4': NECK,
  head: { one: 'Press X onto the post.', hint: 'Straight down, then turn it to look ahead.' },
  headgear: { one: 'Press X onto the head.', hint: 'Down at the back first, then the front.' },
  'headgear.addon': { one: 'Fit X to the headgear.' },
  'held.L': SIDED('held', 'left'),
  'held.R': SIDED('held', 'right'),
  built: { one: 'Build X on.' },
  beside: { one: 'Set X beside it.' },
};

/** How a part, or one on each side, goes on: a sentence, and what helps; null when nothing needs saying. */
export function wayOn(position: Position, name: string, isBoth: boolean): { readonly sentence: string; readonly hint: string | null } {
  const { one, both, hint } = WAYS[position];
  // A name may hold anything, so that it is put in by a function.
  const told = within(name, isBoth ? 'one' : 'the');
  return { sentence: (isBoth ? (both ?? one) : one).replace('X', () => told).replace(',.', '.'), hint: hint ?? null };
}
