import { Injectable } from '@nestjs/common';
import { type Catalogue, wordsOf } from '@outfit/core';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../catalogue/index.js';
import type { PieceDto, PiecesPageDto, PiecesPageQuery } from './wardrobe.dto.js';
import type { PieceEntity } from './wardrobe.entities.js';
import { WardrobeStore } from './wardrobe.store.js';

/** Runs looked at in one go: whoever asks for something else meanwhile waits for so many. */
const RUNS_A_TURN = 2000;

const texts = new WeakMap<Catalogue, Map<string, string>>();

/** What a part is found by: its name, number, nicknames and family. Made once for each that is asked for. */
function textOf(id: string, catalogue: Catalogue): string {
  let known = texts.get(catalogue);
  if (!known) texts.set(catalogue, (known = new Map()));
  let text = known.get(id);
  if (text === undefined) {
    const variant = catalogue.variant(id);
    const { nicknames, family } = catalogue.mouldOf(variant);
    text = wordsOf([catalogue.nameOf(variant), variant.id, ...nicknames, family].join(' ')).join(' ');
    known.set(id, text);
  }
  return text;
}

/** Owned pieces a page at a time, however many they are. */
@Injectable()
export class PieceSearch {
  constructor(
    private readonly store: WardrobeStore,
    private readonly catalogue: CatalogueService,
  ) {}

  /** The runs that have all the words, in the order of their parts. */
  async page({ words, offset, limit }: PiecesPageQuery): Promise<PiecesPageDto> {
    const counts = this.store.counts();
    const wanted = wordsOf(words);
    if (wanted.length === 0) return { total: counts.runs, ...counts, rows: this.told(this.store.piecesFrom(offset, limit)) };
    const found = await this.withWords(wanted);
    return { total: found.length, ...counts, rows: this.told(found.slice(offset, offset + limit)) };
  }

  private async withWords(wanted: readonly string[]): Promise<PieceEntity[]> {
    const catalogue = this.catalogue.now();
    const found: PieceEntity[] = [];
    for (let last = { variant: '', id: 0 }; ;) {
      const more = this.store.piecesAfter(last, RUNS_A_TURN);
      for (const piece of more) {
        const own = wordsOf(`${piece.place} ${piece.note}`).join(' ');
        const text = textOf(piece.variant, catalogue);
        if (wanted.every((word) => text.includes(word) || own.includes(word))) found.push(piece);
      }
      const next = more.at(-1);
      if (!next || more.length < RUNS_A_TURN) return found;
      last = next;
      await nextTurn();
    }
  }

  /** Under the numbers the parts are known by now. */
  private told(pieces: readonly PieceEntity[]): PieceDto[] {
    const catalogue = this.catalogue.now();
    return pieces.map(({ id, variant, quantity, condition, place, note }) => ({
      ...{ id, quantity, condition, place, note },
      variant: catalogue.resolve(variant),
    }));
  }
}
