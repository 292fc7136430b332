import { type BodyPart, heightOf, seatOf, withRiders } from './joints.js';

/** Where pieces end up: the parts of each figure that is built, and everything else stays. */
export interface Target {
  readonly figure: string;
  readonly parts: readonly BodyPart[];
}

/** A part that is taken off what it sits on, with all that rides on it at that moment. */
export interface TakingOff {
  readonly part: BodyPart;
  readonly riders: readonly BodyPart[];
}

/** What stays of a body after something was taken off it, and where it goes back; null for what has nothing left to sit on. */
export interface PuttingBack {
  readonly part: BodyPart;
  readonly onto: BodyPart | null;
}

/**
 * What has to be taken off a body so that some of its pieces can go into figures, from the top down: exactly the joints between pieces that end
 * up apart. A piece that goes along with what it sits on, and sits on it in the figure too, stays on it; what only makes way comes off with
 * everything on it and goes back. No fewer would do: each of these joints has to be opened.
 *
 * @param targets the figures that are built, with the pieces they take
 * @example only the cape of a figure is wanted // the head comes off, then the cape; the head goes back
 */
export function takeApart(
  body: readonly BodyPart[],
  targets: readonly Target[],
): { readonly off: readonly TakingOff[]; readonly back: readonly PuttingBack[] } {
  const goesTo = new Map<string, Target>();
  for (const target of targets) for (const { piece } of target.parts) goesTo.set(piece, target);
  const opened = body.filter((part) => {
    const seat = seatOf(part, body);
    return seat !== null && !staysJoined(part, seat, goesTo);
  });
  const highestFirst = [...opened].sort((a, b) => heightOf(b, body) - heightOf(a, body));
  let rest = body;
  const off = highestFirst.map((part): TakingOff => {
    const [, ...riders] = withRiders(part, rest);
    const gone = new Set([part, ...riders].map((own) => own.piece));
    rest = rest.filter((other) => !gone.has(other.piece));
    return { part, riders };
  });
  const staying = body.filter((part) => !goesTo.has(part.piece));
  const back = highestFirst
    .filter((part) => !goesTo.has(part.piece))
    .reverse()
    .map((part): PuttingBack => ({ part, onto: seatOf(part, staying) }));
  return { off, back };
}

/** Do two pieces that sit one on the other end up so again, at the same place? */
function staysJoined(part: BodyPart, seat: BodyPart, goesTo: ReadonlyMap<string, Target>): boolean {
  const [own, other] = [goesTo.get(part.piece), goesTo.get(seat.piece)];
  if (own !== other) return false;
  if (!own) return true;
  const there = own.parts.find((row) => row.piece === part.piece);
  return there !== undefined && seatOf(there, own.parts)?.piece === seat.piece && there.position === part.position;
}
