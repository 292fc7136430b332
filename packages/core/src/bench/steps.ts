import { type Position, POSITIONS, positionName } from '../anatomy/index.js';
import type { Catalogue } from '../catalogue/index.js';
import { type Alteration, alterationWords, cautionFor, isIrreversible } from '../figure/index.js';
import { list } from '../kernel/index.js';
import { type BodyPart, seatOf } from './joints.js';
import { takeApart, type Target } from './takeApart.js';

export const STEP_KINDS = ['fetch', 'take apart', 'put back', 'alter', 'build', 'look'] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** A piece of a figure that is built, and where it is now: in a place, or on a body. */
export interface BenchPiece extends BodyPart {
  readonly turned: boolean;
  readonly alterations: readonly Alteration[];
  readonly from: { readonly kind: 'place'; readonly path: string } | { readonly kind: 'body'; readonly body: string };
}

/** A whole figure, or a figure that is built otherwise, with what is on it now. */
export interface BenchBody {
  readonly id: string;
  readonly name: string;
  readonly path: string;
  readonly parts: readonly BodyPart[];
}

/** One thing to do at the bench, in a sentence, with the pieces it is about. */
export interface BenchStep {
  readonly kind: StepKind;
  readonly pieces: readonly string[];
  readonly sentence: string;
  /** What to mind before it; null when nothing is. */
  readonly caution: string | null;
  /** The body it is done on; null for the figure that is built. */
  readonly body: string | null;
}

/** The order of building, from the feet up. A wrist goes on its arm before the hand, and a hand into an arm that is on. */
const BUILD_ORDER: readonly Position[] = [
  ...(['stand', 'feet.L', 'feet.R', 'lower', 'hips', 'leg.L', 'leg.R', 'waist', 'torso', 'arm.L', 'arm.R', 'wrist.L', 'wrist.R'] as const),
  ...(['hand.L', 'hand.R', 'neck.1', 'neck.2', 'neck.3', 'neck.4', 'head', 'headgear', 'headgear.addon', 'held.L', 'held.R'] as const),
  ...(['built', 'beside'] as const),
];
const orderOf = (part: BodyPart): number => BUILD_ORDER.indexOf(part.position) * 100 + (part.place ?? 0);

/** The other side of a position that comes in pairs. */
const otherSide = (position: Position): string | null =>
  position.endsWith('.L') ? `${position.slice(0, -1)}R` : position.endsWith('.R') ? `${position.slice(0, -1)}L` : null;

/**
 * Everything to do at the bench to build one figure: fetch what lies in places, each place once and in the order of their names; take apart whole
 * figures, only what must come off; put back what only made way; alter; build from the feet up; look. Two alike sides are one step.
 */
export function benchSteps(
  name: string,
  pieces: readonly BenchPiece[],
  bodies: readonly BenchBody[],
  catalogue: Catalogue,
): readonly BenchStep[] {
  const nameOf = ({ variant }: Pick<BodyPart, 'variant'>): string => catalogue.nameOf(catalogue.variant(variant));
  const target: Target = { figure: name, parts: pieces };
  const used = bodies.filter((body) => pieces.some((piece) => piece.from.kind === 'body' && piece.from.body === body.id));
  return [
    ...fetching(pieces, nameOf),
    ...used.flatMap((body) => dismantling(body, target, nameOf)),
    ...altering(pieces, nameOf),
    ...building(pieces, used, nameOf),
    { kind: 'look', pieces: pieces.map(({ piece }) => piece), sentence: `Look at ${name} from four sides.`, caution: null, body: null },
  ];
}

type NameOf = (part: Pick<BodyPart, 'variant'>) => string;

function fetching(pieces: readonly BenchPiece[], nameOf: NameOf): readonly BenchStep[] {
  const byPlace = new Map<string, BenchPiece[]>();
  for (const piece of pieces)
    if (piece.from.kind === 'place') byPlace.set(piece.from.path, [...(byPlace.get(piece.from.path) ?? []), piece]);
  return [...byPlace]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([path, own]) => ({
      ...{ kind: 'fetch' as const, pieces: own.map(({ piece }) => piece), caution: null, body: null },
      sentence: `From ${path}: ${list(countedNames(own, nameOf))}.`,
    }));
}

