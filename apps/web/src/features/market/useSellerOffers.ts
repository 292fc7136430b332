import { useCallback, useState } from 'react';
import { type OfferDto, useListSellerOffersQuery } from '@/api';

/** Rows come in pages; the list asks for those it shows. */
const PAGE = 100;

export interface SellerOffers {
  /** How many there are with these words; null until that is known. */
  readonly total: number | null;
  readonly hasFailed: boolean;
  /** The offer in a place of the whole list; null until its page has come. */
  at(index: number): OfferDto | null;
  /** Has the pages of these rows come. */
  want(first: number, last: number): void;
}

/** What a seller offers, page by page as it is looked at: the one the list begins to show, and the one it ends in. */
export function useSellerOffers(seller: string, words: string): SellerOffers {
  const key = `${seller} ${words}`;
  const [wanted, setWanted] = useState({ key, first: 0, last: 0 });
  const { first, last } = wanted.key === key ? wanted : { first: 0, last: 0 };
  const query = (page: number) => ({ seller, ...(words === '' ? {} : { words }), offset: page * PAGE, limit: PAGE });
  // The first page stays: it says how many there are while another is on its way.
  const start = useListSellerOffersQuery(query(0));
  const begins = useListSellerOffersQuery(query(first), { skip: first === 0 });
  const ends = useListSellerOffersQuery(query(last), { skip: last === 0 || last === first });
  const pages = new Map([
    [0, start.currentData],
    ...(first === 0 ? [] : [[first, begins.currentData] as const]),
    ...(last === 0 || last === first ? [] : [[last, ends.currentData] as const]),
  ]);
  const want = useCallback(
    (from: number, to: number): void =>
      setWanted((now) => {
        const next = { key, first: Math.floor(from / PAGE), last: Math.floor(to / PAGE) };
        return now.key === next.key && now.first === next.first && now.last === next.last ? now : next;
      }),
    [key],
  );
  return {
    total: start.currentData?.total ?? null,
    hasFailed: start.isError || begins.isError || ends.isError,
    at: (index) => pages.get(Math.floor(index / PAGE))?.offers[index % PAGE] ?? null,
    want,
  };
}
