import { type Brief, Catalogue, likenessWith, type Look, NO_SUPPLY, POSITIONS, rankCandidates } from '@outfit/core';
import { CatalogueStore } from '../../catalogue/worker.js';
import { connect, tablesOf } from '../../platform/sqlite/index.js';

/** Which parts could give way to cheaper ones, and to which. Money in minor units. */
export interface AlternativesTask {
  readonly databaseFile: string;
  readonly look: Look;
  readonly brief: Brief;
  /** The likeness the look must keep, 0 to 100. */
  readonly floor: number;
  readonly owned: ReadonlySet<string>;
  readonly landedMinor: ReadonlyMap<string, number>;
}

/** A part that costs less than the one worn, and the points of likeness it loses. */
export interface Alternative {
  readonly variant: string;
  readonly lost: number;
}

/** Alternatives of one part that a basket may choose from. */
const MOST = 24;

/**
 * Ranks every part that could stand in the place of each part of a look, in a worker: some 60,000 are looked at a dozen times
 * over. Of those that lose no less likeness, only the ever cheaper ones are kept.
 */
export default function findAlternatives(task: AlternativesTask): ReadonlyMap<string, readonly Alternative[]> {
  const connection = connect(task.databaseFile);
  let catalogue: Catalogue;
  try {
    catalogue = new Catalogue(new CatalogueStore(tablesOf(connection)).read());
  } finally {
    connection.close();
  }
  const { look, brief, floor, owned, landedMinor } = task;
  const priceOf = (variant: string): number => (owned.has(variant) ? 0 : (landedMinor.get(variant) ?? Infinity));
  const whole = likenessWith(look, brief, catalogue, catalogue.systemOf(brief));
  const alternatives = new Map<string, readonly Alternative[]>();
  for (const part of look.parts) {
    const own = priceOf(part.variant);
    const spot = { position: part.position, ...(part.place === undefined ? {} : { place: part.place }) };
    const ranking = rankCandidates(look, brief, spot, catalogue, catalogue.systemOf(brief), NO_SUPPLY);
    const found: (Alternative & { readonly price: number })[] = [];
    ranking.rows.forEach((row, i) => {
      const variant = catalogue.data.variants[row]?.id ?? '';
      const gained = ranking.gains[i] ?? 0;
      const fits = ranking.blocked[i] === 0 && POSITIONS[ranking.anchors[i] ?? 0] === part.position;
      const price = priceOf(variant);
      if (!fits || variant === part.variant || price >= own || -gained > whole - floor) return;
      found.push({ variant, lost: Math.max(0, -gained), price });
    });
    found.sort((a, b) => a.lost - b.lost || a.price - b.price);
    let cheapest = Infinity;
    const kept = found.filter((row) => row.price < cheapest && (cheapest = row.price) >= 0).slice(0, MOST);
    const known = alternatives.get(part.variant) ?? [];
    const fresh = kept.filter((row) => !known.some((other) => other.variant === row.variant));
    alternatives.set(part.variant, [...known, ...fresh.map(({ variant, lost }) => ({ variant, lost }))]);
  }
  return alternatives;
}
