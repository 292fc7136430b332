import { useMemo, useState } from 'react';

/** The figures that are chosen: the same ones whichever way one looks. */
export interface Selection {
  readonly chosen: readonly string[];
  has(id: string): boolean;
  /** Chooses one or lets go of it. With `through`, everything between it and the one before is chosen too. */
  toggle(id: string, through?: boolean): void;
  set(ids: readonly string[]): void;
}

/** @param order everybody who can be chosen, in the order they stand in: who has left is chosen no more */
export function useSelection(order: readonly string[]): Selection {
  const [asked, setAsked] = useState<readonly string[]>([]);
  const [last, setLast] = useState<string | null>(null);
  return useMemo(() => {
    const there = new Set(order);
    const chosen = asked.filter((id) => there.has(id));
    const between = (a: string, b: string): readonly string[] => {
      const [from, to] = [order.indexOf(a), order.indexOf(b)].sort((x, y) => x - y);
      return order.slice(from, (to ?? 0) + 1);
    };
    return {
      chosen,
      has: (id) => chosen.includes(id),
      toggle: (id, through = false) => {
        if (through && last !== null && there.has(last)) setAsked([...new Set([...chosen, ...between(last, id)])]);
        else setAsked(chosen.includes(id) ? chosen.filter((own) => own !== id) : [...chosen, id]);
        setLast(id);
      },
      set: (ids) => setAsked(ids),
    };
  }, [order, asked, last]);
}
