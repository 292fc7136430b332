import type { Brief, CandidateRanking, Company, Look, Spot } from '@outfit/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Superseded, useWorkspace } from '@/workspace';
import { type Question, rankAsked } from './ranking';

interface RankedCandidates {
  /** The spot that was ranked, to tell an old ranking from the one that is wanted. */
  readonly spot: Spot;
  readonly ranking: CandidateRanking;
}

export interface CandidatesState {
  /** The last ranking stays until the next is there. */
  readonly ranked: RankedCandidates | null;
  /** What went wrong with the newest; null while nothing has. */
  readonly failure: string | null;
  readonly tryAgain: () => void;
}

/** The ranked candidates for a spot, worked out off the main thread. */
export function useCandidates(look: Look, brief: Brief, spot: Spot, company: Company): CandidatesState {
  const workspace = useWorkspace();
  const [ranked, setRanked] = useState<RankedCandidates | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [attempt, setAttempt] = useState(0);
  const { parts, overrules, variation } = look;
  const { faces } = company;
  const question = useMemo(
    (): Question => ({ look: { parts, overrules, variation }, brief, spot, faces, workspace }),
    [workspace, parts, overrules, variation, brief, spot, faces],
  );
  // The first question is asked before the page is drawn: the worker looks for the answer meanwhile.
  const [first] = useState(() => {
    const asked = rankAsked(question);
    asked.catch(() => undefined);
    return { question, asked };
  });
  useEffect(() => {
    const asking = new AbortController();
    const answer = question === first.question && attempt === 0 ? first.asked : rankAsked(question, asking.signal);
    answer.then(
      (ranking) => {
        if (asking.signal.aborted) return;
        setRanked({ spot: question.spot, ranking });
        setFailure(null);
      },
      (error: unknown) => {
        if (!asking.signal.aborted && !(error instanceof Superseded)) setFailure(error instanceof Error ? error.message : String(error));
      },
    );
    return () => asking.abort();
  }, [question, first, attempt]);
  return { ranked, failure, tryAgain: useCallback(() => setAttempt((before) => before + 1), []) };
}
