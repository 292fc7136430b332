import { useCallback, useState } from 'react';

/** A page of a list as it was answered; nothing while it is on its way. */
export interface PageAnswer<Row> {
  readonly rows: readonly Row[] | undefined;
  /** How many rows there are on all pages. */
  readonly total: number | undefined;
  readonly isError: boolean;
}

export interface Pages<Row> {
  /** How many there are; null until that is known. */
  readonly total: number | null;
  readonly hasFailed: boolean;
  /** The row in a place of the whole list; null until its page has come. */
  at(index: number): Row | null;
  /** Has the pages of these rows come. */
  want(first: number, last: number): void;
}

/**
 * A long list, page by page as it is looked at: its first, the one that what is shown begins in, and the one it ends in.
 *
 * @param list what the list is of; another list is looked at from its beginning
 * @param size rows of a page
 * @param usePage asks for a page of the list, or for none when it is told to skip
 */
export function usePages<List extends object, Row>(
  list: List,
  size: number,
  usePage: (page: List & { offset: number; limit: number }, skip: boolean) => PageAnswer<Row>,
): Pages<Row> {
  const key = JSON.stringify(list);
  const [wanted, setWanted] = useState({ key, first: 0, last: 0 });
  const { first, last } = wanted.key === key ? wanted : { first: 0, last: 0 };
  // The first page stays: it says how many there are while another is on its way.
  const start = usePage({ ...list, offset: 0, limit: size }, false);
  const begins = usePage({ ...list, offset: first * size, limit: size }, first === 0);
  const ends = usePage({ ...list, offset: last * size, limit: size }, last === 0 || last === first);
  const pages = new Map([
    [0, start.rows],
    ...(first === 0 ? [] : [[first, begins.rows] as const]),
    ...(last === 0 || last === first ? [] : [[last, ends.rows] as const]),
  ]);
  const want = useCallback(
    (from: number, to: number): void =>
      setWanted((now) => {
        const next = { key, first: Math.floor(from / size), last: Math.floor(to / size) };
        return now.key === next.key && now.first === next.first && now.last === next.last ? now : next;
      }),
    [key, size],
  );
  return {
    total: start.total ?? null,
    hasFailed: start.isError || begins.isError || ends.isError,
    at: (index) => pages.get(Math.floor(index / size))?.[index % size] ?? null,
    want,
  };
}
