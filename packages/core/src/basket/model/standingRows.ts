import { servesAs, unitsByName, type Whole } from '../problem/index.js';
import type { ReducedMarket } from '../reduce/index.js';
import type { Flows } from './flowRows.js';
import type { Column, Entry, LinearModel } from './linearModel.js';
import type { DecisionFacts, StartValues } from './startValues.js';

/**
 * How many of each whole stand: never more than the units filled allow, and no unit serves two. Returns the columns with what one that
 * stands counts.
 */
export function addStanding(model: LinearModel, starts: StartValues, { problem, needs }: ReducedMarket, flows: Flows): readonly Entry[] {
  const wanted = unitsByName(needs, (need) => need.quantity);
  const takenOf = new Map<string, Entry[]>();
  const shares = new Map<string, Column>();
  const take = (need: string, entry: Entry): void => void takenOf.set(need, [...(takenOf.get(need) ?? []), entry]);
  const counted = problem.wholes.map((whole): Entry => {
    const most = Math.min(whole.count, ...whole.needs.map(({ need, quantity }) => Math.floor((wanted.get(need) ?? 0) / quantity)));
    const column = starts.set(model.integer(0, 0, most), (facts) => facts.stands(whole.id));
    for (const { need, quantity } of whole.needs) {
      if (whole.group === undefined) take(need, [column, quantity]);
      else {
        // What a group takes of a need is as much as the one that takes most of it.
        const key = JSON.stringify([whole.group, need]);
        const ofGroup = problem.wholes.filter(({ group }) => group === whole.group);
        const shared =
          shares.get(key) ?? starts.set(model.continuous(0, 0, wanted.get(need) ?? 0), (facts) => mostUnitsOf(ofGroup, need, facts));
        if (!shares.has(key)) take(need, [shared, 1]);
        shares.set(key, shared);
        model.atMost(
          [
            [column, quantity],
            [shared, -1],
          ],
          0,
        );
      }
    }
    return [column, whole.worth];
  });
  for (const [name, taken] of takenOf) {
    const missing = flows.short.filter(({ need }) => servesAs(need) === name).map(({ column }): Entry => [column, 1]);
    model.atMost([...taken, ...missing], wanted.get(name) ?? 0);
  }
  return counted;
}

/** Units of a need that the wholes of a group which stand hold together. */
const mostUnitsOf = (group: readonly Whole[], need: string, facts: DecisionFacts): number =>
  Math.max(0, ...group.map((whole) => facts.stands(whole.id) * (whole.needs.find((row) => row.need === need)?.quantity ?? 0)));
