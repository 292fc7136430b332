import { useDraggable, useDroppable } from '@dnd-kit/core';
import { graveCount, money } from '@outfit/core';
import type { HeightOf, SeatProblem } from '@outfit/core/lineup';
import { type KeyboardEvent, memo } from 'react';
import { Link } from 'react-router';
import type { FigureDto } from '@/api';
import { FigurePicture } from '@/parts';
import { plural } from '@/ui';
import { type Judged, toBuyOf, useStanding, useStandingPlans } from '@/workspace';
import { labelPx } from './fit';
import { PlaceUnder } from './ground';
import type { StagePlace } from './groups';

interface StageFigureProps {
  readonly judged: Judged;
  /** What it is called while something is dragged. */
  readonly id: string;
  readonly number: number;
  /** Which of its copies it is; the first is the one that is pressed, moved and chosen. */
  readonly copy: number;
  /** Where it sits, and what keeps it from sitting there. */
  readonly place: StagePlace | null;
  readonly problems: readonly SeatProblem[];
  readonly scale: number;
  readonly cell: number;
  /** How tall it stands for its age, where that is asked for. */
  readonly height: HeightOf | null;
  readonly isChosen: boolean;
  readonly onToggle: (through: boolean) => void;
  readonly onKey: (event: KeyboardEvent) => void;
}

/** A figure on the stage with its number, its name and the one thing that matters next. */
export function StageFigure(props: StageFigureProps) {
  const { judged, id, number, copy, place, problems, scale, cell, height, isChosen, onToggle, onKey } = props;
  const { figure, look, workspace } = judged;
  const dragged = useDraggable({ id, disabled: copy > 0 });
  const under = useDroppable({ id, disabled: copy > 0 });
  const name = figure.brief.name;
  const picture = <Drawn judged={judged} scale={scale} label={copy === 0 ? name : ''} />;
  if (copy > 0)
    return (
      <li aria-hidden="true" style={{ width: cell }} className="flex shrink-0 flex-col items-center justify-end">
        {picture}
        <span className="border-ink w-full border-t-2" style={{ height: labelPx(scale) }} />
      </li>
    );
  const at = dragged.transform;
  return (
    <li
      ref={(element) => {
        dragged.setNodeRef(element);
        under.setNodeRef(element);
      }}
      data-figure={figure.id}
      style={{ width: cell, ...(at ? { transform: `translate(${at.x}px, ${at.y}px)`, zIndex: 10 } : {}) }}
      className={`group relative shrink-0 ${isChosen ? 'bg-lagoon-wash' : ''} ${under.isOver && !dragged.isDragging ? 'outline-lagoon outline-2 outline-dashed' : ''}`}
      {...dragged.listeners}
    >
      {place && <PlaceUnder kind={place.kind} scale={scale} />}
      <label
        className={`absolute top-0 left-0 z-10 p-1 max-sm:top-auto max-sm:-bottom-1 max-sm:-left-0.5 ${isChosen ? '' : 'opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 max-sm:opacity-100'}`}
        title={`Choose ${name}`}
      >
        <input
          type="checkbox"
          aria-label={`Choose ${name}`}
          className="accent-lagoon size-4 max-sm:size-3.5"
          checked={isChosen}
          // The click tells of Shift, which a change does not.
          onChange={() => undefined}
          onClick={(event) => onToggle(event.shiftKey)}
        />
      </label>
      <Link
        to={`/figures/${figure.id}/brief`}
        className="relative flex flex-col items-center"
        draggable={false}
        title={scale < 3.2 ? name : undefined}
        onKeyDown={onKey}
        onClick={(event) => {
          if (!event.shiftKey && !event.ctrlKey && !event.metaKey) return;
          event.preventDefault();
          onToggle(event.shiftKey);
        }}
      >
        {look.parts.length === 0 ? <span className="text-pencil py-6 text-[0.8rem]">no look yet</span> : picture}
        <span className="border-ink block w-full border-t-2 px-0.5 text-center leading-tight" style={{ height: labelPx(scale) }}>
          {scale < 3.2 ? (
            <span className="text-[0.73rem]">
              {number}
              <span className="sr-only">
                {' '}
                {name}, {wordsOf(judged)}
              </span>
            </span>
          ) : (
            <>
              <span className="group-hover:text-lagoon font-head block truncate pt-0.5 text-[0.97rem] font-semibold tracking-tight">
                <span className="text-pencil font-mono text-[0.73rem] font-normal">{number}</span> {name}
              </span>
              <span className="sr-only">{wordsOf(judged)}</span>
              {height ? (
                <Height height={height} />
              ) : place ? (
                <Sits place={place} problems={problems} />
              ) : (
                <Next figure={figure} judged={judged} currency={workspace.currency} />
              )}
            </>
          )}
        </span>
      </Link>
    </li>
  );
}

