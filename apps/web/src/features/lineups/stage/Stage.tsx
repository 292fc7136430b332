import { DndContext } from '@dnd-kit/core';
import { exchangePlaces } from '@outfit/core/lineup';
import { figureBox } from '@outfit/drawing';
import { Minus, Plus } from 'lucide-react';
import { type KeyboardEvent, useMemo, useRef, useState } from 'react';
import { Button, Chips, useAddress } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { WayProps } from '../wayProps';
import { useOrder, onDrop } from '../useOrder';
import { usePlan } from '../usePlan';
import { Band, EmptyPlace, OpenPlaces, StageGroup } from './ground';
import { cellPx, fittingScale, labelPx, LEAST_SCALE, MOST_SCALE, rowsOf } from './fit';
import { type Grouping, GROUPINGS, groupsOf, sitterOf, spotId } from './groups';
import { StageFigure } from './StageFigure';
import { useRoom } from './useRoom';

const GROUP_WORDS: Readonly<Record<Grouping, string>> = { order: 'in order', faction: 'by faction', role: 'by role', seat: 'by seat' };
const isGrouping = (text: string | null): text is Grouping => (GROUPINGS as readonly string[]).includes(text ?? '');
const ZOOM = 1.25;
/** About how wide a letter of a title and of its number is. */
const TITLE_PX = 9.5;
const QUOTA_PX = 6.5;

interface StageProps extends WayProps {
  /** How many are promised and not chosen yet. */
  readonly open: number;
}

