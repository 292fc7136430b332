import { Injectable } from '@nestjs/common';
import { partLikeness } from '@outfit/core';
import type { BenchBody } from '@outfit/core/bench';
import { CatalogueService } from '../catalogue/index.js';
import { Ledger, ServingsService } from '../wardrobe/index.js';
import type { ClosingDto } from './bench.dto.js';
import type { BenchPlan } from './bench.entities.js';
import { BenchService } from './bench.service.js';

/** What would close the holes of whole figures that gave parts: pieces of the mould that nobody is promised. */
@Injectable()
export class ClosingsService {
  constructor(
    private readonly bench: BenchService,
    private readonly servings: ServingsService,
    private readonly ledger: Ledger,
    private readonly catalogue: CatalogueService,
  ) {}

  /** For each hole that a session left in a whole figure the free piece most like what was taken; holes that nothing closes are left out. */
  async of(id: string): Promise<ClosingDto[]> {
    this.bench.keptSession(id);
    const plan = this.bench.planOf(id);
    const catalogue = this.catalogue.now();
    const used = new Map<number, number>();
    const closings: ClosingDto[] = [];
    for (const body of plan.bodies) {
      if (body.becomes !== null || this.ledger.place(placeOf(body)).kind !== 'donor') continue;
      for (const hole of this.holesOf(body, plan)) {
        const model = catalogue.variant(hole.variant);
        // It only closes the hole: any of the mould will do, the one most like what was taken before the rest.
        const alike = catalogue.variantsOf(model.mould);
        const likeness = new Map(alike.map((row) => [row.id, partLikeness(model, row, catalogue)]));
        const runs = (await this.servings.runsOf(alike.map(({ id: variant }) => variant))).filter(
          ({ run, reach, free }) => reach === 'loose' && !run.isFlawed && free > (used.get(run.id) ?? 0),
        );
        const likenessOf = (variant: string): number => likeness.get(variant) ?? 0;
        const [nearest] = runs.sort((a, b) => likenessOf(b.variant) - likenessOf(a.variant) || a.run.id - b.run.id);
        if (!nearest) continue;
        used.set(nearest.run.id, (used.get(nearest.run.id) ?? 0) + 1);
        closings.push({
          ...{ donor: placeOf(body), name: body.name, position: hole.position, taken: hole.variant },
          ...{ run: nearest.run.id, variant: nearest.variant, where: this.ledger.place(nearest.run.place).path || 'no place yet' },
        });
      }
    }
    return closings;
  }

  /** What was taken off a whole figure and has nothing alike on it by now. */
  private holesOf(body: BenchBody, plan: BenchPlan): BenchBody['parts'] {
    const catalogue = this.catalogue.now();
    const wanted = new Set(plan.copies.flatMap((copy) => copy.pieces.map(({ piece }) => piece)));
    const onIt = new Map<string, number>();
    const count = (variant: string, by: number): void => {
      const { mould } = catalogue.variant(catalogue.resolve(variant));
      onIt.set(mould, (onIt.get(mould) ?? 0) + by);
    };
    const held = this.ledger.store.heldIn(placeOf(body));
    // Of one that nothing is left of there is nothing to close.
    if (held.length === 0) return [];
    for (const { lot, quantity } of held) count(this.ledger.lot(lot).variant, quantity);
    for (const { piece, variant } of body.parts) if (!wanted.has(piece)) count(variant, -1);
    return body.parts.filter(({ piece, variant }) => {
      if (!wanted.has(piece)) return false;
      // It is on it still, or something alike is by now.
      if ((onIt.get(catalogue.variant(variant).mould) ?? 0) <= 0) return true;
      count(variant, -1);
      return false;
    });
  }
}

/** The place that is the body; several alike that stand in one place are told apart behind its id. */
const placeOf = ({ id }: BenchBody): string => id.split('~')[0] ?? id;
