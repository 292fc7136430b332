import { useCallback, useEffect, useRef, useState } from 'react';
import { useSaveBriefMutation, type BriefDto, type FigureDto } from '@/api';
import { sentenceOf } from '@/ui/format';

const QUIET_MS = 500;

export interface BriefDraft {
  readonly brief: BriefDto;
  readonly state: 'saved' | 'saving' | 'refused';
  readonly refusal: string | null;
  change(part: Partial<BriefDto>): void;
}

/** A brief that saves as the person goes: half a second after the last change, and when the page is left. */
export function useBriefDraft(figure: FigureDto): BriefDraft {
  const [brief, setBrief] = useState(figure.brief);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [waiting, setWaiting] = useState(false);
  const [save, { isLoading }] = useSaveBriefMutation();
  const pending = useRef<BriefDto | null>(null);

  const flush = useCallback(() => {
    const briefDto = pending.current;
    if (!briefDto) return;
    pending.current = null;
    save({ id: figure.id, briefDto })
      .unwrap()
      .then(
        () => setRefusal(null),
        (error: unknown) => setRefusal(sentenceOf(error)),
      )
      .finally(() => setWaiting(pending.current !== null));
  }, [save, figure.id]);

  useEffect(() => {
    if (pending.current === null) return;
    const timer = setTimeout(flush, QUIET_MS);
    return () => clearTimeout(timer);
  }, [brief, flush]);
  useEffect(() => flush, [flush]);

  return {
    brief,
    state: refusal !== null ? 'refused' : waiting || isLoading ? 'saving' : 'saved',
    refusal,
    change: (part) => {
      const next = { ...brief, ...part };
      pending.current = next;
      setWaiting(true);
      setBrief(next);
    },
  };
}
