import { type PieceDto, usePagePiecesQuery } from '@/api';
import { type PageAnswer, type Pages, usePages } from '@/ui';

const PAGE = 100;

/** Which runs are looked at: those with all the words, and those in one place and below it. */
interface PiecesAsked {
  readonly words?: string;
  readonly place?: string;
}

interface Pieces extends Pages<PieceDto> {
  /** All there are, whatever is asked; null until that is known. */
  readonly all: { readonly runs: number; readonly pieces: number } | null;
}

function usePiecesPage(page: PiecesAsked & { offset: number; limit: number }, skip: boolean): PageAnswer<PieceDto> {
  const { currentData, isError } = usePagePiecesQuery(page, { skip });
  return { rows: currentData?.rows, total: currentData?.total, isError };
}

/** The runs of owned pieces as they are looked at, or those of them that are asked for. */
export function usePieces(words: string, place: string | null = null): Pieces {
  const list = { ...(words === '' ? {} : { words }), ...(place === null ? {} : { place }) };
  const pages = usePages<PiecesAsked, PieceDto>(list, PAGE, usePiecesPage);
  // Of whatever was looked for before: the totals stay while other words are on their way.
  const { data } = usePagePiecesQuery({ ...list, offset: 0, limit: PAGE });
  return { ...pages, all: data ? { runs: data.runs, pieces: data.pieces } : null };
}
