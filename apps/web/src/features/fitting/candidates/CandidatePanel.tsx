import { type Brief, type Candidate, type Company, positionName, type Spot, STACKS } from '@outfit/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, useCallback, useEffect, useRef, useState } from 'react';
import { type LookDto, useListSellersQuery } from '@/api';
import { Button, Empty, whole } from '@/ui';
import { SubstituteList, type LookEdits } from '../looks';
import { WornBar } from '../paper';
import { CandidateFilterBar } from './CandidateFilterBar';
import { CandidateFoot } from './CandidateFoot';
import { CandidateRow } from './CandidateRow';
import { type CandidateFilters, NO_FILTERS } from './filters';
import { useCandidateList } from './useCandidateList';
import { useCandidates } from './useCandidates';

const ROW_PX = 71;
const NONE = (): readonly [] => [];

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
  const { ranked, failure, tryAgain } = useCandidates(look, brief, spot, company);
  const list = useCandidateList(ranked?.spot === spot ? ranked.ranking : null, filters);
  const { data: sellers } = useListSellersQuery();
  const sellerName = useCallback((id: string) => sellers?.find((seller) => seller.id === id)?.name ?? id, [sellers]);
  const [active, setActive] = useState(0);
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
  useEffect(() => setActive(0), [spot, filters]);
  useEffect(() => onPreview(null), [spot, look.id, onPreview]);

  const noted = (look.substitutes ?? []).filter((row) => row.position === position);
  const isSubstitute = (candidate: Candidate): boolean => noted.some((row) => row.variant === candidate.variant.id);
  const note = (candidate: Candidate): void =>
    edits.apply(
      [
        isSubstitute(candidate)
          ? { action: 'drop substitute', position, variant: candidate.variant.id }
          : { action: 'note substitute', position: candidate.position, variant: candidate.variant.id, reason: '' },
      ],
      isSubstitute(candidate) ? 'Takes a part off the substitutes' : 'Notes a substitute',
    );
  const go = (index: number): void => {
    const next = Math.max(0, Math.min(count - 1, index));
    setActive(next);
    // Scrolling measures the page: only when the row is not in sight.
    const { startIndex, endIndex } = virtual.range ?? { startIndex: 0, endIndex: 0 };
    if (next <= startIndex || next >= endIndex) virtual.scrollToIndex(next);
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
    else if (event.key.toLowerCase() === 'a' && !event.ctrlKey && candidate) note(candidate);
    else if (event.key === 'Escape') onPreview(null);
    else return;
    event.preventDefault();
  };
  const current = list?.at(active) ?? null;
  const title = positionName(position);
  return (
    <section aria-label="Candidates" className="border-rule bg-sheet flex min-h-0 flex-col border-l">
      <div className="border-rule border-b px-4 pt-3.5 pb-2.5">
        <div className="flex items-baseline gap-2">
          <h2 className="text-[1.2rem]">{STACKS.includes(position) && spot.place ? `${title}, ${spot.place + 1}` : title}</h2>
          <span className="text-pencil text-[0.93rem]">
            {list
              ? `${whole(list.fitting)} fit, ${whole(list.owned)} owned${count < list.fitting ? `, ${whole(count)} shown` : ''}`
              : failure === null && 'ranking…'}
          </span>
        </div>
        <WornBar look={look} brief={brief} company={company} spot={spot} edits={edits} />
        <CandidateFilterBar filters={filters} all={list?.variants ?? NONE} onFilter={onFilter} />
      </div>
      {noted.length > 0 && <SubstituteList rows={noted} edits={edits} />}
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
        {failure !== null && (
          <Empty title="The candidates could not be ranked">
            <p>{failure}</p>
            <Button onClick={tryAgain}>Try again</Button>
          </Empty>
        )}
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
                  substitute={isSubstitute(candidate)}
                  sellerName={sellerName}
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
          substitute={isSubstitute(current)}
          onNote={() => note(current)}
        />
      )}
    </section>
  );
}
