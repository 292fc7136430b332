import { useEffect } from 'react';

/** Keeps the screen awake while something is open that is read with both hands full, where the browser can. */
export function useAwake(isOpen: boolean): void {
  useEffect(() => {
    if (!isOpen || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isLeft = false;
    const ask = (): void => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock
        .request('screen')
        .then((got) => (isLeft ? void got.release() : (lock = got)))
        // A browser may refuse it, as when the battery is low: the bench works all the same.
        .catch(() => undefined);
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      isLeft = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [isOpen]);
}
