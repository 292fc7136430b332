import { lineUpOfSpares } from '@outfit/core/lineup';
import { Injectable } from '@nestjs/common';
import { BinService } from '../platform/bin/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { JobsService } from '../platform/jobs/index.js';
import { LiveService } from '../platform/live/index.js';
import type { ErrandRowDto } from './errands.dto.js';
import { rulesInWords } from './rulesInWords.js';
import { ErrandsStore } from './record/errands.store.js';
import type { ErrandJobDto } from './solving/index.js';

/** The errands that were planned from a figure or line-up: listed, named, put in the bin and taken out again. */
@Injectable()
export class KeptErrandsService {
  constructor(
    private readonly database: Database,
    private readonly store: ErrandsStore,
    private readonly jobs: JobsService,
    private readonly live: LiveService,
    private readonly clock: Clock,
    bin: BinService,
  ) {
    bin.register('errand', {
      list: () =>
        store
          .inTheBin()
          .map(({ id, name, title, removedAt }) => ({ id, name: name ?? title, stoodIn: name === null ? '' : title, at: removedAt ?? '' })),
      bringBack: (id) => this.change(id, { removedAt: null }),
    });
  }

  /** All of them, the newest first, those in the bin too. */
  of(scope: string): ErrandRowDto[] {
    return this.store.allOf(scope).map((errand) => {
      const { id, title, name, createdAt, removedAt, job, lines } = errand;
      const { state, result } = this.jobs.job(job) as ErrandJobDto;
      const plan = result?.status === 'infeasible' ? null : result;
      return {
        id,
        title,
        name,
        createdAt,
        removedAt,
        state,
        copies: lines.reduce((all, line) => all + (lineUpOfSpares(line.figure) === null ? line.copies : 0), 0),
        paidMinor: plan?.paidMinor ?? null,
        rules: rulesInWords(errand),
        short: plan ? plan.short.reduce((all, row) => all + row.quantity, 0) : null,
      };
    });
  }

  /** Calls an errand something; without a name it goes by what it was planned for. */
  rename(id: string, name: string | null): Promise<ErrandRowDto[]> {
    return this.database.write<ErrandRowDto[]>(() => this.of(this.change(id, { name })));
  }

  /** Puts an errand in the bin, or takes it out again. Nothing of it is lost. */
  bin(id: string, isAway: boolean): Promise<ErrandRowDto[]> {
    const removedAt = isAway ? this.clock.now().toISOString() : null;
    return this.database.write<ErrandRowDto[]>(() => this.of(this.change(id, { removedAt })));
  }

  /** Within a unit of work; what the errand was planned from. */
  private change(id: string, changes: { readonly name: string | null } | { readonly removedAt: string | null }): string {
    const { scope } = this.store.errand(id);
    this.store.update(id, changes);
    this.live.tellAfterwards('errands', scope);
    return scope;
  }
}
