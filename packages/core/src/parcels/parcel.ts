import { entryAt, dayNumber, daysBetween, isoDay, shareToCent } from '../kernel/index.js';

/** How far a parcel has come. What is expected of one that arrived short stays open until it comes or is let go. */
export const PARCEL_STATES = ['ordered', 'sent', 'arrived', 'settled', 'lost', 'cancelled'] as const;
export type ParcelState = (typeof PARCEL_STATES)[number];

/** What becomes of pieces that did not come as ordered. */
export const CLAIM_OUTCOMES = ['ask again', 'money back', 'keep it', 'buy again'] as const;
export type ClaimOutcome = (typeof CLAIM_OUTCOMES)[number];

/** What was wrong with what came, or did not. */
export const CLAIM_REASONS = ['short', 'wrong', 'damaged'] as const;
export type ClaimReason = (typeof CLAIM_REASONS)[number];

/** So many alike pieces of a parcel. Money in minor units. */
export interface ParcelLine {
  readonly variant: string;
  readonly quantity: number;
  readonly priceMinor: number;
  /** Pieces that came, those among them that came damaged, and those that were let go and will not come. */
  readonly came: number;
  readonly damaged: number;
  readonly gone: number;
}

/** What is agreed and paid for a parcel, in minor units of the workspace's currency. */
export interface ParcelMoney {
  readonly postageMinor: number;
  readonly feesMinor: number;
  readonly dutyMinor: number;
  /** What was really paid; null while that is what was agreed. */
  readonly paidMinor: number | null;
  readonly refundedMinor: number;
}

/** Pieces of a line that are still expected. */
export const openOf = ({ quantity, came, gone }: Pick<ParcelLine, 'quantity' | 'came' | 'gone'>): number => quantity - came - gone;

/** What a parcel was agreed to cost: its goods and every charge. */
export const agreedMinor = (lines: readonly ParcelLine[], { postageMinor, feesMinor, dutyMinor }: ParcelMoney): number =>
  lines.reduce((all, line) => all + line.priceMinor * line.quantity, 0) + postageMinor + feesMinor + dutyMinor;

/** What a parcel has cost so far: what was paid less what came back. */
export const costMinor = (lines: readonly ParcelLine[], money: ParcelMoney): number =>
  (money.paidMinor ?? agreedMinor(lines, money)) - money.refundedMinor;

/**
 * What each piece of a parcel really cost, line by line and piece by piece: all that the parcel cost, shared by price to the cent over the pieces
 * that came or are expected; over all that were ordered when none are. What came back for pieces that are kept makes these cheaper and no
 * others. The pieces sum to what the parcel cost.
 *
 * @param backMinor what came back for pieces of each line that came, damaged or as another part
 * For example: two hats at 100 and a coat at 200 with 60 of postage gives [[115, 115], [230]]; with 40 back for a torn coat [[115, 115], [190]].
 */
export function landedPieces(
  lines: readonly ParcelLine[],
  money: ParcelMoney,
  backMinor: readonly number[] = [],
): readonly (readonly number[])[] {
  const kept = lines.map((line) => line.quantity - line.gone);
  const counts = kept.some((count) => count > 0) ? kept : lines.map((line) => line.quantity);
  const weights = lines.flatMap((line, i) => Array.from({ length: entryAt(counts, i) }, () => line.priceMinor));
  const shared = (minor: number): readonly (readonly number[])[] => {
    const shares = shareToCent(minor, weights.some((weight) => weight > 0) ? weights : weights.map(() => 1));
    let at = 0;
    return counts.map((count) => shares.slice(at, (at += count)));
  };
  const own = kept.map((count, i) => (count > 0 ? (backMinor[i] ?? 0) : 0));
  const before = shared(costMinor(lines, money) + sumOf(own));
  // More came back for a line than its pieces cost: that is everybody's.
  if (before.some((pieces, i) => sumOf(pieces) < entryAt(own, i))) return shared(costMinor(lines, money));
  return before.map((pieces, i) => {
    const back = shareToCent(entryAt(own, i), pieces);
    return pieces.map((minor, k) => minor - entryAt(back, k));
  });
}

const sumOf = (minor: readonly number[]): number => minor.reduce((all, each) => all + each, 0);

/** Days that a parcel may take beyond what its seller says, for packing and Sundays. */
const SLACK_DAYS = 2;

/** The day a parcel is expected on that is ordered on a day from a seller that takes so many days. */
export const expectedDay = (orderedOn: string, sellerDays: number): string => isoDay(dayNumber(orderedOn) + sellerDays + SLACK_DAYS);

/**
 * The last day to order on, so that what the slowest of some sellers sends is there on a day.
 *
 * @example latestOrderDay('2027-06-20', [4, 9]) // '2027-06-09'
 */
export const latestOrderDay = (dueOn: string, sellerDays: readonly number[]): string =>
  isoDay(dayNumber(dueOn) - Math.max(0, ...sellerDays) - SLACK_DAYS);

/** Is a parcel late: on its way, and past the day it was expected on? Days are ISO. */
export const isLate = (
  { state, expectedOn }: { readonly state: ParcelState; readonly expectedOn: string | null },
  today: string,
): boolean => (state === 'ordered' || state === 'sent') && expectedOn !== null && daysBetween(expectedOn, today) > 0;

/** What came of one line, in one go. */
export interface Arrival {
  readonly came: number;
  /** Of those that came. */
  readonly damaged: number;
}

/** A line after something came of it. Throws RangeError for more than is expected, or more damaged than came. */
export function afterArrival<Line extends ParcelLine>(line: Line, { came, damaged }: Arrival): Line {
  if (came < 0 || damaged < 0 || damaged > came || came > openOf(line)) throw new RangeError(`${came} came, ${damaged} of them damaged`);
  return { ...line, came: line.came + came, damaged: line.damaged + damaged };
}

/** A line after pieces were let go: they will not come. Throws RangeError for more than is expected. */
export function afterLettingGo<Line extends ParcelLine>(line: Line, quantity: number): Line {
  if (quantity < 0 || quantity > openOf(line)) throw new RangeError(`${quantity} were to be let go`);
  return { ...line, gone: line.gone + quantity };
}

/** The state a parcel is in after what came of it or was let go: settled once nothing is expected any more. */
export function stateAfter(state: ParcelState, lines: readonly ParcelLine[]): ParcelState {
  if (state === 'lost' || state === 'cancelled') return state;
  if (lines.every((line) => openOf(line) === 0)) return lines.some((line) => line.came > 0) ? 'settled' : 'cancelled';
  return lines.some((line) => line.came > 0) ? 'arrived' : state;
}
