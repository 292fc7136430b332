/**
 * Does something once nothing else is being done, at the latest after so many milliseconds; gives what calls it off. Browsers that do not
 * tell when they are idle are given a moment instead.
 */
export function whenIdle(run: () => void, latestMs: number): () => void {
  if (typeof requestIdleCallback === 'function') {
    const asked = requestIdleCallback(run, { timeout: latestMs });
    return () => cancelIdleCallback(asked);
  }
  const asked = setTimeout(run, Math.min(latestMs, A_MOMENT_MS));
  return () => clearTimeout(asked);
}

const A_MOMENT_MS = 300;