const Drawn = memo(
  function Drawn({
    judged: { look, workspace },
    scale,
    label,
  }: {
    readonly judged: Judged;
    readonly scale: number;
    readonly label: string;
  }) {
    return <FigurePicture look={look} catalogue={workspace.catalogue} pxPerMm={scale} label={label} />;
  },
  (a, b) =>
    a.judged.look === b.judged.look &&
    a.judged.workspace.catalogue === b.judged.workspace.catalogue &&
    a.scale === b.scale &&
    a.label === b.label,
);

/** "likeness 94, 2 marks": what is read to whoever does not see it. */
function wordsOf({ judgement }: Judged): string {
  if (!judgement) return '';
  return `likeness ${judgement.likeness.shown ?? '–'}, ${plural(graveCount(judgement.marks), 'mark')}`;
}

/** "9, child, 29.2 mm", and how far off that is. */
const Height = ({ height: { age, band, bodyMm, offMm } }: { readonly height: HeightOf }) => (
  <span className={`block truncate text-[0.8rem] ${offMm === 0 ? 'text-pencil' : 'text-madder'}`}>
    {age === null ? '' : `${age}, `}
    {band}, {bodyMm.toFixed(1)}
    {offMm === 0 ? '' : offMm > 0 ? `, ${offMm.toFixed(1)} over` : `, ${(-offMm).toFixed(1)} under`}
  </span>
);

/** The place it has, in madder or saffron where something keeps it from sitting well. */
function Sits({ place, problems }: { readonly place: StagePlace; readonly problems: readonly SeatProblem[] }) {
  const isBlocked = problems.some(({ severity }) => severity === 'blocks');
  const tone = problems.length === 0 ? 'text-pencil' : isBlocked ? 'text-madder' : 'text-saffron';
  return (
    <span className={`block truncate text-[0.8rem] ${tone}`} title={problems.map(({ sentence }) => sentence).join(' ')}>
      {place.name}
      {problems.length > 0 && `, ${isBlocked ? 'cannot sit' : 'sits badly'}`}
    </span>
  );
}

/** The one thing that matters next: what blocks, what is to buy, what it waits for, that it is built. */
function Next({
  figure,
  judged: { judgement, look },
  currency,
}: {
  readonly figure: FigureDto;
  readonly judged: Judged;
  readonly currency: string;
}) {
  const standing = useStanding(figure.id);
  const plans = useStandingPlans(figure.lineUp);
  const base = 'block truncate text-[0.8rem]';
  if (!judgement || look.parts.length === 0)
    return <span className={`${base} text-pencil`}>{look.parts.length === 0 ? 'to be chosen' : '…'}</span>;
  const { pieces, minor, isPlanned } = toBuyOf(plans, figure, look, judgement.cost);
  if (pieces > 0)
    return (
      <span className={`${base} text-madder`} title={`${isPlanned ? '' : 'about '}${money(minor, currency)}`}>
        {pieces} to buy{isPlanned && ', planned'}
      </span>
    );
  const tone = standing === 'built' ? 'text-pencil' : standing === 'unfinished' || standing === 'blocked' ? 'text-madder' : 'text-moss';
  return <span className={`${base} ${tone}`}>{standing ?? '…'}</span>;
}
