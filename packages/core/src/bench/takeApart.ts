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
  /** What it sat on. */
  readonly seat: BodyPart;
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
 * @returns what comes off, what of it goes back, and what is left standing: each part that sits on nothing with what is still on it
 * For example: only the cape of a figure is wanted gives the head comes off, then the cape; the head goes back.
 */
export function takeApart(
  body: readonly BodyPart[],
  targets: readonly Target[],
): { readonly off: readonly TakingOff[]; readonly back: readonly PuttingBack[]; readonly left: readonly (readonly BodyPart[])[] } {
  const goesTo = new Map<string, Target>();
  for (const target of targets) for (const { piece } of target.parts) goesTo.set(piece, target);
  const opened = body.flatMap((part) => {
    const seat = seatOf(part, body);
    return seat !== null && !canStayJoined(part, seat, goesTo) ? [{ part, seat }] : [];
  });
  const highestFirst = [...opened].sort((a, b) => heightOf(b.part, body) - heightOf(a.part, body));
  let rest = body;
  const off = highestFirst.map(({ part, seat }): TakingOff => {
    const [, ...riders] = withRiders(part, rest);
    const gone = new Set([part, ...riders].map((own) => own.piece));
    rest = rest.filter((other) => !gone.has(other.piece));
    return { part, riders, seat };
  });
  const left = rest.filter((part) => seatOf(part, body) === null).map((part) => withRiders(part, rest));
  const staying = body.filter((part) => !goesTo.has(part.piece));
  const loose = new Set<string>();
  const back = highestFirst
    .map(({ part }) => part)
    .filter((part) => !goesTo.has(part.piece))
    .reverse()
    .map((part): PuttingBack => {
      const onto = seatOf(part, staying);
      // What would sit on something that hangs in the air itself is kept beside it.
      if (onto && !withSeats(onto, staying).some(({ piece }) => loose.has(piece))) return { part, onto };
      loose.add(part.piece);
      return { part, onto: null };
    });
  return { off, back, left };
}

/** A part with all that it sits on, down to the ground. */
function withSeats(part: BodyPart, body: readonly BodyPart[]): readonly BodyPart[] {
  const seat = seatOf(part, body);
  return seat ? [part, ...withSeats(seat, body)] : [part];
}

/** Do two pieces that sit one on the other end up so again, at the same place? */
function canStayJoined(part: BodyPart, seat: BodyPart, goesTo: ReadonlyMap<string, Target>): boolean {
  const [own, other] = [goesTo.get(part.piece), goesTo.get(seat.piece)];
  if (own !== other) return false;
  if (!own) return true;
  const there = own.parts.find((row) => row.piece === part.piece);
  return there !== undefined && seatOf(there, own.parts)?.piece === seat.piece && there.position === part.position;
}
