import { count, list } from '../../kernel/index.js';
import type { Enrolled, LineUpPlan } from './plan.js';

/** A figure as far as numbers go. `isComplete`: nothing of it is lacking or still to buy. */
export interface Counted extends Enrolled {
  readonly isChosen: boolean;
  readonly isComplete: boolean;
}

/** How many play a role or stand in a faction, against what is wanted. */
export interface Quota {
  readonly name: string;
  readonly is: number;
  readonly least: number;
  readonly most: number | null;
  readonly lacking: number;
  readonly over: number;
}

/** What was promised against what there is. */
export interface PromisedAndActual {
  readonly promised: number | null;
  readonly chosen: number;
  readonly complete: number;
  /** Promised and not chosen yet. */
  readonly open: number;
  readonly roles: readonly Quota[];
  readonly factions: readonly { readonly id: string; readonly name: string; readonly is: number }[];
  /** "12 promised, 10 chosen, 7 complete, 2 over in Carrier". */
  readonly sentence: string;
}

/** Counts a line-up against what was promised. An empty figure is not chosen yet. */
export function promisedAndActual(plan: LineUpPlan, figures: readonly Counted[]): PromisedAndActual {
  const chosen = figures.filter(({ isChosen }) => isChosen).length;
  const complete = figures.filter((figure) => figure.isChosen && figure.isComplete).length;
  const roles = plan.roles.map(({ name, least, most }): Quota => {
    const is = figures.filter(({ role }) => role.toLowerCase() === name.toLowerCase()).length;
    return { name, is, least, most, lacking: Math.max(0, least - is), over: most === null ? 0 : Math.max(0, is - most) };
  });
  const uneven = [
    ...roles.filter(({ over }) => over > 0).map(({ name, over }) => `${over} over in ${name}`),
    ...roles.filter(({ lacking }) => lacking > 0).map(({ name, lacking }) => `${lacking} lacking in ${name}`),
  ];
  return {
    promised: plan.promised,
    chosen,
    complete,
    open: Math.max(0, (plan.promised ?? 0) - chosen),
    roles,
    factions: plan.factions.map(({ id, name }) => ({ id, name, is: figures.filter(({ faction }) => faction === id).length })),
    sentence: [
      plan.promised === null ? count(figures.length, 'figure') : `${plan.promised} promised`,
      ...(plan.promised === null && chosen === figures.length ? [] : [`${chosen} chosen`]),
      `${complete} complete`,
      ...(uneven.length > 0 ? [list(uneven)] : []),
    ].join(', '),
  };
}
