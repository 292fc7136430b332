import { seededRandom, seedOf } from '@outfit/core';
import { SELLERS, type SimulatedSeller } from './sellers.js';
import type { WorldDays } from './calendar.js';

/** A code that takes a share off a seller's prices between two days, both included. */
export interface DiscountCode {
  readonly seller: string;
  readonly code: string;
  readonly percent: number;
  readonly from: string;
  readonly until: string;
}

const ROUND_DAYS = 75;
const WORDS = ['HARBOUR', 'LANTERN', 'THIMBLE', 'FROST', 'MOORING', 'KETTLE'] as const;

/** The code a shop gives in one round of 75 days, if it gives one: every third does, for five to fourteen days. */
function codeOf(seed: number, seller: SimulatedSeller, round: number, days: WorldDays): DiscountCode | null {
  const draw = seededRandom(seedOf(seed, 'code', seller.id, round));
  if (seller.kind !== 'shop' || draw() > 0.34) return null;
  const percent = 4 + Math.floor(draw() * 9);
  const first = round * ROUND_DAYS + Math.floor(draw() * (ROUND_DAYS - 14));
  const word = WORDS[Math.floor(draw() * WORDS.length)] ?? WORDS[0];
  return {
    seller: seller.id,
    code: `${word}${percent}`,
    percent,
    from: days.dayOf(first),
    until: days.dayOf(first + 4 + Math.floor(draw() * 10)),
  };
}

/** Codes that hold on a day. */
export function codesOn(seed: number, days: WorldDays, day: string): readonly DiscountCode[] {
  const round = Math.floor(days.numberOf(day) / ROUND_DAYS);
  return SELLERS.flatMap((seller) => codeOf(seed, seller, round, days) ?? []).filter((code) => code.from <= day && day <= code.until);
}
