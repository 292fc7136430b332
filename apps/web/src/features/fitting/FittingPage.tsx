import { type Candidate, judge, type Look, type Mark, positionName, type Spot, type System } from '@outfit/core';
import { type View, VIEWS } from '@outfit/drawing';
import { useCallback, useMemo } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { FigureDto, LookDto } from '@/api';
import { Empty, type Shared, useAddress, useShared, useSharedValue, useUnchanged } from '@/ui';
import { ForFigure, useCompany, useOpen, useWorkspace } from '@/workspace';
import { CandidatePanel, readFilters, writeFilters } from './candidates';
import { FittingBar } from './FittingBar';
import { LooksStrip, useLookEdits } from './looks';
import { JudgementPanel, useMending } from './marks';
import { Paper } from './paper';
import { PartPanel, readTask, wornAt } from './part';
import { type Preview, previewOf } from './preview';
import { readSpot, writeSpot } from './spots';
import { useFittingKeys } from './useFittingKeys';

export function FittingPage() {
  const { figure } = useOpen();
  const [params] = useSearchParams();
  const look =
    figure?.looks.find((row) => row.id === params.get('look')) ??
    figure?.looks.find((row) => row.id === figure.chosenLook) ??
    figure?.looks[0];
  if (!figure || !look) return <Empty title="There is no such figure" />;
  return (
    <ForFigure key={figure.id} figure={figure.id}>
      <Fitting figure={figure} look={look} />
    </ForFigure>
  );
}

function Fitting({ figure, look }: { readonly figure: FigureDto; readonly look: LookDto }) {
  const { catalogue, supply } = useWorkspace();
  const { lineUp } = useOpen();
  const company = useCompany(figure);
  const navigate = useNavigate();
  const [params, change] = useAddress();
  const named = writeSpot(readSpot(params.get('position') ?? ''));
  const spot: Spot = useMemo(() => readSpot(named), [named]);
  const view: View = VIEWS.find((side) => side === params.get('view')) ?? 'front';
  const filters = useUnchanged(readFilters(params));
  // The candidate that is looked at and not put on: it changes with every key in the list, and only the drawing follows it.
  const preview = useShared<Preview | null>(null);
  const lookAt = useCallback(
    (candidate: Candidate | null): void =>
      preview.set(
        candidate && !candidate.worn
          ? { edit: { action: 'put on', variant: candidate.variant.id, ...spot, position: candidate.position } }
          : null,
      ),
    [preview, spot],
  );
  const asked = readTask(params.get('task'));
  // Where nothing is on there is nothing to recolour or alter: the candidates for it are shown.
  const task = asked === 'substitutes' || wornAt(look, spot) ? asked : null;
  const edits = useLookEdits(look);
  const mend = useMending(edits);

  const put = useCallback(
    (changes: Readonly<Record<string, string | null>>): void =>
      change((next) => {
        for (const [key, value] of Object.entries(changes))
          if (value === null || value === '') next.delete(key);
          else next.set(key, value);
      }),
    [change],
  );
  const choose = useCallback(
    // A one-piece lower body is looked for under the legs.
    (chosen: Spot) => put({ position: writeSpot(chosen.position === 'lower' ? { position: 'hips' } : chosen) }),
    [put],
  );
  const turn = (place: 'head' | 'torso'): void => {
    if (look.parts.some((part) => part.position === place)) edits.apply([{ action: 'turn', position: place }], `Turn the ${place}`);
  };
  const step = (by: number): void => {
    const figures = lineUp?.figures ?? [];
    const next = figures[figures.findIndex((row) => row.id === figure.id) + by];
    if (next) void navigate(`/figures/${next.id}/fitting?position=${named}`);
  };
  const openLook = (id: string): void => put({ look: id });
  const show = (side: View): void => put({ view: side === 'front' ? null : side });
  const compare = (): void => void navigate(`/figures/${figure.id}/compare?looks=${comparable(figure, look).join(',')}`);

  const system = catalogue.systemOf(figure.brief);
  const judgement = useMemo(
    () => judge(look, figure.brief, catalogue, system, supply, company),
    [look, figure.brief, catalogue, system, supply, company],
  );
  useFittingKeys({
    turnTorso: () => turn('torso'),
    turnHead: () => turn('head'),
    turnFigure: (to) => show(quarterFrom(view, to)),
    nextView: () => show(VIEWS[(VIEWS.indexOf(view) + 1) % VIEWS.length] ?? 'front'),
    onlyOwned: () => put({ owned: filters.onlyOwned ? null : '1' }),
    toBrief: () => void navigate(`/figures/${figure.id}/brief`),
    compare,
    applyRemedy: () => mend(judgement),
    previous: () => step(-1),
    next: () => step(1),
    undo: edits.undo,
    redo: edits.redo,
    choose,
  });

  return (
    <div className="grid h-full grid-cols-[230px_minmax(0,1fr)_336px] xl:grid-cols-[268px_minmax(0,1fr)_420px]">
      <JudgementPanel figure={figure} look={look} judgement={judgement} edits={edits} onOpenLook={openLook} />
      <div className="flex min-h-0 min-w-0 flex-col">
        <FittingBar look={look} system={system} view={view} edits={edits} spot={spot} onChoose={choose} onView={show} onTurn={turn} />
        <div className="min-h-0 flex-1">
          <PreviewedPaper
            preview={preview}
            look={look}
            system={system}
            view={view}
            spot={spot}
            marks={judgement.marks.open}
            figureName={figure.brief.name}
            onChoose={choose}
          />
        </div>
        <PartsForReaders look={look} />
        <LooksStrip figure={figure} open={look} onOpen={openLook} onCompare={compare} />
      </div>
      {task ? (
        <PartPanel
          task={task}
          look={look}
          brief={figure.brief}
          company={company}
          spot={spot}
          edits={edits}
          onPreview={preview.set}
          onDone={() => put({ task: null })}
        />
      ) : (
        <CandidatePanel
          look={look}
          brief={figure.brief}
          spot={spot}
          company={company}
          filters={filters}
          edits={edits}
          onFilter={(changed) => put(writeFilters(changed))}
          onPreview={lookAt}
          onTask={(chosen) => put({ task: chosen })}
          onPutOn={(candidate) => {
            preview.set(null);
            if (!candidate.worn)
              edits.apply(
                [{ action: 'put on', variant: candidate.variant.id, ...spot, position: candidate.position }],
                `Put on ${catalogue.nameOf(candidate.variant)}`.slice(0, 200),
              );
          }}
        />
      )}
    </div>
  );
}

