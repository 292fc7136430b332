import { positionName } from '../anatomy/index.js';
import type { Catalogue } from '../catalogue/index.js';
import { list } from '../kernel/index.js';
import { joiningCautions, type BenchWorth } from './cautions.js';
import { type BodyPart, seatOf, canStand } from './joints.js';
import type { BenchBody, BenchCopy, BenchStep, PieceMove, StepKind, Stop } from './pieces.js';
import { takeApart } from './takeApart.js';
import { namesFrom, type NameOf, ridersIn, within } from './words.js';

/** One thing done with a body: a lump of parts that hold together goes somewhere. `seat` is what it sits on, before or after. */
interface Deed {
  readonly kind: Extract<StepKind, 'take apart' | 'fetch' | 'put away' | 'put back'>;
  readonly lump: readonly BodyPart[];
  readonly seat: BodyPart | null;
  readonly moves: readonly PieceMove[];
  /** Does it come off for good, rather than to make way? */
  readonly isWanted: boolean;
}

/** Bodies with which the very same is done: it is done to all of them, step by step. */
interface Alike {
  readonly bodies: readonly BenchBody[];
  readonly deeds: readonly (readonly Deed[])[];
}

/**
 * Taking bodies apart, only what must come off, and closing them again. Bodies alike are taken apart together; what only makes way goes back in
 * the same block; what is left of a figure that is changed and not wanted any more is put away.
 */
export function dismantleSteps(
  bodies: readonly BenchBody[],
  copies: readonly BenchCopy[],
  catalogue: Catalogue,
  worth: BenchWorth,
): readonly BenchStep[] {
  const nameOf = namesFrom(catalogue);
  return alike(bodies, copies).flatMap(({ bodies: own, deeds }) => {
    const [first] = own;
    if (!first) return [];
    const steps = (deeds[0] ?? []).map((deed, i): BenchStep => {
      const all = deeds.map((row) => row[i] ?? deed);
      const [part] = deed.lump;
      return {
        kind: deed.kind,
        pieces: all.flatMap((row) => row.lump.map(({ piece }) => piece)),
        moves: all.flatMap((row) => row.moves),
        ...wordsFor(deed, own, nameOf),
        cautions: part && deed.kind === 'take apart' ? joiningCautions('take apart', part, deed.seat, catalogue, worth) : [],
        ...{ hint: null, alteration: null, figure: null },
      };
    });
    return first.becomes === null && !isTakenWhole(first, deeds[0] ?? []) ? [...steps, closeStep(own, copies)] : steps;
  });
}

/** Does all of a body go in one piece, as it stands? Then nothing is left of it to be put away. */
const isTakenWhole = ({ parts }: BenchBody, deeds: readonly Deed[]): boolean =>
  deeds.length === 1 && deeds[0]?.lump.length === parts.length;

function alike(bodies: readonly BenchBody[], copies: readonly BenchCopy[]): readonly Alike[] {
  const groups = new Map<string, { bodies: BenchBody[]; deeds: (readonly Deed[])[] }>();
  for (const body of bodies) {
    const deeds = deedsWith(body, copies);
    if (deeds.length === 0) continue;
    const told = deeds.map(({ kind, lump, isWanted }) => [
      kind,
      isWanted,
      lump.map(({ position, place, variant }) => [position, place, variant]),
    ]);
    const key = JSON.stringify([body.name, body.becomes !== null, body.parts.map(({ position, variant }) => [position, variant]), told]);
    const group = groups.get(key) ?? { bodies: [], deeds: [] };
    groups.set(key, group);
    group.bodies.push(body);
    group.deeds.push(deeds);
  }
  return [...groups.values()];
}

