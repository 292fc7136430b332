import { lineUpOfSpares, sparesId } from '@outfit/core/lineup';
import type { FiguresService } from '../figures/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import type { StoredLine } from './record/errand.entity.js';

/** An errand that makes whole figures whole again is begun from the wardrobe. */
const WARDROBE = 'wardrobe';

/**
 * What an errand is called until the person names it: the line-up, the figure with its look, or the whole figures it is for, and how many
 * others come along. Refuses a scope nobody knows, and what a trip of its kind is not made for.
 */
export function errandTitle(scope: string, lines: readonly StoredLine[], figures: Pick<FiguresService, 'names' | 'figure'>): string {
  const stranger = (sentence: string, i: number) => new Problem(422, sentence, [{ path: `/lines/${i}/look`, sentence }]);
  const names = figures.names();
  if (scope === WARDROBE) {
    const i = lines.findIndex((line) => line.figure !== line.look || lineUpOfSpares(line.look) !== null);
    if (i >= 0) throw stranger('This is a look of a figure. Plan its errand from its own figure or line-up.', i);
    return lines.length === 1 ? 'A whole figure, made whole' : `${lines.length} whole figures, made whole`;
  }
  const spares = lines.findIndex((line) => ![null, scope].includes(lineUpOfSpares(line.figure)));
  if (spares >= 0) throw stranger('The spares of a line-up are shopped for on its own errand.', spares);
  const known = new Set(names.flatMap((row) => row.figures.map((figure) => figure.id)));
  const whole = lines.findIndex((line) => lineUpOfSpares(line.figure) === null && !known.has(line.figure));
  if (whole >= 0) throw stranger('This is a whole figure of the wardrobe. Plan its errand from there.', whole);
  const lineUp = names.find((row) => row.id === scope);
  if (lineUp) {
    const own = new Set([sparesId(lineUp.id), ...lineUp.figures.map((figure) => figure.id)]);
    return alongWith(lineUp.name, lines, (line) => own.has(line.figure));
  }
  if (!names.some((row) => row.figures.some((figure) => figure.id === scope))) throw notFound('figure or line-up', scope);
  const { brief, looks } = figures.figure(scope);
  const look = looks.find((row) => row.id === lines[0]?.look);
  if (lines.length === 1 && look) return `${brief.name}, ${look.name}`;
  return alongWith(brief.name, lines, (line) => line.figure === scope);
}

/** A name with how many others come along; where nothing of its own is on the trip, the name would say what is not so. */
function alongWith(name: string, lines: readonly StoredLine[], isOwn: (line: StoredLine) => boolean): string {
  const others = lines.filter((line) => !isOwn(line)).length;
  if (others === lines.length) return others === 1 ? 'One look' : `${others} looks`;
  return others === 0 ? name : `${name} and ${others} more`;
}
