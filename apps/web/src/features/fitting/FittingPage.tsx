import { applyEdit, isPosition, judge, P40, positionName, shelfOf, type Candidate, type Look, type Position } from '@outfit/core';
import { VIEWS, type View } from '@outfit/drawing';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { FigureDto, LookDto } from '@/api';
import { useOpen, useWorkspace } from '@/app/WorkspaceContext';
import { Empty } from '@/ui/Empty';
import { CandidatePanel, type CandidateFilters } from './CandidatePanel';
import { FittingBar } from './FittingBar';
import { JudgementPanel } from './JudgementPanel';
import { LooksStrip } from './LooksStrip';
import { Paper } from './Paper';
import { useFittingKeys } from './useFittingKeys';
import { useLookEdits } from './useLookEdits';

export function FittingPage() {
  const { figure } = useOpen();
  const [params] = useSearchParams();
  const look =
    figure?.looks.find((row) => row.id === params.get('look')) ??
    figure?.looks.find((row) => row.id === figure.chosenLook) ??
    figure?.looks[0];
  if (!figure || !look) return <Empty title="There is no such figure" />;
  return <Fitting key={figure.id} figure={figure} look={look} />;
}

function Fitting({ figure, look }: { readonly figure: FigureDto; readonly look: LookDto }) {
  const { catalogue, supply } = useWorkspace();
  const { lineUp } = useOpen();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const named = params.get('position') ?? '';
  const position: Position = isPosition(named) ? named : 'headgear';
  const view: View = VIEWS.find((side) => side === params.get('view')) ?? 'front';
  const filters: CandidateFilters = useMemo(
    () => ({ onlyOwned: params.get('owned') === '1', onlyMade: params.get('made') === '1', words: params.get('words') ?? '' }),
    [params],
  );
  const [preview, setPreview] = useState<Candidate | null>(null);
  const edits = useLookEdits(look);

  const put = useCallback(
    (changes: Readonly<Record<string, string | null>>): void =>
      setParams(
        (before) => {
          const next = new URLSearchParams(before);
          for (const [key, value] of Object.entries(changes))
            if (value === null || value === '') next.delete(key);
            else next.set(key, value);
          return next;
        },
        { replace: true },
      ),
    [setParams],
  );
  const choose = useCallback((chosen: Position) => put({ position: shelfOf(chosen) }), [put]);
  const turn = (place: 'head' | 'torso'): void => {
    if (look.parts.some((part) => part.position === place)) edits.apply([{ action: 'turn', position: place }], `Turn the ${place}`);
  };
  const step = (by: number): void => {
    const figures = lineUp?.figures ?? [];
    const next = figures[figures.findIndex((row) => row.id === figure.id) + by];
    if (next) void navigate(`/figures/${next.id}/fitting?position=${position}`);
  };
  const openLook = (id: string): void => put({ look: id });
  const show = (side: View): void => put({ view: side === 'front' ? null : side });
  useFittingKeys({
    turnTorso: () => turn('torso'),
    turnHead: () => turn('head'),
    nextView: () => show(VIEWS[(VIEWS.indexOf(view) + 1) % VIEWS.length] ?? 'front'),
    onlyOwned: () => put({ owned: filters.onlyOwned ? null : '1' }),
    toBrief: () => void navigate(`/figures/${figure.id}/brief`),
    previous: () => step(-1),
    next: () => step(1),
    undo: edits.undo,
    redo: edits.redo,
    choose,
  });

  const judgement = useMemo(() => judge(look, figure.brief, catalogue, P40, supply), [look, figure.brief, catalogue, supply]);
  const drawn: Look = useMemo(
    () =>
      preview && !preview.worn
        ? applyEdit(look, { action: 'put on', position: preview.position, variant: preview.variant.id }, catalogue)
        : look,
    [preview, look, catalogue],
  );
  const takenOff = look.parts.find((part) => shelfOf(part.position) === position);
  return (
    <div className="grid h-full grid-cols-[268px_minmax(0,1fr)_420px]">
      <JudgementPanel figure={figure} look={look} judgement={judgement} edits={edits} />
      <div className="flex min-h-0 min-w-0 flex-col">
        <FittingBar look={look} view={view} edits={edits} onView={show} onTurn={turn} />
        <div className="min-h-0 flex-1">
          <Paper
            look={drawn}
            catalogue={catalogue}
            view={view}
            chosen={position}
            marks={preview ? [] : judgement.marks.open}
            figureName={figure.brief.name}
            onChoose={choose}
          />
        </div>
        <PartsForReaders look={look} />
        <LooksStrip figure={figure} open={look} onOpen={openLook} />
      </div>
      <CandidatePanel
        look={look}
        brief={figure.brief}
        position={position}
        filters={filters}
        onFilter={(changed) =>
          put({
            ...(changed.onlyOwned === undefined ? {} : { owned: changed.onlyOwned ? '1' : null }),
            ...(changed.onlyMade === undefined ? {} : { made: changed.onlyMade ? '1' : null }),
            ...(changed.words === undefined ? {} : { words: changed.words }),
          })
        }
        onPreview={setPreview}
        onPutOn={(candidate) => {
          setPreview(null);
          if (!candidate.worn)
            edits.apply(
              [{ action: 'put on', position: candidate.position, variant: candidate.variant.id }],
              `Put on ${catalogue.nameOf(candidate.variant)}`,
            );
        }}
        onTakeOff={() =>
          takenOff &&
          edits.apply([{ action: 'take off', position: takenOff.position }], `Take off ${positionName(takenOff.position).toLowerCase()}`)
        }
      />
    </div>
  );
}

/** The look as a list of parts, for screen readers. */
function PartsForReaders({ look }: { readonly look: Look }) {
  const { catalogue } = useWorkspace();
  return (
    <ul aria-label="Parts of this look" className="sr-only">
      {look.parts.map((part) => (
        <li key={part.position}>
          {positionName(part.position)}: {catalogue.nameOf(catalogue.variant(part.variant))}
          {part.turned ? ', turned round' : ''}
        </li>
      ))}
    </ul>
  );
}
