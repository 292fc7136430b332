import type { Position } from '../../anatomy/index.js';
import type { Catalogue, Mould, Variant } from '../../catalogue/index.js';
import { type LookEdit, spotOf, type Worn } from '../../figure/index.js';
import { donorFor, type Supply, supplyMoney } from '../../wardrobe/index.js';
import { partLikeness } from '../likeness/index.js';
import type { Proposal } from '../marks.js';
import type { Subject } from '../subject.js';

/** As many swaps are judged for one problem, so that the few that are offered can be good ones. */
const MOST_PROPOSED = 10;

/** What a swap costs now: nothing when it is owned; what nobody sells and nobody owns comes last. */
const reachOf = ({ id }: Variant, supply: Supply): number =>
  supply.owned(id) > 0 ? -1 : donorFor(supply, id) ? 0 : (supply.landedMinor(id) ?? Number.MAX_SAFE_INTEGER);

/** Where it would come from, when it is owned; of a whole figure that loses it, which one, and what it would lack. */
function reachWords({ id }: Variant, supply: Supply): string {
  if (supply.owned(id) > 0) return ', owned';
  const found = donorFor(supply, id);
  if (!found) return '';
  const lacks = found.holeMinor === null ? 'where nobody sells another' : `which then lacks it: ${supplyMoney(supply, found.holeMinor)}`;
  return `, off ${found.donor}, ${lacks}`;
}

/** A part that is put on, with where it comes from where it is owned. */
export const putOnLabel = (variant: Variant, catalogue: Catalogue, supply: Supply): string =>
  `${catalogue.nameOf(variant)}${reachWords(variant, supply)}`;

/** Which moulds a proposal may use, and which of their made variants could mend the problem. */
interface Wanted {
  readonly mould: (mould: Mould) => boolean;
  readonly fits: (variant: Variant) => boolean;
}

/**
 * Proposals that swap in a made variant at one or several spots: nearest to what is worn there first, then owned, then cheapest.
 * `instead` is what goes; without it nothing is near, and what is at hand comes first.
 */
export function swaps(subject: Subject, at: readonly SwapSpot[], { mould, fits }: Wanted, instead?: Worn): readonly Proposal[] {
  const { catalogue, supply } = subject;
  return catalogue.data.moulds
    .filter(mould)
    .flatMap((row) => catalogue.variantsOf(row.number).filter((variant) => variant.made !== undefined && fits(variant)))
    .filter((variant) => variant.id !== instead?.variant.id)
    .map((variant) => ({
      variant,
      near: instead ? Math.round(20 * partLikeness(instead.variant, variant, catalogue)) : 0,
      reach: reachOf(variant, supply),
    }))
    .sort((a, b) => b.near - a.near || a.reach - b.reach || (a.variant.id < b.variant.id ? -1 : 1))
    .slice(0, MOST_PROPOSED)
    .map(({ variant }) => ({
      label: `Put on ${putOnLabel(variant, catalogue, supply)}`,
      edits: at.map((spot): LookEdit => ({ action: 'put on', variant: variant.id, ...spot })),
    }));
}

export interface SwapSpot {
  readonly position: Position;
  readonly place?: number | undefined;
}

export const spot = ({ part }: Worn): SwapSpot =>
  part.place === undefined ? { position: part.position } : { position: part.position, place: part.place };

/** The same mould and print in another choice of colours. */
export const inAnotherColour = (item: Worn, fits: (variant: Variant) => boolean): Wanted => ({
  mould: (mould) => mould.number === item.mould.number,
  fits: (variant) => variant.print === item.variant.print && fits(variant),
});

/** The same mould and colours with another print or none. */
export const withAnotherPrint = (item: Worn, fits: (variant: Variant) => boolean): Wanted => ({
  mould: (mould) => mould.number === item.mould.number,
  fits: (variant) => variant.id !== item.variant.id && variant.colours[0] === item.variant.colours[0] && fits(variant),
});

/** The remedy of taking a part off. */
export const takeOff = (item: Worn): Proposal => ({
  label: `Take off ${item.mould.name}`,
  edits: [{ action: 'take off', ...spot(item) }],
});

/** The remedy of turning a part round, or a two-sided one inside out. */
export const turn = (item: Worn, label: string): Proposal => ({ label, edits: [{ action: 'turn', ...spot(item) }] });

/** For checks that nothing but the person's own judgement mends. */
export const NO_PROPOSALS = (): readonly Proposal[] => [];

/** The key of a problem with certain parts, each in its spot. */
export const keyOf = (check: string, ...items: readonly Worn[]): string =>
  `${check}:${items.map((item) => `${spotOf(item.part)}=${item.variant.id}`).join('+')}`;
