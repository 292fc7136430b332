import type { Position } from '../../src/index.js';
import type { BenchBody, BenchCopy, BenchStep, BodyPart, Stop } from '../../src/bench/index.js';

/** What carries what, told without the generator's own joints: with none of the first there, none of the second can be. */
const CARRIED: readonly (readonly [readonly Position[], readonly Position[]])[] = [
  [['head'], ['headgear', 'headgear.addon']],
  [['torso'], ['arm.L', 'arm.R', 'neck.1', 'neck.2', 'neck.3', 'neck.4', 'head']],
  [['arm.L'], ['wrist.L', 'hand.L']],
  [['arm.R'], ['wrist.R', 'hand.R']],
  [['hand.L'], ['held.L']],
  [['hand.R'], ['held.R']],
];
/** What goes on only while something that lies over it is off. */
const UNDER: readonly (readonly [readonly Position[], readonly Position[]])[] = [
  [['neck.1'], ['neck.2', 'neck.3', 'neck.4', 'head']],
  [['neck.2'], ['neck.3', 'neck.4', 'head']],
  [['neck.3'], ['neck.4', 'head']],
  [['neck.4'], ['head']],
  [['waist'], ['torso']],
  [['wrist.L'], ['hand.L']],
  [['wrist.R'], ['hand.R']],
];

/** One figure as it stands on the bench. Throws where a hand could not do what a step says. */
class Standing {
  readonly on = new Map<string, Position>();
  constructor(private readonly seated: ReadonlySet<Position>) {}

  has(positions: readonly Position[]): boolean {
    return [...this.on.values()].some((position) => positions.includes(position));
  }

  /** Parts come off together, with nothing left over them or hanging in the air. */
  lift(pieces: readonly string[]): void {
    const lifted = pieces.map((piece) => {
      const position = this.on.get(piece);
      if (position === undefined) throw new Error(`${piece} is not there to be taken off`);
      this.on.delete(piece);
      return position;
    });
    for (const [under, over] of UNDER)
      if (under.some((position) => lifted.includes(position)) && this.has(over))
        throw new Error(`${under.join()} is taken from under ${over.join()}`);
    this.mustHold('left');
  }

  /** Parts that hold together go on as one. */
  put(parts: readonly (readonly [piece: string, position: Position])[]): void {
    for (const [under, over] of UNDER)
      if (
        parts.some(([, position]) => under.includes(position)) &&
        this.has(over) &&
        !parts.some(([, position]) => over.includes(position))
      )
        throw new Error(`${under.join()} goes on while ${over.join()} is on`);
    for (const [piece, position] of parts) {
      if (this.on.has(piece)) throw new Error(`${piece} is put on twice`);
      this.on.set(piece, position);
    }
    this.mustHold('put');
  }

  private mustHold(deed: string): void {
    for (const [carrier, carried] of CARRIED)
      if (carrier.some((position) => this.seated.has(position)) && !this.has(carrier) && this.has(carried))
        throw new Error(`${deed}: ${carried.join()} without ${carrier.join()}`);
  }
}

/**
 * Does the steps one after the other as hands would, and throws at the first that cannot be done: a piece that is not where the step takes it
 * from, something that hangs in the air, a layer under another, a piece that comes off its donor twice. What is kept with a donor though nothing
 * carries it lies beside it.
 *
 * @param gone pieces that broke: they are taken off and thrown away where a step names them and moves them nowhere
 * @returns what each copy and each body has on it in the end
 */
export function doAll(
  steps: readonly BenchStep[],
  copies: readonly BenchCopy[],
  bodies: readonly BenchBody[],
  gone: ReadonlySet<string> = new Set(),
) {
  const standing = new Map<string, Standing>();
  const where = new Map<string, string>();
  const positionOn = new Map<string, Position>();
  const seated = (parts: readonly BodyPart[]): ReadonlySet<Position> => new Set(parts.map(({ position }) => position));
  for (const { id, pieces } of copies) standing.set(`copy ${id}`, new Standing(seated(pieces)));
  for (const body of bodies) {
    const key = body.becomes === null ? `body ${body.id}` : `copy ${body.becomes}`;
    const own = body.becomes === null ? new Standing(seated(body.parts)) : standing.get(key);
    if (!own) throw new Error(`${body.id} becomes nobody`);
    standing.set(key, own);
    for (const part of body.parts) {
      own.on.set(part.piece, part.position);
      where.set(part.piece, key);
      positionOn.set(`${key} ${part.piece}`, part.position);
    }
  }
  for (const copy of copies)
    for (const piece of copy.pieces) {
      positionOn.set(`copy ${copy.id} ${piece.piece}`, piece.position);
      if (piece.from.kind === 'place') where.set(piece.piece, `place ${piece.from.path}`);
      if (piece.from.kind === 'tray') where.set(piece.piece, `tray ${copy.figure}`);
    }
  const beside = new Map<string, string[]>();
  const keyOf = (stop: Stop): string =>
    stop.kind === 'tray'
      ? `tray ${stop.figure}`
      : stop.kind === 'copy'
        ? `copy ${stop.copy}`
        : stop.kind === 'body'
          ? `body ${stop.body}`
          : stop.kind;
  const takenOff = new Set<string>();
  for (const step of steps) {
    const lumps = new Map<string, { from: string; to: string; pieces: string[] }>();
    for (const { piece, to } of step.moves) {
      const from = where.get(piece);
      if (from === undefined) throw new Error(`${piece} is nowhere`);
      const key = `${from} > ${keyOf(to)}`;
      const lump = lumps.get(key) ?? { from, to: keyOf(to), pieces: [] };
      lumps.set(key, lump);
      lump.pieces.push(piece);
    }
    for (const piece of step.pieces)
      if (gone.has(piece) && !step.moves.some((move) => move.piece === piece)) for (const own of standing.values()) own.on.delete(piece);
    for (const { from, to, pieces } of lumps.values()) {
      if (step.kind === 'build' && !from.startsWith('tray')) throw new Error(`${pieces.join()} is built on from ${from}`);
      if (step.kind === 'take apart')
        for (const piece of pieces) {
          if (takenOff.has(`${from} ${piece}`)) throw new Error(`${piece} comes off twice`);
          takenOff.add(`${from} ${piece}`);
        }
      standing.get(from)?.lift(pieces);
      const target = standing.get(to);
      if (target) {
        const parts = pieces.map((piece) => {
          const position = positionOn.get(`${to} ${piece}`);
          if (position === undefined) throw new Error(`${piece} has no place on ${to}`);
          return [piece, position] as const;
        });
        if (step.sentence.includes('nothing left to sit on')) beside.set(to, [...(beside.get(to) ?? []), ...pieces]);
        else target.put(parts);
      }
      for (const piece of pieces) {
        where.set(piece, to);
        // What was built in again may have to make way again.
        if (step.kind === 'build') takenOff.delete(`${to} ${piece}`);
      }
    }
  }
  return {
    where,
    on: (key: string): readonly string[] => [...(standing.get(key)?.on.keys() ?? []), ...(beside.get(key) ?? [])].sort(),
  };
}
