import { useCallback, useEffect, useRef } from 'react';
import { useLocation, useSearchParams } from 'react-router';

/**
 * The query of the address, and a way to edit it in place. Edits may come faster than the page is drawn again:
 * each builds on the one before, never on what the page has read so far, so that none is lost.
 */
export function useAddress(): readonly [URLSearchParams, (edit: (next: URLSearchParams) => void) => void] {
  const [params, setParams] = useSearchParams();
  const { key } = useLocation();
  const newest = useRef(params);
  const underWay = useRef<string[]>([]);
  useEffect(() => {
    const arrived = underWay.current.lastIndexOf(params.toString());
    underWay.current = underWay.current.slice(arrived + 1);
    // An address nobody here asked for, a link or the back button, replaces what was under way.
    if (arrived < 0) {
      newest.current = params;
      underWay.current = [];
    }
  }, [params, key]);
  const change = useCallback(
    (edit: (next: URLSearchParams) => void): void => {
      const next = new URLSearchParams(newest.current);
      edit(next);
      newest.current = next;
      underWay.current.push(next.toString());
      setParams(next, { replace: true });
    },
    [setParams],
  );
  return [params, change];
}
