import { piecesOf } from './catalogue.js';
import type { CatalogueData, Certainty, Source, Yield } from './entries.js';

/** How many of a variant a source yields, and how sure that is: no surer than the least sure step on the way to it. */
export interface VariantYield {
  readonly variant: string;
  readonly quantity: number;
  readonly certainty: Certainty;
}

const weaker = (a: Certainty, b: Certainty): Certainty => (a === 'sure' && b === 'sure' ? 'sure' : 'think so');

/**
 * Takes a source to pieces: its figures, bundles, loose variants and the sources inside it, down to single variants.
 * Throws RangeError when sources yield each other in a circle; `yieldCycle` finds such circles beforehand.
 */
export function explode(source: Source, data: CatalogueData): readonly VariantYield[] {
  return new Explosion(data).of(source);
}

/** Takes many sources of one catalogue to pieces, each once. */
export class Explosion {
  private readonly sources: ReadonlyMap<string, Source>;
  private readonly figures: ReadonlyMap<string, CatalogueData['officialFigures'][number]>;
  private readonly bundles: ReadonlyMap<string, CatalogueData['bundles'][number]>;
  private readonly done = new Map<string, readonly VariantYield[]>();
  private readonly open = new Set<string>();

  constructor(data: Pick<CatalogueData, 'sources' | 'officialFigures' | 'bundles'>) {
    this.sources = new Map(data.sources.map((row) => [row.id, row]));
    this.figures = new Map(data.officialFigures.map((row) => [row.id, row]));
    this.bundles = new Map(data.bundles.map((row) => [row.id, row]));
  }

  of(source: Source): readonly VariantYield[] {
    const known = this.done.get(source.id);
    if (known) return known;
    if (this.open.has(source.id)) throw new RangeError(`${source.id} yields itself`);
    this.open.add(source.id);
    const total = new Map<string, VariantYield>();
    for (const item of source.yields)
      for (const { variant, quantity, certainty } of this.piecesOf(item)) {
        const counted = total.get(variant);
        total.set(variant, {
          variant,
          quantity: (counted?.quantity ?? 0) + quantity * item.quantity,
          certainty: weaker(weaker(item.certainty, certainty), counted?.certainty ?? 'sure'),
        });
      }
    this.open.delete(source.id);
    const pieces = [...total.values()];
    this.done.set(source.id, pieces);
    return pieces;
  }

  private piecesOf({ kind, item }: Yield): readonly VariantYield[] {
    const sure = (variant: string, quantity: number): VariantYield => ({ variant, quantity, certainty: 'sure' });
    switch (kind) {
      case 'variant':
        return [sure(item, 1)];
      case 'bundle':
        return (this.bundles.get(item)?.parts ?? []).map((part) => sure(part.variant, part.quantity));
      case 'figure': {
        const figure = this.figures.get(item);
        return figure ? [...piecesOf(figure)].map(([variant, quantity]) => sure(variant, quantity)) : [];
      }
      case 'source': {
        const inner = this.sources.get(item);
        return inner ? this.of(inner) : [];
      }
    }
  }
}

/**
 * The first circle of sources that yield each other, as ids from one to itself again; null when there is none. Depth first, each source
 * cleared once: time grows with the number of yields.
 *
 * For example: sources a → b → a give ['a', 'b', 'a'].
 */
export function yieldCycle(sources: readonly Pick<Source, 'id' | 'yields'>[]): readonly string[] | null {
  const inside = new Map(
    sources.map((source) => [source.id, source.yields.filter((item) => item.kind === 'source').map((item) => item.item)]),
  );
  const cleared = new Set<string>();
  const path: string[] = [];
  const visit = (id: string): readonly string[] | null => {
    const at = path.indexOf(id);
    if (at >= 0) return [...path.slice(at), id];
    if (cleared.has(id)) return null;
    path.push(id);
    for (const next of inside.get(id) ?? []) {
      const found = visit(next);
      if (found) return found;
    }
    path.pop();
    cleared.add(id);
    return null;
  };
  for (const { id } of sources) {
    const found = visit(id);
    if (found) return found;
  }
  return null;
}

/** A source that yields a variant. */
export interface VariantSource {
  readonly source: Source;
  readonly found: VariantYield;
}

/**
 * Which sources yield each variant, however deep inside them, with how many and how sure. Throws RangeError when sources yield each
 * other in a circle.
 */
export function sourcesByVariant(data: CatalogueData): ReadonlyMap<string, readonly VariantSource[]> {
  const explosion = new Explosion(data);
  const by = new Map<string, VariantSource[]>();
  for (const source of data.sources)
    for (const found of explosion.of(source)) by.set(found.variant, [...(by.get(found.variant) ?? []), { source, found }]);
  return by;
}
