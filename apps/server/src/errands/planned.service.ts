import { Injectable } from '@nestjs/common';
import type { ErrandDto } from './errands.dto.js';
import { ErrandsService } from './errands.service.js';
import { ErrandsStore } from './record/errands.store.js';

/** What the newest errands say of figures, for whoever orders or looks back. */
@Injectable()
export class PlannedService {
  constructor(
    private readonly store: ErrandsStore,
    private readonly errands: ErrandsService,
  ) {}

  /** The sellers that the newest errand of a figure, or of its line-up, buys from; null when nothing was planned for it. */
  sellersFor(figure: string, lineUp: string): readonly string[] | null {
    const plan = this.newestOf(figure, lineUp).find((errand) => errand.job.result)?.job.result;
    return plan && plan.status !== 'infeasible' ? plan.parcels.map((parcel) => parcel.seller) : null;
  }

  /** What the newest errand of a figure, or of its line-up, planned for it, and for how many copies; null when none did. */
  plannedFor(figure: string, lineUp: string): { readonly minor: number; readonly copies: number } | null {
    for (const { lines } of this.newestOf(figure, lineUp)) {
      const own = lines.flatMap(({ figure: of, totalMinor, copies }) =>
        of === figure && totalMinor !== null ? [{ totalMinor, copies }] : [],
      );
      if (own.length === 0) continue;
      return {
        minor: own.reduce((all, row) => all + row.totalMinor, 0),
        copies: own.reduce((all, row) => all + row.copies, 0),
      };
    }
    return null;
  }

  private newestOf(...scopes: readonly string[]): readonly ErrandDto[] {
    return scopes.flatMap((scope) => {
      const errand = this.store.newestOf(scope);
      return errand ? [this.errands.errand(errand.id)] : [];
    });
  }
}
