import type { Mark, Remedy } from '@outfit/core';
import { useEffect, useState } from 'react';
import { whenIdle } from '@/ui';

const NONE: readonly Remedy[] = [];
const SOON_MS = 400;

/**
 * The remedies of a mark, looked for after the page is drawn: each is judged in full, and nobody waits for them to see what a part
 * does. Those of the mark before stay no longer than it does.
 */
export function useRemedies(mark: Mark): readonly Remedy[] {
  const [found, setFound] = useState<{ readonly mark: Mark; readonly remedies: readonly Remedy[] } | null>(null);
  useEffect(() => whenIdle(() => setFound({ mark, remedies: mark.remedies() }), SOON_MS), [mark]);
  return found?.mark === mark ? found.remedies : NONE;
}
