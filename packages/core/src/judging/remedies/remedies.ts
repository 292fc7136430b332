import type { Position } from '../../anatomy/index.js';
import type { Mould, Variant } from '../../catalogue/index.js';
import { type LookEdit, spotOf, type Worn } from '../../figure/index.js';
import type { Supply } from '../../wardrobe/index.js';
import type { Remedy } from '../marks.js';
import type { Subject } from '../subject.js';

const MOST_REMEDIES = 3;

/** Owned first, then the cheapest; what nobody sells and nobody owns comes last. */
function byReach(supply: Supply): (a: Variant, b: Variant) => number {
  const cost = (variant: Variant): number =>
    supply.owned(variant.id) > 0 ? -1 : (supply.landedMinor(variant.id) ?? Number.MAX_SAFE_INTEGER);
  return (a, b) => cost(a) - cost(b) || (a.id < b.id ? -1 : 1);
}

const reachWords = (variant: Variant, supply: Supply): string => (supply.owned(variant.id) > 0 ? ', owned' : '');

/** Which moulds a remedy may use, and which of their made variants mend the problem. */
interface Wanted {
  readonly mould: (mould: Mould) => boolean;
  readonly fits: (variant: Variant) => boolean;
}

/** Remedies that swap in a made variant at one or several spots, the nearest at hand first. */
export function swaps(subject: Subject, at: readonly SwapSpot[], { mould, fits }: Wanted): readonly Remedy[] {
  const { catalogue, supply } = subject;
  return catalogue.data.moulds
    .filter(mould)
    .flatMap((row) => catalogue.variantsOf(row.number).filter((variant) => variant.made !== undefined && fits(variant)))
    .sort(byReach(supply))
    .slice(0, MOST_REMEDIES)
    .map((variant) => ({
      label: `Put on ${catalogue.nameOf(variant)}${reachWords(variant, supply)}`,
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
export const recoloured = (item: Worn, fits: (variant: Variant) => boolean): Wanted => ({
  mould: (mould) => mould.number === item.mould.number,
  fits: (variant) => variant.print === item.variant.print && fits(variant),
});

/** The same mould and colours with another print or none. */
export const reprinted = (item: Worn, fits: (variant: Variant) => boolean): Wanted => ({
  mould: (mould) => mould.number === item.mould.number,
  fits: (variant) => variant.id !== item.variant.id && variant.colours[0] === item.variant.colours[0] && fits(variant),
});

/** The remedy of taking a part off. */
export const takeOff = (item: Worn): Remedy => ({
  label: `Take off ${item.mould.name}`,
  edits: [{ action: 'take off', ...spot(item) }],
});

/** The remedy of turning a part round, or a two-sided one inside out. */
export const turn = (item: Worn, label: string): Remedy => ({ label, edits: [{ action: 'turn', ...spot(item) }] });

/** For checks that nothing but the person's own judgement mends. */
export const NONE = (): readonly Remedy[] => [];

/** The key of a problem with certain parts, each in its spot. */
export const keyOf = (check: string, ...items: readonly Worn[]): string =>
  `${check}:${items.map((item) => `${spotOf(item.part)}=${item.variant.id}`).join('+')}`;
