/** What something to do is: a figure to build, one that is owed, an idea, a part that turned up. */
export const EVENING_KINDS = ['owed', 'build', 'buy', 'turned up', 'watch', 'idea'] as const;
export type EveningKind = (typeof EVENING_KINDS)[number];

/** One thing that could be done on a free evening. Money in minor units. */
export interface Chance {
  readonly kind: EveningKind;
  readonly id: string;
  readonly title: string;
  /** Why it stands where it stands, in words. */
  readonly why: string;
  /** Everything for it is at hand. */
  readonly isReady: boolean;
  /** By when it is owed to somebody; null when it is not, or no day was said. */
  readonly owedBy: string | null;
  readonly isOwed: boolean;
  /** What is still to pay; null where nobody sells a part of it, or nobody can say. */
  readonly costMinor: number | null;
  /** How many people like it. */
  readonly votes: number;
}

const NEVER = '9999-12-31';
/** Dearer than anything that has a price. */
const UNKNOWN = Number.MAX_SAFE_INTEGER;
const rank = ({ isReady, isOwed }: Chance): number => (isReady && isOwed ? 0 : isReady ? 1 : isOwed ? 2 : 3);

/**
 * What could be done now: what is ready and owed, what is ready, what is owed, the rest; within each the earliest day, then the cheapest,
 * then what most people like (line-ups, *Ideas*: ready, owed, cheap).
 */
export const inOrderOfChance = (chances: readonly Chance[]): readonly Chance[] =>
  [...chances].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      compare(a.owedBy ?? NEVER, b.owedBy ?? NEVER) ||
      (a.costMinor ?? UNKNOWN) - (b.costMinor ?? UNKNOWN) ||
      b.votes - a.votes ||
      compare(a.title, b.title),
  );

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
