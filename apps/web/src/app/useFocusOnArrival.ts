import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

/** A page that is loaded late, and a focus that is still on its way, are waited for so many frames. */
const MOST_FRAMES = 600;

/** Has the focus gone to nowhere: to the page itself, as when what had it is there no more? */
const isNowhere = (): boolean => document.activeElement === null || document.activeElement === document.body;

/**
 * Moves the focus to the heading of a page that was gone to, where the way there left it nowhere: whoever reads with a screen reader
 * hears what page it is, and the next Tab is within it. A focus that still is somewhere stays, and so does one that a page set itself.
 */
export function useFocusOnArrival(): void {
  const { pathname } = useLocation();
  const first = useRef(true);
  useEffect(() => {
    if (first.current) {
      first.current = false;
      return;
    }
    let frame = 0;
    let asked = requestAnimationFrame(function look() {
      const heading = document.querySelector<HTMLElement>('main h1');
      if (heading && isNowhere()) {
        heading.tabIndex = -1;
        heading.classList.add('outline-none');
        heading.focus({ preventScroll: true });
      } else if ((frame += 1) < MOST_FRAMES) asked = requestAnimationFrame(look);
    });
    return () => cancelAnimationFrame(asked);
  }, [pathname]);
}
