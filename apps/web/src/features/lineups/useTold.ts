import { type Catalogue, countOf, donorFor } from '@outfit/core';
import {
  heightsOf,
  type Heights,
  promisedAndActual,
  type PromisedAndActual,
  type Seen,
  type SeatProblem,
  seatProblems,
  seenOf,
  type Togetherness,
  togethernessOf,
  type Variety,
  varietyOf,
} from '@outfit/core/lineup';
import { useMemo } from 'react';
import type { LineUpDto } from '@/api';
import { chosenLookOf, type Judged, useWorkspace } from '@/workspace';

/** What is worked out of a line-up as a whole. */
export interface Told {
  readonly seen: readonly Seen[];
  readonly variety: Variety;
  readonly heights: Heights;
  readonly together: Togetherness;
  readonly seats: readonly SeatProblem[];
}

/**
 * What its figures have in common and how they stand beside each other; worked out anew when one of them changes.
 *
 * @param year the year of the story everybody is looked at in; null for the one the house or each brief names
 */
export function useTold(lineUp: LineUpDto, year: number | null): Told {
  const { catalogue } = useWorkspace();
  return useMemo(() => readPlan(lineUp, catalogue, year), [lineUp, catalogue, year]);
}

function readPlan({ figures, plan }: LineUpDto, catalogue: Catalogue, year: number | null): Told {
  const seen = figures
    .map((figure) => ({ ...figure, name: figure.brief.name, look: chosenLookOf(figure) }))
    .filter(({ look }) => look.parts.length > 0)
    .map((shown) => seenOf(shown, catalogue));
  return {
    seen,
    variety: varietyOf(seen, catalogue, plan),
    heights: heightsOf(seen, ({ brief }) => catalogue.systemOf(brief), year ?? plan.house.year),
    together: togethernessOf(seen, catalogue, plan.packColour),
    seats: seatProblems(plan, seen, catalogue),
  };
}

/** Whole, and nothing of it is to buy. */
const isComplete = ({ judgement }: Judged): boolean =>
  judgement !== null && judgement.cost.toBuy === 0 && !judgement.marks.open.some(({ check }) => check === 'whole');

/** How many copies of a recipe could be put together of what can be counted on. */
function copiesAtHand({ figure, look, judgement, workspace }: Judged): number {
  if (judgement === null || judgement.marks.open.some(({ check }) => check === 'whole')) return 0;
  const { supply } = workspace;
  const each = countOf(look.parts.map(({ variant }) => variant));
  return Math.min(
    figure.brief.copies,
    ...[...each].map(([variant, count]) => Math.floor((supply.owned(variant) + (donorFor(supply, variant)?.quantity ?? 0)) / count)),
  );
}

/** Promised against actual: a figure is complete when it is whole and nothing of it is to buy. */
export function usePromised({ plan }: LineUpDto, judged: readonly Judged[]): PromisedAndActual {
  return useMemo(() => {
    // An army is promised by its copies, everything else by its figures.
    const counted = judged.flatMap((one) => {
      const copies = plan.kind === 'army' ? one.figure.brief.copies : 1;
      const complete = copies === 1 ? Number(isComplete(one)) : copiesAtHand(one);
      return Array.from({ length: copies }, (_, i) => ({ ...one.figure, isChosen: one.look.parts.length > 0, isComplete: i < complete }));
    });
    return promisedAndActual(plan, counted);
  }, [plan, judged]);
}
