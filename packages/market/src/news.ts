import { type CatalogueData, seededRandom, seedOf, type Variant, variantIdOf } from '@outfit/core';
import { OPENING_YEAR } from './calendar.js';
import { dayNumber, isoDay } from './time.js';

/** What changes in the world besides prices. `day` is when it is heard. */
export type MarketNews =
  | { readonly kind: 'new variant'; readonly day: string; readonly variant: Variant }
  | { readonly kind: 'out of print'; readonly day: string; readonly source: string };

/** A new variant comes out every so many days after the market opened. */
const RELEASE_EVERY = 9;
/** The first is one that people wait for. */
const FIRST = { mould: 'HA-118', colours: ['ember'], afterDays: 18 } as const;

/** What the maker brings out: plain parts of known moulds in colours they were not made in before. Heard of between two days. */
function releases(
  catalogue: CatalogueData,
  seed: number,
  opened: string,
  until: string,
): readonly (MarketNews & { readonly kind: 'new variant' })[] {
  const openedAt = dayNumber(opened);
  const last = dayNumber(until);
  const made = (id: string): boolean => catalogue.variants.some((variant) => variant.id === id && variant.made !== undefined);
  const release = (mould: string, colours: readonly string[], at: number): MarketNews & { readonly kind: 'new variant' } => {
    const day = isoDay(at);
    const year = Number(day.slice(0, 4));
    return { kind: 'new variant', day, variant: { id: variantIdOf(mould, colours), mould, colours, made: { from: year, until: year } } };
  };
  const found = [release(FIRST.mould, FIRST.colours, openedAt + FIRST.afterDays)];
  const plain = [
    ...new Set(catalogue.variants.filter((row) => row.made && !row.print && row.colours.length === 1).map((row) => row.mould)),
  ].sort();
  const colours = catalogue.colours
    .filter((colour) => colour.finish === 'solid' && colour.kind !== 'skin')
    .map((colour) => colour.id)
    .sort();
  for (let k = 1; openedAt + k * RELEASE_EVERY <= last; k += 1) {
    const draw = seededRandom(seedOf(seed, 'release', k));
    const mould = plain[Math.floor(draw() * plain.length)];
    const colour = colours[Math.floor(draw() * colours.length)];
    if (mould !== undefined && colour !== undefined) found.push(release(mould, [colour], openedAt + k * RELEASE_EVERY));
  }
  return found.filter((news) => !made(news.variant.id));
}

/** The day a source goes out of print: those of the last years do, one after another; null for what went long ago. */
export function outOfPrintOn(seed: number, source: { readonly id: string; readonly year: number }, opened: string): string | null {
  if (OPENING_YEAR - source.year > 3) return null;
  return isoDay(dayNumber(opened) + 12 + Math.floor(seededRandom(seedOf(seed, 'print', source.id))() * 500));
}

/** News after one day and up to another, in order of their days. */
export function newsBetween(catalogue: CatalogueData, seed: number, opened: string, after: string, until: string): readonly MarketNews[] {
  const gone = catalogue.sources.flatMap((source): MarketNews[] => {
    const day = outOfPrintOn(seed, source, opened);
    return day === null ? [] : [{ kind: 'out of print', day, source: source.id }];
  });
  return [...releases(catalogue, seed, opened, until), ...gone]
    .filter((news) => news.day > after && news.day <= until)
    .sort((a, b) => a.day.localeCompare(b.day));
}
