import { Injectable } from '@nestjs/common';
import { landedPieces, realCosts } from '@outfit/core/parcels';
import { PlannedService } from '../../errands/index.js';
import { Ledger, ServingsService } from '../../wardrobe/index.js';
import { backFor } from '../parcelView.js';
import { ParcelDeeds } from '../parcelDeeds.service.js';
import type { FigureRealCostDto } from '../parcels.dto.js';

/** What figures really cost, out of what their pieces cost in their parcels, beside what their errands planned. */
@Injectable()
export class CostsService {
  constructor(
    private readonly deeds: ParcelDeeds,
    private readonly ledger: Ledger,
    private readonly planned: PlannedService,
    private readonly servings: ServingsService,
  ) {}

  async costs(): Promise<FigureRealCostDto[]> {
    const figures = await this.servings.lotsOfFigures();
    const origin = new Map<number, number>();
    const shares = figures.flatMap(({ figure, lots }) =>
      lots.map(({ lot, quantity }) => {
        const root = origin.get(lot) ?? this.rootOf(lot);
        origin.set(lot, root);
        return { figure, lot: root, quantity };
      }),
    );
    const costs = realCosts(shares, this.pieceCosts(new Set(shares.map((row) => row.lot))));
    return figures.flatMap(({ figure, name, lineUp }) => {
      const cost = costs.get(figure);
      if (!cost || cost.priced === 0) return [];
      const planned = this.planned.plannedFor(figure, lineUp);
      return [{ figure, name, lineUp, ...cost, plannedMinor: planned?.minor ?? null, plannedCopies: planned?.copies ?? null }];
    });
  }

  /** What each piece of a lot cost: its landed share where a parcel brought it, else what was written down as paid. */
  private pieceCosts(lots: ReadonlySet<number>): ReadonlyMap<number, readonly number[]> {
    const costs = new Map<number, readonly number[]>();
    for (const row of this.deeds.store.all()) {
      const lines = this.deeds.store.lines(row.id);
      const landed = landedPieces(lines, row, backFor(lines, this.deeds.store.claims(row.id)));
      lines.forEach((line, i) => lots.has(line.lot) && costs.set(line.lot, landed[i] ?? []));
    }
    for (const lot of lots) {
      const { paidMinor } = costs.has(lot) ? { paidMinor: null } : this.ledger.lot(lot);
      if (paidMinor !== null) costs.set(lot, Array<number>(this.ledger.store.cameOf(lot)).fill(paidMinor));
    }
    return costs;
  }

  /** The lot that pieces came in as: what happened to some of them made another of them. */
  private rootOf(lot: number): number {
    const { splitFrom } = this.ledger.lot(lot);
    return splitFrom === null ? lot : this.rootOf(splitFrom);
  }
}
