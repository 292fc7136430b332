import { Injectable } from '@nestjs/common';
import {
  type Catalogue,
  type FacetFilter,
  FacetIndex,
  FACETS,
  FactBook,
  mainColourOf,
  type Ranking,
  readQuery,
  type Steps,
  type Variant,
  Vocabulary,
} from '@outfit/core';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../catalogue.service.js';
import { CatalogueHooks } from '../hooks.js';
import { FactIndex } from './factIndex.js';
import type { SearchAnswerDto, SearchQuery } from './search.dto.js';

/** What a search needs at hand, made from one state of the catalogue. */
interface Shelf {
  readonly catalogue: Catalogue;
  /** The variants that can be found, by number; doubles are left out. Rows of everything else point here. */
  readonly variants: readonly Variant[];
  readonly all: Int32Array;
  readonly book: FactBook;
  readonly index: FactIndex;
  readonly vocabulary: Vocabulary;
}

/** Searches that were begun on an old shelf have ended by then. */
const CLOSE_AFTER_MS = 10_000;

@Injectable()
export class SearchService {
  private shelf: { readonly revision: number; readonly shelf: Promise<Shelf> } | null = null;
  private facets: { readonly shelf: Shelf; readonly owned: number; readonly facets: Promise<FacetIndex> } | null = null;

  constructor(
    private readonly catalogue: CatalogueService,
    private readonly hooks: CatalogueHooks,
  ) {}

  /** Finds variants by words that forgive slips, narrowed by facets with their counts. */
  async search({ q, exact, sort, offset, limit, ...asked }: SearchQuery): Promise<SearchAnswerDto> {
    const shelf = await this.shelfNow();
    const facets = await this.facetsOf(shelf);
    const { words, corrected, unknown } = readQuery(q, shelf.vocabulary, exact === '1');
    const { rows, any }: Ranking =
      words.length === 0 ? { rows: shelf.all, any: false } : shelf.book.rank(words.map((word) => shelf.index.hits(word)));
    const filter: FacetFilter = Object.fromEntries(FACETS.map((facet) => [facet, asked[facet] ?? []]));
    const { rows: kept, counts } = facets.narrow(rows, filter);
    const ordered = order(kept, sort, shelf);
    return {
      total: kept.length,
      words,
      corrected,
      unknown,
      any,
      variants: Array.from(ordered.subarray(offset, offset + limit), (row) => shelf.variants[row]?.id ?? ''),
      facets: FACETS.map((name) => ({ name, values: counts[name] })),
      moulds: shelf.book.mouldsAmong(kept),
    };
  }

  /** Made anew once the catalogue has changed, step by step between other requests; all who ask meanwhile wait for the same one. */
  private shelfNow(): Promise<Shelf> {
    const { revision } = this.catalogue;
    if (this.shelf?.revision === revision) return this.shelf.shelf;
    const old = this.shelf;
    const shelf = makeShelf(this.catalogue.now());
    this.shelf = { revision, shelf };
    void old?.shelf.then(({ index }) => setTimeout(() => index.close(), CLOSE_AFTER_MS).unref());
    return shelf;
  }

  /** Facets change with what is owned as well. */
  private facetsOf(shelf: Shelf): Promise<FacetIndex> {
    const owned = this.hooks.ownedRevision;
    if (this.facets?.shelf === shelf && this.facets.owned === owned) return this.facets.facets;
    const variants = this.hooks.ownedVariants();
    const facets = byTurns(FacetIndex.of(shelf.variants, shelf.catalogue, (id) => variants.has(id)));
    this.facets = { shelf, owned, facets };
    return facets;
  }
}

async function makeShelf(catalogue: Catalogue): Promise<Shelf> {
  const variants = catalogue.data.variants.filter((variant) => variant.mergedInto === undefined);
  const book = await byTurns(FactBook.write(variants, catalogue));
  const vocabulary = new Vocabulary();
  for (const { text } of book.facts) vocabulary.add(text);
  return { catalogue, variants, all: Int32Array.from(variants.keys()), book, index: new FactIndex(book.facts), vocabulary };
}

/** Does long work a step at a turn of the event loop. */
async function byTurns<T>(steps: Steps<T>): Promise<T> {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    await nextTurn();
  }
}

function order(rows: Int32Array, sort: SearchQuery['sort'], { variants, catalogue }: Shelf): Int32Array {
  const at = (row: number): Variant => variants[row] as Variant;
  switch (sort) {
    case 'best':
      return rows;
    case 'number':
      return rows.sort();
    case 'newest':
      return rows.sort((a, b) => (at(b).made?.from ?? 0) - (at(a).made?.from ?? 0) || a - b);
    case 'colour': {
      const names = new Map(
        catalogue.data.colours
          .map((colour) => colour.name)
          .sort()
          .map((name, i) => [name, i]),
      );
      const place = (row: number): number => names.get(mainColourOf(at(row), catalogue).name) ?? 0;
      return rows.sort((a, b) => place(a) - place(b) || a - b);
    }
  }
}
