import { arranged, type LineUpPlan } from '@outfit/core/lineup';
import type { FigureDto } from '@/api';

export const GROUPINGS = ['order', 'faction', 'role', 'seat'] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** One that stands on the stage: a figure, or one of its copies. */
interface StageSpot {
  readonly figure: FigureDto;
  /** Which of its copies, from 0; the first is the one that is pressed. */
  readonly copy: number;
}

export interface StageGroup {
  readonly title: string;
  /** "4 of 4", "5, at most 4"; empty where nobody said how many. */
  readonly quota: string;
  readonly spots: readonly StageSpot[];
}

const MOST_COPIES = 60;

/**
 * Everybody who stands on the stage, in their groups. An army stands there copy by copy, its variations among them so that no two alike stand
 * side by side where that can be.
 */
export function groupsOf(figures: readonly FigureDto[], plan: LineUpPlan, grouping: Grouping): readonly StageGroup[] {
  if (grouping === 'faction' && plan.factions.length > 0) {
    const named = plan.factions.map(({ id, name }) => ({ title: name, members: figures.filter(({ faction }) => faction === id) }));
    const ids = new Set(plan.factions.map(({ id }) => id));
    const rest = figures.filter(({ faction }) => !ids.has(faction));
    return [...named, { title: 'No faction', members: rest }].flatMap(({ title, members }) =>
      members.length === 0 ? [] : [{ title, quota: quotaOf(members, plan), spots: spotsOf(members, plan) }],
    );
  }
  if (grouping === 'seat' && plan.seatings.length > 0) {
    const seated = plan.seatings.map(({ name, places }) => {
      const members = places.flatMap(({ figure }) => figures.filter(({ id }) => id === figure));
      return { title: name || 'Seats', quota: `${members.length} of ${places.length}`, spots: spotsOf(members, plan) };
    });
    const taken = new Set(plan.seatings.flatMap(({ places }) => places.map(({ figure }) => figure)));
    const rest = figures.filter(({ id }) => !taken.has(id));
    return [...seated, { title: 'Standing by', quota: '', spots: spotsOf(rest, plan) }].filter(({ spots }) => spots.length > 0);
  }
  if (grouping === 'role') {
    // However a role is spelled, it is the one that is named first.
    const named = [...plan.roles.map(({ name }) => name), ...figures.map(({ role }) => role)];
    const roles = named.filter((name, i) => named.findIndex((own) => own.toLowerCase() === name.toLowerCase()) === i);
    return roles.flatMap((role) => {
      const members = figures.filter((figure) => figure.role.toLowerCase() === role.toLowerCase());
      return members.length === 0 ? [] : [{ title: role || 'No role', quota: quotaOf(members, plan), spots: spotsOf(members, plan) }];
    });
  }
  return [{ title: '', quota: '', spots: spotsOf(figures, plan) }];
}

/** Where all of a group play one role, how many of how many. */
function quotaOf(members: readonly FigureDto[], { roles }: LineUpPlan): string {
  const [first] = members;
  const role = roles.find(({ name }) => name.toLowerCase() === first?.role.toLowerCase());
  if (!role || members.some((figure) => figure.role.toLowerCase() !== role.name.toLowerCase())) return String(members.length);
  if (role.most !== null && members.length > role.most) return `${members.length}, at most ${role.most}`;
  const wanted = Math.max(role.least, role.most === null ? members.length : Math.min(role.most, Math.max(role.least, members.length)));
  return `${members.length} of ${wanted}`;
}

function spotsOf(figures: readonly FigureDto[], { kind }: LineUpPlan): readonly StageSpot[] {
  const all = figures.reduce((sum, { brief }) => sum + brief.copies, 0);
  if (kind !== 'army' || all > MOST_COPIES || all === figures.length) return figures.map((figure) => ({ figure, copy: 0 }));
  const counts = figures.map(({ brief }) => brief.copies);
  const next = figures.map(() => 0);
  return arranged(counts).flatMap((at) => {
    const figure = figures[at];
    const copy = next[at] ?? 0;
    next[at] = copy + 1;
    return figure ? [{ figure, copy }] : [];
  });
}
