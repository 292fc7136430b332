import type { Catalogue, Variant } from '../catalogue/index.js';

/** What the official figures of a catalogue say of its parts. */
interface Customs {
  /** On how many of them each variant is worn. */
  readonly worn: ReadonlyMap<string, number>;
  readonly most: number;
  /** Variants, and prints, that stand on one of them together; a pair is its two ids in order, joined. */
  readonly variants: ReadonlySet<string>;
  readonly prints: ReadonlySet<string>;
}

const known = new WeakMap<Catalogue, Customs>();
const pairOf = (a: string, b: string): string => (a < b ? `${a} + ${b}` : `${b} + ${a}`);

/** A head whose face is of another period than every print below it was not made for what it is sold with; null when there is none. */
function strangerOf(parts: readonly { readonly position: string; readonly variant: string }[], catalogue: Catalogue): string | null {
  const eraOf = (id: string): string | undefined => (catalogue.has(id) ? catalogue.printOf(catalogue.variant(id))?.era : undefined);
  const head = parts.find((part) => part.position === 'head');
  const era = head && eraOf(head.variant);
  const others = parts.filter((part) => part !== head).flatMap((part) => eraOf(part.variant) ?? []);
  return head && era !== undefined && others.length > 0 && !others.includes(era) ? head.variant : null;
}

/** Worked out once for a catalogue. */
function customsOf(catalogue: Catalogue): Customs {
  let customs = known.get(catalogue);
  if (customs) return customs;
  const worn = new Map<string, number>();
  const [variants, prints] = [new Set<string>(), new Set<string>()];
  for (const { parts } of catalogue.data.officialFigures) {
    const own = [...new Set(parts.map((part) => part.variant))].filter((id) => catalogue.has(id));
    const printed = own.flatMap((id) => catalogue.variant(id).print ?? []);
    for (const id of own) worn.set(id, (worn.get(id) ?? 0) + 1);
    const apart = strangerOf(parts, catalogue);
    const meant = own.filter((id) => id !== apart);
    for (const [i, a] of meant.entries()) for (const b of meant.slice(i + 1)) variants.add(pairOf(a, b));
    for (const [i, a] of printed.entries()) for (const b of printed.slice(i + 1)) prints.add(pairOf(a, b));
  }
  customs = { worn, most: Math.max(1, ...worn.values()), variants, prints };
  known.set(catalogue, customs);
  return customs;
}

/**
 * Were two prints made for each other: on one official figure, whatever plastic they are on now? Then they match by definition,
 * whatever a rule would say of them (anatomy, *Checks*).
 */
export const printedTogether = (a: Variant, b: Variant, catalogue: Catalogue): boolean =>
  a.print !== undefined && b.print !== undefined && customsOf(catalogue).prints.has(pairOf(a.print, b.print));

/** Are two variants worn together on an official figure, and meant to be? */
export const wornTogether = (a: string, b: string, catalogue: Catalogue): boolean => customsOf(catalogue).variants.has(pairOf(a, b));

/** How ordinary a part is, 0 to 1: on how many official figures, of the one that is on most. */
export function ordinariness(variant: string, catalogue: Catalogue): number {
  const { worn, most } = customsOf(catalogue);
  return (worn.get(variant) ?? 0) / most;
}
