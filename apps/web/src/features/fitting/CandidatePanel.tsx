import { positionName, type Brief, type Candidate, type Position } from '@outfit/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useListSellersQuery, type LookDto } from '@/api';
import { useWorkspace } from '@/app/WorkspaceContext';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { Input } from '@/ui/Field';
import { CandidateRow } from './CandidateRow';
import { useCandidates } from './useCandidates';

const ROW_PX = 71;

/** The filters of the list; all of them live in the address. */
export interface CandidateFilters {
  readonly onlyOwned: boolean;
  readonly onlyMade: boolean;
  readonly words: string;
}

interface CandidatePanelProps {
  readonly look: LookDto;
  readonly brief: Brief;
  readonly position: Position;
  readonly filters: CandidateFilters;
  readonly onFilter: (filters: Partial<CandidateFilters>) => void;
  readonly onPreview: (candidate: Candidate | null) => void;
  readonly onPutOn: (candidate: Candidate) => void;
  readonly onTakeOff: () => void;
}

/** Ranked candidates for the chosen position: arrows preview, Enter puts on. */
export function CandidatePanel(props: CandidatePanelProps) {
  const { look, brief, position, filters, onFilter, onPreview, onPutOn, onTakeOff } = props;
  const { catalogue } = useWorkspace();
  const ranked = useCandidates(look, brief, position);
  const { data: sellers } = useListSellersQuery();
  const all = ranked?.position === position ? ranked.rows : null;
  const rows = useMemo(() => {
    const words = filters.words.toLowerCase().split(/\s+/).filter(Boolean);
    return (all ?? []).filter((candidate) => {
      if (filters.onlyOwned && candidate.owned === 0) return false;
      if (filters.onlyMade && !candidate.variant.made) return false;
      const mould = catalogue.mouldOf(candidate.variant);
      const text = [catalogue.nameOf(candidate.variant), mould.number, ...mould.nicknames, ...mould.shape.words].join(' ').toLowerCase();
      return words.every((word) => text.includes(word));
    });
  }, [all, filters, catalogue]);

  const [active, setActive] = useState(0);
  const scroller = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({ count: rows.length, getScrollElement: () => scroller.current, estimateSize: () => ROW_PX, overscan: 6 });
  useEffect(() => setActive(0), [position, filters]);
  useEffect(() => onPreview(null), [position, look.id, onPreview]);

  const go = (index: number): void => {
    const next = Math.max(0, Math.min(rows.length - 1, index));
    setActive(next);
    virtual.scrollToIndex(next);
    onPreview(rows[next] ?? null);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const steps: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + 7,
      PageUp: active - 7,
      Home: 0,
      End: rows.length - 1,
    };
    const target = steps[event.key];
    const candidate = rows[active];
    if (target !== undefined) go(target);
    else if (event.key === 'Enter' && candidate) onPutOn(candidate);
    else if (event.key === 'Escape') onPreview(null);
    else return;
    event.preventDefault();
  };
  const sellerName = (id: string): string => sellers?.find((seller) => seller.id === id)?.name ?? id;
  const owned = (all ?? []).filter((candidate) => candidate.owned > 0).length;
  const wornNow = all?.some((candidate) => candidate.worn) ?? false;
  return (
    <section aria-label="Candidates" className="border-rule bg-sheet flex min-h-0 flex-col border-l">
      <div className="border-rule border-b px-4 pt-3.5 pb-2.5">
        <div className="flex items-baseline gap-2">
          <h2 className="text-[1.2rem]">{position === 'headgear' ? 'Hair or hat' : positionName(position)}</h2>
          <span className="text-pencil text-[0.93rem]">{all ? `${all.length} fit, ${owned} owned` : 'ranking…'}</span>
          {wornNow && (
            <Button tone="quiet" className="ml-auto !py-0" onClick={onTakeOff}>
              Take off
            </Button>
          )}
        </div>
        <div className="mt-2 flex gap-2">
          <Chip on={filters.onlyOwned} onToggle={(onlyOwned) => onFilter({ onlyOwned })}>
            Owned
          </Chip>
          <Chip on={filters.onlyMade} onToggle={(onlyMade) => onFilter({ onlyMade })}>
            Made
          </Chip>
          <Input
            aria-label="Filter by words"
            placeholder="Filter: colour, shape, nickname"
            value={filters.words}
            onChange={(event) => onFilter({ words: event.target.value })}
          />
        </div>
      </div>
      <div
        ref={scroller}
        role="listbox"
        tabIndex={0}
        aria-label={`Candidates for ${positionName(position).toLowerCase()}`}
        aria-activedescendant={rows[active] ? `candidate-${active}` : undefined}
        className="min-h-0 flex-1 overflow-auto -outline-offset-2"
        onKeyDown={onKeyDown}
        onMouseLeave={() => onPreview(null)}
      >
        {all && rows.length === 0 && (
          <Empty title="Nothing fits these filters">
            <Button onClick={() => onFilter({ onlyOwned: false, onlyMade: false, words: '' })}>Clear the filters</Button>
          </Empty>
        )}
        <div style={{ height: virtual.getTotalSize() }} className="relative">
          {virtual.getVirtualItems().map((item) => {
            const candidate = rows[item.index];
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
                <CandidateRow candidate={candidate} active={item.index === active} sellerName={sellerName} />
              </div>
            );
          })}
        </div>
      </div>
    </section>
  );
}

function Chip({ on, onToggle, children }: { readonly on: boolean; readonly onToggle: (on: boolean) => void; readonly children: string }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={() => onToggle(!on)}
      className={`rounded-cut border px-2.5 py-1 text-[0.93rem] ${on ? 'border-lagoon text-lagoon bg-lagoon-wash font-semibold' : 'border-rule hover:border-pencil'}`}
    >
      {children}
    </button>
  );
}
