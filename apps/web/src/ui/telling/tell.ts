import type { ExternalToast } from 'sonner';

type Kind = 'message' | 'success' | 'error';

/** What was refused has to be read, and is often read late: it stays longer, and goes when it is told to. */
const REFUSAL: ExternalToast = { duration: 20_000, closeButton: true };

let isNeeded = false;
const waiting = new Set<() => void>();

/** The library is fetched when there is first something to say; it shows what was said before its place stood. */
const say =
  (kind: Kind) =>
  (sentence: string, options?: ExternalToast): void => {
    isNeeded = true;
    for (const show of waiting) show();
    void import('./place').then(({ toast }) => toast[kind](sentence, { ...(kind === 'error' && REFUSAL), ...options }));
  };

/** Says something in passing, at the edge of the screen: what was done, and how to take it back. */
export const tell = Object.assign(say('message'), { success: say('success'), error: say('error') });

/** Has anything been said yet? With the way to hear when it first is. */
export const hasTold = (): boolean => isNeeded;
export function onTell(show: () => void): () => void {
  waiting.add(show);
  return () => waiting.delete(show);
}
