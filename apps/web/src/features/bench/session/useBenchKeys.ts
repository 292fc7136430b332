import { useEffect, useLayoutEffect, useRef } from 'react';
import { isTyping } from '@/workspace';

interface BenchActions {
  done(): void;
  back(): void;
  wrong(): void;
  turn(by: -1 | 1): void;
}

/** The keys of the bench: Space ticks, Backspace takes back, X says that something is wrong, arrows turn. Silent while somebody types. */
export function useBenchKeys(actions: BenchActions): void {
  const latest = useRef(actions);
  useLayoutEffect(() => {
    latest.current = actions;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      // A button that has the focus is pressed by Space itself.
      const isOnButton = event.target instanceof Element && event.target.closest('button, a, summary') !== null;
      const act = latest.current;
      const keys: Record<string, () => void> = {
        ' ': () => !isOnButton && act.done(),
        backspace: act.back,
        x: act.wrong,
        v: () => act.turn(1),
        arrowleft: () => act.turn(-1),
        arrowright: () => act.turn(1),
      };
      const key = keys[event.key.toLowerCase()];
      if (!key) return;
      if (event.key !== ' ' || !isOnButton) event.preventDefault();
      key();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