/** Figures at their true relative height, in as many rows as it takes. */
export function Stage({ lineUp, judged, told, selection, open }: StageProps) {
  const { catalogue } = useWorkspace();
  const { ids, move, onto, sensors } = useOrder(lineUp);
  const { plan, save } = usePlan(lineUp);
  const [params, change] = useAddress();
  const [zoom, setZoom] = useState(1);
  const stage = useRef<HTMLDivElement>(null);
  const room = useRoom(stage);
  const asked = params.get('by');
  const grouping: Grouping = isGrouping(asked) ? asked : lineUp.plan.factions.length > 1 ? 'faction' : 'order';
  const groups = useMemo(() => groupsOf(lineUp.figures, lineUp.plan, grouping), [lineUp, grouping]);
  const isOpen = open > 0 && lineUp.plan.kind !== 'army';
  // Who is promised and not chosen yet takes a place of its own, behind everybody.
  const spots = useMemo(() => [...groups.map((group) => group.spots), ...(isOpen ? [[null]] : [])], [groups, isOpen]);
  const least = useMemo(
    () => (groups.length > 1 ? groups.map(({ title, quota }) => TITLE_PX * title.length + QUOTA_PX * quota.length + 20) : []),
    [groups],
  );
  const sizes = useMemo(() => {
    const boxes = judged.filter(({ look }) => look.parts.length > 0).map(({ look }) => figureBox(look, catalogue));
    return {
      widthMm: Math.max(14, ...boxes.map(({ width }) => width / 10)),
      heightMm: Math.max(36, ...boxes.map(({ height }) => height / 10)),
      headPx: groups.length > 1 ? 30 : 4,
    };
  }, [judged, catalogue, groups]);
  const fit = useMemo(() => fittingScale(spots, sizes, room, least), [spots, sizes, room, least]);
  const scale = Math.min(MOST_SCALE, Math.max(LEAST_SCALE, fit * zoom));
  const cell = cellPx(scale, sizes.widthMm);
  const rows = useMemo(() => rowsOf(spots, cell, room.widthPx, least), [spots, cell, room.widthPx, least]);
  const heights = useMemo(() => new Map(told.heights.rows.map((row) => [row.figure, row])), [told]);
  const byId = useMemo(() => new Map(judged.map((row, i) => [row.figure.id, { ...row, number: i + 1 }])), [judged]);
  const { factions, seatings } = lineUp.plan;
  const offered = GROUPINGS.filter((own) => (own !== 'faction' || factions.length > 0) && (own !== 'seat' || seatings.length > 0));
  const isMeasured = params.get('bands') === '1';
  const [first] = lineUp.figures;
  const bands = isMeasured && first ? Object.entries(catalogue.systemOf(first.brief).bandHeightMm) : [];

  /** By seat, a drag says who sits where: the two change places. */
  const changePlaces = (id: string, over: string): void => {
    const [one, other] = [sitterOf(id, groups), sitterOf(over, groups)];
    if (!one || !other) return;
    if (one.at === null && other.at === null) return onto(id, over);
    void save({ seatings: [...exchangePlaces(plan.seatings, one, other)] }, 'Changed who sits where');
  };
  const onKey = (id: string, event: KeyboardEvent): void => {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (event.key === ' ') {
      event.preventDefault();
      selection.toggle(id, event.shiftKey);
    }
    if (step === undefined) return;
    event.preventDefault();
    if (event.altKey) return move(id, step);
    const next = ids[ids.indexOf(id) + step];
    if (next !== undefined) stage.current?.querySelector<HTMLElement>(`[data-figure="${CSS.escape(next)}"] a`)?.focus();
  };
  return (
    <div className="dotted relative flex min-h-0 flex-1 flex-col">
      <div ref={stage} className="min-h-0 flex-1 overflow-auto">
        <DndContext sensors={sensors} onDragEnd={onDrop(grouping === 'seat' ? changePlaces : onto)}>
          <div className="flex min-h-full flex-col justify-evenly">
            {rows.map((row, i) => (
              <div key={i} className="relative flex items-end gap-[22px] px-[18px] pb-2.5">
                {bands.map(([band, heightMm]) => (
                  <Band key={band} band={band} bottomPx={heightMm * scale + labelPx(scale) + 10} />
                ))}
                {row.map((segment) => {
                  const group = groups[segment.group];
                  if (!group) return <OpenPlaces key="open" count={open} heightPx={36 * scale} widthPx={cell} />;
                  return (
                    <StageGroup key={segment.group} group={group} isTitled={groups.length > 1}>
                      {segment.spots.map((spot) => {
                        if (!spot) return null;
                        if (!spot.figure)
                          return <EmptyPlace key={spotId(spot)} place={spot.place} id={spotId(spot)} scale={scale} cell={cell} />;
                        const { figure, copy, place } = spot;
                        const one = byId.get(figure.id);
                        return (
                          one && (
                            <StageFigure
                              key={spotId(spot)}
                              judged={one}
                              id={spotId(spot)}
                              number={one.number}
                              copy={copy}
                              place={place}
                              problems={place ? told.seats.filter((row) => row.seating === place.seating && row.figure === figure.id) : []}
                              scale={scale}
                              cell={cell}
                              height={isMeasured ? (heights.get(figure.id) ?? null) : null}
                              isChosen={selection.has(figure.id)}
                              onToggle={(through) => selection.toggle(figure.id, through)}
                              onKey={(event) => onKey(figure.id, event)}
                            />
                          )
                        );
                      })}
                    </StageGroup>
                  );
                })}
              </div>
            ))}
          </div>
        </DndContext>
      </div>
      <div className="border-rule bg-sheet flex flex-wrap items-center gap-3 border-t px-4.5 py-1 text-[0.93rem]">
        <Chips
          label="Stand"
          chosen={grouping}
          options={offered.map((own) => [own, GROUP_WORDS[own]] as const)}
          onChoose={(by) => change((next) => next.set('by', by))}
        />
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="accent-lagoon"
            checked={isMeasured}
            onChange={() => change((next) => (isMeasured ? next.delete('bands') : next.set('bands', '1')))}
          />
          heights by age
        </label>
        {isMeasured && (
          <label className="flex items-center gap-1.5">
            in the year
            <input
              type="number"
              className="border-rule bg-sheet rounded-cut w-20 border px-1.5"
              placeholder="as told"
              value={params.get('year') ?? ''}
              onChange={(event) =>
                change((next) => (event.target.value === '' ? next.delete('year') : next.set('year', event.target.value)))
              }
            />
          </label>
        )}
        {!isMeasured && (
          <span className="text-pencil max-lg:hidden">
            {grouping === 'seat'
              ? 'Drag somebody onto another: the two change places.'
              : 'Drag, or Alt and an arrow, to move; Space to choose, Shift for all between.'}
          </span>
        )}
        <span className="ml-auto flex items-center gap-1">
          <Button tone="quiet" aria-label="Smaller" className="!px-1" onClick={() => setZoom(zoom / ZOOM)}>
            <Minus size={16} strokeWidth={1.75} />
          </Button>
          <button type="button" className="text-lagoon underline" onClick={() => setZoom(1)}>
            Fit
          </button>
          <Button tone="quiet" aria-label="Larger" className="!px-1" onClick={() => setZoom(zoom * ZOOM)}>
            <Plus size={16} strokeWidth={1.75} />
          </Button>
        </span>
      </div>
    </div>
  );
}
