import type { Position } from '../../anatomy/index.js';
import type { Catalogue, Variant } from '../../catalogue/index.js';
import type { Look } from '../../figure/index.js';
import { coloursLikeness, motifsLikeness, mouldLikeness, partLikenessOf } from '../likeness/index.js';
import { ordinariness } from '../together.js';
import type { VariantFacets } from './facets.js';

/** Differences in nearness smaller than this are none: what is owned then counts more. */
const STEPS = 20;

/** The same place on the other side of the body; null for what has no sides. */
const otherSide = (position: Position): Position | null =>
  position.endsWith('.L')
    ? (position.replace(/L$/, 'R') as Position)
    : position.endsWith('.R')
      ? (position.replace(/R$/, 'L') as Position)
      : null;

/** How near every variant is to one part: its mould, colours and print are each compared once, and not for every variant. */
function nearnessTo(part: Variant, catalogue: Catalogue, facets: VariantFacets): (row: number) => number {
  const mould = catalogue.mouldOf(part);
  const moulds = new Map<string, number>();
  const colours = new Map<number, number>();
  const prints = new Map<number, number>();
  const kept = <K>(known: Map<K, number>, key: K, work: () => number): number => {
    let value = known.get(key);
    if (value === undefined) known.set(key, (value = work()));
    return value;
  };
  return (row) => {
    const variant = catalogue.data.variants[row];
    if (!variant) return 0;
    return partLikenessOf(
      kept(moulds, variant.mould, () => mouldLikeness(mould, catalogue.mouldOf(variant))),
      kept(colours, facets.colours[row] ?? -1, () => coloursLikeness(part.colours, variant.colours, catalogue)),
      // A print is read with its mould's own motifs, so the mould is part of the key.
      kept(prints, (facets.print[row] ?? -1) + 1 + (facets.printCount + 1) * (facets.mould[row] ?? 0), () =>
        motifsLikeness(part, variant, catalogue),
      ),
    );
  };
}

/**
 * How near every variant is to what is worn at a spot and to its partner on the other side, 0 to 20; where nothing is, how ordinary it
 * is (calculations, *Candidates*).
 */
export function nearnessAt(
  look: Look,
  position: Position,
  worn: string | undefined,
  catalogue: Catalogue,
  facets: VariantFacets,
): (row: number) => number {
  const opposite = otherSide(position);
  const partner = look.parts.find((part) => part.position === opposite)?.variant;
  const near = [worn, partner].filter((id) => id !== undefined).map((id) => nearnessTo(catalogue.variant(id), catalogue, facets));
  if (near.length === 0) return (row) => Math.round(STEPS * ordinariness(catalogue.data.variants[row]?.id ?? '', catalogue));
  return (row) => Math.round((STEPS * near.reduce((all, to) => all + to(row), 0)) / near.length);
}
