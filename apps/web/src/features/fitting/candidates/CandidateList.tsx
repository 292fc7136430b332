import type { Candidate } from '@outfit/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, type ReactNode, type Ref, useRef } from 'react';
import { type Shared, useSharedFact } from '@/ui';
import { CandidateRow } from './CandidateRow';
import type { CandidateRows } from './useCandidateList';

const ROW_PX = 71;

interface CandidateListProps {
  readonly label: string;
  readonly list: CandidateRows | null;
  /** The row the keys are at. It is shared, not state: a step draws two rows, never the list. */
  readonly active: Shared<number>;
  readonly isSubstitute: (candidate: Candidate) => boolean;
  readonly sellerName: (id: string) => string;
  readonly onPreview: (candidate: Candidate | null) => void;
  readonly onPutOn: (candidate: Candidate) => void;
  readonly onNote: (candidate: Candidate) => void;
}

/** The rows of a ranking, those in sight drawn: arrows preview, Enter puts on, A notes a substitute. */
export function CandidateList(props: CandidateListProps) {
  const { label, list, active, isSubstitute, sellerName, onPreview, onPutOn, onNote } = props;
  const scroller = useRef<HTMLDivElement>(null);
  const count = list?.length ?? 0;
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 6,
    // A step draws the list once, not again for the scrolling it causes.
    useFlushSync: false,
  });
  const go = (index: number): void => {
    const next = Math.max(0, Math.min(count - 1, index));
    // Scrolled before anything is changed, by what is known of the list: the page need not be measured for it.
    const [top, height] = [virtual.scrollOffset ?? 0, virtual.scrollRect?.height ?? 0];
    const to = Math.min(next * ROW_PX, Math.max(top, (next + 1) * ROW_PX - height));
    if (to !== top) scroller.current?.scrollTo({ top: to });
    active.set(next);
    onPreview(list?.at(next) ?? null);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const at = active.get();
    const steps: Record<string, number> = {
      ArrowDown: at + 1,
      ArrowUp: at - 1,
      PageDown: at + 7,
      PageUp: at - 7,
      Home: 0,
      End: count - 1,
    };
    const target = steps[event.key];
    const candidate = list?.at(at);
    if (target !== undefined) go(target);
    else if (event.key === 'Enter' && candidate) onPutOn(candidate);
    else if (event.key.toLowerCase() === 'a' && !event.ctrlKey && candidate) onNote(candidate);
    else if (event.key === 'Escape') onPreview(null);
    else return;
    event.preventDefault();
  };
  return (
    <ListBox ref={scroller} label={label} active={active} count={count} onKeyDown={onKeyDown} onLeave={() => onPreview(null)}>
      <div className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const candidate = list?.at(item.index);
          if (!candidate) return null;
          return (
            <div
              key={candidate.variant.id}
              id={`candidate-${item.index}`}
              role="option"
              aria-selected={candidate.worn}
              tabIndex={-1}
              className="absolute inset-x-0 cursor-pointer"
              style={{ top: item.start, height: ROW_PX }}
              onMouseEnter={() => {
                active.set(item.index);
                onPreview(candidate);
              }}
              onClick={() => onPutOn(candidate)}
              onKeyDown={onKeyDown}
            >
              <CandidateRow
                candidate={candidate}
                index={item.index}
                active={active}
                substitute={isSubstitute(candidate)}
                sellerName={sellerName}
              />
            </div>
          );
        })}
      </div>
    </ListBox>
  );
}

interface ListBoxProps {
  readonly ref: Ref<HTMLDivElement>;
  readonly label: string;
  readonly active: Shared<number>;
  readonly count: number;
  readonly onKeyDown: (event: KeyboardEvent) => void;
  readonly onLeave: () => void;
  readonly children: ReactNode;
}

/** The list box itself, which names the row the keys are at. */
function ListBox({ ref, label, active, count, onKeyDown, onLeave, children }: ListBoxProps) {
  const named = useSharedFact(active, (at) => (at < count ? `candidate-${at}` : ''));
  return (
    <div
      ref={ref}
      role="listbox"
      tabIndex={0}
      aria-label={label}
      aria-activedescendant={named || undefined}
      className="min-h-0 flex-1 overflow-auto -outline-offset-2"
      onKeyDown={onKeyDown}
      onMouseLeave={onLeave}
    >
      {children}
    </div>
  );
}
