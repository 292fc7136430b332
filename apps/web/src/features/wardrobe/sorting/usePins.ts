import { type PiecePinDto, usePinPiecesMutation } from '@/api';
import { sentenceOf, tell } from '@/ui';

/** Keeps pieces of a run for a figure, or lets go of them; its sentence is told. True when it was done. */
export function usePins(): (pin: PiecePinDto) => Promise<boolean> {
  const [send] = usePinPiecesMutation();
  return async (piecePinDto) => {
    try {
      tell.success(`${(await send({ piecePinDto }).unwrap()).sentence}.`);
      return true;
    } catch (error) {
      tell.error(sentenceOf(error));
      return false;
    }
  };
}
