import type { BasketPlan } from './plan.js';
import { type Need, servesAs, type Whole } from './problem.js';

/**
 * Rivals weighed in all; where more would have to be, the best so far stands: a sound answer, if not surely the best. Every plan that is met
 * is told so, and a page with it: it has to be a matter of milliseconds, also where hundreds of figures want the same.
 */
const MOST_WEIGHED = 60_000;

/** Units that fill needs, by the name these serve wholes as. */
export function unitsByName(needs: readonly Need[], filledOf: (need: Need) => number): Map<string, number> {
  const units = new Map<string, number>();
  for (const need of needs) units.set(servesAs(need), (units.get(servesAs(need)) ?? 0) + filledOf(need));
  return units;
}

/** What wholes that stand count together. */
export function worthOf(standing: BasketPlan['standing'], wholes: readonly Whole[]): number {
  const worth = new Map(wholes.map((whole) => [whole.id, whole.worth]));
  return standing.reduce((all, { whole, quantity }) => all + quantity * (worth.get(whole) ?? 0), 0);
}

/**
 * How many of each whole stand with so many units: the choice that counts most, and of equals the one that serves earlier wholes first.
 * A whole of its own units stands as often as these go; those that compete for units are decided together, by branch and bound.
 *
 * For example: 3 heads, 4 arms; a guard takes a head and two arms, a ghost a head. One guard and two ghosts stand.
 */
export function mostThatStand(wholes: readonly Whole[], units: ReadonlyMap<string, number>): BasketPlan['standing'] {
  const alone = wholes.map((whole) => new Shelf(units).goes(whole));
  const all = new Shelf(units);
  wholes.forEach((whole, w) => all.take(whole, alone[w] ?? 0));
  const isRival = ({ needs }: Whole): boolean => needs.some(({ need }) => all.isShort(need));
  const rivals = [...wholes.keys()].filter((w) => (alone[w] ?? 0) > 0 && wholes[w] !== undefined && isRival(wholes[w]));
  const chosen = [...alone];
  const best =
    rivals.length > 0
      ? bestAmong(
          rivals.flatMap((w) => wholes[w] ?? []),
          units,
        )
      : [];
  rivals.forEach((w, r) => (chosen[w] = best[r] ?? 0));
  return wholes.flatMap(({ id }, w) => ((chosen[w] ?? 0) > 0 ? [{ whole: id, quantity: chosen[w] ?? 0 }] : []));
}

/** Units as wholes take them: those of one group share. */
class Shelf {
  private readonly left: Map<string, number>;
  /** Units that a group holds already. */
  private readonly shared = new Map<string, number>();

  constructor(units: ReadonlyMap<string, number>) {
    this.left = new Map(units);
  }

  isShort(need: string): boolean {
    return (this.left.get(need) ?? 0) < 0;
  }

  /** So many of a whole can stand with what is there. */
  goes({ count, needs, group }: Whole): number {
    return Math.min(
      count,
      ...needs.map(({ need, quantity }) => Math.floor(((this.left.get(need) ?? 0) + this.unitsOfGroup(group, need)) / quantity)),
    );
  }

  /** Takes the units of so many; what is returned puts them back. */
  take({ needs, group }: Whole, copies: number): () => void {
    const undone = needs.map(({ need, quantity }) => {
      const before = this.unitsOfGroup(group, need);
      const more = Math.max(0, quantity * copies - before);
      this.hold(group, need, before + more, -more);
      return () => this.hold(group, need, before, more);
    });
    return () => undone.forEach((undo) => undo());
  }

  private unitsOfGroup(group: string | undefined, need: string): number {
    return group === undefined ? 0 : (this.shared.get(JSON.stringify([group, need])) ?? 0);
  }

  private hold(group: string | undefined, need: string, units: number, change: number): void {
    if (group !== undefined) this.shared.set(JSON.stringify([group, need]), units);
    this.left.set(need, (this.left.get(need) ?? 0) + change);
  }
}

/** How many of each of some wholes that compete for units. */
function bestAmong(rivals: readonly Whole[], units: ReadonlyMap<string, number>): readonly number[] {
  const shelf = new Shelf(units);
  const order = [...rivals.keys()].sort((a, b) => (rivals[b]?.worth ?? 0) - (rivals[a]?.worth ?? 0) || a - b);
  let best: readonly number[] = rivals.map(() => 0);
  let bestWorth = -1;
  let choices = 0;
  const mostChoices = Math.max(rivals.length + 1, MOST_WEIGHED / rivals.length);
  const choose = (i: number, worth: number, chosen: readonly number[]): void => {
    choices += 1;
    const r = order[i];
    const whole = r === undefined ? undefined : rivals[r];
    if (!whole || r === undefined) {
      if (worth > bestWorth) [best, bestWorth] = [chosen, worth];
      return;
    }
    // What the others count at most, each as if it were alone with what is left.
    const atMost = order.slice(i).reduce((all, other) => {
      const rival = rivals[other];
      return rival ? all + rival.worth * shelf.goes(rival) : all;
    }, worth);
    if (atMost <= bestWorth) return;
    for (let copies = shelf.goes(whole); copies >= 0 && choices <= mostChoices; copies -= 1) {
      const putBack = shelf.take(whole, copies);
      choose(
        i + 1,
        worth + whole.worth * copies,
        chosen.map((own, other) => (other === r ? copies : own)),
      );
      putBack();
    }
  };
  choose(
    0,
    0,
    rivals.map(() => 0),
  );
  return best;
}
