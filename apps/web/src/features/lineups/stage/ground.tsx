import { useDroppable } from '@dnd-kit/core';
import type { Seating } from '@outfit/core/lineup';
import type { ReactNode } from 'react';
import { labelPx } from './fit';
import type { StageGroup as Group, StagePlace } from './groups';

/** How tall an age stands, behind those who should. */
export const Band = ({ band, bottomPx }: { readonly band: string; readonly bottomPx: number }) => (
  <span
    aria-hidden="true"
    className="border-lagoon pointer-events-none absolute inset-x-0 border-t border-dashed"
    style={{ bottom: bottomPx }}
  >
    <span className="text-lagoon bg-paper absolute right-1 -translate-y-1/2 px-1 text-[0.73rem]">{band}</span>
  </span>
);

/** Room for those who are promised and not chosen yet. */
export const OpenPlaces = ({
  count,
  heightPx,
  widthPx,
}: {
  readonly count: number;
  readonly heightPx: number;
  readonly widthPx: number;
}) => (
  <div
    className="border-pencil text-pencil mb-12 flex shrink-0 items-center justify-center overflow-hidden border-2 border-dashed text-center text-[0.8rem] leading-tight"
    style={{ height: heightPx, width: widthPx }}
  >
    {widthPx < 80 ? (
      <span title={`${count} promised, not chosen yet`}>+{count}</span>
    ) : (
      <>
        {count} promised,
        <br />
        not chosen yet
      </>
    )}
  </div>
);

interface StageGroupProps {
  readonly group: Group;
  readonly isTitled: boolean;
  readonly children: ReactNode;
}

/** Those who stand together, under their title. */
export const StageGroup = ({ group: { title, quota }, isTitled, children }: StageGroupProps) => (
  <div className="shrink-0">
    {isTitled && (
      <h2 className="flex items-baseline gap-2 px-1 text-[1.07rem] whitespace-nowrap">
        {title} <span className="text-pencil font-sans text-[0.87rem] font-normal">{quota}</span>
      </h2>
    )}
    <ul className="flex items-end" aria-label={title || 'Figures'}>
      {children}
    </ul>
  </div>
);

interface EmptyPlaceProps {
  readonly place: StagePlace;
  readonly id: string;
  readonly scale: number;
  readonly cell: number;
}

/** A place that nobody has yet: somebody can be dragged onto it. */
export function EmptyPlace({ place, id, scale, cell }: EmptyPlaceProps) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <li
      ref={setNodeRef}
      style={{ width: cell }}
      className={`relative flex shrink-0 flex-col justify-end ${isOver ? 'outline-lagoon outline-2 outline-dashed' : ''}`}
    >
      <PlaceUnder kind={place.kind} scale={scale} />
      <span style={{ height: BODY_MM * scale }} />
      <span className="border-ink relative block border-t-2 px-0.5 pt-0.5 text-center leading-tight" style={{ height: labelPx(scale) }}>
        <span className="text-pencil block truncate text-[0.87rem]">nobody</span>
        <span className="block truncate text-[0.8rem]">{place.name}</span>
      </span>
    </li>
  );
}

/** Heights in mm: a body, a seat with its back, a ring on the ground seen from the front, a peg of a plate. */
const BODY_MM = 30;
const BACK_MM = 17;
const PLANK_MM = 8;
const RING_MM = 2.6;
const PEG_MM = 1.7;
const PEG_WIDE_MM = 4.8;

/** What somebody sits or stands on, drawn behind them down to the ground: a seat, a ring for a spot, the pegs of a plate. */
export function PlaceUnder({ kind, scale }: { readonly kind: Seating['kind']; readonly scale: number }) {
  const foot = { bottom: labelPx(scale) };
  if (kind === 'seat')
    return (
      <span aria-hidden="true" className="pointer-events-none absolute inset-x-0" style={{ ...foot, height: BACK_MM * scale }}>
        <span className="border-pencil bg-rule/60 absolute inset-x-1 inset-y-0 rounded-t-[0.6rem] border border-b-0" />
        <span className="border-pencil bg-rule absolute inset-x-0 bottom-0 border-t" style={{ height: PLANK_MM * scale }} />
      </span>
    );
  if (kind === 'spot')
    return (
      <span
        aria-hidden="true"
        className="border-lagoon bg-lagoon-wash pointer-events-none absolute inset-x-1 rounded-t-[50%] border-2 border-b-0 border-dashed"
        style={{ ...foot, height: RING_MM * scale }}
      />
    );
  return (
    <span aria-hidden="true" className="pointer-events-none absolute inset-x-0 flex justify-around" style={foot}>
      {[0, 1, 2].map((peg) => (
        <span
          key={peg}
          className="border-pencil bg-rule border border-b-0"
          style={{ height: PEG_MM * scale, width: PEG_WIDE_MM * scale }}
        />
      ))}
    </span>
  );
}
