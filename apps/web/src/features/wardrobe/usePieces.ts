import { type PieceInPageDto, usePagePiecesQuery } from '@/api';
import { type PageAnswer, type Pages, usePages } from '@/ui';

const PAGE = 100;

/** What runs are sorted by. */
export const PIECE_ORDERS = ['part', 'colour', 'place', 'most'] as const;
export type PieceOrder = (typeof PIECE_ORDERS)[number];

/** Which runs are looked at: with all the words, in one place and below it, free or promised; and in which order. */
export interface PiecesAsked {
  readonly words?: string;
  readonly place?: string;
  readonly doing?: 'free' | 'promised';
  readonly order?: Exclude<PieceOrder, 'part'>;
}

interface Pieces extends Pages<PieceInPageDto> {
  /** All there are, whatever is asked; null until that is known. */
  readonly all: { readonly runs: number; readonly pieces: number } | null;
  /** Of a place, how many pieces serve nobody and how many somebody; null for the whole wardrobe. */
  readonly shares: { readonly free: number; readonly promised: number } | null;
}

function usePiecesPage(page: PiecesAsked & { offset: number; limit: number }, skip: boolean): PageAnswer<PieceInPageDto> {
  const { currentData, isError } = usePagePiecesQuery(page, { skip });
  return { rows: currentData?.rows, total: currentData?.total, isError };
}

/** The runs of owned pieces as they are looked at, or those of them that are asked for. */
export function usePieces(asked: PiecesAsked): Pieces {
  const pages = usePages<PiecesAsked, PieceInPageDto>(asked, PAGE, usePiecesPage);
  // Of whatever was looked for before: the totals stay while other words are on their way.
  const { data } = usePagePiecesQuery({ ...asked, offset: 0, limit: PAGE });
  const { freePieces = null, promisedPieces = null } = data ?? {};
  return {
    ...pages,
    all: data ? { runs: data.runs, pieces: data.pieces } : null,
    shares: freePieces === null || promisedPieces === null ? null : { free: freePieces, promised: promisedPieces },
  };
}
