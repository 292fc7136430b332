import { useCallback, useEffect, useRef, useState } from 'react';
import { type BriefDto, currentOf, type FigureDto, TAB, useSaveBriefMutation, apiPath } from '@/api';
import { sentenceOf } from '@/ui';
import { keepDraft, type KeptDraft, keptDraft } from './keptDraft';

const QUIET_MS = 500;

export interface BriefDraft {
  readonly brief: BriefDto;
  readonly state: 'saved' | 'saving' | 'refused' | 'elsewhere';
  readonly refusal: string | null;
  /** The brief as somebody else saved it meanwhile, to be looked at beside this one; null when nobody did. */
  readonly theirs: BriefDto | null;
  change(part: Partial<BriefDto>): void;
  /** Settles on one of the two when somebody else saved meanwhile. */
  settle(which: 'mine' | 'theirs'): void;
}

const isSame = (a: BriefDto, b: BriefDto): boolean => JSON.stringify(a) === JSON.stringify(b);

/** A draft that a tab left behind, unless it has been saved since. */
function leftBehind(figure: FigureDto): KeptDraft | null {
  const kept = keptDraft(figure.id);
  if (kept === null || !isSame(kept.brief, figure.brief)) return kept;
  keepDraft(figure.id, null);
  return null;
}

/**
 * A brief that saves as the person goes: half a second after the last change, and when the page is left; what is not yet
 * saved is kept in the browser. It is saved over the version that was seen, so nobody's brief is wiped: when somebody else
 * saved meanwhile both are shown.
 */
export function useBriefDraft(figure: FigureDto): BriefDraft {
  const [left] = useState(() => leftBehind(figure));
  const [brief, setBrief] = useState(left?.brief ?? figure.brief);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [theirs, setTheirs] = useState<FigureDto | null>(null);
  const [turn, setTurn] = useState(0);
  const [waiting, setWaiting] = useState(left !== null);
  const [save, { isLoading }] = useSaveBriefMutation();
  const pending = useRef<BriefDto | null>(left?.brief ?? null);
  const seen = useRef(left?.version ?? figure.version);
  const sending = useRef(false);

  const hold = useCallback(
    (next: BriefDto | null) => {
      pending.current = next;
      keepDraft(figure.id, next && { brief: next, version: seen.current });
    },
    [figure.id],
  );

  const flush = useCallback(() => {
    const briefDto = pending.current;
    // One save at a time: the next is over the version that this one makes.
    if (!briefDto || sending.current) return;
    sending.current = true;
    save({ id: figure.id, version: seen.current, briefDto })
      .unwrap()
      .then(
        (saved) => {
          seen.current = saved.version;
          setRefusal(null);
          if (pending.current === briefDto) hold(null);
          else hold(pending.current);
        },
        (error: unknown) => {
          const current = currentOf<FigureDto>(error);
          if (current && isSame(current.brief, briefDto)) {
            // Saved already, as a tab that was closed at once had sent it.
            seen.current = current.version;
            keepDraft(figure.id, null);
          } else if (current) setTheirs(current);
          else setRefusal(sentenceOf(error));
          // It stays in the browser until it can be saved.
          if (pending.current === briefDto) pending.current = null;
        },
      )
      .finally(() => {
        sending.current = false;
        setWaiting(pending.current !== null);
        // What was typed meanwhile goes next.
        setTurn((before) => before + 1);
      });
  }, [save, figure.id, hold]);

  useEffect(() => {
    if (pending.current === null) return;
    const timer = setTimeout(flush, QUIET_MS);
    return () => clearTimeout(timer);
  }, [brief, flush, turn]);
  useEffect(() => flush, [flush]);

  // A tab that is closed at once still sends what it had; whether that arrives or not, the browser keeps it too.
  useEffect(() => {
    const onHide = (): void => {
      if (pending.current === null) return;
      void fetch(apiPath(`figures/${encodeURIComponent(figure.id)}/brief?version=${seen.current}`), {
        method: 'PUT',
        keepalive: true,
        headers: { 'content-type': 'application/json', 'x-outfit-tab': TAB },
        body: JSON.stringify(pending.current),
      });
    };
    window.addEventListener('pagehide', onHide);
    return () => window.removeEventListener('pagehide', onHide);
  }, [figure.id]);

  // What others save, or undo puts back, is shown as long as nothing of this tab's own waits.
  useEffect(() => {
    if (figure.version <= seen.current || pending.current !== null || sending.current || theirs) return;
    seen.current = figure.version;
    setBrief(figure.brief);
  }, [figure, theirs, isLoading]);

  return {
    brief,
    state: theirs ? 'elsewhere' : refusal !== null ? 'refused' : waiting || isLoading ? 'saving' : 'saved',
    refusal,
    theirs: theirs && !isSame(theirs.brief, brief) ? theirs.brief : null,
    change: (part) => {
      const next = { ...brief, ...part };
      hold(next);
      setWaiting(true);
      setBrief(next);
    },
    settle: (which) => {
      if (!theirs) return;
      seen.current = theirs.version;
      setTheirs(null);
      if (which === 'theirs') {
        hold(null);
        setBrief(theirs.brief);
      } else {
        hold({ ...brief });
        setBrief({ ...brief });
      }
    },
  };
}
