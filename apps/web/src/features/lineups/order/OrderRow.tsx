import { useDraggable, useDroppable } from '@dnd-kit/core';
import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { Link } from 'react-router';
import { FigurePicture } from '@/parts';
import type { Judged } from '@/workspace';

interface OrderRowProps {
  readonly judged: Judged;
  /** Its place in the order, from 0. */
  readonly at: number;
  readonly isLast: boolean;
  readonly isChosen: boolean;
  readonly onMove: (by: -1 | 1) => void;
}

/** A figure at its place of the opening order: dragged onto another's place, or moved by one. */
export function OrderRow({ judged: { figure, look, workspace }, at, isLast, isChosen, onMove }: OrderRowProps) {
  const { setNodeRef: setDragged, listeners, transform: by, isDragging } = useDraggable({ id: figure.id });
  const { setNodeRef: setUnder, isOver } = useDroppable({ id: figure.id });
  const { name } = figure.brief;
  return (
    <li
      ref={(element) => {
        setDragged(element);
        setUnder(element);
      }}
      data-figure={figure.id}
      style={by ? { transform: `translate(${by.x}px, ${by.y}px)`, zIndex: 10, position: 'relative' } : {}}
      className={`border-rule bg-sheet flex items-center gap-2 border-b py-0.5 ${isChosen ? 'bg-lagoon-wash' : ''} ${isOver && !isDragging ? 'outline-lagoon outline-2 outline-dashed' : ''}`}
    >
      <span
        {...listeners}
        title={`Drag ${name} to another place`}
        className="text-pencil hover:text-ink flex cursor-grab touch-none items-center py-2"
      >
        <GripVertical size={15} strokeWidth={1.75} />
        <span className="w-6 text-right font-mono text-[0.87rem]">{at + 1}</span>
      </span>
      <span className="flex h-12 w-10 items-end justify-center overflow-hidden">
        {look.parts.length > 0 && <FigurePicture look={look} catalogue={workspace.catalogue} pxPerMm={1} label="" />}
      </span>
      <Link to={`/figures/${figure.id}/brief`} draggable={false} className="hover:text-lagoon min-w-0 flex-1 truncate">
        {name}
      </Link>
      <button
        type="button"
        aria-label={`Move ${name} forward`}
        disabled={at === 0}
        className="text-pencil hover:text-ink p-1 disabled:opacity-30"
        onClick={() => onMove(-1)}
      >
        <ArrowUp size={15} strokeWidth={1.75} />
      </button>
      <button
        type="button"
        aria-label={`Move ${name} back`}
        disabled={isLast}
        className="text-pencil hover:text-ink p-1 disabled:opacity-30"
        onClick={() => onMove(1)}
      >
        <ArrowDown size={15} strokeWidth={1.75} />
      </button>
    </li>
  );
}
