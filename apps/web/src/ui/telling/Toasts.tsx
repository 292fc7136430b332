import { lazy, Suspense, useEffect, useState, useSyncExternalStore } from 'react';
import { hasTold, onTell } from './tell';

const Place = lazy(async () => ({ default: (await import('./place')).Place }));

/** A screen reader hears what is said only in a place that stood before. Nobody has done anything so soon. */
const STANDS_AFTER_MS = 3000;

/** Where what is said in passing stands. It waits until the page is there, or until there is something to say. */
export function Toasts() {
  const isNeeded = useSyncExternalStore(onTell, hasTold);
  const [stands, setStands] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setStands(true), STANDS_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  return isNeeded || stands ? (
    <Suspense>
      <Place />
    </Suspense>
  ) : null;
}
