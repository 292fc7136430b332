import type { Ascent, ClimbEffort } from './ascent.js';

/** Rounds a leaf climbs before it is asked whether it still rises. */
const LEAF_ROUNDS = 80;
/** A leaf that rises by less than this share of its bound in so many rounds is split. */
const STANDING = 2e-5;

/** Each leaf holds all multipliers of its own: with so many it is left to exact models. */
const MOST_LEAVES = 300;

/**
 * Branch and bound over who is bought from: the leaf with the lowest bound climbs, and when it stands it is split by the seller of whom it is
 * least clear whether a parcel comes from him. The bound is the lowest of all leaves.
 */
export class BoundTree {
  private leaves: readonly Ascent[];
  /** Leaves that neither rise nor can be split. */
  private readonly standing = new Set<Ascent>();

  constructor(readonly root: Ascent) {
    this.leaves = [root];
  }

  /** Infinity when no plan is left that could be better. */
  get boundMinor(): number {
    return this.leaves.reduce((least, leaf) => Math.min(least, leaf.boundMinor), Infinity);
  }

  /** Is there no leaf left to climb or to split? */
  get isSpent(): boolean {
    return this.leaves.every((leaf) => this.standing.has(leaf));
  }

  /** Drops leaves whose every plan costs as much as the best one known. */
  prune(bestMinor: number): void {
    this.leaves = this.leaves.filter((leaf) => leaf.boundMinor < bestMinor);
  }

  climb({ rounds, halt, onBound }: ClimbEffort): void {
    if (this.leaves.includes(this.root)) this.split(this.root);
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
    const seller = leaf.countUndecided();
    if (seller < 0 || this.leaves.length >= MOST_LEAVES) this.standing.add(leaf);
    else this.leaves = [...this.leaves.filter((other) => other !== leaf), ...leaf.split(seller)];
  }
}
