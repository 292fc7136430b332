import type { System } from '../anatomy/index.js';
import type { Brief } from '../brief/index.js';
import type { Catalogue, Variant } from '../catalogue/index.js';
import { applyEdit, type Look } from '../figure/index.js';
import { NO_SUPPLY, type Supply } from '../wardrobe/index.js';
import { sameProblem, type Spot } from './candidates/index.js';
import { checkLook } from './checks/index.js';
import { likeness } from './likeness/index.js';
import type { Problem } from './marks.js';
import { type Company, subject } from './subject.js';

/** What a look becomes with one part on: likeness before and after, problems that come and go. */
export interface Effect {
  readonly before: number;
  readonly after: number;
  readonly raises: readonly Problem[];
  readonly settles: readonly Problem[];
}

/** How like its brief a look is, 0 to 100, whatever is owned or sold. */
export const likenessWith = (look: Look, brief: Brief, catalogue: Catalogue, system: System): number =>
  likeness(subject(look, brief, catalogue, system, NO_SUPPLY)).score;

/**
 * The effect of putting a variant on at a spot: likeness in points of 100 before and after, and the marks that come and go. The variant
 * may be one that is only pictured and not in the catalogue. Throws EditRefused when it does not go there.
 */
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
  const wider = catalogue.withVariant(variant);
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
