import { Injectable } from '@nestjs/common';
import { partLikeness } from '@outfit/core';
import { CatalogueService } from '../../catalogue/index.js';
import { MarketService } from '../../market/index.js';
import { notFound } from '../../platform/http/index.js';
import { WardrobeService } from '../../wardrobe/index.js';
import type { SubstituteDto } from '../errands.dto.js';
import { ErrandsStore } from '../record/errands.store.js';
import { ErrandPlanner, landedOf } from './planner.js';

const MOST_SUBSTITUTES = 12;

/** What could stand in for the parts of an errand. */
@Injectable()
export class SubstitutesService {
  constructor(
    private readonly store: ErrandsStore,
    private readonly catalogue: CatalogueService,
    private readonly planner: ErrandPlanner,
    private readonly wardrobe: WardrobeService,
    private readonly market: MarketService,
  ) {}

  /**
   * What could stand in for a part: what the looks would take, and what is made, goes there and is sold or owned. What the
   * looks lose least by first, then what is most like the part itself (its mould, colours and print).
   */
  of(id: string, variant: string): SubstituteDto[] {
    const errand = this.store.errand(id);
    const catalogue = this.catalogue.now();
    if (!catalogue.has(variant)) throw notFound('variant', variant);
    const looks = this.planner
      .lines(errand.lines)
      .map((line) => line.look)
      .filter((look) => look.parts.some((part) => part.variant === variant));
    const model = catalogue.variant(variant);
    const { family, fills } = catalogue.mouldOf(model);
    const goesThere = (anchor: string | undefined): boolean => fills.some((alternative) => alternative[0] === anchor);
    const alike = catalogue.data.moulds
      .filter((mould) => mould.family === family && mould.fills.some((alternative) => goesThere(alternative[0])))
      .flatMap((mould) => catalogue.variantsOf(mould.number))
      .filter((row) => row.made && row.id !== variant);
    const noted = looks.flatMap((look) => {
      const positions = look.parts.filter((part) => part.variant === variant).map((part) => part.position);
      return (look.substitutes ?? []).filter((row) => positions.includes(row.position)).map((row) => row.variant);
    });
    const possible = [...new Set([...noted, ...alike.map((row) => row.id)])].filter((row) => row !== variant && catalogue.has(row));
    const likeness = new Map(possible.map((id) => [id, partLikeness(model, catalogue.variant(id), catalogue)]));
    const likest = (a: string, b: string): number => (likeness.get(b) ?? 0) - (likeness.get(a) ?? 0);
    const landed = this.landedOf(possible);
    const owned = this.wardrobe.quantities();
    const atHand = possible.filter((row) => landed.has(row) || owned.has(row)).sort(likest);
    // What a look loses is reckoned look by look: only for those that may be shown.
    const ids = [...new Set([...atHand.filter((row) => noted.includes(row)), ...atHand.slice(0, MOST_SUBSTITUTES)])];
    const losses = looks.map((look) => this.planner.lostIn(look));
    return ids
      .map((substitute): SubstituteDto => ({
        variant: substitute,
        lost: Math.round(Math.max(0, ...losses.map((lost) => lost(variant, substitute))) * 10) / 10,
        landedMinor: landed.get(substitute) ?? null,
        owned: owned.get(substitute) ?? 0,
        accepted:
          noted.includes(substitute) || errand.adjustments.accepted.some((row) => row.variant === variant && row.substitute === substitute),
      }))
      .sort(
        (a, b) =>
          a.lost - b.lost ||
          likest(a.variant, b.variant) ||
          (a.landedMinor ?? 0) - (b.landedMinor ?? 0) ||
          a.variant.localeCompare(b.variant),
      )
      .slice(0, MOST_SUBSTITUTES);
  }

  /** The lowest landed price of each of some variants that is sold. */
  private landedOf(variants: readonly string[]): ReadonlyMap<string, number> {
    const { offers } = this.market.viewOf(variants.map((id) => ({ kind: 'variant', id })));
    return landedOf(offers.filter((offer) => offer.stock > 0));
  }
}
