import { Injectable } from '@nestjs/common';
import { wordsOf } from '@outfit/core';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService, textsOf } from '../catalogue/index.js';
import { pieceDto } from './pieceView.js';
import { PromisesService } from './promises/index.js';
import type { Doing, Order, PieceInPageDto, PiecesPageDto, PiecesPageQuery } from './wardrobe.dto.js';
import type { PieceEntity } from './wardrobe.entities.js';
import { WardrobeStore } from './wardrobe.store.js';

/** Lots looked at in one go: whoever asks for something else meanwhile waits for so many. */
const LOTS_A_TURN = 2000;

/** What a part is found by: its name, number, nicknames and family. */
const textOf = textsOf<string>(
  (id) => id,
  (id, catalogue) => {
    const variant = catalogue.variant(id);
    const { nicknames, family } = catalogue.mouldOf(variant);
    return wordsOf([catalogue.nameOf(variant), variant.id, ...nicknames, family].join(' ')).join(' ');
  },
);

/** Owned pieces a page at a time, however many they are. */
@Injectable()
export class PieceSearch {
  constructor(
    private readonly store: WardrobeStore,
    private readonly catalogue: CatalogueService,
    private readonly promises: PromisesService,
  ) {}

  /** The runs that have all the words, in the order of their parts or of their colours. */
  async page({ words, place, doing, order, offset, limit }: PiecesPageQuery): Promise<PiecesPageDto> {
    const counts = this.store.counts();
    const wanted = wordsOf(words);
    if (place === undefined && wanted.length === 0 && doing === undefined && (order ?? 'part') === 'part') {
      const rows = await this.rowsOf(this.store.piecesFrom(offset, limit));
      return { total: counts.runs, ...counts, freePieces: null, promisedPieces: null, rows };
    }
    const all = place === undefined ? await this.withWords(wanted) : this.store.piecesIn(place).filter((piece) => this.says(piece, wanted));
    const shares = place === undefined && doing === undefined ? null : await this.sharesOf(all);
    const found = doing === undefined ? all : all.filter((piece) => (shares?.get(piece.id)?.[doing] ?? 0) > 0);
    const sum = (which: Doing): number | null =>
      shares && place !== undefined ? [...shares.values()].reduce((pieces, row) => pieces + row[which], 0) : null;
    const sorted = this.inOrder(found, order ?? 'part');
    return {
      total: found.length,
      ...counts,
      freePieces: sum('free'),
      promisedPieces: sum('promised'),
      rows: await this.rowsOf(sorted.slice(offset, offset + limit)),
    };
  }

  /** Of each run, how many pieces serve nobody and how many somebody. */
  private async sharesOf(pieces: readonly PieceEntity[]): Promise<ReadonlyMap<number, Readonly<Record<Doing, number>>>> {
    const catalogue = this.catalogue.now();
    const doing = await this.promises.ofRuns(pieces.map(({ id, variant }) => ({ id, variant: catalogue.resolve(variant) })));
    return new Map([...doing].map(([id, { free, given }]) => [id, { free, promised: given.reduce((all, row) => all + row.quantity, 0) }]));
  }

  private inOrder(pieces: readonly PieceEntity[], order: Order): readonly PieceEntity[] {
    const byPart = (a: PieceEntity, b: PieceEntity): number => (a.variant < b.variant ? -1 : a.variant > b.variant ? 1 : a.id - b.id);
    switch (order) {
      case 'part':
        return pieces;
      case 'place':
        return [...pieces].sort((a, b) => a.place.localeCompare(b.place) || byPart(a, b));
      case 'most':
        return [...pieces].sort((a, b) => b.quantity - a.quantity || byPart(a, b));
      case 'colour': {
        const catalogue = this.catalogue.now();
        const rank = new Map(catalogue.data.colours.map((colour, i) => [colour.id, i]));
        const rankOf = (piece: PieceEntity): number => rank.get(catalogue.variant(piece.variant).colours[0] ?? '') ?? rank.size;
        return [...pieces].sort((a, b) => rankOf(a) - rankOf(b) || byPart(a, b));
      }
    }
  }

  private async withWords(wanted: readonly string[]): Promise<PieceEntity[]> {
    const found: PieceEntity[] = [];
    const last = this.store.lastLot();
    for (let lot = 0; lot < last; lot += LOTS_A_TURN) {
      found.push(...this.store.piecesOfLots(lot, LOTS_A_TURN).filter((piece) => this.says(piece, wanted)));
      await nextTurn();
    }
    return found.sort((a, b) => (a.variant < b.variant ? -1 : a.variant > b.variant ? 1 : a.lot - b.lot || a.id - b.id));
  }

  /** Has a run all the words, in its part or in what is written about it? */
  private says(piece: PieceEntity, wanted: readonly string[]): boolean {
    const own = wordsOf(`${piece.place} ${piece.note}`).join(' ');
    const text = textOf(piece.variant, this.catalogue.now());
    return wanted.every((word) => text.includes(word) || own.includes(word));
  }

  private async rowsOf(pieces: readonly PieceEntity[]): Promise<PieceInPageDto[]> {
    const rows = pieces.map((piece) => pieceDto(piece, this.catalogue.now()));
    const doing = await this.promises.ofRuns(rows);
    return rows.map((row) => {
      const { free = 0, given = [], isShort = false } = doing.get(row.id) ?? {};
      return { ...row, free, serves: given.map(({ name }) => name), isShort };
    });
  }
}
