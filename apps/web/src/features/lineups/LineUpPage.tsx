import { graveCount, judge, P40, money } from '@outfit/core';
import { Link } from 'react-router';
import type { FigureDto, LineUpDto } from '@/api';
import { FigurePicture, UndoButtons } from '@/parts';
import { Empty, plural } from '@/ui';
import { chosenLookOf, useCompany, useOpen, useWorkspace, useUndo } from '@/workspace';
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
  return (
    <div className="dotted flex h-full flex-col">
      <div className="border-rule bg-sheet flex items-baseline gap-4 border-b px-6 py-3">
        <h1 className="text-2xl">{lineUp.name}</h1>
        <p className="text-pencil">{plural(lineUp.figures.length, 'figure')}. Choose one to go on with it.</p>
        <Link to={`/line-ups/${lineUp.id}/errand`} className="text-lagoon underline">
          Errand for all of them
        </Link>
        <UndoButtons undoing={undoing} />
        <NewFigure lineUp={lineUp.id} />
      </div>
      <ul className="flex min-h-0 flex-1 items-end overflow-x-auto px-5">
        {lineUp.figures.map((figure) => (
          <li key={figure.id} className="shrink-0">
            <Standing figure={figure} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function Standing({ figure }: { readonly figure: FigureDto }) {
  const { catalogue, supply, currency } = useWorkspace();
  const look = chosenLookOf(figure);
  const company = useCompany(figure);
  const { likeness, marks, cost, standing } = judge(look, figure.brief, catalogue, P40, supply, company);
  return (
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
          {cost.toBuy === 0 ? 'every part owned' : `${cost.toBuy} to buy, about ${money(cost.toPay.total, currency)}`}
        </span>
      </div>
    </Link>
  );
}
