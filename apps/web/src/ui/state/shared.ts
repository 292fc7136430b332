import { useState, useSyncExternalStore } from 'react';

/**
 * A value that changes often and that few look at: whoever reads it is drawn again when it changes, and nobody else. State of
 * React's would have the whole component drawn that holds it.
 */
export interface Shared<T> {
  readonly get: () => T;
  readonly set: (value: T) => void;
  readonly subscribe: (tell: () => void) => () => void;
}

/** A shared value for as long as the page is there. */
export function makeShared<T>(first: T): Shared<T> {
  const listeners = new Set<() => void>();
  let current = first;
  return {
    get: () => current,
    set: (value) => {
      if (value === current) return;
      current = value;
      for (const tell of listeners) tell();
    },
    subscribe: (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
  };
}

/** A shared value of the component's own; the same for as long as the component is there. */
export function useShared<T>(first: T): Shared<T> {
  const [shared] = useState(() => makeShared(first));
  return shared;
}

export const useSharedValue = <T>({ subscribe, get }: Shared<T>): T => useSyncExternalStore(subscribe, get);

/** What a reader makes of a shared value: drawn again only when that changes. It must be a plain value. */
export const useSharedFact = <T, F extends string | number | boolean>({ subscribe, get }: Shared<T>, fact: (value: T) => F): F =>
  useSyncExternalStore(subscribe, () => fact(get()));
