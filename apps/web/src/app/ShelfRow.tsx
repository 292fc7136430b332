import { DndContext, type DragEndEvent, PointerSensor, useDraggable, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { judge } from '@outfit/core';
import { useMemo } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { type FigureDto, type LineUpDto, useListOpenSessionsQuery, useOrderLineUpMutation } from '@/api';
import { StillFigure } from '@/parts';
import { attempt } from '@/ui';
import { chosenLookOf, useCompany, useIsAgreed, useIsLate, toBuyOf, useStanding, useStandingPlans, useWorkspaceFor } from '@/workspace';

const PX_PER_MM = 1.5;

/** The figures of a line-up side by side, each with what it still wants; dragged, or moved with Alt and an arrow key. */
export default function ShelfRow({ lineUp, open }: { readonly lineUp: LineUpDto; readonly open: string | null }) {
  const [order] = useOrderLineUpMutation();
  const isAgreed = useIsAgreed();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const ids = lineUp.figures.map((figure) => figure.id);

  const move = (from: number, to: number): void => {
    const [id] = ids.slice(from, from + 1);
    if (id === undefined || from === to || to < 0 || to >= ids.length) return;
    const figures = ids.filter((other) => other !== id);
    figures.splice(to, 0, id);
    void isAgreed({ lineUp: lineUp.id, figures }).then(async (isYes) => {
      if (isYes) await attempt(order({ id: lineUp.id, orderDto: { figures } }).unwrap());
    });
  };
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (over) move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };

  return (
    <DndContext sensors={sensors} onDragEnd={onDragEnd}>
      <ol className="flex min-w-0 flex-1 items-end gap-1 overflow-x-auto px-3 pt-1.5">
        {lineUp.figures.map((figure, i) => (
          <Place key={figure.id} figure={figure} isOpen={figure.id === open} onStep={(by) => move(i, i + by)} />
        ))}
      </ol>
    </DndContext>
  );
}

function Place({
  figure,
  isOpen,
  onStep,
}: {
  readonly figure: FigureDto;
  readonly isOpen: boolean;
  readonly onStep: (by: -1 | 1) => void;
}) {
  const { catalogue, supply } = useWorkspaceFor(figure.id);
  const standing = useStanding(figure.id);
  const isLate = useIsLate(figure.id);
  const session = useListOpenSessionsQuery().data?.find((row) => row.figures.some((own) => own.figure === figure.id));
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const look = chosenLookOf(figure);
  const plans = useStandingPlans(figure.lineUp);
  const company = useCompany(figure);
  const waiting = useMemo(() => {
    const { marks, cost } = judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply, company);
    if (look.parts.length === 0) return 'no parts yet';
    if (marks.open.some((mark) => mark.severity === 'blocks')) return 'blocked';
    if (session) return `step ${Math.min(session.done + 1, session.steps)} of ${session.steps}`;
    if (standing === 'built' || standing === 'to be changed') return standing;
    if (isLate) return 'late parcel';
    const { pieces, isPlanned } = toBuyOf(plans, figure, look, cost);
    if (pieces > 0) return isPlanned ? `${pieces} planned` : `${pieces} to buy`;
    return standing === 'ready to build' ? 'ready' : (standing ?? '…');
  }, [look, figure, plans, catalogue, supply, company, standing, isLate, session]);
  const { setNodeRef: setDragged, listeners, transform } = useDraggable({ id: figure.id });
  const { setNodeRef: setTarget, isOver } = useDroppable({ id: figure.id });
  // A session is one figure's own: the next one is shown how it stands at the bench.
  const stage = /^\/figures\/[^/]+\/(\w+)/.exec(pathname)?.[1] ?? 'brief';
  return (
    <li ref={setTarget} className={isOver ? 'bg-lagoon-wash' : ''}>
      <button
        ref={setDragged}
        type="button"
        {...listeners}
        title={`${figure.brief.name}. Drag, or press Alt and an arrow key, to move along the shelf.`}
        aria-label={`${figure.brief.name}, ${waiting}`}
        aria-current={isOpen ? 'true' : undefined}
        className="flex flex-col items-center"
        style={transform ? { transform: `translateX(${transform.x}px)` } : undefined}
        onClick={() => void navigate(`/figures/${figure.id}/${stage}`)}
        onKeyDown={(event) => {
          if (!event.altKey || (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight')) return;
          event.preventDefault();
          onStep(event.key === 'ArrowLeft' ? -1 : 1);
        }}
      >
        <StillFigure look={look} catalogue={catalogue} pxPerMm={PX_PER_MM} />
        <span
          className={`mt-0.5 block w-full border-t-2 px-1 text-[0.73rem] leading-5 whitespace-nowrap ${isOpen ? 'border-lagoon text-ink font-semibold' : 'border-pencil/60 text-pencil'}`}
        >
          {waiting}
        </span>
      </button>
    </li>
  );
}
