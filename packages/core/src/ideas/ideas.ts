export const IDEA_KINDS = ['figure', 'swap', 'line-up', 'part wanted'] as const;
export type IdeaKind = (typeof IDEA_KINDS)[number];

export const IDEA_STATES = ['heard', 'liked', 'planned', 'made', 'declined'] as const;
export type IdeaState = (typeof IDEA_STATES)[number];

/** Who is to be named on every card: whose idea it was, and where it was heard. */
export const creditOf = ({ who, heardAt }: { readonly who: string; readonly heardAt: string }): string =>
  who === '' ? '' : heardAt === '' ? who : `${who} (${heardAt})`;

/** What stands in the way of a figure that is owed. */
export interface Obstacle {
  readonly figure: string;
  readonly name: string;
  /** In words: "3 to buy", "2 on their way", "ready to build". */
  readonly waits: string;
  readonly isDone: boolean;
}

/** How a promise stands: done, late by so many days, or due. */
export type OwedStanding = 'done' | 'late' | 'ready' | 'waits';

/** A promise is done when somebody said so; late after its day; ready when every figure of it is built. */
export function standingOfOwed(
  { doneOn, dueOn }: { readonly doneOn: string | null; readonly dueOn: string | null },
  obstacles: readonly Obstacle[],
  today: string,
): OwedStanding {
  if (doneOn !== null) return 'done';
  if (dueOn !== null && dueOn < today) return 'late';
  return obstacles.length > 0 && obstacles.every(({ isDone }) => isDone) ? 'ready' : 'waits';
}

/** Late ones first, then by day, those without a day after them, done ones last. */
export const lateFirst = <T extends { readonly doneOn: string | null; readonly dueOn: string | null; readonly who: string }>(
  all: readonly T[],
): readonly T[] => [...all].sort((a, b) => Number(a.doneOn !== null) - Number(b.doneOn !== null) || (key(a) < key(b) ? -1 : 1));

const key = ({ dueOn, who }: { readonly dueOn: string | null; readonly who: string }): string => `${dueOn ?? '9999-12-31'} ${who}`;
