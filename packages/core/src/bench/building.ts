import { type Position, positionName } from '../anatomy/index.js';
import type { Catalogue } from '../catalogue/index.js';
import { list } from '../kernel/index.js';
import { joiningCautions, type BenchWorth } from './cautions.js';
import { type BodyPart, seatOf, canStand } from './joints.js';
import type { BenchBody, BenchCopy, BenchPiece, BenchStep } from './pieces.js';
import { countedNames, namesFrom, type NameOf, otherSide, wayOn, within } from './words.js';

/** When each position is built, from the feet up. A wrist goes on its arm before the hand, and a hand into an arm that is on. */
const BUILT_AT: Readonly<Record<Position, number>> = {
  stand: 0,
  'feet.L': 1,
  'feet.R': 2,
  lower: 3,
  hips: 4,
  'leg.L': 5,
  'leg.R': 6,
  waist: 7,
  torso: 8,
  'arm.L': 9,
  'arm.R': 10,
  'wrist.L': 11,
  'wrist.R': 12,
  'hand.L': 13,
  'hand.R': 14,
  'neck.1': 15,
  'neck.2': 16,
  'neck.3': 17,
  'neck.4': 18,
  head: 19,
  headgear: 20,
  'headgear.addon': 21,
  'held.L': 22,
  'held.R': 23,
  built: 24,
  beside: 25,
};
const orderOf = (part: BodyPart): number => BUILT_AT[part.position] * 100 + (part.place ?? 0);

/** Parts that go on together: one, or one on each side; `along` came off with them and are on them already. */
interface Putting {
  readonly own: readonly BenchPiece[];
  readonly along: readonly BenchPiece[];
  readonly copy: BenchCopy;
}

/** Building a figure, all its copies together, from the feet up: what is still joined goes on as one, two alike sides are one step. */
export function buildSteps(
  copies: readonly BenchCopy[],
  bodies: readonly BenchBody[],
  catalogue: Catalogue,
  worth: BenchWorth,
): readonly BenchStep[] {
  const nameOf = namesFrom(catalogue);
  const groups = new Map<string, Putting[]>();
  for (const copy of copies)
    for (const putting of puttingTogether(copy, bodies)) {
      const told = [putting.own, putting.along].map((parts) =>
        parts.map(({ position, place, variant, turned }) => [position, place, variant, turned]),
      );
      const key = JSON.stringify(told);
      groups.set(key, [...(groups.get(key) ?? []), putting]);
    }
  const order = ([putting]: readonly Putting[]): number => (putting?.own[0] ? orderOf(putting.own[0]) : 0);
  return [...groups.values()].sort((a, b) => order(a) - order(b)).map((group) => stepFor(group, nameOf, catalogue, worth));
}

function stepFor(group: readonly Putting[], nameOf: NameOf, catalogue: Catalogue, worth: BenchWorth): BenchStep {
  const [{ own, along, copy } = { own: [], along: [], copy: null }] = group;
  const [part] = own;
  if (!part || !copy) throw new RangeError('nothing is put on');
  const isBoth = own.length > 1;
  const isWhole = along.length > 0 && own.length + along.length === copy.pieces.length;
  const way = wayOn(part.position, nameOf(part), isBoth);
  const times = group.length === 1 ? '' : `${group.length} times: `;
  const many = group.length === 1 ? '' : `${group.length} × `;
  const on = along.length > 0 ? ` It comes with ${list(countedNames(along, nameOf))} on it.` : '';
  const turned = sideOf(part);
  // What is on it already may look the other way there.
  const turns = along
    .flatMap((row) => (row.turned ? [` Turn ${within(nameOf(row), 'the')}: ${sideOf(row)}.`.replace(',:', ':')] : []))
    .join('');
  return {
    kind: 'build',
    pieces: group.flatMap((row) => row.own.map(({ piece }) => piece)),
    moves: group.flatMap((row) =>
      [...row.own, ...row.along].map(({ piece }) => ({ piece, to: { kind: 'copy' as const, copy: row.copy.id } })),
    ),
    title: isWhole ? `${many}${copy.name}, whole` : `${many}${nameOf(part)}${isBoth ? ', both' : ''}${turned === '' ? '' : `, ${turned}`}`,
    sentence: isWhole
      ? `${times}Stand ${copy.name} up in front of you: nothing is put on.${turns}`
      : `${times}${turned === '' ? way.sentence : `${way.sentence.slice(0, -1)}, ${turned}.`}${on}${turns}`.replace(',,', ','),
    hint: isWhole ? null : way.hint,
    cautions: isWhole ? [] : joiningCautions('build', part, seatOf(part, copy.pieces), catalogue, worth),
    alteration: null,
    figure: copy.figure,
  };
}

/** Which way round a part goes, where that is not the usual. */
const sideOf = ({ position, turned }: BenchPiece): string =>
  !turned ? '' : position === 'head' ? 'its other face to the front' : `back of the ${positionName(position).toLowerCase()} to the front`;

function puttingTogether(copy: BenchCopy, bodies: readonly BenchBody[]): readonly Putting[] {
  const { pieces } = copy;
  const sources = new Set(pieces.flatMap(({ from }) => (from.kind === 'body' ? [from.body] : [])));
  const own = bodies.filter((body) => sources.has(body.id));
  const joined = new Set(own.flatMap((body) => joinedOf(body, pieces)));
  const stay = new Set(own.filter((body) => body.becomes === copy.id).flatMap((body) => standingOf(body, pieces)));
  const roots = pieces.filter(({ piece }) => !joined.has(piece) && !stay.has(piece)).sort((a, b) => orderOf(a) - orderOf(b));
  const riders = new Map<string, BenchPiece[]>();
  for (const piece of pieces) {
    if (!joined.has(piece.piece)) continue;
    let root: BodyPart = piece;
    while (joined.has(root.piece)) root = seatOf(root, pieces) ?? { ...root, piece: '' };
    riders.set(root.piece, [...(riders.get(root.piece) ?? []), piece]);
  }
  const done = new Set<string>();
  return roots.flatMap((part): readonly Putting[] => {
    if (done.has(part.piece)) return [];
    const twin = roots.find(
      (other) =>
        other.position === otherSide(part.position) &&
        other.variant === part.variant &&
        other.place === part.place &&
        other.turned === part.turned,
    );
    const both = twin && !done.has(twin.piece) ? [part, twin] : [part];
    for (const { piece } of both) done.add(piece);
    return [{ own: both, along: both.flatMap(({ piece }) => riders.get(piece) ?? []), copy }];
  });
}

/** Pieces that come along on what they sat on before. */
const joinedOf = ({ parts }: BenchBody, pieces: readonly BenchPiece[]): readonly string[] =>
  parts.flatMap((part) => {
    const seat = seatOf(part, parts);
    const there = pieces.find(({ piece }) => piece === part.piece);
    return seat && there && there.position === part.position && seatOf(there, pieces)?.piece === seat.piece ? [part.piece] : [];
  });

/** What stands already where it is wanted, as it sits on nothing. */
const standingOf = ({ parts }: BenchBody, pieces: readonly BenchPiece[]): readonly string[] =>
  parts.filter((part) => seatOf(part, parts) === null && canStand(part, pieces)).map(({ piece }) => piece);
