import { Injectable } from '@nestjs/common';
import { dayNumber, isoDay, WantedTally } from '@outfit/core';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { MarketService } from '../../market/index.js';
import { PromisesService } from '../../wardrobe/index.js';
import type { AvailableDto, FallenDto, WantedDto } from './wanted.dto.js';

/** Parts looked up in the market in one go: whoever asks for something else meanwhile waits for so many. */
const PARTS_A_TURN = 150;
/** Prices are compared with those of a week ago, or of the last recorded day in the week before that. */
const COMPARED_DAYS = 7;
const LOOKED_BACK_DAYS = 14;
const MOST_SELLERS = 8;
const MOST_TOLD = 12;

/** What the chosen looks of all figures still need, and what the market has of it. */
@Injectable()
export class WantedService {
  constructor(
    private readonly promises: PromisesService,
    private readonly market: MarketService,
  ) {}

  async read(): Promise<WantedDto> {
    const needed = await this.promises.lackingOfAll();
    const today = this.market.today();
    const since = isoDay(dayNumber(today) - COMPARED_DAYS);
    const tally = new WantedTally();
    const lotsOf = this.market.lots();
    const [fallen, available]: [FallenDto[], AvailableDto[]] = [[], []];
    let unsold = 0;
    const parts = [...needed];
    for (let from = 0; from < parts.length; from += PARTS_A_TURN) {
      const some = new Map(parts.slice(from, from + PARTS_A_TURN));
      const offers = lotsOf([...some.keys()]);
      const asked = groupedBy(this.market.leastOf([...some.keys()], isoDay(dayNumber(today) - LOOKED_BACK_DAYS)), (row) => row.item);
      for (const [variant, quantity] of some) {
        const own = offers.get(variant) ?? [];
        if (own.length === 0) {
          unsold += 1;
          continue;
        }
        tally.add(quantity, own);
        const isMinor = Math.min(...own.map((offer) => offer.priceMinor));
        const before = (asked.get(variant) ?? []).findLast((row) => row.day <= since);
        if (!before) available.push({ variant, isMinor });
        else if (isMinor < before.leastMinor) fallen.push({ variant, wasMinor: before.leastMinor, isMinor });
      }
      await nextTurn();
    }
    const names = this.market.sellerNames();
    return {
      currency: this.market.currency(),
      pieces: parts.reduce((all, [, quantity]) => all + quantity, 0),
      parts: parts.length,
      unsold,
      since,
      sellers: tally
        .sellers()
        .slice(0, MOST_SELLERS)
        .map((share) => ({ ...share, name: names.get(share.seller) ?? share.seller })),
      fallen: fallen
        .sort((a, b) => b.wasMinor - b.isMinor - (a.wasMinor - a.isMinor) || (a.variant < b.variant ? -1 : 1))
        .slice(0, MOST_TOLD),
      available: available.slice(0, MOST_TOLD),
    };
  }
}

function groupedBy<T>(rows: readonly T[], keyOf: (row: T) => string): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const group = groups.get(keyOf(row));
    if (group) group.push(row);
    else groups.set(keyOf(row), [row]);
  }
  return groups;
}
