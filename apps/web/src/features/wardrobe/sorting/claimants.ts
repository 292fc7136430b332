import { lineUpOfSpares } from '@outfit/core/lineup';
import type { ClashDto } from '@/api';

type Contender = ClashDto['contenders'][number];

/** The page of whoever claims pieces: a figure's fitting, or the line-up whose spares they are. */
export function toClaimant(id: string): string {
  const lineUp = lineUpOfSpares(id);
  return lineUp === null ? `/figures/${id}/fitting` : `/line-ups/${lineUp}`;
}

/** The figure that a piece could be kept for: the first that gets none, else the first that gets too few. Spares have nothing kept for them. */
export function shortFigure(contenders: readonly Contender[]): Contender | null {
  const short = contenders.filter((row) => row.gets < row.wants && lineUpOfSpares(row.figure) === null);
  return short.find((row) => row.gets === 0) ?? short[0] ?? null;
}
