import type { Brief, Candidate, Look, Position } from '@outfit/core';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import { useWorkspace } from '@/app/WorkspaceContext';
import type { Ranking } from './candidates.worker';

let worker: { readonly ranking: Remote<Ranking>; readonly data: object } | null = null;

/** One worker for the whole session; it is told the catalogue again when that changes. */
async function rankingOver(data: Parameters<Ranking['open']>[0]): Promise<Remote<Ranking>> {
  worker ??= { ranking: wrap<Ranking>(new Worker(new URL('./candidates.worker.ts', import.meta.url), { type: 'module' })), data: {} };
  if (worker.data !== data) {
    worker = { ranking: worker.ranking, data };
    await worker.ranking.open(data);
  }
  return worker.ranking;
}

/** The ranked candidates for a position, worked out off the main thread; the last ranking stays until the next is there. */
export function useCandidates(
  look: Look,
  brief: Brief,
  position: Position,
): { readonly position: Position; readonly rows: readonly Candidate[] } | null {
  const { catalogue, owned, prices } = useWorkspace();
  const [ranked, setRanked] = useState<{ position: Position; rows: readonly Candidate[] } | null>(null);
  useEffect(() => {
    let current = true;
    void (async () => {
      const ranking = await rankingOver(catalogue.data);
      const landedMinor = new Map([...prices].map(([id, price]) => [id, price.landedMinor]));
      const rows = await ranking.rank({ parts: look.parts, overrules: look.overrules }, brief, position, { owned, landedMinor });
      if (current) setRanked({ position, rows });
    })();
    return () => {
      current = false;
    };
  }, [catalogue, owned, prices, look.parts, look.overrules, brief, position]);
  return ranked;
}
