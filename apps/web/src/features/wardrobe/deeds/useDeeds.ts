import { type DeedDto, type PieceDto, useDoWithPiecesMutation } from '@/api';
import { sentenceOf, tell } from '@/ui';

type Said = Omit<DeedDto, 'pieces'>;

/** Does a deed with runs of pieces, all of them or so many of each; its sentence is told. True when it was done. */
export function useDeeds(): (deed: Said, pieces: readonly Pick<PieceDto, 'id' | 'quantity'>[], quantity?: number) => Promise<boolean> {
  const [act] = useDoWithPiecesMutation();
  return async (deed, pieces, quantity) => {
    try {
      const some = pieces.map((piece) => ({ id: piece.id, quantity: Math.min(quantity ?? piece.quantity, piece.quantity) }));
      const { sentence } = await act({ deedDto: { ...deed, pieces: some } }).unwrap();
      tell.success(`${sentence}.`);
      return true;
    } catch (error) {
      tell.error(sentenceOf(error));
      return false;
    }
  };
}
