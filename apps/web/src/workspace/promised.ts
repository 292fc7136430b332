import { type Supply, type WantElsewhere } from '@outfit/core';
import { availableTo, type PartShares, type ShareRow } from '@outfit/core/wardrobe';
import type { PromisesDto } from '@/api';
import type { OwnedPieces } from './ownedPieces';
import type { Workspace } from './workspace';

/** What is promised of one part, with how many there are in all. */
type Part = Omit<PartShares, 'variant'> & { readonly owned: number };

/** What a figure can count on of the parts of which it is not simply all there is. */
type Differing = ReadonlyMap<string, { readonly owned: number; readonly onDonors: number; readonly stock: number }>;

/** The promises as they were told, found by part and by figure. */
export class Promised {
  private readonly parts = new Map<string, Part>();
  private readonly lines: ReadonlyMap<string, number>;

  constructor(private readonly told: PromisesDto) {
    this.lines = new Map(told.figures.map((id, i) => [id, i]));
    const shared = new Map(told.shared.map(({ row, figures }) => [row, figures]));
    const rows = told.variants.map((): ShareRow[] => []);
    for (let i = 0; i < told.of.length; i += 1)
      rows[told.of[i] ?? -1]?.push({
        figures: shared.get(i) ?? [told.by[i] ?? 0],
        wants: told.wants[i] ?? 0,
        gets: told.gets[i] ?? 0,
        offDonors: told.offDonors[i] ?? 0,
        bound: told.bound[i] ?? 0,
      });
    for (const [i, variant] of told.variants.entries())
      this.parts.set(variant, {
        free: told.free[i] ?? 0,
        freeOnDonors: told.freeOnDonors[i] ?? 0,
        owned: told.owned[i] ?? 0,
        rows: rows[i] ?? [],
      });
  }

  /** Where a figure stands in line; one that is not in line stands behind everybody. */
  lineOf(figure: string): number {
    return this.lines.get(figure) ?? this.told.figures.length;
  }

  /** What a figure waits for, in the words of the wardrobe; null for one without parts. */
  standingOf(figure: string): PromisesDto['standings'][number] | null {
    return this.told.standings[this.lines.get(figure) ?? -1] || null;
  }

  /** What a figure can count on, of every part that somebody wants or that is peculiar. */
  differing(figure: string): Differing {
    const line = this.lineOf(figure);
    return new Map([...this.parts].map(([variant, part]) => [variant, { ...availableTo(part, line), stock: part.owned }]));
  }

  /** What others than a figure want of a part; those that share its pieces are no others. */
  wantsOf(variant: string, figure: string | null): readonly WantElsewhere[] {
    const line = figure === null ? Infinity : this.lineOf(figure);
    return (this.parts.get(variant)?.rows ?? [])
      .filter((row) => !row.figures.includes(line))
      .map(({ figures: [first = 0], wants, gets, bound }) => ({
        name: this.told.names[first] ?? '',
        count: wants,
        isServedBefore: gets > 0 && (first < line || bound > 0),
      }));
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
export const supplyFrom = (owned: OwnedPieces, landedMinor: (variant: string) => number | null, differing: Differing | null): Supply => ({
  owned: (variant) => owned.get(variant),
  ...(differing ? { stock: (variant) => differing.get(variant)?.stock ?? owned.get(variant) } : {}),
  landedMinor,
  donor: (variant) => {
    const quantity = owned.onDonors(variant);
    return quantity > 0 ? { donor: owned.donorOf(variant), holeMinor: landedMinor(variant), quantity } : null;
  },
});

interface Kept {
  readonly workspace: Workspace;
  readonly key: string;
  readonly own: Workspace;
}
/** As many figures as stand on a shelf. */
const MOST_KEPT = 200;
const kept = new Map<string, Kept>();

/**
 * The workspace as a figure sees it: what it can count on instead of all there is. The same object as long as that stays the same, however
 * often promises are told anew.
 */
export function workspaceFor(workspace: Workspace, promised: Promised, figure: string): Workspace {
  const differing = promised.differing(figure);
  const key = JSON.stringify([...differing].map(([variant, { owned, onDonors, stock }]) => [variant, owned, onDonors, stock]));
  const before = kept.get(figure);
  if (before?.workspace === workspace && before.key === key) return before.own;
  const owned = workspace.owned.with(differing);
  const own = { ...workspace, owned, supply: supplyFrom(owned, (id) => workspace.prices.landedMinor(id), differing) };
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(figure, { workspace, key, own });
  return own;
}