/** The sides of a figure in the order in which they come round as it turns to its left. */
const ROUND: readonly View[] = ['front', 'left', 'back', 'right'];

function quarterFrom(view: View, to: 'left' | 'right'): View {
  const at = ROUND.indexOf(view) + (to === 'left' ? 1 : ROUND.length - 1);
  return ROUND[at % ROUND.length] ?? 'front';
}

interface PreviewedPaperProps {
  readonly preview: Shared<Preview | null>;
  readonly look: Look;
  readonly system: System;
  readonly view: View;
  readonly spot: Spot;
  readonly marks: readonly Mark[];
  readonly figureName: string;
  readonly onChoose: (spot: Spot) => void;
}

/** The figure on paper, with the candidate on that is looked at; its marks are those of the look as it is. */
function PreviewedPaper({ preview, look, system, view, spot, marks, figureName, onChoose }: PreviewedPaperProps) {
  const { catalogue } = useWorkspace();
  const shown = useSharedValue(preview);
  const drawn = useMemo(() => previewOf(look, shown, catalogue), [shown, look, catalogue]);
  return (
    <Paper
      look={drawn.look}
      catalogue={drawn.catalogue}
      system={system}
      view={view}
      chosen={spot}
      marks={shown ? NO_MARKS : marks}
      lit={shown && 'lit' in shown ? shown.lit : null}
      figureName={figureName}
      onChoose={onChoose}
    />
  );
}

const NO_MARKS: readonly Mark[] = [];

const MOST_COMPARED = 4;

/** The looks that are compared to begin with: the first one, and the open one beside it. */
function comparable(figure: FigureDto, open: LookDto): readonly string[] {
  const others = figure.looks.map((look) => look.id).filter((id) => id !== open.id);
  return [...others.slice(0, 1), open.id, ...others.slice(1)].slice(0, Math.min(MOST_COMPARED, figure.looks.length));
}

/** The look as a list of parts, for screen readers. */
function PartsForReaders({ look }: { readonly look: LookDto }) {
  const { catalogue } = useWorkspace();
  return (
    <ul aria-label="Parts of this look" className="sr-only">
      {look.parts.map((part) => (
        <li key={`${part.position} ${part.place ?? 0}`}>
          {positionName(part.position)}
          {part.place ? `, ${part.place + 1}` : ''}: {catalogue.nameOf(catalogue.variant(part.variant))}
          {part.turned ? ', turned round' : ''}
          {(part.alterations?.length ?? 0) > 0 ? ', altered' : ''}
        </li>
      ))}
    </ul>
  );
}
