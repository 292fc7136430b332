import { type Catalogue, dayNumber, isoDay, seededRandom, seedOf } from '@outfit/core';
import type { Happens } from '../parcels.entities.js';

/** What is known of a simulated seller: how long its parcels take, and how often all goes well, 0 to 1. */
interface SellerWays {
  readonly id: string;
  readonly days: number;
  readonly reliability: number;
}

/** Of parcels that do not go well, these shares come late, short, or with a wrong part; the rest is lost. */
const [LATE, SHORT, WRONG] = [0.4, 0.7, 0.92];

/**
 * What becomes of an order at a simulated seller: seeded by the market, the seller and the order's place among all, so that the same seed gives
 * the same year. Most parcels come whole within a day or two of what the seller says; some are late, short, wrong, and one now and then is lost.
 */
export function happeningOf(
  seed: number,
  ordinal: number,
  { id, days, reliability }: SellerWays,
  lines: readonly { readonly variant: string; readonly quantity: number }[],
  today: string,
  catalogue: Catalogue,
): Happens {
  const random = seededRandom(seedOf(seed, 'parcel', ordinal, id));
  const whole = (most: number): number => Math.floor(random() * most);
  const sent = dayNumber(today) + 1 + whole(2);
  const arrives = sent + Math.max(1, days - 1 + whole(3));
  const usual: Happens = { sentOn: isoDay(sent), arrivesOn: isoDay(arrives), short: [], wrong: [] };
  if (random() < reliability) return usual;
  const kind = random();
  const line = whole(lines.length);
  if (kind < LATE) return { ...usual, arrivesOn: isoDay(arrives + 5 + whole(9)) };
  if (kind < SHORT) return { ...usual, short: [{ line, quantity: 1 + whole(lines[line]?.quantity ?? 1) }] };
  const other = kind < WRONG ? wrongFor(lines[line]?.variant ?? '', catalogue, random) : null;
  if (other !== null) return { ...usual, wrong: [{ line, variant: other }] };
  return kind < WRONG ? usual : { ...usual, arrivesOn: null };
}

/** Another colour of the same mould; null where there is none. */
function wrongFor(variant: string, catalogue: Catalogue, random: () => number): string | null {
  const others = catalogue.variantsOf(catalogue.variant(variant).mould).filter((row) => row.id !== variant && row.made !== undefined);
  return others[Math.floor(random() * others.length)]?.id ?? null;
}
