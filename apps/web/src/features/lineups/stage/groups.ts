import { spreadOut, type LineUpPlan, type Seating, type SeatAt, type Sitter } from '@outfit/core/lineup';
import type { FigureDto } from '@/api';

export const GROUPINGS = ['order', 'faction', 'role', 'seat'] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** A place of a seating, as it is drawn on the stage. */
export interface StagePlace extends SeatAt {
  readonly name: string;
  readonly kind: Seating['kind'];
}

/** One that stands on the stage: a figure, one of its copies, or a place that nobody has yet. */
export type StageSpot =
  | {
      readonly figure: FigureDto;
      /** Which of its copies, from 0; the first is the one that is pressed. */
      readonly copy: number;
      readonly place: StagePlace | null;
    }
  | { readonly figure: null; readonly place: StagePlace };

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
    const byId = new Map(figures.map((figure) => [figure.id, figure]));
    const seated = plan.seatings.map(({ id, name, kind, places }) => {
      const spots = places.map(({ name: own, figure }, place): StageSpot => {
        const sitter = byId.get(figure);
        const at = { seating: id, place, name: own, kind };
        return sitter ? { figure: sitter, copy: 0, place: at } : { figure: null, place: at };
      });
      return { title: name || 'Seats', quota: `${spots.filter(({ figure }) => figure).length} of ${places.length}`, spots };
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
  if (kind !== 'army' || all > MOST_COPIES || all === figures.length) return figures.map((figure) => ({ figure, copy: 0, place: null }));
  const counts = figures.map(({ brief }) => brief.copies);
  const next = figures.map(() => 0);
  return spreadOut(counts).flatMap((at) => {
    const figure = figures[at];
    const copy = next[at] ?? 0;
    next[at] = copy + 1;
    return figure ? [{ figure, copy, place: null }] : [];
  });
}

/** What a spot is called while something is dragged: a figure that has places in two seatings stands there twice. */
export const spotId = (spot: StageSpot): string => {
  if (!spot.figure) return `${spot.place.seating} ${spot.place.place}`;
  if (spot.place) return `${spot.figure.id} in ${spot.place.seating}`;
  return spot.copy === 0 ? spot.figure.id : `${spot.figure.id} ${spot.copy}`;
};

/** Who is on the spot of a name, and where that is; null for a name of nobody. */
export function sitterOf(id: string, groups: readonly StageGroup[]): Sitter | null {
  const spot = groups.flatMap(({ spots }) => spots).find((own) => spotId(own) === id);
  return spot ? { figure: spot.figure?.id ?? '', at: spot.place } : null;
}
