import type { Brief } from './brief.js';
import { Catalogue, type Variant } from './catalogue.js';
import { sameProblem } from './candidates/markReader.js';
import type { Spot } from './candidates/index.js';
import { checkLook, NO_SUPPLY, subject, type Company, type Mark, type Supply } from './checks/index.js';
import { likeness } from './likeness/index.js';
import type { Look } from './look.js';
import { applyEdit } from './lookEdits.js';
import type { System } from './system.js';

/** What a look becomes with one part on: likeness before and after, problems that come and go. */
export interface Effect {
  readonly before: number;
  readonly after: number;
  readonly raises: readonly Mark[];
  readonly settles: readonly Mark[];
}

/** How like its brief a look is, 0 to 100, whatever is owned or sold. */
export const likenessWith = (look: Look, brief: Brief, catalogue: Catalogue, system: System): number =>
  likeness(subject(look, brief, catalogue, system, NO_SUPPLY)).score;

/** The effect of putting a variant on; it may be one that is only pictured and not in the catalogue. */
export function effectOf(
  look: Look,
  brief: Brief,
  spot: Spot,
  variant: Variant,
  catalogue: Catalogue,
  system: System,
  supply: Supply,
  company?: Company,
): Effect {
  const { data } = catalogue;
  const wider = catalogue.has(variant.id) ? catalogue : new Catalogue({ ...data, variants: [...data.variants, variant] });
  const [now, then] = [look, applyEdit(look, { action: 'put on', variant: variant.id, ...spot }, wider)].map((state) =>
    subject(state, brief, wider, system, supply, company),
  );
  if (!now || !then) throw new RangeError('a look has a before and an after');
  const [marksNow, marksThen] = [checkLook(now).open, checkLook(then).open];
  const [keysNow, keysThen] = [new Set(marksNow.map(sameProblem)), new Set(marksThen.map(sameProblem))];
  return {
    before: likeness(now).score,
    after: likeness(then).score,
    raises: marksThen.filter((mark) => !keysNow.has(sameProblem(mark))),
    settles: marksNow.filter((mark) => !keysThen.has(sameProblem(mark))),
  };
}
