import { type Region, regionAt } from '../anatomy/index.js';
import type { PrintMotif } from '../catalogue/index.js';
import type { Worn } from './look.js';

/** The visible fraction of every region: the product of 1 − cover over everything worn (anatomy, *Regions and visibility*). */
export class Visibility {
  private readonly left = new Map<Region, number>();

  constructor(worn: readonly Worn[]) {
    for (const { mould } of worn)
      for (const [region, cover] of Object.entries(mould.geometry.covers ?? {}) as [Region, number][])
        this.left.set(region, this.of(region) * (1 - cover));
  }

  /** Visible fraction of one region, 0 to 1. */
  of(region: Region): number {
    return this.left.get(region) ?? 1;
  }

  /** Mean visible fraction of several regions; 1 for none. */
  mean(regions: readonly Region[]): number {
    return regions.length === 0 ? 1 : regions.reduce((all, region) => all + this.of(region), 0) / regions.length;
  }

  /**
   * Visible fraction of a printed motif: the mean over the regions its zones end up in. What is printed in
   * front and ends up behind counts nothing towards the likeness unless `anySide` asks for it.
   */
  ofMotif(item: Worn, motif: PrintMotif, anySide = false): number {
    const regions = motif.zones
      .map((zone) => regionAt(item.part.position, motif.face, zone, item.part.turned))
      .filter((region) => region !== null);
    if (regions.length === 0) return 1;
    const facing = regions.filter((region) => anySide || !region.includes('back'));
    return facing.reduce((all, region) => all + this.of(region), 0) / regions.length;
  }
}
