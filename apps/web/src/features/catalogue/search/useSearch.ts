import { type Facet, FACETS } from '@outfit/core';
import { useMemo, useState } from 'react';
import { type SearchAnswerDto, useSearchCatalogueQuery } from '@/api';
import { useAddress } from '@/ui';

export const SORTS = [
  { value: 'best', label: 'Best match' },
  { value: 'number', label: 'Number' },
  { value: 'colour', label: 'Colour' },
  { value: 'newest', label: 'Newest first' },
] as const;
type Sort = (typeof SORTS)[number]['value'];

/** Rows are fetched in pages; the list asks for the page it shows. */
export const PAGE = 100;

export interface Search {
  readonly words: string;
  readonly sort: Sort;
  readonly asked: Readonly<Partial<Record<Facet, readonly string[]>>>;
  readonly answer: SearchAnswerDto | undefined;
  readonly failed: boolean;
  /** The variant in a place of the whole list, once its page has arrived. */
  at(index: number): string | undefined;
  wantPage(page: number): void;
  setWords(words: string): void;
  /** Looks for the very words that were typed. */
  searchExactly(): void;
  setSort(sort: Sort): void;
  toggle(facet: Facet, value: string): void;
  clear(): void;
}

/** The search in the address: words, facets and order, and the server's answer to it. */
export function useSearch(): Search {
  const [params, change] = useAddress();
  const words = params.get('q') ?? '';
  const sort = SORTS.find((row) => row.value === params.get('sort'))?.value ?? 'best';
  const asked = useMemo(
    () =>
      Object.fromEntries(FACETS.map((facet) => [facet, params.getAll(facet)]).filter(([, values]) => values?.length)) as Search['asked'],
    [params],
  );
  const exact = params.get('exact') === '1';
  const query = useMemo(
    () => ({ q: words, sort, ...(exact && { exact: '1' as const }), ...(asked as Partial<Record<Facet, string[]>>) }),
    [words, sort, exact, asked],
  );
  const key = JSON.stringify(query);
  const [wanted, setWanted] = useState({ key, page: 0 });
  const page = wanted.key === key ? wanted.page : 0;
  const first = useSearchCatalogueQuery({ ...query, offset: 0, limit: PAGE });
  const later = useSearchCatalogueQuery({ ...query, offset: page * PAGE, limit: PAGE }, { skip: page === 0 });
  const before = useSearchCatalogueQuery({ ...query, offset: Math.max(0, page - 1) * PAGE, limit: PAGE }, { skip: page < 2 });
  const pages = new Map([
    [0, first.currentData?.variants],
    [page, page === 0 ? first.currentData?.variants : later.currentData?.variants],
    ...(page >= 2 ? [[page - 1, before.currentData?.variants] as const] : []),
  ]);

  return {
    words,
    sort,
    asked,
    answer: first.data,
    failed: first.isError,
    at: (index) => pages.get(Math.floor(index / PAGE))?.[index % PAGE],
    wantPage: (next) => {
      if (next !== page) setWanted({ key, page: next });
    },
    setWords: (value) =>
      change((next) => {
        next.delete('exact');
        if (value === '') next.delete('q');
        else next.set('q', value);
      }),
    searchExactly: () => change((next) => next.set('exact', '1')),
    setSort: (value) => change((next) => (value === 'best' ? next.delete('sort') : next.set('sort', value))),
    toggle: (facet, value) =>
      change((next) => {
        const values = next.getAll(facet);
        next.delete(facet);
        for (const kept of values.includes(value) ? values.filter((other) => other !== value) : [...values, value])
          next.append(facet, kept);
      }),
    clear: () =>
      change((next) => {
        for (const key of [...next.keys()]) next.delete(key);
      }),
  };
}
