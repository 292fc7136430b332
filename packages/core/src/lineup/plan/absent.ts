import type { LineUpPlan } from './plan.js';

/** Everybody a plan names: leaders, whoever sits or carries something, both ends of relations, recipes. */
export const namedIn = (plan: LineUpPlan): ReadonlySet<string> =>
  new Set(
    [
      ...plan.factions.map(({ leader }) => leader),
      ...plan.seatings.flatMap(({ places }) => places.map(({ figure }) => figure)),
      ...plan.props.map(({ carriedBy }) => carriedBy),
      ...plan.relations.flatMap(({ from, to }) => [from, to]),
      ...plan.variations.map(({ figure }) => figure),
    ].filter((figure) => figure !== ''),
  );

/**
 * A plan whose figures are called otherwise, or are gone: what named somebody who is nobody now names nobody, and relations and variations
 * of theirs are left out.
 *
 * @param named what a figure is called now; empty for one that is gone
 */
export function renamedPlan(plan: LineUpPlan, named: (figure: string) => string): LineUpPlan {
  const now = (figure: string): string => (figure === '' ? '' : named(figure));
  return {
    ...plan,
    factions: plan.factions.map((row) => ({ ...row, leader: now(row.leader) })),
    variations: plan.variations.map((row) => ({ ...row, figure: now(row.figure) })).filter(({ figure }) => figure !== ''),
    seatings: plan.seatings.map((row) => ({ ...row, places: row.places.map((own) => ({ ...own, figure: now(own.figure) })) })),
    props: plan.props.map((row) => ({ ...row, carriedBy: now(row.carriedBy) })),
    relations: plan.relations
      .map((row) => ({ ...row, from: now(row.from), to: now(row.to) }))
      .filter(({ from, to }) => from !== '' && to !== ''),
  };
}
