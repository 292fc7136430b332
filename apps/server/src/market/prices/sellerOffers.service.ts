import { Injectable } from '@nestjs/common';
import { itemName, wordsOf } from '@outfit/core';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService, textsOf } from '../../catalogue/index.js';
import { notFound } from '../../platform/http/index.js';
import type { SellerOffersDto, SellerOffersQuery } from '../market.dto.js';
import { MarketService } from '../market.service.js';
import { type Item, MarketStore } from '../market.store.js';

/** Names looked at in one go: whoever asks for something else meanwhile waits for so many. */
const NAMES_A_TURN = 2000;

/** What an item is found by: the words of its name and its number. */
const textOf = textsOf<Item>(
  ({ kind, id }) => `${kind} ${id}`,
  ({ kind, id }, catalogue) => wordsOf(`${itemName({ kind, item: id }, catalogue)} ${id}`).join(' '),
);

/** What one seller offers: all of it can be paged through and searched, however much it is. */
@Injectable()
export class SellerOffersService {
  constructor(
    private readonly store: MarketStore,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
  ) {}

  /** A page of a seller's offers that have all the words, the cheapest first; refuses an unknown seller. */
  async page(seller: string, { words, offset, limit }: SellerOffersQuery): Promise<SellerOffersDto> {
    if (!this.store.hasSeller(seller)) throw notFound('seller', seller);
    const wanted = wordsOf(words);
    if (wanted.length === 0)
      return { total: this.store.countOfSeller(seller), offers: this.rowsOf(this.store.offersOfSeller(seller, offset, limit)) };
    const places = await this.placesOf(seller, wanted);
    return { total: places.length, offers: this.rowsOf(this.store.offersAt(places.slice(offset, offset + limit))) };
  }

  private async placesOf(seller: string, wanted: readonly string[]): Promise<readonly number[]> {
    const catalogue = this.catalogue.now();
    const places: number[] = [];
    let looked = 0;
    for (const { place, ...item } of this.store.itemsOfSeller(seller)) {
      const text = textOf(item, catalogue);
      if (wanted.every((word) => text.includes(word))) places.push(place);
      looked += 1;
      if (looked % NAMES_A_TURN === 0) await nextTurn();
    }
    return places;
  }

  private rowsOf(offers: Parameters<MarketService['viewOver']>[0]): SellerOffersDto['offers'] {
    return this.market.viewOver(offers, this.market.today()).offers;
  }
}
