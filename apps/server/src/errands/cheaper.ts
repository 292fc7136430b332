import { Injectable } from '@nestjs/common';
import {
  basketFor,
  likenessWith,
  NO_SUPPLY,
  P40,
  POSITIONS,
  rankCandidates,
  type Adjustments,
  type BasketProblem,
  type Substitute,
} from '@outfit/core';
import { CatalogueService } from '../catalogue/index.js';
import { FiguresService } from '../figures/index.js';
import type { SeriesPoint } from '../jobs/index.js';
import { MarketService } from '../market/index.js';
import type { StoredLine } from './errand.entity.js';
import type { ErrandSettingsDto } from './errands.dto.js';
import { ErrandPlanner, landedOf } from './planner.js';

/** What a point of likeness is held to be worth, from nothing to much, in minor units: each gives one basket. */
const POINT_PRICES = [2, 5, 10, 20, 40, 80, 160, 400];
/** Alternatives of one part that a basket may choose from. */
const MOST_ALTERNATIVES = 24;

/**
 * The cheapest version of a look that still looks right: every part may give way to one that costs less and loses little.
 * Baskets are solved for rising prices of a point of likeness; the looks that come of them are judged whole.
 */
@Injectable()
export class CheaperService {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly figures: FiguresService,
    private readonly market: MarketService,
    private readonly planner: ErrandPlanner,
  ) {}

  async prepare(
    line: StoredLine,
    settings: ErrandSettingsDto,
    adjustments: Adjustments,
    floor: number,
  ): Promise<{ readonly problems: readonly BasketProblem[]; readonly judge: (points: readonly SeriesPoint[]) => readonly SeriesPoint[] }> {
    const catalogue = await this.catalogue.catalogue();
    const [only] = await this.planner.lines([line]);
    if (!only) throw new RangeError('one line gives one look');
    const { look } = only;
    const { brief } = await this.figures.figure(line.figure);
    const input = await this.planner.input([line], settings, adjustments);
    const landed = landedOf((await this.market.view({ kind: 'variant' })).offers.filter((offer) => offer.stock > 0));
    const owned = new Set(input.owned.map((row) => row.variant));
    const priceOf = (variant: string): number => (owned.has(variant) ? 0 : (landed.get(variant) ?? Infinity));
    const whole = likenessWith(look, brief, catalogue, P40);

    const alternatives = new Map<string, { readonly variant: string; readonly lost: number }[]>();
    for (const part of look.parts) {
      const own = priceOf(part.variant);
      const spot = { position: part.position, ...(part.place === undefined ? {} : { place: part.place }) };
      const ranking = rankCandidates(look, brief, spot, catalogue, P40, NO_SUPPLY);
      const found: { variant: string; lost: number; price: number }[] = [];
      ranking.rows.forEach((row, i) => {
        const variant = catalogue.data.variants[row]?.id ?? '';
        const gained = ranking.gains[i] ?? 0;
        const fits = ranking.blocked[i] === 0 && POSITIONS[ranking.anchors[i] ?? 0] === part.position;
        const price = priceOf(variant);
        if (!fits || variant === part.variant || price >= own || -gained > whole - floor) return;
        found.push({ variant, lost: Math.max(0, -gained), price });
      });
      found.sort((a, b) => a.lost - b.lost || a.price - b.price);
      let cheapest = Infinity;
      // Of those that lose no less, only the ever cheaper ones are worth a place.
      const kept = found.filter((row) => row.price < cheapest && (cheapest = row.price) >= 0).slice(0, MOST_ALTERNATIVES);
      const known = alternatives.get(part.variant) ?? [];
      alternatives.set(part.variant, [...known, ...kept.filter((row) => !known.some((other) => other.variant === row.variant))]);
    }
    const problems = POINT_PRICES.map((pointMinor) =>
      basketFor({
        ...input,
        substitutes: (variant): readonly Substitute[] =>
          (alternatives.get(variant) ?? []).map((row) => ({ variant: row.variant, penaltyMinor: Math.round(row.lost * pointMinor) })),
      }),
    );
    const judge = (points: readonly SeriesPoint[]): readonly SeriesPoint[] =>
      points.map((point) => {
        const left = point.swaps.map((swap) => ({ ...swap }));
        const parts = look.parts.map((part) => {
          const swap = left.find((row) => row.variant === part.variant && row.quantity > 0);
          if (!swap) return part;
          swap.quantity -= 1;
          return { ...part, variant: swap.substitute };
        });
        return { ...point, likeness: likenessWith({ ...look, parts }, brief, catalogue, P40) };
      });
    return { problems, judge };
  }
}
