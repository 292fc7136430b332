import { type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { useMemo } from 'react';
import { type LineUpDto, useOrderLineUpMutation } from '@/api';
import { attempt } from '@/ui';

/** The opening order of a line-up, and the ways to change it: whole, one figure by number, or one dragged onto another's place. */
export function useOrder(lineUp: LineUpDto) {
  const [order, { isLoading }] = useOrderLineUpMutation();
  const ids = useMemo(() => lineUp.figures.map(({ id }) => id), [lineUp]);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const put = (figures: readonly string[]): void => {
    if (figures.join() === ids.join() || isLoading) return;
    void attempt(order({ id: lineUp.id, version: lineUp.version, orderDto: { figures: [...figures] } }).unwrap());
  };
  const moveTo = (id: string, to: number): void => {
    const rest = ids.filter((own) => own !== id);
    const at = Math.max(0, Math.min(rest.length, to));
    put([...rest.slice(0, at), id, ...rest.slice(at)]);
  };
  const onto = (id: string, over: string): void => moveTo(id, ids.indexOf(over));
  return { ids, put, moveTo, onto, sensors };
}

/** What a drag is told of when it ends: the two things by their ids. Nothing where it was let go over nothing, or over itself. */
export const whenDropped =
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
