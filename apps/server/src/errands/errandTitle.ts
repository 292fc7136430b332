import type { FiguresService } from '../figures/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import type { StoredLine } from './errand.entity.js';

/** An errand that makes whole figures whole again is begun from the wardrobe. */
const WARDROBE = 'wardrobe';

/**
 * What an errand is called until the person names it: the line-up, the figure with its look, or the whole figures it is for. Refuses a scope
 * nobody knows, and looks that are not of it.
 */
export function errandTitle(scope: string, lines: readonly StoredLine[], figures: Pick<FiguresService, 'names' | 'figure'>): string {
  const stranger = (sentence: string, i: number) => new Problem(422, sentence, [{ path: `/lines/${i}/look`, sentence }]);
  const names = figures.names();
  if (scope === WARDROBE) {
    const i = lines.findIndex((line) => line.figure !== line.look);
    if (i >= 0) throw stranger('This is a look of a figure. Plan its errand from its own figure or line-up.', i);
    return lines.length === 1 ? 'A whole figure, made whole' : `${lines.length} whole figures, made whole`;
  }
  const lineUp = names.find((row) => row.id === scope);
  if (lineUp) {
    const i = lines.findIndex((line) => !lineUp.figures.some((figure) => figure.id === line.figure));
    if (i >= 0) throw stranger(`This look is of no figure of ${lineUp.name}. Plan its errand from its own line-up.`, i);
    return lineUp.name;
  }
  if (!names.some((row) => row.figures.some((figure) => figure.id === scope))) throw notFound('figure or line-up', scope);
  const { brief, looks } = figures.figure(scope);
  const i = lines.findIndex((line) => line.figure !== scope);
  if (i >= 0) throw stranger(`This look is not one of ${brief.name}. Plan its errand from its own figure.`, i);
  const look = looks.find((row) => row.id === lines[0]?.look);
  return lines.length === 1 && look ? `${brief.name}, ${look.name}` : brief.name;
}