function dismantling(body: BenchBody, target: Target, nameOf: NameOf): readonly BenchStep[] {
  const { off, back } = takeApart(body.parts, [target]);
  const wanted = new Set(target.parts.map(({ piece }) => piece));
  return [
    ...off.map(({ part, riders }): BenchStep => {
      const along = riders.length === 0 ? '' : `, with ${list(riders.map((rider) => positionName(rider.position).toLowerCase()))} on it`;
      return {
        ...{ kind: 'take apart', pieces: [part, ...riders].map(({ piece }) => piece), body: body.id },
        sentence: `${body.name}: ${nameOf(part)} off${along}${wanted.has(part.piece) ? '' : ', to make way'}.`,
        caution: part.position.startsWith('leg.')
          ? 'The pin is pressed out: never lever against the plastic, and stop when it does not give.'
          : null,
      };
    }),
    ...back.map(({ part, onto }): BenchStep => ({
      ...{ kind: 'put back', pieces: [part.piece], caution: null, body: body.id },
      sentence: onto
        ? `${body.name}: ${nameOf(part)} back on ${nameOf(onto)}.`
        : `${body.name}: ${nameOf(part)} has nothing left to sit on. Keep it with what is left, in ${body.path}.`,
    })),
  ];
}

const altering = (pieces: readonly BenchPiece[], nameOf: NameOf): readonly BenchStep[] =>
  pieces.flatMap((piece) =>
    piece.alterations.map((alteration): BenchStep => ({
      ...{ kind: 'alter', pieces: [piece.piece], body: null },
      sentence: `${nameOf(piece)}: ${alterationWords(alteration)}.`,
      caution: `${isIrreversible(alteration) ? 'This is for good. ' : ''}${cautionFor(alteration.kind)}`,
    })),
  );

function building(pieces: readonly BenchPiece[], bodies: readonly BenchBody[], nameOf: NameOf): readonly BenchStep[] {
  const riding = new Set(bodies.flatMap((body) => stillJoined(body, pieces)));
  const built = [...pieces].filter(({ piece }) => !riding.has(piece)).sort((a, b) => orderOf(a) - orderOf(b));
  const done = new Set<string>();
  return built.flatMap((part): readonly BenchStep[] => {
    if (done.has(part.piece)) return [];
    const twin = built.find(
      (other) => other.position === otherSide(part.position) && other.variant === part.variant && other.place === part.place,
    );
    const own = twin ? [part, twin] : [part];
    for (const { piece } of own) done.add(piece);
    const along = pieces.filter(({ piece }) => riding.has(piece) && own.some((root) => ridesOn(piece, root, pieces, riding)));
    return [
      {
        ...{ kind: 'build', pieces: [...own, ...along].map(({ piece }) => piece), caution: null, body: null },
        sentence: `${twin ? 'Both sides: ' : `${positionName(part.position)}: `}${nameOf(part)}${sideOf(part)}${along.length > 0 ? `, with ${list(countedNames(along, nameOf))} on it` : ''}.`,
      },
    ];
  });
}

/** Which way round a part goes, where that is not the usual. */
const sideOf = ({ position, turned }: BenchPiece): string =>
  !turned ? '' : position === 'head' ? ', its other face to the front' : ', its back to the front';

/** Pieces that come along on what they sat on before. */
const stillJoined = ({ parts }: BenchBody, pieces: readonly BenchPiece[]): readonly string[] =>
  parts.flatMap((part) => {
    const seat = seatOf(part, parts);
    const there = pieces.find(({ piece }) => piece === part.piece);
    return seat && there && there.position === part.position && seatOf(there, pieces)?.piece === seat.piece ? [part.piece] : [];
  });

/** Does a piece come along with another: is every joint between the two one that was never opened? */
function ridesOn(piece: string, root: BenchPiece, pieces: readonly BenchPiece[], riding: ReadonlySet<string>): boolean {
  let part = pieces.find((other) => other.piece === piece);
  while (part && riding.has(part.piece)) {
    const seat = seatOf(part, pieces);
    if (seat?.piece === root.piece) return true;
    part = pieces.find((other) => other.piece === seat?.piece);
  }
  return false;
}

/** Names with how many of each, once: "2 × Mitten hand in umber". */
function countedNames(parts: readonly BodyPart[], nameOf: NameOf): readonly string[] {
  const counts = new Map<string, number>();
  for (const part of [...parts].sort((a, b) => POSITIONS.indexOf(a.position) - POSITIONS.indexOf(b.position)))
    counts.set(nameOf(part), (counts.get(nameOf(part)) ?? 0) + 1);
  return [...counts].map(([name, count]) => (count === 1 ? name : `${count} × ${name}`));
}
