import { Injectable } from '@nestjs/common';
import {
  FACETS,
  FacetIndex,
  mainColourOf,
  readQuery,
  SEARCH_COLUMNS,
  Vocabulary,
  DocumentWriter,
  type Catalogue,
  type FacetFilter,
  type Variant,
} from '@outfit/core';
import { CatalogueService } from './catalogue.service.js';
import type { SearchAnswerDto, SearchQuery } from './search.dto.js';
import { SearchTable } from './searchIndex.js';

/** What a search needs at hand, made from one state of the catalogue and of what is owned. */
interface Shelf {
  readonly key: string;
  readonly catalogue: Catalogue;
  /** Variants by search row; null where a double stood. */
  readonly variants: readonly (Variant | null)[];
  readonly facets: FacetIndex;
  readonly all: Int32Array;
  readonly vocabulary: Vocabulary;
}

@Injectable()
export class SearchService {
  private shelf: Shelf | null = null;

  constructor(private readonly catalogue: CatalogueService) {}

  /** Finds variants by words that forgive slips, narrowed by facets with their counts. */
  async search({ q, sort, offset, limit, ...asked }: SearchQuery): Promise<SearchAnswerDto> {
    const shelf = await this.shelfNow();
    const { words, corrected } = readQuery(q, shelf.vocabulary);
    const table = new SearchTable(this.catalogue.connection);
    let any = false;
    let found: { rows: readonly number[]; ranked: boolean } = { rows: [], ranked: false };
    if (words.length > 0) {
      found = table.match(words, false);
      if (found.rows.length === 0 && words.length > 1) {
        any = true;
        found = table.match(words, true);
      }
    }
    const rows = words.length > 0 ? Int32Array.from(found.rows) : shelf.all;
    const filter: FacetFilter = Object.fromEntries(FACETS.map((facet) => [facet, asked[facet] ?? []]));
    const { rows: kept, counts } = shelf.facets.narrow(rows, filter);
    const ordered = this.order(kept, sort === 'best' && !found.ranked ? 'number' : sort, shelf);
    return {
      total: kept.length,
      words,
      corrected,
      any,
      variants: Array.from(ordered.subarray(offset, offset + limit), (row) => shelf.variants[row]?.id ?? ''),
      facets: FACETS.map((name) => ({ name, values: counts[name] })),
      moulds: mouldsAmong(kept, shelf),
    };
  }

  private order(rows: Int32Array, sort: SearchQuery['sort'], { variants, catalogue }: Shelf): Int32Array {
    const at = (row: number): Variant => variants[row] as Variant;
    const byNumber = (a: number, b: number): number => (at(a).id < at(b).id ? -1 : 1);
    switch (sort) {
      case 'best':
        return rows;
      case 'number':
        return rows.sort((a, b) => a - b);
      case 'newest':
        return rows.sort((a, b) => (at(b).made?.from ?? 0) - (at(a).made?.from ?? 0) || byNumber(a, b));
      case 'colour':
        return rows.sort((a, b) => {
          const [first, second] = [mainColourOf(at(a), catalogue).name, mainColourOf(at(b), catalogue).name];
          return first === second ? byNumber(a, b) : first < second ? -1 : 1;
        });
    }
  }

  private async shelfNow(): Promise<Shelf> {
    const { connection } = this.catalogue;
    const owned = connection.prepare('SELECT DISTINCT variant FROM piece').pluck();
    const pieces = connection.prepare(`SELECT COUNT(*) || ':' || COALESCE(MAX(id), 0) FROM piece`).pluck().get() as string;
    const key = `${this.catalogue.revision}|${pieces}`;
    if (this.shelf?.key === key) return this.shelf;
    const catalogue = await this.catalogue.catalogue();
    const known = new Map(catalogue.data.variants.map((variant) => [variant.id, variant]));
    const variants: (Variant | null)[] = [];
    for (const { row, variant } of new SearchTable(connection).rows()) variants[row] = known.get(variant) ?? null;
    const rows: number[] = [];
    for (let row = 0; row < variants.length; row += 1) if (variants[row] && variants[row]?.mergedInto === undefined) rows.push(row);
    const ownedNow = new Set((owned.all() as string[]).map((id) => catalogue.variant(id).id));
    const anyVariant = catalogue.data.variants[0];
    const dense = Array.from(variants, (variant) => variant ?? anyVariant).filter((variant) => variant !== undefined);
    this.shelf = {
      key,
      catalogue,
      variants,
      facets: new FacetIndex(dense, catalogue, (id) => ownedNow.has(id)),
      all: Int32Array.from(rows),
      vocabulary: vocabularyOf(catalogue),
    };
    return this.shelf;
  }
}

/** Every word that can be found. Each mould, print, colour and source brings its words once for each variant it has. */
function vocabularyOf(catalogue: Catalogue): Vocabulary {
  const vocabulary = new Vocabulary();
  const writer = new DocumentWriter(catalogue);
  const seen = new Set<string>();
  for (const variant of catalogue.data.variants) {
    const document = writer.document(variant);
    for (const column of SEARCH_COLUMNS) {
      const text = document[column];
      if (seen.has(text)) continue;
      seen.add(text);
      vocabulary.add(text);
    }
  }
  return vocabulary;
}

const MOST_MOULDS = 3;

/** The moulds most of what was found is made in: their colours answer “does it exist in …?” at once. */
function mouldsAmong(rows: Int32Array, { variants }: Shelf): string[] {
  const first = rows.slice(0, 400);
  const counts = new Map<string, number>();
  first.forEach((row, i) => {
    const mould = variants[row]?.mould;
    if (mould !== undefined) counts.set(mould, (counts.get(mould) ?? 0) + 1 / (1 + i / 20));
  });
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_MOULDS)
    .map(([mould]) => mould);
}
