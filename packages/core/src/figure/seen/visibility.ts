import { type Region, regionAt } from '../../anatomy/index.js';
import type { PrintMotif } from '../../catalogue/index.js';
import type { Worn } from '../look/index.js';

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
   * Visible fraction of a printed motif: the mean over the regions its zones end up in. The back of a torso, of legs or of a cape
   * is a side like the front; a face is read from the front alone, so what of it ends up behind counts nothing.
   */
  ofMotif(item: Worn, motif: PrintMotif): number {
    const regions = motif.zones
      .map((zone) => regionAt(item.part.position, motif.face, zone, item.part.turned))
      .filter((region) => region !== null);
    if (regions.length === 0) return 1;
    const facing = item.part.position === 'head' ? regions.filter((region) => region !== 'head.back') : regions;
    return facing.reduce((all, region) => all + this.of(region), 0) / regions.length;
  }
}
