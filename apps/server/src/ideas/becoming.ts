import type { FiguresStore } from '../figures/index.js';
import type { IdeaEntity } from './ideas.entities.js';

/** What was made of an idea, as far as it is there. */
export interface Becoming {
  readonly figure: string | null;
  readonly lineUp: string | null;
  readonly isBinned: boolean;
}

const NOTHING: Becoming = { figure: null, lineUp: null, isBinned: false };

/** What an idea became and where that is. What was thrown away for good is nothing any more: the idea may be made again. */
export function becomingOf({ figure, lineUp }: Pick<IdeaEntity, 'figure' | 'lineUp'>, store: FiguresStore): Becoming {
  const made = figure ?? lineUp;
  if (made === null) return NOTHING;
  const where = store.whereabouts(figure === null ? 'line_up' : 'figure', made);
  return where === 'gone' ? NOTHING : { figure, lineUp, isBinned: where === 'in the bin' };
}
