import type { Ascent, ClimbEffort } from './ascent.js';

/** Rounds a leaf climbs before it is asked whether it still rises. */
const LEAF_ROUNDS = 80;
/** A leaf that rises by less than this share of its bound in so many rounds is split. */
const STANDING = 2e-5;

/**
 * Branch and bound over who is bought from: the leaf with the lowest bound climbs, and when it stands it is split by the seller of whom it is
 * least clear whether a parcel comes from him. The bound is the lowest of all leaves.
 */
export class BoundTree {
  private leaves: Ascent[] = [];
  private readonly standing = new Set<Ascent>();

  constructor(readonly root: Ascent) {}

  get boundMinor(): number {
    return this.leaves.reduce(
      (least, leaf) => Math.min(least, leaf.boundMinor),
      this.leaves.length === 0 ? this.root.boundMinor : Infinity,
    );
  }

  /** Is there no leaf left to climb or to split? */
  get isSpent(): boolean {
    return this.leaves.length > 0 && this.standing.size >= this.leaves.length;
  }

  climb({ rounds, halt, onBound }: ClimbEffort): void {
    if (this.leaves.length === 0) this.split(this.root);
    for (let left = rounds; left > 0 && !this.isSpent && !halt(); left -= LEAF_ROUNDS) {
      const leaf = this.lowest();
      if (!leaf) return;
      const before = leaf.boundMinor;
      leaf.climb({ rounds: LEAF_ROUNDS, halt, onBound: () => undefined });
      if (leaf.boundMinor - before < STANDING * Math.abs(before)) this.split(leaf);
      onBound(this.boundMinor);
    }
  }

  /** Leaves out counts that no better plan takes. */
  narrow(isOpen: (count: number) => boolean): void {
    this.root.narrow(isOpen);
    for (const leaf of this.leaves) leaf.narrowAs(this.root);
  }

  private lowest(): Ascent | undefined {
    let lowest: Ascent | undefined;
    for (const leaf of this.leaves) if (!this.standing.has(leaf) && (!lowest || leaf.boundMinor < lowest.boundMinor)) lowest = leaf;
    return lowest;
  }

  private split(leaf: Ascent): void {
    const seller = leaf.undecided();
    if (seller < 0) {
      this.standing.add(leaf);
      if (this.leaves.length === 0) this.leaves = [leaf];
      return;
    }
    this.leaves = [...this.leaves.filter((other) => other !== leaf), ...leaf.split(seller)];
  }
}
