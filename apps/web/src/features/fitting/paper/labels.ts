import {
  type Catalogue,
  type Look,
  NECK_LAYERS,
  occupiedBy,
  type Position,
  positionName,
  shelfOf,
  type Spot,
  spotOf,
  STACKS,
  type System,
  wornParts,
} from '@outfit/core';
import { anchorOf, type Joints, type Point, type View } from '@outfit/drawing';
import { writeSpot } from '../spots';

/** A name beside the figure with a leader line to the place it means. */
export interface PlaceLabel {
  readonly spot: Spot;
  readonly key: string;
  readonly text: string;
  readonly worn: boolean;
  readonly side: 'left' | 'right';
  readonly anchor: Point;
  readonly y: number;
}

/** Least distance between two names, in tenths of a mm. */
const LEAST_STEP = 24;

/** Where the names of companions stand: beside the head, where the right has room. */
const ABOVE_COMPANIONS = -312;

const ON_RIGHT_OF_FRONT: readonly Position[] = [
  'torso',
  'arm.L',
  'hand.L',
  'wrist.L',
  'held.L',
  'hips',
  'leg.L',
  'leg.R',
  'feet.L',
  'beside',
  'built',
];

/** Positions that are named even while they are empty. */
const ALWAYS: readonly Position[] = [
  'headgear',
  'head',
  'torso',
  'arm.R',
  'arm.L',
  'hand.R',
  'hand.L',
  'held.R',
  'held.L',
  'waist',
  'hips',
];
/** Positions that are named when something is there, and wait under *More places* otherwise. */
const SOMETIMES: readonly Position[] = [
  'headgear.addon',
  'wrist.R',
  'wrist.L',
  'leg.R',
  'leg.L',
  'feet.R',
  'feet.L',
  'beside',
  'stand',
  'built',
];

const takenPositions = (look: Look, catalogue: Catalogue): ReadonlySet<Position> =>
  new Set(wornParts(look, catalogue).flatMap((item) => [...occupiedBy(item.fills), item.part.position]));

/** Have figures of this toy line the place? Legs are looked for under *Legs*, also where they are of one piece. */
const isPlace = (position: Position, { positions }: System): boolean =>
  positions.some((place) => place === position || shelfOf(place) === position);

/** The spots a person chooses from: every neck layer that is worn and the next free one, each thing of a stack. */
function choosable(look: Look, positions: ReadonlySet<Position>, system: System): readonly Spot[] {
  const stacked = look.parts.filter((part) => (part.place ?? 0) > 0).map(({ position, place }) => ({ position, place }));
  if (look.parts.length > 0 && look.parts.every((part) => part.position === 'built')) return [{ position: 'built' }, ...stacked];
  const layers = NECK_LAYERS.filter((position) => positions.has(position));
  const next = NECK_LAYERS.find((position) => !positions.has(position) && system.positions.includes(position));
  const single = look.parts.some((part) => part.position === 'leg.L' || part.position === 'leg.R');
  const there = [...ALWAYS, ...SOMETIMES].filter(
    (position) =>
      (ALWAYS.includes(position) && isPlace(position, system)) || (positions.has(position) && (!position.startsWith('leg.') || single)),
  );
  return [
    ...there.map((position) => ({ position })),
    ...layers.map((position) => ({ position })),
    ...(next ? [{ position: next }] : []),
    ...stacked,
  ];
}

/** Spots that are not named beside the figure: empty, seldom used, or the next place of a stack. */
export function otherSpots(look: Look, catalogue: Catalogue, system: System): readonly { readonly spot: Spot; readonly text: string }[] {
  const positions = takenPositions(look, catalogue);
  const empty = SOMETIMES.filter((position) => !positions.has(position) && isPlace(position, system)).map((position) => ({
    spot: { position },
    text: nameFor({ position }),
  }));
  const next = STACKS.flatMap((position) => {
    const place = look.parts.filter((part) => part.position === position).length;
    return place === 0 ? [] : [{ spot: { position, place }, text: `${nameFor({ position })}, one more` }];
  });
  return [...empty, ...next];
}

/** Names around the figure for a view, pushed apart so that none covers another. */
export function placeLabels(look: Look, catalogue: Catalogue, system: System, joints: Joints, view: View): readonly PlaceLabel[] {
  const positions = takenPositions(look, catalogue);
  const spots = new Set(look.parts.map((part) => spotOf(part)));
  const shelves = new Set([...positions].map(shelfOf));
  const labels = choosable(look, positions, system).map((spot) => {
    const { position } = spot;
    const right = ON_RIGHT_OF_FRONT.includes(position) && !(position === 'hips' && positions.has('beside'));
    const bodySide = /^(arm|hand|wrist|held|feet|leg)\./.test(position);
    const side = right !== (view === 'back' && bodySide) ? 'right' : 'left';
    const at = anchorOf(position, joints, view);
    const apart = (spot.place ?? 0) * 96 * Math.sign(at.x);
    const anchor = position === 'beside' ? { x: at.x + apart, y: at.y } : { x: at.x, y: at.y - (spot.place ?? 0) * 18 };
    const worn = spot.place ? spots.has(writeSpot(spot)) : positions.has(position) || shelves.has(position);
    const y = position === 'beside' ? ABOVE_COMPANIONS + (spot.place ?? 0) * LEAST_STEP : anchor.y;
    return { spot, key: writeSpot(spot), text: nameFor(spot), worn, side, anchor, y } as const;
  });
  return (['left', 'right'] as const).flatMap((side) => spread(labels.filter((label) => label.side === side)));
}

const SHORT: Partial<Record<Position, string>> = { built: 'Built of' };

function nameFor({ position, place }: Spot): string {
  const name = SHORT[position] ?? positionName(position);
  return place ? `${name} ${place + 1}` : name;
}

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
