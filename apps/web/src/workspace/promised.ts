import { type Supply, type WantElsewhere } from '@outfit/core';
import { availableOfAll, type ShareColumns } from '@outfit/core/wardrobe';
import type { PromisesDto } from '@/api';
import type { OwnedPieces } from './answers/ownedPieces';
import type { Workspace } from './workspace';

/** How many pieces of a part a figure can count on. */
interface Count {
  readonly owned: number;
  readonly onDonors: number;
}

/** How a figure stands with what is in somebody's hands. */
interface FigureInHand {
  readonly standing: string | null;
  /** Pieces in parcels, and pieces in what is sealed. */
  readonly coming: number;
  readonly sealed: number;
  /** By when what is in parcels should be here; null when nobody said. */
  readonly until: string | null;
}

/** The promises as they were told, found by part and by figure. */
export class Promised {
  private readonly parts: ReadonlyMap<string, number>;
  private readonly lines: ReadonlyMap<string, number>;
  private readonly columns: ShareColumns;
  /** The rows of each part, by its index; made when the first is asked for. */
  private rowsByPart: readonly (readonly number[])[] | null = null;

  constructor(private readonly told: PromisesDto) {
    this.lines = new Map(told.figures.map((id, i) => [id, i]));
    this.parts = new Map(told.variants.map((id, i) => [id, i]));
    const figures = told.by.map((first): readonly number[] => [first]);
    for (const { row, figures: all } of told.shared) figures[row] = all;
    this.columns = { ...told, figuresOf: (row) => figures[row] ?? [] };
  }

  /** Where a figure stands in line; one that is not in line stands behind everybody. */
  lineOf(figure: string): number {
    return this.lines.get(figure) ?? this.told.figures.length;
  }

  /** What a figure waits for, in the words of the wardrobe; null for one without parts. */
  standingOf(figure: string): PromisesDto['standings'][number] | null {
    return this.told.standings[this.lines.get(figure) ?? -1] || null;
  }

  /** The day a figure is served by: its own, its line-up's or one it was promised for, whichever is first; null where there is none. */
  dueOf(figure: string): string | null {
    return this.told.dueOn[this.lines.get(figure) ?? -1] ?? null;
  }

  /** How a figure stands with what is in somebody's hands: its standing, what is not here yet, and by when it should be. */
  handsOf(figure: string): FigureInHand {
    const line = this.lines.get(figure) ?? -1;
    const sealed = this.told.sealed[line] ?? 0;
    return {
      ...{ standing: this.told.standings[line] || null, coming: (this.told.onTheirWay[line] ?? 0) - sealed, sealed },
      until: this.told.waitsUntil[line] ?? null,
    };
  }

  /** How many pieces of a part there are in all; null for one of which the stock tells it. */
  stockOf(variant: string): number | null {
    return this.told.owned[this.parts.get(variant) ?? -1] ?? null;
  }

  /** What a figure can count on, of every part of which that is not simply all there is. */
  countsApart(figure: string, stock: Pick<OwnedPieces, 'get' | 'onDonors'>): ReadonlyMap<string, Count> {
    const { owned, onDonors } = availableOfAll(this.columns, this.lineOf(figure));
    const counts = new Map<string, Count>();
    for (const [i, variant] of this.told.variants.entries()) {
      const count = { owned: owned[i] ?? 0, onDonors: onDonors[i] ?? 0 };
      if (count.owned !== stock.get(variant) || count.onDonors !== stock.onDonors(variant)) counts.set(variant, count);
    }
    return counts;
  }

  /** What others than a figure want of a part; those that share its pieces are no others. */
  wantsOf(variant: string, figure: string | null): readonly WantElsewhere[] {
    const line = figure === null ? Infinity : this.lineOf(figure);
    const { told } = this;
    return (this.rows()[this.parts.get(variant) ?? -1] ?? [])
      .filter((row) => !this.columns.figuresOf(row).includes(line))
      .map((row) => {
        const [first = 0] = this.columns.figuresOf(row);
        return {
          name: told.names[first] ?? '',
          count: told.wants[row] ?? 0,
          isServedBefore: (told.gets[row] ?? 0) > 0 && (first < line || (told.bound[row] ?? 0) > 0),
        };
      });
  }

  private rows(): readonly (readonly number[])[] {
    if (!this.rowsByPart) {
      const rows = this.told.variants.map((): number[] => []);
      for (const [row, part] of this.told.of.entries()) rows[part]?.push(row);
      this.rowsByPart = rows;
    }
    return this.rowsByPart;
  }
}

const known = new WeakMap<PromisesDto, Promised>();

/** The promises of an answer, read once. */
export function promisedOf(told: PromisesDto): Promised {
  let promised = known.get(told);
  if (!promised) known.set(told, (promised = new Promised(told)));
  return promised;
}

/** A supply: what is owned, what can be bought, what may come off whole figures. */
export const supplyFrom = (
  currency: string,
  owned: OwnedPieces,
  landedMinor: (variant: string) => number | null,
  stock: ((variant: string) => number) | null = null,
): Supply => ({
  currency,
  owned: (variant) => owned.get(variant),
  ...(stock ? { stock } : {}),
  landedMinor,
  donor: (variant) => {
    const quantity = owned.onDonors(variant);
    return quantity > 0 ? { donor: owned.donorOf(variant), holeMinor: landedMinor(variant), quantity } : null;
  },
});

interface Kept {
  readonly workspace: Workspace;
  readonly promised: Promised;
  readonly counts: ReadonlyMap<string, Count>;
  readonly own: Workspace;
}
/** As many figures as stand on a shelf. */
const MOST_KEPT = 200;
const kept = new Map<string, Kept>();

const isSame = (a: ReadonlyMap<string, Count>, b: ReadonlyMap<string, Count>): boolean => {
  if (a.size !== b.size) return false;
  for (const [variant, { owned, onDonors }] of a) {
    const other = b.get(variant);
    if (other?.owned !== owned || other.onDonors !== onDonors) return false;
  }
  return true;
};

/**
 * The workspace as a figure sees it: what it can count on instead of all there is. The same object as long as that stays the same, however
 * often promises are told anew.
 */
export function workspaceFor(workspace: Workspace, promised: Promised, figure: string): Workspace {
  const before = kept.get(figure);
  if (before?.workspace === workspace && before.promised === promised) return before.own;
  const counts = promised.countsApart(figure, workspace.owned);
  const keep = (own: Workspace): Workspace => {
    if (kept.size >= MOST_KEPT) kept.clear();
    kept.set(figure, { workspace, promised, counts, own });
    return own;
  };
  if (before?.workspace === workspace && isSame(before.counts, counts)) return keep(before.own);
  const owned = workspace.owned.with(counts);
  const stock = (variant: string): number => promised.stockOf(variant) ?? workspace.owned.get(variant);
  return keep({ ...workspace, owned, supply: supplyFrom(workspace.currency, owned, (id) => workspace.prices.landedMinor(id), stock) });
}
