import { furtherCopies, type FurtherCopy, leastCopies, type LeastCopies, type Yielder } from '@outfit/core/wardrobe';

/** What is wanted with its groups sharing and without, what is short, and what yields it. */
export interface CopiesTask {
  readonly together: ReadonlyMap<string, number>;
  readonly apart: ReadonlyMap<string, number>;
  readonly short: ReadonlyMap<string, number>;
  readonly figures: readonly Yielder[];
  readonly products: readonly Yielder[];
}

export interface CopiesAnswer {
  readonly figures: LeastCopies;
  readonly products: LeastCopies;
  /** Official figures that are needed when all looks are shown at once. */
  readonly apart: number;
  readonly further: readonly FurtherCopy[];
}

const MOST_FURTHER = 8;

/** The fewest copies that serve a line-up, in a worker: the search may take a second. */
export default function findCopies({ together, apart, short, figures, products }: CopiesTask): CopiesAnswer {
  const least = leastCopies(together, figures);
  return {
    figures: least,
    products: leastCopies(together, products),
    apart: [...apart].every(([variant, quantity]) => together.get(variant) === quantity) ? least.total : leastCopies(apart, figures).total,
    further: furtherCopies(short, figures).slice(0, MOST_FURTHER),
  };
}
