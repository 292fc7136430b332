import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { type Catalogue, type CatalogueData, dayNumber, isoDay } from '@outfit/core';
import { type MarketNews, newsBetween, simulatedMarket } from '@outfit/market';
import { CatalogueService, CatalogueEditor } from '../../catalogue/index.js';
import { Database } from '../../platform/db/index.js';
import { Problem } from '../../platform/http/index.js';
import { workerBeside, WorkerPool } from '../../platform/jobs/index.js';
import { LiveService } from '../../platform/live/index.js';
import { SettingsService } from '../../settings/index.js';
import type { AdvancedDto, ClockDto } from '../market.dto.js';
import { MarketService } from '../market.service.js';
import { MarketStore } from '../market.store.js';
import { asStored, LowestStore, OfferStore, PriceStore, Pricing, TermsStore } from '../stores/index.js';
import { WatchesService } from '../watches/index.js';
import type { DayTask } from './day.worker.js';

const WORKER = workerBeside(import.meta.url, 'day.worker');

/** Prices recorded before the market opened, so that there is a history to look at: one day a week. */
const WEEKS_BEFORE = 14;

/** Moves the simulated market on: prices walk, stock sells and returns, parts come out and go out of print. */
@Injectable()
export class AdvanceService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly pool = new WorkerPool<DayTask, void>({ idleMs: 5000, mostMb: 384 });
  private following: string | null = null;
  private under: Promise<unknown> = Promise.resolve();
  private readonly listeners: ((day: string) => readonly string[])[] = [];
  /** The catalogue a day was last worked out over, and a number that grows with every other one. */
  private over: { readonly data: CatalogueData; readonly revision: number } | null = null;

  constructor(
    private readonly database: Database,
    private readonly store: MarketStore,
    private readonly catalogue: CatalogueService,
    private readonly editor: CatalogueEditor,
    private readonly market: MarketService,
    private readonly watches: WatchesService,
    private readonly live: LiveService,
    settings: SettingsService,
  ) {
    settings.addFollower(() => this.priceAnew());
  }

  /** Hears of every day the market reaches, within its unit of work; what it returns is told. */
  addListener(hear: (day: string) => readonly string[]): void {
    this.listeners.push(hear);
  }

  clock(): ClockDto {
    return { day: this.market.today(), isSimulated: this.store.clock() !== null, news: this.store.news() };
  }

  /** Opens a simulated market in an empty workspace, with its past weeks recorded. Within the caller's unit of work. */
  open(data: CatalogueData, seed: number, today: string): void {
    const market = simulatedMarket(data, seed, today);
    this.store.openClock(today, seed);
    this.store.addSellers(
      market.sellers.map(({ id, name, kind, country, currency, days, trusted, thirdParty, ...rest }) => {
        const { minimumMinor, handlingMinor, postage, freePostageFromMinor, duty, reliability } = rest;
        return {
          ...{ id, name, kind, country, currency, days, trusted, thirdParty },
          ...{ minimumMinor, handlingMinor, postage, freePostageFromMinor, duty, reliability },
          version: 1,
        };
      }),
    );
    const terms = new TermsStore(this.database);
    for (let week = WEEKS_BEFORE; week >= 0; week -= 1) {
      const day = isoDay(dayNumber(today) - 7 * week);
      terms.setDay(market, day);
      const offers = market.offersOn(day).map(asStored);
      for (const batch of new PriceStore(this.database).changesOn(day, offers, new Pricing(terms.read(), day))) batch();
      if (week === 0) new OfferStore(this.database).changesTo(offers)();
    }
    new LowestStore(this.database).changesOn(today)();
  }

  /** Goes on by so many days, one after the other. Each is reached whole, or not begun; then the watches look. */
  async advance(days: number): Promise<AdvancedDto> {
    const told: string[] = [];
    for (let i = 0; i < days; i += 1) told.push(...(await this.inTurn(() => this.nextDay())));
    return { ...this.clock(), told };
  }

  /** A workspace from before there was a table of lowest prices has it filled before anybody asks. */
  async onApplicationBootstrap(): Promise<void> {
    if (this.market.lowestDay() === null && this.store.hasOffers()) await this.refreshLowest();
    else this.keepLowest();
  }

  /**
   * Has the lowest prices follow the day it is: codes end, rates and shares grow old though nothing was written. What stands
   * serves meanwhile, and open pages are told when it is done.
   */
  keepLowest(): void {
    const day = this.market.today();
    if (this.following === day || this.market.lowestDay() === day || !this.store.hasOffers()) return;
    this.following = day;
    this.refreshLowest().catch((error: unknown) => {
      this.following = null;
      new Logger('Market').error(error);
    });
  }

  /** Has the lowest prices worked out anew because something was sold. Nobody waits for it. */
  priceAnew(): void {
    if (this.store.hasOffers()) this.refreshLowest().catch((error: unknown) => new Logger('Market').error(error));
  }

  /** Works the lowest prices out anew, in the worker. */
  private async refreshLowest(): Promise<void> {
    await this.inTurn(() => this.pool.run(WORKER, { databaseFile: this.database.file, day: this.market.today(), goOn: null }));
    this.live.changedElsewhere('market');
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }

  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.under.then(work, work);
    this.under = turn.catch(() => undefined);
    return turn;
  }

  private async nextDay(): Promise<string[]> {
    const clock = this.store.clock();
    if (!clock) throw new Problem(409, 'This workspace has no simulated market. Prices come from the files you import.');
    const { seed, openedOn, day: from } = clock;
    // A workspace that was left alone catches up first: the next day is the one after today, by whichever is ahead of the two.
    const day = isoDay(dayNumber(this.market.today()) + 1);
    const news = newsBetween(this.catalogue.now().data, seed, openedOn, from, day);
    const made = news.filter((item) => item.kind === 'new variant');
    // What comes out is told and entered first; that the part is made a moment before its day is of no matter to anybody.
    if (made.length > 0)
      await this.database.write(() => {
        for (const item of made) {
          this.editor.saveNow('variants', item.variant);
          this.store.addNews(day, sentenceOf(item, this.catalogue.now()));
        }
      });
    const catalogue = this.catalogue.now();
    if (this.over?.data !== catalogue.data) this.over = { data: catalogue.data, revision: (this.over?.revision ?? 0) + 1 };
    const sentences = news.filter((item) => item.kind === 'out of print').map((item) => sentenceOf(item, catalogue));
    const goOn = { from, seed, openedOn, revision: this.over.revision, news: sentences };
    await this.pool.run(WORKER, { databaseFile: this.database.file, day, goOn });
    return this.database.write<string[]>(() => {
      this.live.tellAfterwards('market');
      return [...this.listeners.flatMap((hear) => hear(day)), ...this.watches.lookRound(day)];
    });
  }
}

function sentenceOf(news: MarketNews, catalogue: Catalogue): string {
  if (news.kind === 'out of print') {
    const source = catalogue.data.sources.find((row) => row.id === news.source);
    return `${source?.name ?? news.source} (${news.source}) goes out of print.`;
  }
  return `${catalogue.nameOf(catalogue.variant(news.variant.id))} (${news.variant.id}) is made now.`;
}
