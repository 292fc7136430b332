import { type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { useEffect, useMemo, useRef } from 'react';
import { type LineUpDto, useOrderLineUpMutation } from '@/api';
import { sentenceOf, tell } from '@/ui';
import { line, useIsAgreed } from '@/workspace';

/** The figures of a line-up by their ids, in their order. */
type Ids = readonly string[];

const inOrder = line((error) => void tell.error(sentenceOf(error)));

/**
 * The opening order of a line-up, and the ways to change it: whole, one figure by so many places, or one dragged onto another's place. Moves that
 * come faster than they are kept build each on the one before, and none is lost.
 */
export function useOrder(lineUp: LineUpDto) {
  const [order] = useOrderLineUpMutation();
  const isAgreed = useIsAgreed();
  const latest = useRef(lineUp);
  useEffect(() => {
    if (lineUp.version >= latest.current.version) latest.current = lineUp;
  }, [lineUp]);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const change = (next: (ids: Ids) => Ids): void =>
    void inOrder(async () => {
      const { id, version, figures } = latest.current;
      const ids = figures.map((figure) => figure.id);
      const wanted = next(ids);
      if (wanted.join() === ids.join() || !(await isAgreed({ lineUp: id, figures: [...wanted] }))) return;
      latest.current = await order({ id, version, orderDto: { figures: [...wanted] } }).unwrap();
    });
  return {
    ids: useMemo(() => lineUp.figures.map(({ id }) => id), [lineUp]),
    sensors,
    put: (figures: Ids): void => change(() => figures),
    move: (id: string, by: number): void => change((ids) => movedTo(ids, id, ids.indexOf(id) + by)),
    onto: (id: string, over: string): void => change((ids) => movedTo(ids, id, ids.indexOf(over))),
  };
}

/** One of them at another place; before the first is the first, behind the last the last. */
function movedTo(ids: Ids, id: string, to: number): Ids {
  const rest = ids.filter((own) => own !== id);
  const at = Math.max(0, Math.min(rest.length, to));
  return [...rest.slice(0, at), id, ...rest.slice(at)];
}

/** What a drag is told of when it ends: the two things by their ids. Nothing where it was let go over nothing, or over itself. */
export const onDrop =
  (act: (id: string, over: string) => void) =>
  ({ active, over }: DragEndEvent): void => {
    swallowClick();
    if (over && active.id !== over.id) act(String(active.id), String(over.id));
  };

/** A press that moves less than this is a click. */
const DRAG_FROM_PX = 6;
const SOON_MS = 60;

/** The click that ends a drag opens nothing. It is caught before anybody else, as the drag's own sensor hides it from React. */
function swallowClick(): void {
  const swallow = (event: Event): void => event.preventDefault();
  window.addEventListener('click', swallow, { capture: true, once: true });
  setTimeout(() => window.removeEventListener('click', swallow, { capture: true }), SOON_MS);
}
