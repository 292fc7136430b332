import { graveCount, judge, money } from '@outfit/core';
import { Link } from 'react-router';
import { useState } from 'react';
import { type FigureDto, type LineUpDto, useRenameLineUpMutation } from '@/api';
import { FigurePicture, UndoButtons } from '@/parts';
import { attempt, Empty, plural } from '@/ui';
import { chosenLookOf, useCompany, useOpen, useStanding, useUndo, useWorkspaceFor } from '@/workspace';
import { FigureDeeds } from './FigureDeeds';
import { NamedHeading } from './NamedHeading';
import { NewFigure } from './NewFigure';

/** Six figures abreast fill a page 1280 wide. */
const PX_PER_MM = 9;

/** A line-up: its figures side by side on the tape, each with what it still wants. */
export function LineUpPage() {
  const { lineUp } = useOpen();
  if (!lineUp) return <Empty title="There is no such line-up" />;
  return <LineUp key={lineUp.id} lineUp={lineUp} />;
}

function LineUp({ lineUp }: { readonly lineUp: LineUpDto }) {
  const undoing = useUndo('line-up', lineUp.id);
  const [rename] = useRenameLineUpMutation();
  const [asked, setChosen] = useState<readonly string[]>([]);
  // Who has left meanwhile is chosen no more.
  const chosen = asked.filter((id) => lineUp.figures.some((figure) => figure.id === id));
  return (
    <div className="dotted relative flex h-full flex-col">
      <div className="border-rule bg-sheet flex flex-wrap items-baseline gap-x-4 gap-y-1.5 border-b px-6 py-3 max-sm:px-4">
        <NamedHeading name={lineUp.name} onKeep={(name) => void attempt(rename({ id: lineUp.id, lineUpNameDto: { name } }).unwrap())} />
        {chosen.length === 0 ? (
          <p className="text-pencil whitespace-nowrap">{plural(lineUp.figures.length, 'figure')}</p>
        ) : (
          <FigureDeeds lineUp={lineUp.id} chosen={chosen} onDone={() => setChosen([])} />
        )}
        <Link to={`/line-ups/${lineUp.id}/errand`} className="text-lagoon underline">
          Errand for all of them
        </Link>
        <UndoButtons undoing={undoing} />
        <NewFigure lineUp={lineUp.id} />
      </div>
      <ul className="flex min-h-0 flex-1 items-end overflow-x-auto px-5">
        {lineUp.figures.map((figure) => (
          <li key={figure.id} className="shrink-0">
            <Standing
              figure={figure}
              isChosen={chosen.includes(figure.id)}
              onChoose={(isChosen) => setChosen(isChosen ? [...chosen, figure.id] : chosen.filter((id) => id !== figure.id))}
            />
          </li>
        ))}
      </ul>
      {lineUp.figures.length === 0 && (
        <div className="bg-paper absolute inset-x-0 top-1/4">
          <Empty title="Nobody stands here yet">
            <p>Begin a figure from nothing, a picture, an official one or a part that is left over.</p>
          </Empty>
        </div>
      )}
    </div>
  );
}

interface StandingProps {
  readonly figure: FigureDto;
  readonly isChosen: boolean;
  readonly onChoose: (isChosen: boolean) => void;
}

function Standing({ figure, isChosen, onChoose }: StandingProps) {
  const { catalogue, supply, currency } = useWorkspaceFor(figure.id);
  const look = chosenLookOf(figure);
  const company = useCompany(figure);
  const waits = useStanding(figure.id);
  const { likeness, marks, cost, standing } = judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply, company);
  return (
    <div className="relative">
      <label className="absolute top-1 left-2 z-10 flex items-center gap-1 p-1" title={`Choose ${figure.brief.name}`}>
        <input
          type="checkbox"
          aria-label={`Choose ${figure.brief.name}`}
          className="accent-lagoon size-4"
          checked={isChosen}
          onChange={(event) => onChoose(event.target.checked)}
        />
      </label>
      <Link to={`/figures/${figure.id}/brief`} className="group block">
        <FigurePicture look={look} catalogue={catalogue} pxPerMm={PX_PER_MM} label={figure.brief.name} />
        <div className="border-ink bg-sheet group-hover:border-lagoon border-t-2 px-3 pt-1.5 pb-3">
          <span className="font-head group-hover:text-lagoon block text-[1.07rem] font-semibold">{figure.brief.name}</span>
          <span className="text-pencil block text-[0.87rem]">
            {figure.role || 'no role'}, {standing.total.toFixed(1)} mm
          </span>
          <span className="mt-1 block text-[0.87rem]">
            likeness <b className="font-mono">{look.parts.length === 0 ? '–' : Math.round(likeness.score)}</b>,{' '}
            {plural(graveCount(marks), 'mark')}
            {marks.overruled.length > 0 && (
              <span className="text-pencil" title={marks.overruled.map(({ mark, reason }) => `${mark.sentence} “${reason}”`).join('\n')}>
                , {marks.overruled.length} overruled
              </span>
            )}
          </span>
          <span className="block text-[0.87rem]">
            {cost.toBuy === 0 ? (waits ?? 'nothing to buy') : `${cost.toBuy} to buy, about ${money(cost.toPay.total, currency)}`}
          </span>
        </div>
      </Link>
    </div>
  );
}
