import { type Brief, type Candidate, type Company, positionName, type Spot, STACKS } from '@outfit/core';
import { useCallback, useEffect } from 'react';
import { type LookDto, useListSellersQuery } from '@/api';
import { Button, Empty, plural, useShared, whole } from '@/ui';
import type { LookEdits } from '../looks';
import { type PartTask, WornBar } from '../part';
import { CandidateFilterBar } from './CandidateFilterBar';
import { CandidateFoot } from './CandidateFoot';
import { CandidateList } from './CandidateList';
import { type CandidateFilters, NO_FILTERS } from './filters';
import { useCandidateList } from './useCandidateList';
import { useCandidates } from './useCandidates';

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
  readonly onTask: (task: PartTask) => void;
}

/** Ranked candidates for the chosen spot: arrows preview, Enter puts on, A marks one as doing just as well. */
export function CandidatePanel(props: CandidatePanelProps) {
  const { look, brief, spot, company, filters, edits, onFilter, onPreview, onPutOn, onTask } = props;
  const { position } = spot;
  const { ranked, failure, tryAgain } = useCandidates(look, brief, spot, company);
  const list = useCandidateList(ranked?.spot === spot ? ranked.ranking : null, filters);
  const { data: sellers } = useListSellersQuery();
  const sellerName = useCallback((id: string) => sellers?.find((seller) => seller.id === id)?.name ?? id, [sellers]);
  const active = useShared(0);
  const count = list?.length ?? 0;
  useEffect(() => active.set(0), [active, spot, filters]);
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
        <WornBar look={look} spot={spot} edits={edits} onTask={onTask} />
        {noted.length > 0 && (
          <Button className="mt-1.5 !px-2 !py-0.5" onClick={() => onTask('substitutes')}>
            {plural(noted.length, 'substitute')}…
          </Button>
        )}
        <CandidateFilterBar filters={filters} all={list?.variants ?? NONE} onFilter={onFilter} />
      </div>
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
      <CandidateList
        label={`Candidates for ${title.toLowerCase()}`}
        list={list}
        active={active}
        isSubstitute={isSubstitute}
        sellerName={sellerName}
        onPreview={onPreview}
        onPutOn={onPutOn}
        onNote={note}
      />
      {list && (
        <CandidateFoot
          list={list}
          active={active}
          look={look}
          brief={brief}
          spot={spot}
          company={company}
          isSubstitute={isSubstitute}
          onNote={note}
        />
      )}
    </section>
  );
}
