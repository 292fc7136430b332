import { Injectable } from '@nestjs/common';
import { CatalogueHooks, type MadeNewsEntity } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { notFound } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { FiguresStore } from '../record/index.js';
import { NoticeDto } from './notices.dto.js';
import { NoticesStore } from './notices.store.js';

/** What a figure's planner is told: an imagined part turned out to be made. A notice stays until it is put away. */
@Injectable()
export class NoticesService {
  constructor(
    private readonly database: Database,
    private readonly store: NoticesStore,
    private readonly figures: FiguresStore,
    private readonly live: LiveService,
    private readonly clock: Clock,
    hooks: CatalogueHooks,
  ) {
    hooks.addListener((news) => this.hear(news));
  }

  open(): NoticeDto[] {
    return this.store.open();
  }

  async putAway(id: number): Promise<NoticeDto[]> {
    await this.database.write(() => {
      if (!this.store.putAway(id, this.clock.now().toISOString())) throw notFound('notice', String(id));
      this.live.tellAfterwards('notices');
    });
    return this.open();
  }

  /** A notice on each figure with a look that names what came to be made; how many were left. */
  private hear(news: readonly MadeNewsEntity[]): number {
    let told = 0;
    for (const { at, variant, text } of news)
      for (const figure of this.figures.namersOf(variant)) {
        this.store.add({ at, figure, variant, text });
        told += 1;
      }
    if (told > 0) this.live.tellAfterwards('notices');
    return told;
  }
}
