import { positionName, STACKS, type Brief, type Candidate, type Company, type Spot } from '@outfit/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useListSellersQuery, type LookDto } from '@/api';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { AcceptableList } from './AcceptableList';
import { CandidateFilterBar } from './CandidateFilterBar';
import { CandidateFoot } from './CandidateFoot';
import { CandidateRow } from './CandidateRow';
import { NO_FILTERS, type CandidateFilters } from './filters';
import { useCandidateList } from './useCandidateList';
import { useCandidates } from './useCandidates';
import type { LookEdits } from './useLookEdits';
import { WornBar } from './WornBar';

const ROW_PX = 71;

interface CandidatePanelProps {
  readonly look: LookDto;
  readonly brief: Brief;
  readonly spot: Spot;
  readonly company: Company;
  readonly filters: CandidateFilters;
  readonly edits: LookEdits;
  readonly onFilter: (filters: Partial<CandidateFilters>) => void;
  readonly onPreview: (candidate: Candidate | null) => void;
  readonly onPutOn: (candidate: Candidate) => void;
}

/** Ranked candidates for the chosen spot: arrows preview, Enter puts on, A marks one as doing just as well. */
export function CandidatePanel(props: CandidatePanelProps) {
  const { look, brief, spot, company, filters, edits, onFilter, onPreview, onPutOn } = props;
  const { position } = spot;
  const ranked = useCandidates(look, brief, spot, company);
  const list = useCandidateList(ranked?.spot === spot ? ranked.ranking : null, filters);
  const { data: sellers } = useListSellersQuery();
  const [active, setActive] = useState(0);
  const scroller = useRef<HTMLDivElement>(null);
  const count = list?.length ?? 0;
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({ count, getScrollElement: () => scroller.current, estimateSize: () => ROW_PX, overscan: 6 });
  useEffect(() => setActive(0), [spot, filters]);
  useEffect(() => onPreview(null), [spot, look.id, onPreview]);

  const accepted = (look.acceptable ?? []).filter((row) => row.position === position);
  const isAccepted = (candidate: Candidate): boolean => accepted.some((row) => row.variant === candidate.variant.id);
  const accept = (candidate: Candidate): void =>
    edits.apply(
      [
        isAccepted(candidate)
          ? { action: 'withdraw', position, variant: candidate.variant.id }
          : { action: 'accept', position: candidate.position, variant: candidate.variant.id, reason: '' },
      ],
      isAccepted(candidate) ? 'Takes a part off the list of what would do' : 'Notes a part that would do too',
    );
  const go = (index: number): void => {
    const next = Math.max(0, Math.min(count - 1, index));
    setActive(next);
    virtual.scrollToIndex(next);
    onPreview(list?.at(next) ?? null);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const steps: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + 7,
      PageUp: active - 7,
      Home: 0,
      End: count - 1,
    };
    const target = steps[event.key];
    const candidate = list?.at(active);
    if (target !== undefined) go(target);
    else if (event.key === 'Enter' && candidate) onPutOn(candidate);
    else if (event.key.toLowerCase() === 'a' && !event.ctrlKey && candidate) accept(candidate);
    else if (event.key === 'Escape') onPreview(null);
    else return;
    event.preventDefault();
  };
  const current = list?.at(active) ?? null;
  const title = position === 'headgear' ? 'Hair or hat' : positionName(position);
  return (
    <section aria-label="Candidates" className="border-rule bg-sheet flex min-h-0 flex-col border-l">
      <div className="border-rule border-b px-4 pt-3.5 pb-2.5">
        <div className="flex items-baseline gap-2">
          <h2 className="text-[1.2rem]">{STACKS.includes(position) && spot.place ? `${title}, ${spot.place + 1}` : title}</h2>
          <span className="text-pencil text-[0.93rem]">
            {list
              ? `${list.variants.length} fit, ${list.owned} owned${count < list.variants.length ? `, ${count} shown` : ''}`
              : 'ranking…'}
          </span>
        </div>
        <WornBar look={look} brief={brief} company={company} spot={spot} edits={edits} />
        <CandidateFilterBar filters={filters} all={list?.variants ?? []} onFilter={onFilter} />
      </div>
      {accepted.length > 0 && <AcceptableList rows={accepted} edits={edits} />}
      <div
        ref={scroller}
        role="listbox"
        tabIndex={0}
        aria-label={`Candidates for ${positionName(position).toLowerCase()}`}
        aria-activedescendant={current ? `candidate-${active}` : undefined}
        className="min-h-0 flex-1 overflow-auto -outline-offset-2"
        onKeyDown={onKeyDown}
        onMouseLeave={() => onPreview(null)}
      >
        {list && count === 0 && (
          <Empty title="Nothing fits these filters">
            <Button onClick={() => onFilter(NO_FILTERS)}>Clear the filters</Button>
          </Empty>
        )}
        <div style={{ height: virtual.getTotalSize() }} className="relative">
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
                  setActive(item.index);
                  onPreview(candidate);
                }}
                onClick={() => onPutOn(candidate)}
                onKeyDown={onKeyDown}
              >
                <CandidateRow
                  candidate={candidate}
                  active={item.index === active}
                  accepted={isAccepted(candidate)}
                  sellerName={(id) => sellers?.find((seller) => seller.id === id)?.name ?? id}
                />
              </div>
            );
          })}
        </div>
      </div>
      {current && (
        <CandidateFoot
          candidate={current}
          look={look}
          brief={brief}
          spot={spot}
          company={company}
          accepted={isAccepted(current)}
          onAccept={() => accept(current)}
        />
      )}
    </section>
  );
}
