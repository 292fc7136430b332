import { isIn, type LineUpPlan } from './plan.js';

/** A figure as far as spares go. */
interface Provided {
  readonly role: string;
  readonly faction: string;
  readonly copies: number;
}

/**
 * How many of each part are wanted beside the looks: so many for each copy of the figures a spare is for, or once for the line-up.
 *
 * For example: two oars a rower, three rowers; one lantern over gives Map { oar → 6, lantern → 1 }.
 */
export function sparesOf({ spares }: Pick<LineUpPlan, 'spares'>, figures: readonly Provided[]): ReadonlyMap<string, number> {
  const wanted = new Map<string, number>();
  for (const { variant, count, each, scope } of spares) {
    const times = each ? figures.filter((figure) => isIn(scope, figure)).reduce((all, { copies }) => all + copies, 0) : 1;
    if (times > 0) wanted.set(variant, (wanted.get(variant) ?? 0) + count * times);
  }
  return wanted;
}

const PREFIX = 'spares of ';

/** What the spares of a line-up are called where looks are asked for. */
export const sparesId = (lineUp: string): string => `${PREFIX}${lineUp}`;

/** The line-up whose spares something is; null for anything else. */
export const lineUpOfSpares = (id: string): string | null => (id.startsWith(PREFIX) ? id.slice(PREFIX.length) : null);
