import type { Candidate } from '@outfit/core';
import { useState, useSyncExternalStore } from 'react';

/** The candidate that is looked at and not put on. It changes with every key in the list, and only the drawing follows it. */
export interface Preview {
  readonly get: () => Candidate | null;
  readonly set: (candidate: Candidate | null) => void;
  readonly subscribe: (tell: () => void) => () => void;
}

function makePreview(): Preview {
  const listeners = new Set<() => void>();
  let current: Candidate | null = null;
  return {
    get: () => current,
    set: (candidate) => {
      if (candidate === current) return;
      current = candidate;
      for (const tell of listeners) tell();
    },
    subscribe: (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
  };
}

export function usePreview(): Preview {
  const [preview] = useState(makePreview);
  return preview;
}

export const usePreviewed = ({ subscribe, get }: Preview): Candidate | null => useSyncExternalStore(subscribe, get);
