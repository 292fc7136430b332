import type { Position, Spot } from '@outfit/core';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { isTyping } from '@/workspace';

/** Positions on the number keys, from the head down. */
export const NUMBERED: readonly Position[] = ['headgear', 'head', 'neck.1', 'torso', 'arm.R', 'hand.R', 'held.R', 'hips', 'feet.L'];

export interface FittingActions {
  turnTorso(): void;
  turnHead(): void;
  nextView(): void;
  /** Turns the whole figure a quarter, to its left or to its right. */
  turnFigure(to: 'left' | 'right'): void;
  onlyOwned(): void;
  toBrief(): void;
  compare(): void;
  applyRemedy(): void;
  previous(): void;
  next(): void;
  undo(): void;
  redo(): void;
  choose(spot: Spot): void;
}

/** Has whatever the focus is on arrows of its own, as lists, menus and choices do? */
const hasArrows = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest('[role=listbox], [role=menu], [role=dialog], [role=radiogroup], select') !== null;

/** The keys of the fitting. Silent while somebody types. */
export function useFittingKeys(actions: FittingActions): void {
  const latest = useRef(actions);
  // Before the page is painted: a key that follows what is seen must act on what is seen.
  useLayoutEffect(() => {
    latest.current = actions;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || event.altKey || (event.key.startsWith('Arrow') && hasArrows(event.target))) return;
      const key = event.key.toLowerCase();
      const act = latest.current;
      if (event.ctrlKey || event.metaKey) {
        if (key !== 'z') return;
        event.preventDefault();
        return event.shiftKey ? act.redo() : act.undo();
      }
      const simple: Record<string, () => void> = {
        t: act.turnTorso,
        f: act.turnHead,
        v: act.nextView,
        arrowleft: () => act.turnFigure('left'),
        arrowright: () => act.turnFigure('right'),
        o: act.onlyOwned,
        b: act.toBrief,
        c: act.compare,
        r: act.applyRemedy,
        '[': act.previous,
        ']': act.next,
        l: () => document.querySelector<HTMLElement>('[role=listbox]')?.focus(),
      };
      const position = NUMBERED[Number(key) - 1];
      if (position) act.choose({ position });
      else simple[key]?.();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

/** Whether the list of keys is open; the question mark opens it. */
export function useKeyListOpener(): readonly [boolean, (open: boolean) => void] {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key === '?' && !isTyping(event.target)) setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return [open, setOpen];
}