function deedsWith(body: BenchBody, copies: readonly BenchCopy[]): readonly Deed[] {
  const { off, back, left } = takeApart(
    body.parts,
    copies.map(({ id, pieces }) => ({ figure: id, parts: pieces })),
  );
  const copyOf = new Map(copies.flatMap((copy) => copy.pieces.map(({ piece }) => [piece, copy] as const)));
  const going = (lump: readonly BodyPart[], to: Stop): readonly PieceMove[] => lump.map(({ piece }) => ({ piece, to }));
  const away: Stop = { kind: 'away' };
  const taking = off.map(({ part, riders, seat }): Deed => {
    const [lump, copy] = [[part, ...riders], copyOf.get(part.piece)];
    const to: Stop = copy ? { kind: 'tray', figure: copy.figure } : { kind: 'aside' };
    return { kind: 'take apart', lump, seat, moves: going(lump, to), isWanted: copy !== undefined || body.becomes !== null };
  });
  const standing = left.flatMap((lump): readonly Deed[] => {
    const [root] = lump;
    const copy = root && copyOf.get(root.piece);
    if (!root || (copy ? isAtItsPlace(root, copy, body) : body.becomes === null)) return [];
    if (!copy) return [{ kind: 'put away', lump, seat: null, moves: going(lump, away), isWanted: false }];
    return [{ kind: 'fetch', lump, seat: null, moves: going(lump, { kind: 'tray', figure: copy.figure }), isWanted: true }];
  });
  const lumps = new Map(off.map(({ part, riders }) => [part.piece, [part, ...riders]]));
  const closed = back.map(({ part, onto }): Deed => {
    const lump = lumps.get(part.piece) ?? [part];
    if (body.becomes !== null) return { kind: 'put away', lump, seat: null, moves: going(lump, away), isWanted: false };
    return { kind: 'put back', lump, seat: onto, moves: going(lump, { kind: 'body', body: body.id }), isWanted: false };
  });
  return [...taking, ...standing, ...closed];
}

/** Does a part that sits on nothing stand where it is wanted, on the figure that becomes that copy? */
const isAtItsPlace = (root: BodyPart, copy: BenchCopy, body: BenchBody): boolean => body.becomes === copy.id && canStand(root, copy.pieces);

function wordsFor(deed: Deed, bodies: readonly BenchBody[], nameOf: NameOf): Pick<BenchStep, 'title' | 'sentence'> {
  const [part, ...riders] = deed.lump;
  const [body] = bodies;
  if (!part || !body) return { title: '', sentence: '' };
  const along = riders.length === 0 ? '' : `, with ${list(ridersIn(riders))}`;
  const many = bodies.length;
  const who = many === 1 ? body.name : `${many} × ${body.name}`;
  const from = many === 1 ? body.name : `each of the ${many}, ${body.name}`;
  const name = nameOf(part);
  const short = positionName(part.position).toLowerCase();
  switch (deed.kind) {
    case 'take apart':
      return {
        title: `${who}: ${short} off${deed.isWanted ? '' : ', to make way'}`,
        sentence: `Take ${within(name, 'the')} off ${from}${along}.${deed.isWanted ? '' : ' It makes way and goes back.'}`,
      };
    case 'fetch':
      if (deed.lump.length === body.parts.length)
        return {
          title: `${who}, as ${many === 1 ? 'it stands' : 'they stand'}`,
          sentence: `Take ${many === 1 ? who : `the ${who}`} from ${body.path}, as ${many === 1 ? 'it stands' : 'they stand'}.`,
        };
      return { title: `${who}: what is left, ${short}`, sentence: `Take what is left of ${from}: ${name}${along}.` };
    case 'put away':
      return {
        title: `${name}, not wanted any more`,
        sentence: `${many > 1 ? `${many} times: put` : 'Put'} ${within(name, 'the')} away${along}.`,
      };
    case 'put back':
      return deed.seat
        ? { title: `${who}: ${short} back on`, sentence: `Put ${within(name, 'the')} back on ${from}${along}.` }
        : { title: `${who}: ${short} kept with it`, sentence: `${name} has nothing left to sit on: keep it with ${from}${along}.` };
  }
}

/** A body that gave something is put away, and what it lacks from now on is said. */
function closeStep(bodies: readonly BenchBody[], copies: readonly BenchCopy[]): BenchStep {
  const taken = new Set(copies.flatMap(({ pieces }) => pieces.map(({ piece }) => piece)));
  const [body] = bodies;
  const parts = body?.parts ?? [];
  const gone = parts.filter(({ piece }) => taken.has(piece)).map(({ position }) => positionName(position).toLowerCase());
  const isEmpty = gone.length === parts.length;
  const name = bodies.length === 1 ? (body?.name ?? '') : `the ${bodies.length}, ${body?.name ?? ''},`;
  const loose = parts.filter((part) => !taken.has(part.piece) && taken.has(seatOf(part, parts)?.piece ?? ''));
  return {
    ...{ kind: 'put away', pieces: [], moves: [], cautions: [], alteration: null, figure: null },
    title: isEmpty ? `Nothing is left of ${name}` : `${name} in ${body?.path ?? ''}`,
    sentence: isEmpty
      ? `Nothing is left of ${name}.`
      : `Put ${name} away in ${body?.path ?? ''}. Now lacking: ${list([...new Set(gone)])}.`,
    hint: loose.length > 0 ? 'What fits nowhere any more stays in the same bag.' : null,
  };
}
