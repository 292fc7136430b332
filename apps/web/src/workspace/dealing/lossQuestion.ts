import { type LineChangeDto, type LossDto, useReadLossesMutation } from '@/api';
import { makeShared } from '@/ui';

/** What somebody is asked before pieces are dealt anew; null while nobody is. */
export const lossQuestion = makeShared<{ readonly losses: readonly LossDto[]; readonly answer: (isAgreed: boolean) => void } | null>(null);

/**
 * Says first who loses what by another order or another day of a line-up, and asks whether it is to be done all the same. Nothing is asked where
 * nobody loses anything, nor where that cannot be found out: the change itself then says what is wrong.
 */
export function useIsAgreed(): (change: LineChangeDto) => Promise<boolean> {
  const [read] = useReadLossesMutation();
  return async (change) => {
    const losses = await read({ lineChangeDto: change })
      .unwrap()
      .catch(() => []);
    if (losses.length === 0) return true;
    return new Promise((answer) => lossQuestion.set({ losses, answer }));
  };
}
