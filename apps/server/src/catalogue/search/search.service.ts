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
  type Variant,
  Vocabulary,
} from '@outfit/core';
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

@Injectable()
export class SearchService {
  private shelf: { readonly revision: number; readonly shelf: Shelf } | null = null;
  private facets: { readonly key: string; readonly facets: FacetIndex } | null = null;

  constructor(
    private readonly catalogue: CatalogueService,
    private readonly hooks: CatalogueHooks,
  ) {}

  /** Finds variants by words that forgive slips, narrowed by facets with their counts. */
  search({ q, sort, offset, limit, ...asked }: SearchQuery): SearchAnswerDto {
    const shelf = this.shelfNow();
    const { words, corrected } = readQuery(q, shelf.vocabulary);
    const { rows, any }: Ranking =
      words.length === 0 ? { rows: shelf.all, any: false } : shelf.book.rank(words.map((word) => shelf.index.hits(word)));
    const filter: FacetFilter = Object.fromEntries(FACETS.map((facet) => [facet, asked[facet] ?? []]));
    const { rows: kept, counts } = this.facetsNow(shelf).narrow(rows, filter);
    const ordered = order(kept, sort, shelf);
    return {
      total: kept.length,
      words,
      corrected,
      any,
      variants: Array.from(ordered.subarray(offset, offset + limit), (row) => shelf.variants[row]?.id ?? ''),
      facets: FACETS.map((name) => ({ name, values: counts[name] })),
      moulds: shelf.book.mouldsAmong(kept),
    };
  }

  private shelfNow(): Shelf {
    const { revision } = this.catalogue;
    if (this.shelf?.revision === revision) return this.shelf.shelf;
    this.shelf?.shelf.index.close();
    const catalogue = this.catalogue.now();
    const variants = catalogue.data.variants.filter((variant) => variant.mergedInto === undefined);
    const book = new FactBook(variants, catalogue);
    const vocabulary = new Vocabulary();
    for (const { text } of book.facts) vocabulary.add(text);
    const shelf: Shelf = { catalogue, variants, all: Int32Array.from(variants.keys()), book, index: new FactIndex(book.facts), vocabulary };
    this.shelf = { revision, shelf };
    return shelf;
  }

  /** Facets change with what is owned as well. */
  private facetsNow({ variants, catalogue }: Shelf): FacetIndex {
    const key = `${this.catalogue.revision}|${this.hooks.ownedRevision}`;
    if (this.facets?.key === key) return this.facets.facets;
    const owned = this.hooks.ownedVariants();
    const facets = new FacetIndex(variants, catalogue, (id) => owned.has(id));
    this.facets = { key, facets };
    return facets;
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
