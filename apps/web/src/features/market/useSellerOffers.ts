import { type OfferDto, useListSellerOffersQuery } from '@/api';
import { type PageAnswer, type Pages, usePages } from '@/ui';

const PAGE = 100;

/** The offers of a seller that have all the words. */
interface OffersOf {
  readonly seller: string;
  readonly words?: string;
}

function useOffersPage(page: OffersOf & { offset: number; limit: number }, skip: boolean): PageAnswer<OfferDto> {
  const { currentData, isError } = useListSellerOffersQuery(page, { skip });
  return { rows: currentData?.offers, total: currentData?.total, isError };
}

/** What a seller offers, as it is looked at, or what of it has all the words. */
export const useSellerOffers = (seller: string, words: string): Pages<OfferDto> =>
  usePages<OffersOf, OfferDto>({ seller, ...(words === '' ? {} : { words }) }, PAGE, useOffersPage);
