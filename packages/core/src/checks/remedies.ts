import type { Variant } from '../catalogue.js';
import type { LookEdit } from '../look.js';
import type { Position } from '../positions.js';
import type { Remedy, Subject, Supply } from './check.js';

const MOST_REMEDIES = 3;

/** Owned first, then the cheapest; what nobody sells and nobody owns comes last. */
function byReach(supply: Supply): (a: Variant, b: Variant) => number {
  const cost = (variant: Variant): number =>
    supply.owned(variant.id) > 0 ? -1 : (supply.landedMinor(variant.id) ?? Number.MAX_SAFE_INTEGER);
  return (a, b) => cost(a) - cost(b) || a.id.localeCompare(b.id);
}

const reachWords = (variant: Variant, supply: Supply): string => (supply.owned(variant.id) > 0 ? ', owned' : '');

/** Remedies that swap in a made variant at one or several positions, the nearest at hand first. */
export function swaps(subject: Subject, positions: readonly Position[], fits: (variant: Variant) => boolean): readonly Remedy[] {
  const { catalogue, supply } = subject;
  return catalogue.data.variants
    .filter((variant) => variant.made !== undefined && fits(variant))
    .sort(byReach(supply))
    .slice(0, MOST_REMEDIES)
    .map((variant) => ({
      label: `Put on ${catalogue.nameOf(variant)}${reachWords(variant, supply)}`,
      edits: positions.map((position): LookEdit => ({ action: 'put on', position, variant: variant.id })),
    }));
}
