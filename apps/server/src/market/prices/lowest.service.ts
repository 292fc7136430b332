import { Injectable } from '@nestjs/common';
import { type Catalogue, isLowerPrice, type LandedPrice } from '@outfit/core';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../../catalogue/index.js';
import { LiveService } from '../../platform/live/index.js';
import type { LowestPricesDto, PricesDto } from '../market.dto.js';
import { MarketService } from '../market.service.js';
import { MarketStore } from '../market.store.js';

/** Prices read at a turn, so that other requests are answered between. */
const PRICES_A_TURN = 6000;

/** The lowest price of every variant that is sold, read from the kept table and held until something changes it. */
@Injectable()
export class LowestService {
  private held: { readonly key: string; readonly prices: Promise<PricesDto> } | null = null;

  constructor(
    private readonly store: MarketStore,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly live: LiveService,
  ) {}

  /** As they are now, in columns. */
  now(): Promise<PricesDto> {
    const key = this.key();
    if (this.held?.key !== key) {
      const prices = this.read();
      this.held = { key, prices };
      // A failure is told to whoever asked, and the next one tries again.
      prices.catch(() => (this.held = null));
    }
    return this.held.prices;
  }

  /** The lowest landed price of every variant that is sold, in minor units, by the id it is known by now. */
  async landedMinor(): Promise<ReadonlyMap<string, number>> {
    const { variants } = this.catalogue.now().data;
    const { lowest } = await this.now();
    return new Map(lowest.rows.map((row, i) => [variants[row]?.id ?? '', lowest.landedMinor[i] ?? 0]));
  }

  private key(): string {
    return `${this.catalogue.versionName} ${this.live.revisionOf('market')} ${this.market.today()}`;
  }

  /** Reads them from the first again when something has changed them meanwhile. */
  private async read(): Promise<PricesDto> {
    for (;;) {
      const [key, catalogue, version] = [this.key(), this.catalogue.now(), this.catalogue.versionName];
      const lowest = new Map<number, LandedPrice>();
      for (let last = ''; ;) {
        const more = this.store.lowestAfter(last, PRICES_A_TURN);
        for (const price of more) keepLower(lowest, price, catalogue);
        if (more.length < PRICES_A_TURN) break;
        last = more.at(-1)?.variant ?? '';
        await nextTurn();
      }
      if (key === this.key())
        return { catalogue: version, currency: this.market.currency(), today: this.market.today(), lowest: inColumns(lowest) };
    }
  }
}

/** Doubles are one variant: the lower of their prices is its price. */
function keepLower(lowest: Map<number, LandedPrice>, price: LandedPrice, catalogue: Catalogue): void {
  const row = catalogue.rowOf(catalogue.resolve(price.variant));
  if (row === undefined) return;
  const known = lowest.get(row);
  if (!known || isLowerPrice(price, known)) lowest.set(row, price);
}

/** Prices in columns, with what comes again and again said once: half the bytes, and half the time to read them. */
function inColumns(lowest: ReadonlyMap<number, LandedPrice>): LowestPricesDto {
  const places = new Map<string, number>();
  const placeOf = (name: string): number => {
    let place = places.get(name);
    if (place === undefined) places.set(name, (place = places.size));
    return place;
  };
  const prices = [...lowest.values()];
  return {
    rows: [...lowest.keys()],
    landedMinor: prices.map((price) => price.landedMinor),
    priceMinor: prices.map((price) => price.priceMinor),
    sellers: prices.map((price) => placeOf(price.seller)),
    seenOn: prices.map((price) => placeOf(price.seenOn)),
    conditions: prices.map((price) => placeOf(price.condition)),
    names: [...places.keys()],
  };
}
