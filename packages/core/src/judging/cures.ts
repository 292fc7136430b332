import type { Catalogue, Variant } from '../catalogue/index.js';
import { applyEdits, EditRefused, fillingAt, type Look, type LookEdit, type Worn } from '../figure/index.js';
import { groupedBy } from '../kernel/index.js';
import { mouldLikeness, partLikeness } from './likeness/index.js';
import type { Proposal } from './marks.js';
import { putOnLabel, spot } from './remedies/index.js';
import type { Subject } from './subject.js';

/** Parts that are changed together: one, or a pair that is worn alike on both sides. */
type Unit = readonly [Worn, ...Worn[]];

/** As many parts are changed at once, and as many ways are tried in all. */
const MOST_UNITS = 3;
const MOST_TRIED = 240;
/** How many parts are weighed in place of one, by how many are changed at once. */
const CHOICES: readonly number[] = [0, 24, 12, 6];
const NEAREST_MOULDS = 6;
const MOST_CURES = 24;

/**
 * What removes a problem where nothing the check itself proposes does: the fewest parts without which it would not be there, each changed
 * for one that is near to it or in a colour that is worn already. For whatever check: two arms, the head with both hands, a cape and what lies
 * under it.
 *
 * @param isLeft is the problem, or one as grave of its kind that is new, there in a look?
 * @returns nearest to what is worn first; whether they bring something worse is for the caller to judge
 */
export function cures({ worn, look, catalogue, supply }: Subject, isLeft: (look: Look) => boolean): readonly Proposal[] {
  const done = (edits: readonly LookEdit[]): Look | null => tryEdits(look, edits, catalogue);
  const units = unitsOf(worn);
  const without = (set: readonly Unit[]): Look | null =>
    done(set.flatMap((unit) => unit.map((item) => ({ action: 'take off', ...spot(item) }))));
  const isGone = (next: Look | null): boolean => next !== null && !isLeft(next);
  const sets = fewest(units, (set) => isGone(without(set)));
  const found: { readonly proposal: Proposal; readonly near: number }[] = [];
  let tried = 0;
  for (const set of sets) {
    const choices = set.map((unit) => inPlaceOf(unit[0], worn, catalogue, CHOICES[set.length] ?? 0));
    for (const chosen of combinations(choices)) {
      if (tried >= MOST_TRIED) break;
      tried += 1;
      const edits = chosen.flatMap(({ variant }, i) =>
        (set[i] ?? []).map((item): LookEdit => ({ action: 'put on', variant: variant.id, ...spot(item) })),
      );
      if (!isGone(done(edits))) continue;
      const label = `Put on ${chosen.map(({ variant }) => putOnLabel(variant, catalogue, supply)).join('; ')}`;
      found.push({ proposal: { label, edits }, near: chosen.reduce((all, { near }) => all + near - 1, 0) });
    }
  }
  return found
    .sort((a, b) => b.near - a.near)
    .slice(0, MOST_CURES)
    .map(({ proposal }) => proposal);
}

/** What is worn, with two alike on both sides as one. */
const unitsOf = (worn: readonly Worn[]): readonly Unit[] =>
  [...groupedBy(worn, ({ variant, part }) => `${variant.id} ${part.position.replace(/\.[LR]$/, '')}`).values()].flatMap(
    ([first, ...more]) => (first ? [[first, ...more] as const] : []),
  );

/** The smallest sets without which something is gone; none where it takes more than three. */
function fewest(units: readonly Unit[], isGone: (set: readonly Unit[]) => boolean): readonly (readonly Unit[])[] {
  for (let size = 1; size <= MOST_UNITS; size += 1) {
    const sets = setsOf(units, size).filter(isGone);
    if (sets.length > 0) return sets;
  }
  return [];
}

const setsOf = (units: readonly Unit[], size: number): readonly (readonly Unit[])[] =>
  size === 0 ? [[]] : units.flatMap((unit, i) => setsOf(units.slice(i + 1), size - 1).map((rest) => [unit, ...rest]));

interface Choice {
  readonly variant: Variant;
  readonly near: number;
}

/** Made parts in place of one: half of them the nearest, half the nearest of those in a colour that the figure wears elsewhere. */
function inPlaceOf(item: Worn, worn: readonly Worn[], catalogue: Catalogue, most: number): readonly Choice[] {
  const others = new Set(worn.flatMap((other) => (other.variant === item.variant ? [] : other.variant.colours)));
  const moulds = catalogue.data.moulds
    .filter((mould) => mould.family === item.mould.family && fillingAt(mould, item.part.position)?.length === item.fills.length)
    .map((mould) => ({ mould, near: mouldLikeness(item.mould, mould) }))
    .sort((a, b) => b.near - a.near)
    .slice(0, NEAREST_MOULDS);
  const choices = moulds
    .flatMap(({ mould }) => catalogue.variantsOf(mould.number).filter(({ made, id }) => made !== undefined && id !== item.variant.id))
    .map((variant): Choice => ({ variant, near: partLikeness(item.variant, variant, catalogue) }))
    .sort((a, b) => b.near - a.near || (a.variant.id < b.variant.id ? -1 : 1));
  const echoing = choices.filter(({ variant }) => variant.colours.every((colour) => others.has(colour)));
  return [...new Set([...echoing.slice(0, most / 2), ...choices.slice(0, most)])].slice(0, most);
}

/** Every choice of one of each, the first of all first: those that change least are met before those that change much. */
function* combinations(choices: readonly (readonly Choice[])[]): Iterable<readonly Choice[]> {
  const [first, ...rest] = choices;
  if (!first) {
    yield [];
    return;
  }
  for (const choice of first) for (const others of combinations(rest)) yield [choice, ...others];
}

function tryEdits(look: Look, edits: readonly LookEdit[], catalogue: Catalogue): Look | null {
  try {
    return applyEdits(look, edits, catalogue);
  } catch (error) {
    if (error instanceof EditRefused) return null;
    throw error;
  }
}
