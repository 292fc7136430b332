import { useCallback, useEffect, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { LatestQuery } from './latestQuery';

/**
 * The query of the address, and a way to edit it in place. Edits may come faster than the page is drawn again:
 * each builds on the one before, never on what the page has read so far, so that none is lost.
 */
export function useAddress(): readonly [URLSearchParams, (edit: (next: URLSearchParams) => void) => void] {
  const [params, setParams] = useSearchParams();
  const { key } = useLocation();
  const [latest] = useState(() => new LatestQuery(params));
  useEffect(() => latest.arrive(params), [latest, params, key]);
  const change = useCallback(
    (edit: (next: URLSearchParams) => void): void => setParams(latest.edit(edit), { replace: true }),
    [latest, setParams],
  );
  return [params, change];
}
