import { type PieceDto, usePagePiecesQuery } from '@/api';
import { type PageAnswer, type Pages, usePages } from '@/ui';

const PAGE = 100;

interface Pieces extends Pages<PieceDto> {
  /** All there are, whatever the words; null until that is known. */
  readonly all: { readonly runs: number; readonly pieces: number } | null;
}

function usePiecesPage(page: { words?: string; offset: number; limit: number }, skip: boolean): PageAnswer<PieceDto> {
  const { currentData, isError } = usePagePiecesQuery(page, { skip });
  return { rows: currentData?.rows, total: currentData?.total, isError };
}

/** The runs of owned pieces as they are looked at, or those of them that have all the words. */
export function usePieces(words: string): Pieces {
  const list = words === '' ? {} : { words };
  const pages = usePages<{ words?: string }, PieceDto>(list, PAGE, usePiecesPage);
  // Of whatever was looked for before: the totals stay while other words are on their way.
  const { data } = usePagePiecesQuery({ ...list, offset: 0, limit: PAGE });
  return { ...pages, all: data ? { runs: data.runs, pieces: data.pieces } : null };
}
