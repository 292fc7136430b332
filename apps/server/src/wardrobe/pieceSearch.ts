import { Injectable } from '@nestjs/common';
import { wordsOf } from '@outfit/core';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService, textsOf } from '../catalogue/index.js';
import { pieceDto } from './pieceView.js';
import { PromisesService } from './promises/index.js';
import type { PieceInPageDto, PiecesPageDto, PiecesPageQuery } from './wardrobe.dto.js';
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

  /** The runs that have all the words, in the order of their parts. */
  async page({ words, place, offset, limit }: PiecesPageQuery): Promise<PiecesPageDto> {
    const counts = this.store.counts();
    const wanted = wordsOf(words);
    if (place !== undefined) {
      const found = this.store.piecesIn(place).filter((piece) => this.says(piece, wanted));
      return { total: found.length, ...counts, rows: await this.told(found.slice(offset, offset + limit)) };
    }
    if (wanted.length === 0) return { total: counts.runs, ...counts, rows: await this.told(this.store.piecesFrom(offset, limit)) };
    const found = await this.withWords(wanted);
    return { total: found.length, ...counts, rows: await this.told(found.slice(offset, offset + limit)) };
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

  private async told(pieces: readonly PieceEntity[]): Promise<PieceInPageDto[]> {
    const rows = pieces.map((piece) => pieceDto(piece, this.catalogue.now()));
    const doing = await this.promises.ofRuns(rows);
    return rows.map((row) => {
      const { free = 0, given = [], isShort = false } = doing.get(row.id) ?? {};
      return { ...row, free, serves: given.map(({ name }) => name), isShort };
    });
  }
}
