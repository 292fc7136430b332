import type { Brief, CandidateRanking, CatalogueData, Company, Look, Spot } from '@outfit/core';
import { type Remote, wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { useWorkspace } from '@/workspace';
import type { Ranking, Surroundings } from './candidates.worker';

let worker: Remote<Ranking> | null = null;
let openData: CatalogueData | null = null;
let openAround: Surroundings | null = null;

/** One worker for the whole session; it is told the catalogue and the wardrobe again when they change. */
async function rankingOver(data: CatalogueData, around: Surroundings): Promise<Remote<Ranking>> {
  worker ??= wrap<Ranking>(new Worker(new URL('./candidates.worker.ts', import.meta.url), { type: 'module' }));
  if (openData !== data) {
    openData = data;
    await worker.open(data);
  }
  if (openAround !== around) {
    openAround = around;
    await worker.surround(around);
  }
  return worker;
}

export interface RankedCandidates {
  /** The spot that was ranked, to tell an old ranking from the one that is wanted. */
  readonly spot: Spot;
  readonly ranking: CandidateRanking;
}

/** The ranked candidates for a spot, worked out off the main thread; the last ranking stays until the next is there. */
export function useCandidates(look: Look, brief: Brief, spot: Spot, company: Company): RankedCandidates | null {
  const { catalogue, owned, prices } = useWorkspace();
  const [ranked, setRanked] = useState<RankedCandidates | null>(null);
  const around = useMemo((): Surroundings => ({ owned, landedMinor: prices.all(), faces: company.faces }), [owned, prices, company.faces]);
  const { parts, overrules, variation } = look;
  useEffect(() => {
    let current = true;
    void (async () => {
      const remote = await rankingOver(catalogue.data, around);
      const ranking = await remote.rank({ parts, overrules, variation }, brief, spot);
      if (current) setRanked({ spot, ranking });
    })();
    return () => {
      current = false;
    };
  }, [catalogue, around, parts, overrules, variation, brief, spot]);
  return ranked;
}
