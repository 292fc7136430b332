import type { Catalogue } from '../../catalogue/index.js';
import { count } from '../../kernel/index.js';
import type { LineUpPlan } from '../plan/index.js';
import type { Seen } from './member.js';

/** Why somebody cannot sit, or cannot carry something, in a sentence. */
export interface SeatProblem {
  readonly seating: string;
  readonly figure: string;
  readonly sentence: string;
  readonly severity: 'blocks' | 'shows';
}

/** Longer held things than this reach into the next seat, in mm; a body is hardly wider than a hand's reach on both sides. */
const LONG_MM = 24;
const DEEP_MM = 2;

/**
 * What keeps a figure from sitting: a lower body in one piece does not bend, a cape that hangs past the seat is sat on, something on the
 * back pushes it forward, a long thing in hand reaches into the next seat. Empty for one that sits well.
 */
export function sittingProblems({ name, worn }: Seen): readonly Omit<SeatProblem, 'seating' | 'figure'>[] {
  const problems: Omit<SeatProblem, 'seating' | 'figure'>[] = [];
  for (const { part, mould } of worn) {
    const { covers, backDepthMm = 0, twoHanded } = mould.geometry;
    if (part.position === 'lower' && !mould.shape.words.includes('bends'))
      problems.push({ severity: 'blocks', sentence: `${name} cannot sit: ${mould.name} is one piece and does not bend.` });
    else if (part.position.startsWith('neck.') && (covers?.['leg.back.thigh'] ?? 0) >= 0.5)
      problems.push({ severity: 'shows', sentence: `${name} sits on ${mould.name}: it hangs past the seat.` });
    else if (part.position.startsWith('neck.') && backDepthMm > DEEP_MM)
      problems.push({ severity: 'shows', sentence: `${name} sits forward: ${mould.name} stands off the back.` });
    else if (
      part.position.startsWith('held.') &&
      (twoHanded === true || Math.max(mould.sizeMm?.width ?? 0, mould.sizeMm?.height ?? 0) > LONG_MM)
    )
      problems.push({ severity: 'shows', sentence: `${mould.name} in ${name}’s hand reaches past the seat.` });
  }
  return problems;
}

/** What is wrong with who sits where and who carries what. */
export function seatProblems(
  plan: Pick<LineUpPlan, 'seatings' | 'props'>,
  figures: readonly Seen[],
  catalogue: Catalogue,
): readonly SeatProblem[] {
  const byId = new Map(figures.map((seen) => [seen.id, seen]));
  const sitting = plan.seatings
    .filter(({ kind }) => kind === 'seat')
    .flatMap(({ id, places }) =>
      places.flatMap(({ figure }) => {
        const seen = byId.get(figure);
        return seen ? sittingProblems(seen).map((problem) => ({ ...problem, seating: id, figure })) : [];
      }),
    );
  const loads = new Map<string, string[]>();
  for (const { carriedBy, name } of plan.props) if (carriedBy !== '') loads.set(carriedBy, [...(loads.get(carriedBy) ?? []), name]);
  const carrying = [...loads].flatMap(([figure, props]): SeatProblem[] => {
    const seen = byId.get(figure);
    if (!seen) return [];
    const held = plan.props.filter((prop) => prop.carriedBy === figure && prop.variant !== '' && catalogue.has(prop.variant));
    const inHand = new Set(seen.worn.filter(({ part }) => part.position.startsWith('held.')).map(({ variant }) => variant.id));
    const hands = seen.worn.filter(({ part }) => part.position.startsWith('hand.')).length;
    const busy = new Set(seen.worn.filter(({ part }) => part.position.startsWith('held.')).map(({ part }) => part.position)).size;
    const wanted = props.length - held.filter(({ variant }) => inHand.has(catalogue.resolve(variant))).length;
    const free = Math.max(0, hands - busy);
    return wanted > free
      ? [
          {
            seating: '',
            figure,
            severity: 'blocks',
            sentence: `${seen.name} is to carry ${count(wanted, 'thing')} more and has ${free === 0 ? 'no hand' : count(free, 'hand')} free.`,
          },
        ]
      : [];
  });
  return [...sitting, ...carrying];
}
