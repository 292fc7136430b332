import { NECK_LAYERS, occupied, positionName, shelfOf, wornParts, type Catalogue, type Look, type Position } from '@outfit/core';
import { anchorOf, type Joints, type Point, type View } from '@outfit/drawing';

/** A name beside the figure with a leader line to the place it means. */
export interface PlaceLabel {
  readonly position: Position;
  readonly text: string;
  readonly worn: boolean;
  readonly side: 'left' | 'right';
  readonly anchor: Point;
  readonly y: number;
}

/** Least distance between two names, in tenths of a mm. */
const LEAST_STEP = 25;

const ON_RIGHT_OF_FRONT: readonly Position[] = ['torso', 'arm.L', 'hand.L', 'held.L', 'hips', 'feet.L'];

/** The positions a person chooses from: every neck layer that is worn and the next free one, feet as one. */
function choosable(look: Look): readonly Position[] {
  const layers = NECK_LAYERS.filter((position) => look.parts.some((part) => part.position === position));
  const next = NECK_LAYERS.find((position) => !layers.includes(position));
  return [
    'headgear',
    'head',
    ...layers,
    ...(next ? [next] : []),
    'torso',
    'arm.R',
    'arm.L',
    'hand.R',
    'hand.L',
    'held.R',
    'held.L',
    'waist',
    'hips',
    'feet.L',
  ];
}

/** Names around the figure for a view, pushed apart so that none covers another. */
export function placeLabels(look: Look, catalogue: Catalogue, joints: Joints, view: View): readonly PlaceLabel[] {
  const taken = new Set(wornParts(look, catalogue).flatMap((item) => [...occupied(item.fills)].map(shelfOf)));
  const labels = choosable(look).map((position) => {
    const right = ON_RIGHT_OF_FRONT.includes(position);
    const bodySide = /^(arm|hand|held)\./.test(position);
    const side = right !== (view === 'back' && bodySide) ? 'right' : 'left';
    const anchor = anchorOf(position, joints, view);
    return { position, text: nameFor(position), worn: taken.has(position), side, anchor, y: anchor.y } as const;
  });
  return (['left', 'right'] as const).flatMap((side) => spread(labels.filter((label) => label.side === side)));
}

const nameFor = (position: Position): string =>
  position === 'headgear'
    ? 'Hair or hat'
    : position === 'feet.L'
      ? 'Under the feet'
      : position.startsWith('neck.')
        ? `Neck ${position.slice(5)}`
        : positionName(position);

/** Pushes names apart downwards, then back up from the ground so that none falls off the paper. */
function spread(labels: readonly PlaceLabel[]): readonly PlaceLabel[] {
  const ys = [...labels].sort((a, b) => a.y - b.y);
  let last = -Infinity;
  const down = ys.map((label) => ({ ...label, y: (last = Math.max(label.y, last + LEAST_STEP)) }));
  let next = LEAST_STEP;
  return down
    .reverse()
    .map((label) => ({ ...label, y: (next = Math.min(label.y, next - LEAST_STEP)) }))
    .reverse();
}
