import { useState } from 'react';

/** Which of a panel's forms stands open, and the ways to change that. */
interface OneForm<T extends string> {
  readonly open: T | null;
  readonly show: (form: T) => void;
  /** Opens the form, or puts it away where it is the open one. */
  readonly toggle: (form: T) => void;
  /** Puts the form away, if it is still the open one. */
  readonly close: (form: T) => void;
}

/**
 * One open form among several of a panel. What is done in a form is answered later, and by then the person may have
 * opened the next one: a form that is done closes itself, never the one that came after it.
 */
export function useOneForm<T extends string>(first: T | null = null): OneForm<T> {
  const [open, setOpen] = useState<T | null>(first);
  return {
    open,
    show: setOpen,
    toggle: (form) => setOpen((now) => (now === form ? null : form)),
    close: (form) => setOpen((now) => (now === form ? null : now)),
  };
}
