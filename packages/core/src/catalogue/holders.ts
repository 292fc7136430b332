import type { Catalogue } from './catalogue.js';
import type { YieldKind } from './entries.js';
import { Explosion } from './sources.js';

/** Something whole that holds a variant. */
export interface Holder {
  readonly kind: Exclude<YieldKind, 'variant'>;
  readonly id: string;
  /** Is it surely in there, or only perhaps, as in a blind bag? */
  readonly isSure: boolean;
}

const known = new WeakMap<Catalogue, ReadonlyMap<string, readonly Holder[]>>();

/**
 * Figures, bundles and sources that hold a variant, each once, in the order of the catalogue. Worked out once for a catalogue, so
 * that whoever asks about one part does not take every source to pieces. Throws RangeError when sources yield each other in a circle.
 */
export function holdersOf(variant: string, catalogue: Catalogue): readonly Holder[] {
  let holders = known.get(catalogue);
  if (!holders) known.set(catalogue, (holders = build(catalogue)));
  return holders.get(variant) ?? [];
}

function build({ data }: Catalogue): ReadonlyMap<string, readonly Holder[]> {
  const holders = new Map<string, Holder[]>();
  const add = (variants: Iterable<string>, holder: Holder): void => {
    for (const variant of new Set(variants)) {
      const all = holders.get(variant);
      if (all) all.push(holder);
      else holders.set(variant, [holder]);
    }
  };
  const parts = (row: { readonly parts: readonly { readonly variant: string }[] }): string[] => row.parts.map((part) => part.variant);
  for (const figure of data.officialFigures) add(parts(figure), { kind: 'figure', id: figure.id, isSure: true });
  for (const bundle of data.bundles) add(parts(bundle), { kind: 'bundle', id: bundle.id, isSure: true });
  const explosion = new Explosion(data);
  for (const source of data.sources) {
    const pieces = explosion.of(source);
    const sure = new Set(pieces.filter((piece) => piece.certainty === 'sure').map((piece) => piece.variant));
    add(sure, { kind: 'source', id: source.id, isSure: true });
    add(
      pieces.map((piece) => piece.variant).filter((variant) => !sure.has(variant)),
      { kind: 'source', id: source.id, isSure: false },
    );
  }
  return holders;
}
